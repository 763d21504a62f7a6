import { ChemistryError } from '../../common/errors';
import { dissolutionEnthalpy } from '../../matter/substances/enthalpy';
import {
  componentsOfSolid,
  componentsOfSpecies,
  formedSpecies,
} from '../../matter/substances/componentsOf';
import type { Components } from '../../matter/substances/componentsOf';
import { dissolvedGases } from '../../matter/substances/data/dissolvedGases';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { chargeOf } from '../../matter/substances/ionsOf';
import type { DissolvedGas, SparinglySoluble } from '../../matter/substances/types';
import { daviesLimitM } from './activity';
import { crystals, saturationProduct, thrownDownByAcid } from './saltSaturation';
import { speciate } from './speciate';
import { countsIn, systemOf, withLayer } from './system';
import type { Layer, System, SystemSpecies } from './system';
import { vantHoff } from './temperature';

/** A solution at equilibrium with the solids and bubbles it holds. Amounts are per litre of solution. */
export interface Equilibrium {
  /** Concentration of every dissolved species, mol/L. */
  readonly species: Readonly<Record<string, number>>;
  readonly pH: number;
  readonly ionicStrength: number;
  readonly solids: readonly { readonly formula: string; readonly amountMolPerL: number }[];
  readonly gases: readonly { readonly formula: string; readonly amountMolPerL: number }[];
  /** How far each sparingly soluble solid is from saturation in the solution as it stands. */
  readonly saturation: readonly Saturation[];
  /** What a second layer holds, mol per litre of water. */
  readonly layer: Readonly<Record<string, number>>;
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

/** How an equilibrium is to be found. */
export interface EquilibrateOptions {
  /** False keeps everything in solution, to read the ion products before settling. */
  readonly allowSolids?: boolean;
  readonly temperatureC?: number;
  /** Holds the solution at this pH, as a buffer from outside would; the proton balance is then left open. */
  readonly pH?: number;
  /** A second liquid that takes up some of what is dissolved. */
  readonly layer?: Layer | undefined;
  /** Solids that were put in as such and may stay, although they would not settle. */
  readonly added?: readonly string[];
  /** Solids that do not come out, whatever their product says. */
  readonly withheld?: readonly string[];
  /** Species and solids kept as they are, mol/L: they neither form nor fall apart, and everything else comes to rest beside them. */
  readonly held?: Readonly<Record<string, number>>;
}

interface Phase {
  readonly formula: string;
  readonly logProduct: number;
  readonly counts: readonly number[];
  readonly row?: SparinglySoluble;
  readonly ofSalt?: true;
}

const solidRows: readonly SparinglySoluble[] = sparinglySoluble;
const gasRows: readonly DissolvedGas[] = dissolvedGases;

/**
 * Finds the equilibrium of a solution by mass action with activities (Davies equation) from the total of each ion or
 * molecule as it was put in. Solids settle where their ion product would pass Ksp, soluble salts where their solubility
 * is passed, and dissolved gases escape where their pressure would pass one atmosphere.
 *
 * @param totalsM mol/L by formula, such as `{ 'Ag^+': 0.05, 'NO3^-': 0.05 }`; each ≥ 0, except `H^+` (base in excess).
 * @throws ChemistryError `mixtureOutsideData` for a formula without a row, `notConverged` if no equilibrium is found.
 * @example equilibrate({ 'Ag^+': 0.01, 'Cl^-': 0.01 }).solids[0].formula // 'AgCl'
 */
export function equilibrate(
  totalsM: Readonly<Record<string, number>>,
  options: EquilibrateOptions = {},
): Equilibrium {
  return equilibrateComponents(toComponents(totalsM), options);
}

/**
 * The same from component totals, as {@link toComponents} gives them.
 *
 * @throws ChemistryError `notConverged` if no equilibrium is found.
 */
export function equilibrateComponents(
  componentsM: Components,
  {
    allowSolids = true,
    temperatureC = 25,
    pH,
    layer,
    added = [],
    withheld = [],
    held,
  }: EquilibrateOptions = {},
): Equilibrium {
  const names = componentsOf(componentsM);
  const whole = systemOf(names, temperatureC);
  const phasesOfWhole = phasesOf(whole, temperatureC);
  const { crystals: soluble, gases } = phasesOfWhole;
  const isFree = ({ formula }: { readonly formula: string }) => !(held && formula in held);
  const sparing = held ? phasesOfWhole.sparing.filter(isFree) : phasesOfWhole.sparing;
  const system = held ? { ...whole, species: whole.species.filter(isFree) } : whole;
  const free = held ? beside(held, componentsM) : componentsM;
  const settling = sparing.filter(
    ({ row }) => row && !withheld.includes(row.formula) && maySettle(row, temperatureC, added),
  );
  const phases = allowSolids ? [...settling, ...soluble, ...gases] : [];
  const all = layer ? withLayer(system, layer) : system;
  const solved = speciate(
    all,
    names.map((name) => free[name] ?? 0),
    phases,
    temperatureC,
    {
      ...(pH !== undefined && { fixedLogActivity: { 'H^+': -pH } }),
      ...(held && { heldStrengthM: strengthOf(held) }),
    },
  );
  if (!solved) throw ChemistryError.of('notConverged', names.join(', '));
  const { concentrationsM, logActivities, phaseAmountsM, ionicStrengthM } = solved;
  const amountsOf = (wanted: (one: SystemSpecies) => boolean) =>
    Object.fromEntries(
      all.species.flatMap((one, i) =>
        wanted(one) ? [[one.formula, concentrationsM[i] ?? 0] as const] : [],
      ),
    );
  const left = phases.flatMap(({ formula }, s) => {
    const amountMolPerL = phaseAmountsM[s] ?? 0;
    return amountMolPerL > 0
      ? [{ formula, amountMolPerL, gas: s >= phases.length - gases.length }]
      : [];
  });
  const bare = ({ formula, amountMolPerL }: (typeof left)[number]) => ({ formula, amountMolPerL });
  return {
    species: amountsOf(({ inLayer }) => !inLayer),
    layer: amountsOf(({ inLayer }) => inLayer ?? false),
    pH: -(logActivities[names.indexOf('H^+')] ?? 0),
    ionicStrength: ionicStrengthM,
    solids: left.filter(({ gas }) => !gas).map(bare),
    gases: left.filter(({ gas }) => gas).map(bare),
    saturation: sparing.flatMap(({ row, counts, logProduct }) => {
      if (!row || row.asAdded) return [];
      const logRatio =
        counts.reduce((sum, n, j) => sum + n * (logActivities[j] ?? 0), 0) - logProduct;
      return [{ solid: row, logRatio, logIonProduct: logRatio - row.pKsp }];
    }),
    approximate: ionicStrengthM > daviesLimitM,
  };
}

/** What is left of the totals beside what is held. */
function beside(held: Readonly<Record<string, number>>, componentsM: Components): Components {
  const free: Record<string, number> = { ...componentsM };
  for (const [formula, amount] of Object.entries(held))
    for (const [name, n] of Object.entries(
      componentsOfSpecies(formula) ?? componentsOfSolid(formula) ?? {},
    ))
      free[name] = (free[name] ?? 0) - n * amount;
  return Object.fromEntries(
    Object.entries(free).map(([name, n]) => [name, name === 'H^+' ? n : Math.max(0, n)]),
  );
}

/** What held ions add to the ionic strength, mol/L; solids have no charge. */
function strengthOf(held: Readonly<Record<string, number>>): number {
  return Object.entries(held).reduce(
    (sum, [formula, amount]) => sum + 0.5 * amount * chargeOf(formula) ** 2,
    0,
  );
}

/** Less than this, mol/L, is a rest of rounding and not matter. */
const nothingM = 1e-16;

/** The components of a system in order: those that are there, and the proton, which may be owed. */
function componentsOf(componentsM: Components): string[] {
  const there = Object.entries(componentsM).filter(
    ([name, total]) => name !== 'H2O' && total > nothingM,
  );
  return [...new Set(['H^+', ...there.map(([name]) => name)])].sort();
}

/** Whether a solid can be there: those put in as such only when they are, or when what they form from is, and hot enough. */
function maySettle(row: SparinglySoluble, temperatureC: number, added: readonly string[]): boolean {
  if (added.includes(row.formula)) return !row.slow;
  if (!row.asAdded) return true;
  const { formsFrom } = row;
  return (
    formsFrom !== undefined &&
    temperatureC >= formsFrom.aboveC &&
    Object.keys(formsFrom.solids).some((solid) => added.includes(solid))
  );
}

/** All that may leave a system: worked out once for each, as mixtures come back to the same ones. */
interface Leaving {
  readonly sparing: readonly Phase[];
  readonly crystals: readonly Phase[];
  readonly gases: readonly Phase[];
}

const leaving = new WeakMap<System, Leaving>();

function phasesOf(system: System, temperatureC: number): Leaving {
  const known = leaving.get(system) ?? {
    sparing: sparingPhases(system, temperatureC),
    crystals: crystalPhases(system, temperatureC),
    gases: gasPhases(system, temperatureC),
  };
  leaving.set(system, known);
  return known;
}

function sparingPhases(system: System, temperatureC: number): Phase[] {
  return solidRows.flatMap((row) => {
    const counts = countsIn(system, componentsOfSolid(row.formula));
    if (!counts) return [];
    // The product is in the ions of the row; those that are formed species count by their constants.
    const logProduct = Object.entries(row.ions).reduce(
      (sum, [ion, n]) => sum - n * logBetaOf(ion, temperatureC),
      vantHoff(-row.pKsp, dissolutionEnthalpy(row), temperatureC),
    );
    return [{ formula: row.formula, logProduct, counts, row }];
  });
}

const formedBy = new Map(formedSpecies.map((row) => [row.formula, row]));

/** log10 β of a species at a temperature, 0 for a component. */
function logBetaOf(formula: string, temperatureC: number): number {
  const row = formedBy.get(formula);
  return row ? vantHoff(row.logBeta, row.enthalpyKJPerMol, temperatureC) : 0;
}

function crystalPhases(system: System, temperatureC: number): Phase[] {
  return crystals.flatMap((crystal) => {
    const counts = countsIn(system, componentsOfSolid(crystal.substance.formula));
    const logProduct = counts && saturationProduct(crystal, temperatureC);
    return !counts || logProduct === undefined
      ? []
      : [
          {
            formula: crystal.formula,
            logProduct,
            counts,
            ...(!thrownDownByAcid.has(crystal.substance.formula) && { ofSalt: true as const }),
          },
        ];
  });
}

function gasPhases(system: System, temperatureC: number): Phase[] {
  return gasRows.flatMap(({ formula, henryMPerAtm, enthalpyKJPerMol }) => {
    const counts = countsIn(system, componentsOfSpecies(formula));
    const dissolved = system.species.find((one) => one.formula === formula);
    if (!counts || !dissolved) return [];
    const henry = vantHoff(Math.log10(henryMPerAtm), enthalpyKJPerMol, temperatureC);
    return [{ formula, logProduct: henry - dissolved.logK, counts }];
  });
}

/**
 * Totals of the components from totals of ions and molecules as they were put in: OH⁻ is a proton missing, HCO3⁻ one more.
 *
 * @throws ChemistryError `mixtureOutsideData` for a formula without a row, `outOfRange` for a negative total.
 */
export function toComponents(totalsM: Readonly<Record<string, number>>): Components {
  const components: Record<string, number> = {};
  const unknown: string[] = [];
  for (const [formula, amount] of Object.entries(totalsM)) {
    if (!(amount >= 0 || formula === 'H^+') || !Number.isFinite(amount))
      throw ChemistryError.of(
        'outOfRange',
        `The total of ${formula}`,
        String(amount),
        '0 to 50 mol/L',
      );
    if (amount === 0) continue;
    const parts = componentsOfSpecies(formula) ?? componentsOfSolid(formula);
    if (!parts) unknown.push(formula);
    for (const [name, count] of Object.entries(parts ?? {}))
      components[name] = (components[name] ?? 0) + count * amount;
  }
  if (unknown.length > 0) throw ChemistryError.of('mixtureOutsideData', unknown.join(', '));
  return components;
}
