import { equilibrateComponents } from '../solution/equilibrium/equilibrate';
import type { Equilibrium } from '../solution/equilibrium/equilibrate';
import type { Components } from '../matter/substances/componentsOf';
import { reactsBeforeSealed } from '../matter/substances/data/coats';
import { pureSolids } from '../matter/substances/data/pureSolids';
import { sparinglySoluble } from '../matter/substances/data/sparinglySoluble';
import type { SparinglySoluble } from '../matter/substances/types';
import { addAmounts, present, scaleAmounts } from './amounts';
import type { Amounts } from './amounts';
import { asEquilibriumLayer, solutesOf, solventsIn } from './layer';
import { advance, heldBack, nextTransfer, pairOf } from './rules/electronTransfer';
import type { ElectronTransfer, TransferState } from './rules/electronTransfer';
import { coatOn, sealOf } from './rules/sealing';
import { hydrolysedOnly } from './hydrolysis';
import { componentsIn } from './vessel';
import type { Phases, Vessel } from './vessel';

/** A vessel come to rest, with what moved electrons on the way. */
export interface Settled {
  readonly vessel: Vessel;
  /** The solution it came to; undefined for a vessel without liquid. */
  readonly equilibrium?: Equilibrium;
  readonly transfers: readonly ElectronTransfer[];
  /** Solids that do not react, or not on, although one would expect it. */
  readonly stays: readonly Stay[];
}

/** A solid that stays, and why: sealed by a coat, held back by slowness, or slow to dissolve. */
export interface Stay {
  readonly code: 'sealed' | 'heldBack' | 'slow';
  readonly message: string;
  /** What does not react with what. */
  readonly between?: readonly [subject: string, partner: string];
}

const apartFormulae = new Set<string>(pureSolids.map(({ formula }) => formula));
const slowReasons = new Map<string, string>(
  sparinglySoluble.flatMap(({ formula, slow }) => (slow ? [[formula, slow] as const] : [])),
);
const asAdded = new Map(
  sparinglySoluble.filter((row) => row.asAdded).map((row) => [row.formula, row]),
);
/** Share of what a pair has moved already below which its partner only trickles back and it counts as run dry. */
const ranDry = 0.02;
/** More transfers than this in one step means they chase each other; the rest waits for the next step. */
const mostTransfers = 25;

/**
 * Lets a vessel come to rest: electrons move as far as they go, acids, complexes and solids come to equilibrium, and gas
 * beyond saturation leaves for the space above. Rules are asked in that order until nothing changes.
 *
 * @throws ChemistryError `notConverged` when no equilibrium is found.
 */
export function settle(vessel: Vessel): Settled {
  if (vessel.volumeMl === 0) return { vessel, transfers: [], stays: [] };
  const { volumeMl, temperatureC } = vessel;
  const parts = partSolids(vessel.phases.solids);
  const { layer } = vessel.phases;
  let totals = addComponents(
    addComponents(componentsIn(vessel.phases.solution, 'solution'), parts.reachable),
    componentsIn(solutesOf(layer), 'solution'),
  );
  let { apart } = parts;
  const added = Object.keys(vessel.phases.solids);
  let gas: Amounts = vessel.phases.gas;

  const second = asEquilibriumLayer(layer, volumeMl);
  const rest = resting({ volumeMl, temperatureC, added, layer: second });
  let equilibrium = rest(totals);

  const sealed = sealLumps(parts.lumps, vessel, { totals, equilibrium, kept: parts.kept }, rest);
  const { stays } = sealed;
  const undisturbed = keepFromGrowing(vessel, sealed, { added, layer: second });
  const { kept } = undisturbed;
  ({ totals, equilibrium } = undisturbed);

  // A gas that was led in reacts on its way through the liquid; one that forms leaves at once.
  const ledIn = new Set(equilibrium.gases.map(({ formula }) => formula));
  const release = (leaves: (formula: string) => boolean) => {
    const leaving = Object.fromEntries(
      equilibrium.gases
        .filter(({ formula }) => leaves(formula))
        .map(({ formula, amountMolPerL }) => [formula, amountMolPerL * volumeMl]),
    );
    gas = addAmounts(gas, leaving);
    totals = addComponents(totals, componentsIn(leaving, 'solution'), -1);
    equilibrium = {
      ...equilibrium,
      gases: equilibrium.gases.filter(({ formula }) => !leaves(formula)),
    };
  };
  const transfers: ElectronTransfer[] = [];
  const moved = new Map<string, number>();
  const finished = new Set<string>();
  while (transfers.length < mostTransfers) {
    const state: TransferState = { totals, apart, equilibrium };
    const transfer = nextTransfer(state, { volumeMl, temperatureC, settle: rest, finished });
    if (!transfer) break;
    transfers.push(transfer);
    const pair = pairOf(transfer);
    const sofar = moved.get(pair) ?? 0;
    if (transfer.extentMmol < ranDry * sofar) finished.add(pair);
    moved.set(pair, sofar + transfer.extentMmol);
    ({ totals, apart, equilibrium } = advance(
      { totals, apart },
      transfer.change,
      transfer.extentMmol,
      rest,
    ));
    release((formula) => !ledIn.has(formula));
  }
  release(() => true);
  const coatedMetals = coatedIn(apart, equilibrium);
  const phases = {
    ...phasesOf(equilibrium, totals, addAmounts(apart, kept), volumeMl),
    layer: addAmounts(solventsIn(layer), scaleAmounts(equilibrium.layer, volumeMl)),
    gas: present(gas),
  };
  return {
    vessel: { ...vessel, phases },
    equilibrium,
    transfers,
    stays: [
      ...stays,
      ...whatStays({ totals, apart, equilibrium }, kept, {
        temperatureC,
        coatedMetals,
        isUntouched: (subject, isSolid) =>
          isSolid ? apart[subject] === parts.apart[subject] : transfers.length === 0,
      }),
    ],
  };
}

/** Metals that a coat keeps from reacting. */
function coatedIn(metals: Amounts, equilibrium: Equilibrium) {
  return Object.keys(metals).flatMap((metal) => {
    const coat = sealOf(metal, equilibrium);
    return coat ? [{ metal, coat }] : [];
  });
}

/** What rests in a vessel, and what has been taken out of reach of it. */
interface AtRest {
  readonly totals: Components;
  readonly equilibrium: Equilibrium;
  /** Solids that take no part, mmol. */
  readonly kept: Amounts;
}

type Rest = (components: Components) => Equilibrium;

/** How a mixture comes to rest: what hydrolyses only stays out of the rest. */
function resting({
  volumeMl,
  ...how
}: {
  readonly volumeMl: number;
  readonly temperatureC: number;
  readonly added: readonly string[];
  readonly layer: ReturnType<typeof asEquilibriumLayer>;
}): Rest {
  return (components) => {
    const totalsM = perLitre(components, volumeMl);
    const free = equilibrateComponents(totalsM, how);
    const withheld = hydrolysedOnly(free, totalsM, how.added);
    return withheld.length === 0 ? free : equilibrateComponents(totalsM, { ...how, withheld });
  };
}

/** A lump that a crust seals gives up only a little of itself; what has settled as a powder is not a lump. */
function sealLumps(
  lumps: Amounts,
  vessel: Vessel,
  before: AtRest,
  rest: Rest,
): AtRest & { readonly stays: readonly Stay[] } {
  let { totals, equilibrium, kept } = before;
  const stays: Stay[] = [];
  for (const [formula, amount] of Object.entries(lumps)) {
    const coat = vessel.put.includes(formula.split('·')[0] ?? '')
      ? coatOn(formula, equilibrium)
      : undefined;
    if (!coat) continue;
    stays.push({
      code: 'sealed',
      message: `${coat.coat} settles on ${formula} and seals it: a little reacts, then no more.`,
    });
    const held = { [formula]: amount * (1 - reactsBeforeSealed) };
    kept = addAmounts(kept, held);
    totals = addComponents(totals, componentsIn(held, 'solids'), -1);
    equilibrium = rest(totals);
  }
  return { totals, equilibrium, kept, stays };
}

/**
 * A solid put in as such may dissolve but not grow out of the solution; what would grow stays as much as it was, with what turned
 * into it.
 */
function keepFromGrowing(
  vessel: Vessel,
  before: AtRest,
  { added, layer }: Pick<Parameters<typeof resting>[0], 'added' | 'layer'>,
): AtRest {
  const { volumeMl, temperatureC } = vessel;
  let { totals, equilibrium, kept } = before;
  for (const { formula, amountMolPerL } of equilibrium.solids) {
    const row = asAdded.get(formula);
    if (!row) continue;
    const most = mostOf(row, vessel);
    if (amountMolPerL * volumeMl <= most * (1 + 1e-9)) continue;
    kept = addAmounts(kept, { [formula]: most });
    totals = addComponents(totals, componentsIn({ [formula]: most }, 'solids'), -1);
    equilibrium = resting({
      volumeMl,
      temperatureC,
      layer,
      added: added.filter((one) => one !== formula),
    })(totals);
  }
  return { totals, equilibrium, kept };
}

/** Why something stays that might have been thought to react: sealed, held back, slow. */
function whatStays(
  state: TransferState,
  kept: Amounts,
  {
    temperatureC,
    coatedMetals,
    isUntouched,
  }: {
    readonly temperatureC: number;
    readonly coatedMetals: readonly { readonly metal: string; readonly coat: string }[];
    readonly isUntouched: (subject: string, isSolid: boolean) => boolean;
  },
): Stay[] {
  return [
    ...coatedMetals.map(({ metal, coat }) => ({
      code: 'sealed' as const,
      message: `${metal} is sealed by a coat of ${coat}: it does not react on.`,
    })),
    ...heldBack(state, { temperatureC })
      .filter(
        ({ subject, isSolid }) =>
          isUntouched(subject, isSolid) && coatedMetals.every(({ metal }) => metal !== subject),
      )
      .map(({ subject, partner, row }) => ({
        code: 'heldBack' as const,
        between: [subject, partner] as const,
        message: `${subject} does not react with ${partner}: ${row.because}.`,
      })),
    ...Object.keys(kept).flatMap((solid) => {
      const because = slowReasons.get(solid);
      return because ? [{ code: 'slow' as const, message: `${solid} stays: ${because}.` }] : [];
    }),
  ];
}

/** The most there can be of a solid that does not grow out of solution, mmol. */
function mostOf(
  { formula, formsFrom }: SparinglySoluble,
  { phases, temperatureC }: Vessel,
): number {
  const there = phases.solids[formula] ?? 0;
  if (!formsFrom || temperatureC < formsFrom.aboveC) return there;
  return Object.entries(formsFrom.solids).reduce(
    (sum, [solid, gives]) => sum + gives * (phases.solids[solid] ?? 0),
    there,
  );
}

/** Solids by how they take part: in equilibrium with the solution, apart from it, or kept from it. */
function partSolids(solids: Amounts) {
  const apart: Record<string, number> = {};
  const kept: Record<string, number> = {};
  const lumps: Record<string, number> = {};
  for (const [formula, amount] of Object.entries(solids)) {
    if (apartFormulae.has(formula)) apart[formula] = amount;
    else if (slowReasons.has(formula)) kept[formula] = amount;
    else lumps[formula] = amount;
  }
  return { apart, kept, lumps, reachable: componentsIn(lumps, 'solids') };
}

function addComponents(a: Components, b: Components, times = 1): Components {
  const sum: Record<string, number> = { ...a };
  for (const [name, n] of Object.entries(b)) sum[name] = (sum[name] ?? 0) + times * n;
  // What was taken out to the last trace is gone, but for protons and water, which may be owed.
  return Object.fromEntries(
    Object.entries(sum).filter(
      ([name, n]) => name === 'H^+' || name === 'H2O' || n !== 0 || (a[name] ?? 0) === 0,
    ),
  );
}

function perLitre(components: Components, volumeMl: number): Components {
  return Object.fromEntries(Object.entries(components).map(([name, n]) => [name, n / volumeMl]));
}

/** The solution and the solids, aside from those that take no part in the equilibrium. */
function phasesOf(
  equilibrium: Equilibrium,
  totals: Components,
  others: Amounts,
  volumeMl: number,
): Pick<Phases, 'solution' | 'solids'> {
  const dissolved = scaleAmounts(equilibrium.species, volumeMl);
  const settled = Object.fromEntries(
    equilibrium.solids.map(({ formula, amountMolPerL }) => [formula, amountMolPerL * volumeMl]),
  );
  const waterOf = (amounts: Amounts, phase: 'solution' | 'solids') =>
    componentsIn(amounts, phase).H2O ?? 0;
  // Water is what the totals leave over once every species and solid has its share.
  const water =
    (totals.H2O ?? 0) -
    waterOf(dissolved, 'solution') -
    waterOf(settled, 'solids') -
    volumeMl * waterOf(equilibrium.layer, 'solution');
  return {
    solution: { ...dissolved, H2O: water },
    solids: present(addAmounts(settled, others)),
  };
}
