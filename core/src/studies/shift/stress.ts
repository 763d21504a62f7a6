import * as z from 'zod';
import { findSubstance } from '../../matter/substances/findSubstance';
import type { Action } from '../../vessel/action';
import { atTemperature, joined, portionMixture } from './mixture';
import type { Mixture } from './mixture';
import { atMostFigures } from '../../common/formatNumber';

const substance = z.string().min(1).max(100);

/** Something at hand to shift a mixture with; how much of it is what is asked for. */
export const stressSchema = z.union([
  z.strictObject({ solution: substance, concentrationM: z.number().positive().max(30) }),
  z.strictObject({ water: z.literal(true) }),
  z.strictObject({ solid: substance }),
  z.strictObject({ gas: substance }),
  z.strictObject({ warmth: z.literal(true) }),
]);
/** Something at hand to shift a mixture with. */
export type Stress = z.infer<typeof stressSchema>;

/** The unit in which a stress is measured out. */
export type StressUnit = 'mL' | 'g' | 'mmol' | '°C';

/** Volume of a drop until it is calibrated, mL (common practice: about 20 to the millilitre). */
export const dropMl = 0.05;

/** The unit of a stress. */
export function unitOf(stress: Stress): StressUnit {
  if ('warmth' in stress) return '°C';
  if ('solid' in stress) return 'g';
  return 'gas' in stress ? 'mmol' : 'mL';
}

/** What is done with so much of a stress: for warmth the temperature reached, °C. */
export function actionOf(stress: Stress, amount: number, fromC: number): Action {
  if ('warmth' in stress)
    return amount >= fromC ? { do: 'heat', toC: amount } : { do: 'cool', toC: amount };
  if ('gas' in stress) return { do: 'bubble', gas: stress.gas, amountMmol: amount };
  if ('solid' in stress) return { do: 'add', portion: { substance: stress.solid, massG: amount } };
  if ('water' in stress) return { do: 'add', portion: { substance: 'water', volumeMl: amount } };
  return {
    do: 'add',
    portion: {
      substance: stress.solution,
      concentrationM: stress.concentrationM,
      volumeMl: amount,
    },
  };
}

/** A stress in words, as on its bottle. */
export function stressWords(stress: Stress): string {
  if ('warmth' in stress) return 'heating or cooling';
  if ('water' in stress) return 'water';
  if ('solid' in stress) return `solid ${stress.solid}`;
  if ('gas' in stress) return `${stress.gas} gas`;
  return `${atMostFigures(stress.concentrationM, 3)} M ${stress.solution}`;
}

/** Concentration from which a solution is called concentrated and used sparingly, mol/L (common practice). */
const concentratedFromM = 6;

/** Whether a stress is a concentrated reagent, of which little should be used. */
export function isConcentrated(stress: Stress): boolean {
  return 'solution' in stress && stress.concentrationM >= concentratedFromM;
}

/** Volume that so much of a stress takes up in the vessel, mL; solids and gases are taken to add none. */
export function volumeOf(stress: Stress, amount: number): number {
  return unitOf(stress) === 'mL' ? amount : 0;
}

/** What a mixture is after so much of a stress. */
export type After = (mixture: Mixture, amount: number) => Mixture;

/** Makes ready a stress for many trials by mass action alone. */
export function withStress(stress: Stress): After {
  if ('warmth' in stress) return atTemperature;
  const one = actionOf(stress, 1, 25);
  const portion =
    one.do === 'add'
      ? one.portion
      : 'gas' in stress
        ? { gas: stress.gas, amountMmol: 1 }
        : undefined;
  let unit: Mixture | undefined;
  return (mixture, amount) => {
    unit ??= portionMixture(portion ?? { substance: 'water', volumeMl: 1 }, 25);
    return joined(mixture, unit, amount);
  };
}

/** Refuses a stress that the tables do not know, before anything is calculated. @throws ChemistryError `unknownSubstance`. */
export function checkStress(stress: Stress): void {
  if ('solution' in stress) findSubstance(stress.solution);
  if ('solid' in stress) findSubstance(stress.solid);
}
