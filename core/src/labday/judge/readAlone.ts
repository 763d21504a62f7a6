import { measuresOf } from '../../planning/procedure/measures';
import { measurementsOf } from './analyse';
import type { LabDay } from '../day/labDay';
import { benchesOf } from '../day/work';
import type { Work } from '../day/work';
import { asRead } from '../bench/asRead';

/** What was read, in all benches, and goes into nothing that is worked out. */
export interface ReadAlone {
  readonly name: string;
  readonly unit: string;
  readonly byBench: readonly { readonly bench: string; readonly values: readonly number[] }[];
}

/** Readings that stand by themselves: no analysis of the procedure takes them. */
export function readAlone(day: LabDay, work: Work): ReadAlone[] {
  const taken = new Set(work.procedure.analyses.flatMap(measuresOf));
  const found = new Map<string, { unit: string; byBench: Map<string, number[]> }>();
  for (const bench of benchesOf(day, work))
    for (const { name, quantity, value } of measurementsOf(day, work, bench)) {
      if (taken.has(name)) continue;
      const read = asRead(quantity, value);
      const row = found.get(name) ?? {
        unit: read.unit,
        byBench: new Map<string, number[]>(),
      };
      row.byBench.set(bench.name, [...(row.byBench.get(bench.name) ?? []), read.value]);
      found.set(name, row);
    }
  return [...found].map(([name, { unit, byBench }]) => ({
    name,
    unit,
    byBench: [...byBench].map(([bench, values]) => ({ bench, values })),
  }));
}
