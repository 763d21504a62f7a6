import { isRun, keepRun } from '@stoichos/core/labday/day';
import type { Work } from '@stoichos/core/labday/day';
import type { ReactNode } from 'react';
import { useAnswer } from '../../data/worker/useAnswer';
import { TaskFailure } from '../parts/TaskFailure';
import { TaskProgress } from '../parts/TaskProgress';

type Runnable = Pick<Work, 'procedure'>;

/** What leans on what is expected of some works, once that has been calculated, away from the thread of the page. */
export function OnceRun({
  works,
  ahead = [],
  children,
}: {
  works: readonly Runnable[];
  /** Works that are gone on to from here: they are calculated next, so that nobody waits for them. */
  ahead?: readonly Runnable[];
  children: () => ReactNode;
}) {
  const wanted = works.every(isRun) ? ahead : works;
  const missing = wanted.filter((work) => !isRun(work)).map(({ procedure }) => procedure);
  const { value, of, failure, share } = useAnswer(
    'runs',
    missing.length > 0 ? [missing] : undefined,
  );
  of?.[0].forEach((procedure, at) => {
    const run = value?.[at];
    if (run && !isRun({ procedure })) keepRun({ procedure }, run);
  });
  if (works.every(isRun)) return children();
  if (failure) return <TaskFailure failure={failure} />;
  return <TaskProgress what="Calculating what is expected" share={share ?? 0} />;
}
