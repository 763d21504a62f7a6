import { parseEquation } from '../matter/equation/parseEquation';
import { sidesOf } from '../matter/equation/sides';
import type { Species, State } from '../matter/formula/species';
import { componentsOfSpecies } from '../matter/substances/componentsOf';
import { oneWay } from '../matter/substances/data/oneWay';
import { pureSolids } from '../matter/substances/data/pureSolids';
import { sparinglySoluble } from '../matter/substances/data/sparinglySoluble';
import { sourceText } from '../matter/substances/source';
import type { OneWay } from '../matter/substances/types';
import { addAmounts, present } from './amounts';
import type { Amounts } from './amounts';
import type { HeatSight } from './dry/dryHeat';
import { tabulated } from './reaction';
import type { Reaction } from './reaction';
import { holds } from './rules/slowness';
import { settle } from './settle';
import type { Settled } from './settle';
import { componentsIn } from './vessel';
import type { Vessel } from './vessel';
import type { Warning } from './warnings';

/** What ran to its end in a vessel that had come to rest. */
export interface RunOut {
  readonly settled: Settled;
  readonly reactions: readonly Reaction[];
  readonly sights: readonly HeatSight[];
  readonly warnings: readonly Warning[];
  /** Its heat is not known: the vessel keeps its temperature. */
  readonly keepsTemperature: boolean;
  /** Whether two species that meet are what ran. */
  readonly tells: (one: string, other: string) => boolean;
}

/** Amounts by formula for one mole of an equation. */
type Each = Readonly<Record<string, number>>;

/** A row of the table, worked out for one mole of its equation. */
interface Worked {
  readonly row: OneWay;
  /** First on each side: what it is about. */
  readonly from: string;
  readonly to: string;
  /** Components that have to be there, without protons and water, which are always to be had. */
  readonly uses: Each;
  /** Solids apart that are used, and made. */
  readonly usesLasting: Each;
  readonly makesLasting: Each;
  readonly gas: Each;
  /** Components gained and lost in solution, and in solids that ions make. */
  readonly change: Each;
}

/** Solids that keep no equilibrium with the ions, or too slowly to see: they stay what they are until something uses them. */
const lasting = new Set<string>([
  ...pureSolids.map(({ formula }) => formula),
  ...sparinglySoluble.flatMap(({ formula, slow }) => (slow ? [formula] : [])),
]);
const isLasting = (formula: string): boolean => lasting.has(formula);
/** Less than this, mol to a litre, is a trace nobody sees react. */
const traceM = 1e-5;
/** What water gives and takes. */
const alwaysThere = new Set(['H^+', 'H2O']);
const rows: readonly Worked[] = oneWay.map(workOut);

function workOut(row: OneWay): Worked {
  const { used, made } = sidesOf(row.equation);
  const { reactants, products } = parseEquation(row.equation);
  const amounts = (side: readonly Species[], counts: Each, state: State) =>
    Object.fromEntries(
      side.flatMap((one) =>
        one.state === state ? [[one.formula, counts[one.formula] ?? 0] as const] : [],
      ),
    );
  const inSolution = (side: readonly Species[], counts: Each) =>
    addAmounts(
      componentsIn({ ...amounts(side, counts, 'aq'), ...amounts(side, counts, 'l') }, 'solution'),
      componentsIn(
        pick(amounts(side, counts, 's'), (formula) => !isLasting(formula)),
        'solids',
      ),
    );
  const uses = inSolution(reactants, used);
  return {
    row,
    from: reactants[0]?.formula ?? '',
    to: products[0]?.formula ?? '',
    uses: pick(uses, (name) => !alwaysThere.has(name)),
    usesLasting: pick(amounts(reactants, used, 's'), isLasting),
    makesLasting: pick(amounts(products, made, 's'), isLasting),
    gas: amounts(products, made, 'g'),
    change: addAmounts(inSolution(products, made), uses, -1),
  };
}

/**
 * Lets run to its end what does so by steps of its own, row by row, and the vessel come to rest after each.
 *
 * @returns undefined when nothing of the kind goes on.
 */
export function runOut(first: Settled): RunOut | undefined {
  let settled = first;
  const ran: { worked: Worked; extentMmol: number }[] = [];
  for (const worked of rows) {
    const done = run(worked, settled);
    if (!done) continue;
    settled = done.settled;
    ran.push({ worked, extentMmol: done.extentMmol });
  }
  if (ran.length === 0) return undefined;
  return {
    settled,
    reactions: ran.map(({ worked: { row, to }, extentMmol }) =>
      tabulated(row.equation, {
        about: to,
        extentMmol,
        why: [{ text: 'it runs to its end once it has begun', source: sourceText(row.source) }],
      }),
    ),
    sights: ran.flatMap(({ worked: { row, from } }): HeatSight[] =>
      row.sees ? [{ formula: from, result: row.sees.says, shows: row.sees.sights }] : [],
    ),
    warnings: ran.flatMap(({ worked: { row } }) => (row.caution ? [row.caution] : [])),
    tells: (one, other) =>
      ran.some(({ worked: { uses } }) =>
        [one, other].every((formula) =>
          Object.keys(componentsOfSpecies(formula) ?? {}).every(
            (name) => name in uses || alwaysThere.has(name),
          ),
        ),
      ),
    keepsTemperature: ran.some(({ worked: { row } }) => row.heat === 'unknown'),
  };
}

function run(
  { row, uses, usesLasting, makesLasting, gas, change }: Worked,
  { vessel, equilibrium }: Settled,
): { readonly settled: Settled; readonly extentMmol: number } | undefined {
  const { phases, temperatureC, volumeMl } = vessel;
  const { solids } = phases;
  if (
    !equilibrium ||
    !Object.keys(uses).every((name) => name in equilibrium.species) ||
    !Object.keys(usesLasting).every((formula) => formula in solids) ||
    !holds(row.when ?? {}, equilibrium, temperatureC, Object.keys(solids))
  )
    return undefined;
  const totals = addAmounts(
    componentsIn(phases.solution, 'solution'),
    componentsIn(
      pick(solids, (formula) => !isLasting(formula)),
      'solids',
    ),
  );
  const most = Math.min(
    ...Object.entries(uses).map(([name, n]) => (n > 0 ? (totals[name] ?? 0) / n : Infinity)),
    ...Object.entries(usesLasting).map(([formula, n]) => (solids[formula] ?? 0) / n),
  );
  const extentMmol = (row.share ?? 1) * most;
  if (!(extentMmol > traceM * volumeMl)) return undefined;
  const left = addAmounts(pick(solids, isLasting), usesLasting, -extentMmol);
  const after: Vessel = {
    ...vessel,
    phases: {
      ...phases,
      solution: rest(addAmounts(totals, change, extentMmol)),
      solids: present(addAmounts(left, makesLasting, extentMmol)),
      gas: addAmounts(phases.gas, gas, extentMmol),
    },
  };
  return { settled: settle(after), extentMmol };
}

function pick(amounts: Amounts, wanted: (formula: string) => boolean): Amounts {
  return Object.fromEntries(Object.entries(amounts).filter(([formula]) => wanted(formula)));
}

/** What was used to the last trace is gone, but for protons and water, which may be owed. */
function rest(amounts: Amounts): Amounts {
  const { 'H^+': protons = 0, H2O = 0 } = amounts;
  return { ...present(amounts), 'H^+': protons, H2O };
}
