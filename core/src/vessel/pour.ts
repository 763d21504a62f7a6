import { ChemistryError, inField } from '../common/errors';
import { molarMassOf } from '../matter/formula/molarMass';
import { componentsOfSolid } from '../matter/substances/componentsOf';
import { dissolvedGases } from '../matter/substances/data/dissolvedGases';
import { indicators } from '../matter/substances/data/indicators';
import { redoxDyes } from '../matter/substances/data/redoxDyes';
import { pureSolids } from '../matter/substances/data/pureSolids';
import { shelf } from '../matter/substances/data/shelf';
import { starch } from '../matter/substances/data/starch';
import { dissolvedGas } from '../matter/substances/gas';
import { dissolvingAid } from '../solution/preparation/dissolvingAids';
import { isWater } from '../matter/substances/isWater';
import { bottleNamed } from '../matter/substances/bottleNamed';
import { findSubstance } from '../matter/substances/findSubstance';
import type { Bottle, Substance } from '../matter/substances/types';
import { addAmounts, scaleAmounts } from './amounts';
import type { Amounts } from './amounts';
import type { ContainerKind } from './containers';
import type { AnyPortion } from './portion';
import { amountInLayer, isImmiscible } from './layer';
import { emptyVessel, noPhases } from './vessel';
import type { Vessel } from './vessel';

/** What can be added by drops as an indicator: acid–base indicators, starch for iodine, and dyes that show oxygen. */
export const dropNames: readonly string[] = [...indicators, starch, ...redoxDyes].map(
  ({ name }) => name,
);

/** Density of water at 25 °C, g/mL (CRC Handbook, recalled from memory), and the amount in a millilitre, mmol. */
export const waterDensityGPerMl = 0.99705;
const waterMmolPerMl = (1000 * waterDensityGPerMl) / 18.015;
const gasesOnShelf = new Set(
  shelf.flatMap(({ formula, state }) => (state === 'gas' ? [formula] : [])),
);
const pure = new Set(pureSolids.map(({ formula }) => formula));

/**
 * A portion by itself in a vessel, not yet at equilibrium.
 *
 * @throws ChemistryError for a substance, gas or indicator that the tables do not know, or one that cannot be had so.
 */
export function pourOut(
  portion: AnyPortion,
  container: ContainerKind = 'testTube',
  temperatureC = 25,
): Vessel {
  const empty = emptyVessel(container, temperatureC);
  if ('indicator' in portion) return { ...empty, ...dropsOf(portion) };
  if ('gas' in portion) return { ...empty, ...gasOf(portion) };
  if (isWater(portion.substance))
    return water(
      empty,
      'volumeMl' in portion ? portion.volumeMl : portion.massG / waterDensityGPerMl,
    );
  const isByName = !('massG' in portion || 'percentWV' in portion || 'concentrationM' in portion);
  const named = isByName ? bottleNamed(portion.substance) : undefined;
  if (named && 'volumeMl' in portion)
    return { ...empty, ...outOfBottle(named.holdsM, portion.volumeMl) };
  const { substance, form } = inField('substance', () => findSubstance(portion.substance));
  if ('massG' in portion) return { ...empty, ...solidOf(substance, form, portion.massG) };
  if ('percentWV' in portion)
    return {
      ...empty,
      ...solutionOf(substance, molar(substance, form, portion.percentWV), portion.volumeMl),
    };
  if ('concentrationM' in portion)
    return { ...empty, ...solutionAsKept(substance, portion.concentrationM, portion.volumeMl) };
  return { ...empty, ...pureLiquidOf(substance, portion.volumeMl) };
}

function water(empty: Vessel, volumeMl: number): Vessel {
  return {
    ...empty,
    volumeMl,
    phases: { ...empty.phases, solution: { H2O: waterMmolPerMl * volumeMl } },
  };
}

/** mol/L of a solution given in grams of the named form per 100 mL. */
function molar(substance: Substance, form: string | undefined, percentWV: number): number {
  return (10 * percentWV) / molarMassOf(form ?? formKept(substance));
}

/** What a formula without crystal water stands for when it is weighed: itself where the shelf keeps it, otherwise the form it does. */
function formKept({ formula, forms }: Substance): string {
  return forms.find((form) => form.formula === formula)?.formula ?? forms[0].formula;
}

type Part = Pick<Vessel, 'volumeMl' | 'phases' | 'put'>;

function solutionOf(substance: Substance, concentrationM: number, volumeMl: number): Part {
  if (pure.has(substance.formula) || substance.solubilityGPer100G === 0)
    throw ChemistryError.of('notSoluble', substance.formula).in('concentrationM');
  const amount = concentrationM * volumeMl;
  return {
    volumeMl,
    put: [substance.formula],
    phases: {
      ...noPhases,
      solution: {
        ...scaleAmounts(inWater(substance), amount),
        H2O: waterIn(substance, concentrationM) * volumeMl - amount * waterGiven(substance),
      },
    },
  };
}

/** A solution as it stands on the shelf: with the acid that keeps it clear, where it has to have one. */
function solutionAsKept(substance: Substance, concentrationM: number, volumeMl: number): Part {
  const { formula } = substance;
  const { keptIn, beside } = dissolvingAid(formula) ?? {};
  if (!keptIn) return solutionOf(substance, concentrationM, volumeMl);
  const holdsM = Object.fromEntries(
    [{ formula, molPerMol: 1 }, keptIn, ...(beside ? [beside] : [])].map((one) => [
      one.formula,
      one.molPerMol * concentrationM,
    ]),
  );
  return { ...outOfBottle(holdsM, volumeMl), put: [formula] };
}

/** A solution of several things, each at its strength in the same volume. */
function outOfBottle(holdsM: Bottle['holdsM'], volumeMl: number): Part {
  const parts = Object.entries(holdsM).map(([formula, concentrationM]) =>
    solutionOf(findSubstance(formula).substance, concentrationM, volumeMl),
  );
  // Each part brings the water of the whole; it is there once.
  const spare = (parts.length - 1) * waterMmolPerMl * volumeMl;
  const solution = parts.reduce((sum: Amounts, { phases }) => addAmounts(sum, phases.solution), {});
  return {
    volumeMl,
    put: parts.flatMap(({ put }) => put),
    phases: { ...noPhases, solution: addAmounts(solution, { H2O: -spare }) },
  };
}

/** A liquid by volume alone: one that forms a layer, or a concentrated reagent as it is sold. */
function pureLiquidOf(substance: Substance, volumeMl: number): Part {
  const { formula, stock } = substance;
  if (stock) return solutionOf(substance, stock.concentrationM, volumeMl);
  if (!isImmiscible(formula)) throw ChemistryError.of('missingAmount').in('concentrationM');
  return {
    volumeMl: 0,
    put: [formula],
    phases: { ...noPhases, layer: { [formula]: amountInLayer(formula, volumeMl) } },
  };
}

/** Ions and molecules as the substance brings them; those that water changes are counted through their components. */
function inWater(substance: Substance) {
  const parts = { ...componentsOfSolid(substance.formula) };
  delete parts.H2O;
  return parts;
}

function waterGiven(substance: Substance): number {
  return -(componentsOfSolid(substance.formula)?.H2O ?? 0);
}

/** mmol of water in a millilitre of solution: between pure water and the concentrated reagent by straight line. */
function waterIn({ stock }: Substance, concentrationM: number): number {
  if (!stock) return waterMmolPerMl;
  const inStock = (stock.densityGPerMl * (1000 - 10 * stock.percentWW)) / 18.015;
  const share = Math.min(1, concentrationM / stock.concentrationM);
  return waterMmolPerMl + share * (inStock - waterMmolPerMl);
}

function solidOf(substance: Substance, form: string | undefined, massG: number): Part {
  if (substance.state === 'gas')
    throw ChemistryError.of('gasByMass', substance.formula).in('massG');
  const formula = form ?? formKept(substance);
  const amount = (1000 * massG) / molarMassOf(formula);
  if (substance.stock) {
    // A liquid weighed out is the concentrated reagent itself.
    const volumeMl = massG / substance.stock.densityGPerMl;
    return solutionOf(substance, substance.stock.concentrationM, volumeMl);
  }
  const phase = isImmiscible(formula) ? 'layer' : 'solids';
  return {
    volumeMl: 0,
    put: [substance.formula],
    phases: { ...noPhases, [phase]: { [formula]: amount } },
  };
}

/** Whether a shelf substance is one that can be led in as a gas. */
export function isOfGas(formula: string): boolean {
  return (
    gasesOnShelf.has(formula) ||
    dissolvedGases.some((row) => row.formula === formula) ||
    formula === 'HCl'
  );
}

function gasOf({ gas, amountMmol }: Extract<AnyPortion, { gas: string }>): Part {
  // One that forms at the bench and is kept on no shelf, such as hydrogen cyanide, is met in tests of the gas above.
  if (dissolvedGas(gas) && !gasesOnShelf.has(gas))
    return { volumeMl: 0, put: [], phases: { ...noPhases, solution: { [gas]: amountMmol } } };
  const { formula, ions } = inField('gas', () => findSubstance(gas)).substance;
  if (!isOfGas(formula)) throw ChemistryError.of('notAGas', gas).in('gas');
  return {
    volumeMl: 0,
    put: [formula],
    phases: { ...noPhases, solution: scaleAmounts(ions, amountMmol) },
  };
}

function dropsOf({ indicator, drops }: Extract<AnyPortion, { indicator: string }>) {
  const wanted = indicator.trim().toLowerCase();
  const dye = redoxDyes.find(({ name }) => name === wanted);
  if (dye) {
    // A dye takes part in the chemistry, so its drops are a solution of it.
    const volumeMl = 0.05 * drops;
    const strengthM = (1000 * dye.molPerDrop) / 0.05;
    return solutionOf(findSubstance(dye.salt).substance, strengthM, volumeMl);
  }
  const row = [...indicators, starch].find(({ name }) => name === wanted);
  if (!row)
    throw ChemistryError.of('unknownIndicator', indicator, dropNames.join(', ')).in('indicator');
  // The solvent of the drops is taken as water.
  const volumeMl = 0.05 * drops;
  return {
    volumeMl,
    phases: { ...noPhases, solution: { H2O: waterMmolPerMl * volumeMl } },
    indicators: { [row.name]: drops },
  };
}
