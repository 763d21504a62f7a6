import { spreadOf } from '../../measuring/readings';
import type { Spread } from '../../measuring/readings';
import { differenceAsRead } from '../bench/asRead';
import { analyse } from './analyse';
import type { AnalysisResult, Habits } from './analyse';
import type { LabDay } from '../day/labDay';
import { benchesOf } from '../day/work';
import type { Work } from '../day/work';

/** One number that every bench finds, over the whole class. */
export interface ClassSpread {
  readonly name: string;
  readonly unit: string;
  readonly values: readonly { readonly bench: string; readonly value: number }[];
  readonly spread: Spread;
  /** Benches whose value stands out from the others. */
  readonly oddOnes: readonly string[];
}

/** What is read off an analysis for comparing benches. */
function headline({
  analysis,
  ...result
}: AnalysisResult): readonly (readonly [string, string, number])[] {
  if (result.state !== 'done') return [];
  const { found } = result;
  switch (found.kind) {
    case 'hydrate':
      return [['x in the formula', '', found.result.x]];
    case 'temperature': {
      const { value, unit } = differenceAsRead('temperature', found.result.deltaC);
      return [[analysis.kind === 'temperature' ? `ΔT, ${analysis.log}` : 'ΔT', unit, value]];
    }
    case 'drops':
      return found.comparisons.map(
        ({ name, against, ratio }) => [`${name} to ${against}`, '', ratio.value] as const,
      );
    case 'density':
      return [['density', 'g/mL', found.value.value]];
    case 'recovery':
      return [['recovered', '%', found.result.percent.value]];
    case 'line':
      return [
        [
          'slope',
          analysis.kind === 'line' ? `of ${analysis.y} on ${analysis.x}` : '',
          found.line.slope,
        ],
      ];
  }
}

/** Mean and spread over the class of everything that a piece of work has worked out. */
export function classSpread(
  day: Pick<LabDay, 'entries' | 'groups'>,
  work: Work,
  habits?: Habits,
): ClassSpread[] {
  const found = new Map<string, { unit: string; values: { bench: string; value: number }[] }>();
  for (const bench of benchesOf(day, work))
    for (const result of analyse(day, work, bench, habits))
      for (const [name, unit, value] of headline(result)) {
        const row = found.get(name) ?? { unit, values: [] };
        row.values.push({ bench: bench.name, value });
        found.set(name, row);
      }
  return [...found].map(([name, { unit, values }]) => {
    const spread = spreadOf(values.map(({ value }) => value));
    return {
      name,
      unit,
      values,
      spread,
      oddOnes: spread.oddOnes.map((at) => values[at]?.bench ?? ''),
    };
  });
}
