import * as z from 'zod';
import { molarMassOf } from '../../matter/formula/molarMass';
import type { Action } from '../../vessel/action';
import { formatSetTemperature } from '../../common/temperature';
import { formatNumber } from '../../common/formatNumber';

/** What turns one compound of a ring into the next. */
export const arcMeansSchema = z.discriminatedUnion('by', [
  z.object({
    by: z.literal('heat'),
    toC: z
      .number()
      .min(40, 'A compound is heated to at least 40 °C')
      .max(1200, 'A burner reaches at most about 1200 °C'),
  }),
  z.object({ by: z.literal('water') }),
  z.object({
    by: z.literal('solution'),
    substance: z.string().min(1).max(100),
    concentrationM: z.number().positive('A concentration is above 0 mol/L').max(20),
  }),
  z.object({ by: z.literal('concentrated'), substance: z.string().min(1).max(100) }),
  z.object({ by: z.literal('gas'), substance: z.string().min(1).max(100) }),
  z.object({ by: z.literal('solid'), substance: z.string().min(1).max(100) }),
]);
export type ArcMeans = z.infer<typeof arcMeansSchema>;

/** A means in words, as it stands at an arrow. */
export function meansText(means: ArcMeans): string {
  switch (means.by) {
    case 'heat':
      return means.toC >= 600
        ? `heat strongly, about ${formatSetTemperature(means.toC)}`
        : `heat to about ${formatSetTemperature(means.toC)}`;
    case 'water':
      return 'add water';
    case 'solution':
      return `add ${formatNumber(means.concentrationM)} M ${means.substance}`;
    case 'concentrated':
      return `add concentrated ${means.substance}, in the hood`;
    case 'gas':
      return `lead ${means.substance} in`;
    case 'solid':
      return `add ${means.substance}`;
  }
}

/** How much of a means is taken for so many mmol of a compound. */
export interface Scale {
  readonly compoundMmol: number;
  /** mmol of the reagent for each of the compound, with its excess. */
  readonly equivalents: number;
}

/** What is done with a means, for so much of a compound. */
export function actionOf(means: ArcMeans, { compoundMmol, equivalents }: Scale): Action {
  const reagentMmol = compoundMmol * equivalents;
  switch (means.by) {
    case 'heat':
      return { do: 'heat', toC: means.toC };
    case 'water':
      return {
        do: 'add',
        portion: { substance: 'water', volumeMl: rounded(waterMlPerMmol * compoundMmol) },
      };
    case 'solution':
      return {
        do: 'add',
        portion: {
          substance: means.substance,
          concentrationM: means.concentrationM,
          volumeMl: rounded(reagentMmol / means.concentrationM),
        },
      };
    case 'concentrated':
      return {
        do: 'add',
        portion: { substance: means.substance, volumeMl: rounded(reagentMmol / concentratedM) },
      };
    case 'gas':
      return { do: 'bubble', gas: means.substance, amountMmol: Math.min(1000, reagentMmol) };
    case 'solid':
      return {
        do: 'add',
        portion: {
          substance: means.substance,
          massG: rounded((reagentMmol * molarMassOf(means.substance)) / 1000),
        },
      };
  }
}

const waterMlPerMmol = 2;
/** Strength that concentrated acids have at least, mol/L, so that there is enough of them. */
const concentratedM = 11;
const rounded = (n: number): number => Math.min(500, Math.max(0.05, Number(n.toPrecision(3))));
