import { ChemistryError } from '../errors';
import { dissolvedGases, formedSpecies, waterIonisation } from '../substances/data/formedSpecies';
import { sparinglySoluble } from '../substances/data/sparinglySoluble';
import { chargeOf, findIon } from '../substances/ionsOf';
import type { SparinglySoluble } from '../substances/types';
import { daviesLimitM, ionicStrengthM, logActivityCoefficient } from './activity';
import { minimise } from './minimise';
import type { MassActionSolution } from './minimise';

/** A solution at equilibrium with the solids and bubbles it holds. Amounts are per litre of solution. */
export interface Equilibrium {
  /** Concentration of every dissolved species, mol/L. */
  readonly species: Readonly<Record<string, number>>;
  readonly pH: number;
  readonly ionicStrength: number;
  readonly solids: readonly { readonly formula: string; readonly amountMolPerL: number }[];
  readonly gases: readonly { readonly formula: string; readonly amountMolPerL: number }[];
  /** How far each solid is from saturation in the solution as it stands. */
  readonly saturation: readonly Saturation[];
  /** True above the ionic strength where the activity model holds. */
  readonly approximate: boolean;
}

/** Ion product against solubility product for one solid. */
export interface Saturation {
  readonly solid: SparinglySoluble;
  /** log10 of the ion activity product. */
  readonly logIonProduct: number;
  /** log10 (ion product / Ksp); above zero the solution is supersaturated. */
  readonly logRatio: number;
}

/** Passes between activities and concentrations; they agree to ten figures after about ten. */
const mostActivityPasses = 200;

interface Formation {
  readonly formula: string;
  readonly charge: number;
  readonly logBeta: number;
  readonly from: Readonly<Record<string, number>>;
}

const formations: readonly Formation[] = formedSpecies.map(({ formula, logBeta, from }) => ({
  formula,
  charge: chargeOf(formula),
  logBeta,
  from,
}));
const formationOf = new Map(formations.map((one) => [one.formula, one]));
const solidProducts = (sparinglySoluble as readonly SparinglySoluble[]).map((solid) => ({
  solid,
  ...solidProduct(solid),
}));

/**
 * Finds the equilibrium of a solution at 25 °C by mass action with activities (Davies equation), from the total
 * concentration of each ion as it was put in. Solids settle where their ion product would pass Ksp; dissolved
 * gases escape where their pressure would pass one atmosphere.
 *
 * @param totalsM mol/L by ion formula, such as `{ 'Ag^+': 0.05, 'NO3^-': 0.05 }`; all ≥ 0.
 * @param options.allowSolids false keeps everything in solution, to read the ion products before settling.
 * @throws ChemistryError `mixtureOutsideData` for an ion without a row, `notConverged` if no equilibrium is found.
 */
export function equilibrate(
  totalsM: Readonly<Record<string, number>>,
  options: { readonly allowSolids?: boolean } = {},
): Equilibrium {
  const componentTotals = toComponents(totalsM);
  const names = Object.keys(componentTotals);
  const index = new Map(names.map((name, j) => [name, j]));
  const holds = (from: Readonly<Record<string, number>>) =>
    Object.keys(from).every((name) => index.has(name));
  const counts = (from: Readonly<Record<string, number>>) => names.map((name) => from[name] ?? 0);
  const present = [
    ...names.map((name) => ({
      formula: name,
      charge: chargeOf(name),
      logBeta: 0,
      from: { [name]: 1 },
    })),
    ...formations.filter(({ from }) => holds(from)),
  ].map((one: Formation) => ({ ...one, counts: counts(one.from) }));
  const solids = solidProducts.filter(({ from }) => holds(from));
  const gases = dissolvedGases.filter(({ from }) => holds(from));
  const totals = names.map((name) => componentTotals[name] ?? 0);
  const limits = (options.allowSolids === false ? [] : [...solids, ...gases.map(gasLimit)]).map(
    ({ from, logProduct }) => ({ from, logProduct, counts: counts(from) }),
  );

  let strength =
    0.5 * Object.entries(totalsM).reduce((sum, [ion, c]) => sum + c * chargeOf(ion) ** 2, 0);
  let solved: MassActionSolution | undefined;
  const gamma = (formula: string, charge = chargeOf(formula)) =>
    logActivityCoefficient(charge, strength);
  const activityShift = (from: Readonly<Record<string, number>>) =>
    Object.entries(from).reduce((sum, [name, count]) => sum + count * gamma(name), 0);
  const logConcentration = (one: (typeof present)[number], logFree: readonly number[]) =>
    one.logBeta +
    activityShift(one.from) -
    gamma(one.formula, one.charge) +
    one.counts.reduce((sum, count, j) => sum + count * (logFree[j] ?? 0), 0);

  let settled = false;
  for (let pass = 0; pass < mostActivityPasses && !settled; pass += 1) {
    solved = minimise(
      totals,
      present.map((one) => ({
        logK: one.logBeta + activityShift(one.from) - gamma(one.formula, one.charge),
        counts: one.counts,
      })),
      limits.map((limit) => ({
        logProduct: limit.logProduct - activityShift(limit.from),
        counts: limit.counts,
      })),
      solved,
    );
    const { logFree } = solved;
    const next = ionicStrengthM(
      present.map((one) => ({
        concentrationM: 10 ** logConcentration(one, logFree),
        charge: one.charge,
      })),
    );
    settled = Math.abs(next - strength) <= 1e-10 * Math.max(next, 1e-6);
    strength = next;
  }
  if (!solved?.converged || !settled)
    throw ChemistryError.of('notConverged', Object.keys(totalsM).join(', '));
  const { logFree, phaseAmountsM } = solved;
  const logActivity = (from: Readonly<Record<string, number>>) =>
    Object.entries(from).reduce(
      (sum, [name, count]) => sum + count * ((logFree[index.get(name) ?? 0] ?? 0) + gamma(name)),
      0,
    );
  const amount = (offset: number, formula: string, position: number) => ({
    formula,
    amountMolPerL: phaseAmountsM[offset + position] ?? 0,
  });
  const isThere = ({ amountMolPerL }: { amountMolPerL: number }) => amountMolPerL > 0;
  return {
    species: Object.fromEntries(
      present.map((one) => [one.formula, 10 ** logConcentration(one, logFree)]),
    ),
    pH: -logActivity({ 'H^+': 1 }),
    ionicStrength: strength,
    solids: solids.map(({ solid }, s) => amount(0, solid.formula, s)).filter(isThere),
    gases: gases.map(({ formula }, s) => amount(solids.length, formula, s)).filter(isThere),
    saturation: solids.map(({ solid, from, logProduct }) => {
      const logRatio = logActivity(from) - logProduct;
      return { solid, logRatio, logIonProduct: logRatio - solid.pKsp };
    }),
    approximate: strength > daviesLimitM,
  };
}

const gasLimit = ({ from, logProductAtOneAtm }: (typeof dissolvedGases)[number]) => ({
  from,
  logProduct: logProductAtOneAtm,
});

/** A solid's product in terms of components: each hydroxide counts as a proton given up. */
function solidProduct({ ions, pKsp }: SparinglySoluble) {
  const { 'OH^-': hydroxides = 0, ...rest } = ions;
  return {
    from: hydroxides === 0 ? rest : { ...rest, 'H^+': (rest['H^+'] ?? 0) - hydroxides },
    logProduct: -pKsp + hydroxides * waterIonisation.pKw,
  };
}

/** Totals of the components, from totals of ions as they were put in; OH⁻ is a proton missing, HCO3⁻ one more. */
function toComponents(totalsM: Readonly<Record<string, number>>): Record<string, number> {
  const components: Record<string, number> = { 'H^+': 0 };
  const unknown: string[] = [];
  for (const [ion, amount] of Object.entries(totalsM)) {
    if (!(amount >= 0) || !Number.isFinite(amount))
      throw ChemistryError.of('outOfRange', `The total of ${ion}`, String(amount), '0 to 50 mol/L');
    if (amount === 0) continue;
    if (!findIon(ion) && !formationOf.has(ion)) unknown.push(ion);
    const from = formationOf.get(ion)?.from ?? { [ion]: 1 };
    for (const [name, count] of Object.entries(from))
      components[name] = (components[name] ?? 0) + count * amount;
  }
  if (unknown.length > 0) throw ChemistryError.of('mixtureOutsideData', unknown.join(', '));
  return components;
}
