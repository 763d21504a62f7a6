import { runOf } from '../../labday/day/work';
import type { Work } from '../../labday/day/work';

/** Every constant that decided what is expected, with its source, once each. */
export function sourcesUsed(works: readonly Work[]): string[] {
  const reasons = works
    .flatMap((work) => runOf(work).steps)
    .flatMap(({ did }) => did)
    .flatMap(({ told }) => told.reactions)
    .flatMap(({ why }) => why);
  return [
    ...new Set(reasons.flatMap(({ text, source }) => (source ? [`${text} – ${source}`] : []))),
  ];
}
