import * as z from 'zod';
import { findSubstance } from '../../matter/substances/findSubstance';
import type { Action } from '../../vessel/action';
import { atTemperature, joined, portionMixture } from './mixture';
import type { Mixture } from './mixture';
import { atMostFigures } from '../../common/formatNumber';

const substance = z.string().min(1).max(100);

/** Something at hand to shift a mixture with; how much of it is what is asked for. */
export const meansSchema = z.union([
  z.strictObject({ solution: substance, concentrationM: z.number().positive().max(30) }),
  z.strictObject({ water: z.literal(true) }),
  z.strictObject({ solid: substance }),
  z.strictObject({ gas: substance }),
  z.strictObject({ warmth: z.literal(true) }),
]);
/** Something at hand to shift a mixture with. */
export type Means = z.infer<typeof meansSchema>;

/** The unit in which a means is measured out. */
export type MeansUnit = 'mL' | 'g' | 'mmol' | '°C';

/** Volume of a drop until it is calibrated, mL (common practice: about 20 to the millilitre). */
export const dropMl = 0.05;

/** The unit of a means. */
export function unitOf(means: Means): MeansUnit {
  if ('warmth' in means) return '°C';
  if ('solid' in means) return 'g';
  return 'gas' in means ? 'mmol' : 'mL';
}

/** What is done with so much of a means: for warmth the temperature reached, °C. */
export function actionOf(means: Means, amount: number, fromC: number): Action {
  if ('warmth' in means)
    return amount >= fromC ? { do: 'heat', toC: amount } : { do: 'cool', toC: amount };
  if ('gas' in means) return { do: 'bubble', gas: means.gas, amountMmol: amount };
  if ('solid' in means) return { do: 'add', portion: { substance: means.solid, massG: amount } };
  if ('water' in means) return { do: 'add', portion: { substance: 'water', volumeMl: amount } };
  return {
    do: 'add',
    portion: { substance: means.solution, concentrationM: means.concentrationM, volumeMl: amount },
  };
}

/** A means in words, as on its bottle. */
export function meansWords(means: Means): string {
  if ('warmth' in means) return 'heating or cooling';
  if ('water' in means) return 'water';
  if ('solid' in means) return `solid ${means.solid}`;
  if ('gas' in means) return `${means.gas} gas`;
  return `${atMostFigures(means.concentrationM, 3)} M ${means.solution}`;
}

/** Concentration from which a solution is called concentrated and used sparingly, mol/L (common practice). */
const concentratedFromM = 6;

/** Whether a means is a concentrated reagent, of which little should be used. */
export function isConcentrated(means: Means): boolean {
  return 'solution' in means && means.concentrationM >= concentratedFromM;
}

/** Volume that so much of a means takes up in the vessel, mL; solids and gases are taken to add none. */
export function volumeOf(means: Means, amount: number): number {
  return unitOf(means) === 'mL' ? amount : 0;
}

/** What a mixture is after so much of a means. */
export type After = (mixture: Mixture, amount: number) => Mixture;

/** Makes ready a means for many trials by mass action alone. */
export function withMeans(means: Means): After {
  if ('warmth' in means) return atTemperature;
  const one = actionOf(means, 1, 25);
  const portion =
    one.do === 'add' ? one.portion : 'gas' in means ? { gas: means.gas, amountMmol: 1 } : undefined;
  let unit: Mixture | undefined;
  return (mixture, amount) => {
    unit ??= portionMixture(portion ?? { substance: 'water', volumeMl: 1 }, 25);
    return joined(mixture, unit, amount);
  };
}

/** Refuses a means that the tables do not know, before anything is calculated. @throws ChemistryError `unknownSubstance`. */
export function checkMeans(means: Means): void {
  if ('solution' in means) findSubstance(means.solution);
  if ('solid' in means) findSubstance(means.solid);
}
