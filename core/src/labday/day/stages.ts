import type { BenchEntry, LabDay } from './labDay';
import { latestWeighing, solutionsNeeded } from './solutionsNeeded';
import { benchesOf, worksOf } from './work';

export const stages = ['plan', 'prepare', 'bench', 'judge', 'report'] as const;
export type Stage = (typeof stages)[number];

/** How far a stage has come. */
export interface StageState {
  readonly stage: Stage;
  readonly state: 'to do' | 'under way' | 'done';
  /** A few words such as “2 of 3 weighed”. */
  readonly detail: string;
}

/** The state of the five stages of a day, from what is recorded in it. */
export function stageStates(day: LabDay, unknownCount = 0): StageState[] {
  const solutions = solutionsNeeded(day);
  const prepared = new Set(day.preparations.map(({ key }) => key));
  const made = solutions.filter(
    (solution) => prepared.has(solution.key) || latestWeighing(day.weighings, solution),
  ).length;
  const { all: pairs, recorded } = stepsRecorded(day);
  const progress = (done: number, all: number): StageState['state'] =>
    all > 0 && done >= all ? 'done' : done > 0 ? 'under way' : 'to do';
  const procedures = day.procedures.length;
  const planned = [
    ...(procedures > 0 ? [`${procedures} ${procedures === 1 ? 'procedure' : 'procedures'}`] : []),
    ...(unknownCount > 0 ? [`${unknownCount} ${unknownCount === 1 ? 'unknown' : 'unknowns'}`] : []),
  ];
  const onlyJars = unknownCount > 0 && pairs === 0;
  return [
    {
      stage: 'plan',
      state: planned.length > 0 ? 'done' : 'to do',
      detail: planned.join(', ') || 'nothing planned yet',
    },
    {
      stage: 'prepare',
      state: progress(made, solutions.length),
      detail:
        solutions.length > 0
          ? `${made} of ${solutions.length} made`
          : planned.length > 0
            ? 'no solution to make'
            : 'nothing to make yet',
    },
    {
      stage: 'bench',
      state: progress(recorded, pairs),
      detail: onlyJars
        ? 'each bench its jar'
        : pairs === 0
          ? 'nothing to run yet'
          : `${recorded} of ${pairs} recorded`,
    },
    {
      stage: 'judge',
      state: progress(recorded, pairs),
      detail: onlyJars
        ? 'by the keys'
        : recorded === 0
          ? 'nothing to judge yet'
          : `${recorded} of ${pairs} to read`,
    },
    {
      stage: 'report',
      state: progress(recorded, pairs),
      detail: onlyJars
        ? 'on the unknowns'
        : recorded === 0
          ? 'empty'
          : recorded < pairs
            ? 'partial'
            : 'complete',
    },
  ];
}

/** How many steps a day has at its benches, or at one of them, and of how many something stands in the record. */
export function stepsRecorded(
  day: Pick<LabDay, 'procedures' | 'groups' | 'entries'>,
  groupId?: string,
): { readonly all: number; readonly recorded: number } {
  const written = recordedPlaces(day.entries);
  const places = worksOf(day).flatMap((work) =>
    benchesOf(day, work)
      .filter(({ id }) => groupId === undefined || id === groupId)
      .flatMap((bench) => work.procedure.steps.map((step) => placeKey(work.id, step.id, bench.id))),
  );
  return { all: places.length, recorded: places.filter((place) => written.has(place)).length };
}

const placeKey = (workId: string, stepId: string, groupId: string | null): string =>
  `${workId} ${stepId} ${groupId ?? ''}`;

/** The steps at the benches of which something stands in the record; that one was begun says nothing of it yet. */
function recordedPlaces(entries: readonly BenchEntry[]): ReadonlySet<string> {
  const replaced = new Set(entries.map(({ supersedes }) => supersedes));
  return new Set(
    entries
      .filter(
        ({ id, record }) =>
          record !== null &&
          !replaced.has(id) &&
          !(record.kind === 'step' && record.state === 'begun'),
      )
      .map(({ workId, stepId, groupId }) => placeKey(workId, stepId, groupId)),
  );
}
