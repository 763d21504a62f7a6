import { logActivityCoefficient } from '../../solution/equilibrium/activity';
import { faraday, gasConstant } from '../../solution/equilibrium/temperature';
import type { Components } from '../../matter/substances/componentsOf';
import { formedSpecies } from '../../matter/substances/componentsOf';
import { handbook } from '../../matter/substances/source';
import { carriersIn } from './transport';
import type { Carrier } from './transport';

export const conductivitySource = handbook(
  'CRC Handbook of Chemistry and Physics',
  'ionic conductivities at infinite dilution; their fall with concentration is fitted to the equivalent conductivities of electrolytes tabulated there: most within 10 %, doubly charged salts within 25 %',
);

/** Half the width of the range a calculated conductivity lies in, as a share. */
export const conductivityUncertainty = 0.15;
/** Rise of conductivity with temperature, per K (common practice: two per cent). */
const perKelvin = 0.02;

/**
 * Conductivity of a solution in mS/cm from its ions: Σ z²F²Dc/RT (Nernst and Einstein), lowered for what ions do to each other by
 * exp(−a√I/(1 + b√I) − cI), in which a grows with the charges that meet (after Debye, Hückel and Onsager for dilute
 * solutions), raised by 2 % for each kelvin above 25 °C. Doubly charged ions that go in pairs do not carry.
 *
 * @param species mol/L, at equilibrium: ions bound in complexes and acids do not carry.
 */
export function conductivityMSPerCm(species: Components, temperatureC = 25): number {
  const carriers = free(carriersIn(species), temperatureC);
  const strengthM =
    carriers.reduce((sum, { charge, concentrationM }) => sum + charge ** 2 * concentrationM, 0) / 2;
  const root = Math.sqrt(strengthM);
  const meanCharge = { 1: opposite(carriers, 1), [-1]: opposite(carriers, -1) };
  // mS/cm: F²/RT × cm²/s × mol/L, with 1 mol/L = 1e-3 mol/cm³ and 1 S = 1000 mS.
  const perWeight = faraday ** 2 / (gasConstant * 298.15);
  const sum = carriers.reduce((all, { formula, charge, weight }) => {
    const met = Math.abs(charge) * meanCharge[charge > 0 ? 1 : -1];
    const isFast = formula === 'H^+' || formula === 'OH^-';
    return all + weight * perWeight * Math.exp(-slowing(isFast, met, root, strengthM));
  }, 0);
  return sum * (1 + perKelvin * (temperatureC - 25));
}

/** Fit of the fall with concentration; hydrogen and hydroxide ions, which hop, are slowed less. */
const fit = {
  a: 0.54,
  aFast: 0.25,
  byCharge: 0.4,
  b: 0.9,
  c: 0.095,
  cFast: 0.055,
  logPair: 2.3,
} as const;

function slowing(isFast: boolean, met: number, root: number, strengthM: number): number {
  const a = isFast ? fit.aFast : fit.a * met ** fit.byCharge;
  return (
    (a * root) / (1 + fit.b * root) + (isFast ? fit.cFast : fit.c / Math.sqrt(met)) * strengthM
  );
}

/** Mean size of the charges an ion of this sign meets, by what they carry of the charge. */
function opposite(carriers: readonly Carrier[], sign: 1 | -1): number {
  const others = carriers.filter(({ charge }) => charge * sign < 0);
  const all = others.reduce(
    (sum, { charge, concentrationM }) => sum + Math.abs(charge) * concentrationM,
    0,
  );
  return all === 0
    ? 1
    : others.reduce((sum, { charge, concentrationM }) => sum + charge ** 2 * concentrationM, 0) /
        all;
}

/** Cations whose pairs with sulfate the equilibrium counts as species. */
const pairedAlready = new Set(
  formedSpecies
    .filter(({ ionPair, from }) => ionPair && 'SO4^2-' in from)
    .flatMap(({ from }) => Object.keys(from).filter((name) => name.endsWith('2+'))),
);

/** What is left free when doubly charged cations and anions go in pairs (association by mass action, Davies activities). */
function free(carriers: readonly Carrier[], temperatureC: number): Carrier[] {
  const mayPair = ({ formula, charge }: Carrier) =>
    Math.abs(charge) === 2 && !pairedAlready.has(formula);
  const total = (charge: number) =>
    carriers.reduce(
      (sum, one) => sum + (one.charge === charge && mayPair(one) ? one.concentrationM : 0),
      0,
    );
  const [cations, anions] = [total(2), total(-2)];
  if (cations === 0 || anions === 0) return [...carriers];
  const others = carriers.reduce(
    (sum, one) => (mayPair(one) ? sum : sum + one.charge ** 2 * one.concentrationM),
    0,
  );
  let pairs = 0;
  for (let round = 0; round < 30; round += 1) {
    const strengthM = (others + 4 * (cations + anions - 2 * pairs)) / 2;
    const k = 10 ** (fit.logPair + 2 * logActivityCoefficient(2, strengthM, temperatureC));
    const b = cations + anions + 1 / k;
    const next = (b - Math.sqrt(b * b - 4 * cations * anions)) / 2;
    pairs = (pairs + next) / 2;
  }
  return carriers.map((one) => {
    const share = mayPair(one) ? 1 - pairs / (one.charge > 0 ? cations : anions) : 1;
    return { ...one, concentrationM: one.concentrationM * share, weight: one.weight * share };
  });
}
