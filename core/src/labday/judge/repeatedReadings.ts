import { spreadOf } from '../../measuring/readings';
import type { Spread } from '../../measuring/readings';
import { measuresOf } from '../../planning/procedure/measures';
import { measurementsOf } from './analyse';
import type { LabDay } from '../day/labDay';
import type { Bench, Work } from '../day/work';
import { asRead } from '../bench/asRead';

/** The same thing read more than once at one bench. */
export interface Repeated {
  readonly name: string;
  readonly unit: string;
  readonly values: readonly number[];
  readonly spread: Spread;
}

/** Readings that a bench repeated, where they are of the same thing: no log against time, and no mass that is meant to fall. */
export function repeatedReadings(
  day: Pick<LabDay, 'entries'>,
  work: Work,
  bench: Bench,
): Repeated[] {
  const { steps, analyses } = work.procedure;
  const moving = new Set([
    ...steps.flatMap(({ measures }) =>
      measures.filter(({ series }) => series).map(({ name }) => name),
    ),
    ...analyses.flatMap((one) =>
      one.kind === 'hydrate' ? [one.heated] : one.kind === 'line' ? measuresOf(one) : [],
    ),
  ]);
  const found = new Map<string, { unit: string; values: number[] }>();
  for (const { name, quantity, value } of measurementsOf(day, work, bench)) {
    if (moving.has(name)) continue;
    const read = asRead(quantity, value);
    const row = found.get(name) ?? { unit: read.unit, values: [] };
    row.values.push(read.value);
    found.set(name, row);
  }
  return [...found].flatMap(([name, { unit, values }]) =>
    values.length > 1 ? [{ name, unit, values, spread: spreadOf(values) }] : [],
  );
}
