import * as z from 'zod';
import { currentSeries } from './currentSeries';
import type { Series } from './currentSeries';
import { depositMetals } from './deposit';
import { typedNumber } from '../../common/typed';

/** A run of a class as it is typed: changes of mass are after less before, g. */
export const typedRunSchema = z.object({
  name: z.string(),
  currentA: typedNumber,
  minutes: typedNumber,
  cathodeG: typedNumber,
  anodeG: typedNumber,
});
export type TypedRun = z.output<typeof typedRunSchema>;

/** A class at several currents as it is typed. */
export const typedSeriesSchema = z.object({
  metal: z.string(),
  through: z.enum(['origin', 'free']),
  rows: z.array(typedRunSchema).max(40),
});
export type TypedSeries = z.output<typeof typedSeriesSchema>;

/** A run of which nothing is typed yet. */
export const emptyRun = (name: string): TypedRun => ({
  name,
  currentA: '',
  minutes: '',
  cathodeG: '',
  anodeG: '',
});

/** Minus gains and plus loses; anything else is a slip of the sign or swapped electrodes. */
export function signSlip({ cathodeG, anodeG }: TypedRun): string | undefined {
  const [wrongMinus, wrongPlus] = [cathodeG !== '' && cathodeG < 0, anodeG !== '' && anodeG > 0];
  if (wrongMinus && wrongPlus)
    return 'Minus lost and plus gained: the electrodes, or the signs, are swapped.';
  if (wrongPlus) return 'Plus loses: type its change with a minus, as after less before.';
  return wrongMinus ? 'Minus gains: type its change without a minus.' : undefined;
}

/** What the typed runs come to, what is missing, or what is wrong. */
export type SeriesOutcome =
  { readonly series: Series } | { readonly missing: string } | { readonly problem: string };

/**
 * The series that was typed: runs of which something is missing are left out, and two are needed.
 *
 * @throws ChemistryError naming the run whose current or time is not above zero.
 */
export function seriesOf({ metal, through, rows }: TypedSeries): SeriesOutcome {
  const full = rows.filter(
    ({ currentA, minutes, cathodeG, anodeG }) =>
      currentA !== '' && minutes !== '' && (cathodeG !== '' || anodeG !== ''),
  );
  if (full.length < 2)
    return {
      missing:
        'Enter at least two runs with current, time and the change of an electrode (after less before: minus gains, plus loses).',
    };
  const slip = full.find((row) => signSlip(row) !== undefined);
  if (slip) return { problem: `${slip.name}: ${signSlip(slip) ?? ''}` };
  return {
    series: currentSeries({
      metal,
      electrons: depositMetals.find((one) => one.metal === metal)?.electrons ?? 1,
      through,
      rows: full.map(({ name, currentA, minutes, cathodeG, anodeG }) => ({
        name,
        currentA: Number(currentA),
        timeS: 60 * Number(minutes),
        ...(cathodeG !== '' && { cathodeChangeG: cathodeG }),
        ...(anodeG !== '' && { anodeChangeG: anodeG }),
      })),
    }),
  };
}
