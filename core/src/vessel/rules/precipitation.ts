import { balance } from '../../equation/balance';
import type { BalancedEquation } from '../../equation/balance';
import { formatEquation, withState } from '../../equation/formatEquation';
import type { ReactionTypes } from '../../equation/reactionType';
import { ChemistryError } from '../../errors';
import type { Equilibrium } from '../../equilibrium/equilibrate';
import { formedSpecies } from '../../substances/data/formedSpecies';
import { chargeOf, ionsOf } from '../../substances/ionsOf';
import { saltOf } from '../../substances/saltOf';

/** The equation of a solid settling from two mixed solutions. */
export interface PrecipitationEquation {
  /** Molecular equation, where the two reagents and ordinary by-products balance. */
  readonly molecular?: string;
  readonly netIonic: string;
  readonly spectators: readonly string[];
  readonly types: ReactionTypes;
  /** Moles of each reagent used for one mole of the solid, in the order given, from the molecular equation. */
  readonly perMoleOfSolid?: readonly [number, number];
}

/**
 * Writes the equation for `solid` settling when substances `a` and `b` are mixed. By-products are tried in the order
 * a textbook does: the exchanged salt alone; with carbon dioxide or the acid salt, whichever the settled solution holds
 * more of; with water taken in. The first that balances in one way only is the equation; if none does, only the ions
 * that make the solid are given.
 */
export function precipitationEquation(
  solid: string,
  a: string,
  b: string,
  settled: Equilibrium,
): PrecipitationEquation {
  const found = firstBalanced(solid, a, b, settled);
  if (!found?.netIonic)
    return {
      netIonic: ionsToSolid(solid),
      spectators: unchangedIons(solid, a, b, settled),
      types: { five: [], drivingForce: ['precipitation'] },
    };
  const coefficient = (formula: string, side: BalancedEquation['reactants']) =>
    side.find((term) => term.formula === formula)?.coefficient ?? 0;
  const solids = coefficient(solid, found.products);
  return {
    molecular: found.equation,
    netIonic: found.netIonic,
    spectators: found.spectators ?? [],
    types: found.types,
    perMoleOfSolid: [
      coefficient(a, found.reactants) / solids,
      coefficient(b, found.reactants) / solids,
    ],
  };
}

function firstBalanced(
  solid: string,
  a: string,
  b: string,
  { gases, species }: Equilibrium,
): BalancedEquation | undefined {
  const reagents = [`${a}(aq)`, `${b}(aq)`];
  const products = [`${solid}(s)`, ...exchangedSalts(solid, a, b).map((salt) => `${salt}(aq)`)];
  const acidSalt = acidSaltOf(a) ?? acidSaltOf(b);
  const gas = [gases.length > 0 ? 'CO2(g)' : 'CO2(aq)'];
  // A carbonate’s protons end as carbon dioxide or as hydrogencarbonate, whichever the solution holds more of.
  const asGas = gases.length > 0 || (species.CO2 ?? 0) > (species['HCO3^-'] ?? 0);
  const byProducts = asGas || !acidSalt ? [[], gas] : [[], [`${acidSalt}(aq)`], gas];
  for (const extra of byProducts)
    for (const water of ['none', 'taken in', 'given off']) {
      const left = water === 'taken in' ? [...reagents, 'H2O(l)'] : reagents;
      const right = [...products, ...extra, ...(water === 'given off' ? ['H2O(l)'] : [])];
      const balanced = tryBalance(`${left.join(' + ')} -> ${right.join(' + ')}`);
      if (balanced?.unique) return balanced;
    }
  return undefined;
}

function tryBalance(text: string): BalancedEquation | undefined {
  try {
    return balance(text);
  } catch (error) {
    // A trial set of by-products that cannot balance is simply not the equation.
    if (error instanceof ChemistryError) return undefined;
    throw error;
  }
}

/** Basic anions that go into water, gas or an acid salt rather than into an exchanged salt. */
const takesPart = new Set(['OH^-', 'CO3^2-', 'HCO3^-', 'HPO4^2-', 'PO4^3-']);

/** Salts of the ions that do not go into the solid: the cations of each reagent with the anions of the other. */
function exchangedSalts(solid: string, a: string, b: string): string[] {
  const used = new Set(Object.keys(ionsOf(solid) ?? {}));
  const split = (substance: string, positive: boolean) =>
    Object.keys(ionsOf(substance) ?? {}).filter(
      (ion) => chargeOf(ion) > 0 === positive && !used.has(ion),
    );
  const salts: string[] = [];
  for (const [one, other] of [
    [a, b],
    [b, a],
  ] as const)
    for (const cation of split(one, true))
      for (const anion of [...split(other, false), ...split(one, false)])
        if (!takesPart.has(anion)) salts.push(saltOf(cation, anion));
  return [...new Set(salts)].filter((salt) => salt !== a && salt !== b);
}

/** The salt with one proton more, which a basic anion becomes when the solid takes its proton-free form or OH⁻. */
function acidSaltOf(substance: string): string | undefined {
  const entries = Object.keys(ionsOf(substance) ?? {});
  const cation = entries.find((ion) => chargeOf(ion) > 0);
  if (!cation) return undefined;
  if (entries.includes('HPO4^2-')) return saltOf(cation, 'H2PO4^-');
  if (entries.includes('PO4^3-')) return saltOf(cation, 'HPO4^2-');
  return entries.includes('CO3^2-') ? saltOf(cation, 'HCO3^-') : undefined;
}

function ionsToSolid(solid: string): string {
  const ions = Object.entries(ionsOf(solid) ?? {});
  return formatEquation(
    ions.map(([formula, count]) => [withState({ formula, state: 'aq' }), count] as const),
    [[`${solid}(s)`, 1]],
  );
}

/** Ions put in that are all still there, free, once the solid has settled. */
function unchangedIons(solid: string, a: string, b: string, { species }: Equilibrium): string[] {
  const used = new Set(Object.keys(ionsOf(solid) ?? {}));
  const put = [...new Set([a, b].flatMap((substance) => Object.keys(ionsOf(substance) ?? {})))];
  const boundForms = (ion: string) =>
    formedSpecies
      .filter(({ from }) => ion in from)
      .some(({ formula }) => (species[formula] ?? 0) > 0.01 * (species[ion] ?? 0));
  return put.filter((ion) => !used.has(ion) && ion in species && !boundForms(ion));
}
