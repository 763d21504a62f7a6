import { classPlanOf, planKey } from '@stoichos/core/labday/day';
import { scheduleOf } from '@stoichos/core/planning/procedure';
import type { HeldDay } from '@stoichos/contract';
import type { DayTimetable } from '@stoichos/core/labday/day';
import type { TimedTask } from '@stoichos/core/planning/schedule';
import { useMemo, useState } from 'react';
import { useSaveTimetableMutation } from '../../data/api/api';
import { saveWhole } from '../../data/saving/saveWhole';
import { timetableAsWhole } from '../../data/saving/wholes';
import { sayProblem } from '../../shared/parts/sayProblem';
import { useTask } from '../../data/worker/useTask';

/** Tasks that stay where a hand put them, by name. */
type Held = Readonly<Record<string, number>>;

/** The timetable of a day: making it, moving a task by hand, keeping it. */
export function useTimetable(day: HeldDay) {
  const plan = useMemo(() => classPlanOf(day), [day]);
  const key = useMemo(() => planKey(plan), [plan]);
  const [held, setHeld] = useState<Held>({});
  const [save] = useSaveTimetableMutation();
  const { failure, share, start, cancel } = useTask('timetable');
  const [made, setMade] = useState<DayTimetable>();
  const timetable = made?.planKey === key ? made : day.timetable;

  const make = async (from: Held, startFrom?: readonly TimedTask[]) => {
    const request = scheduleOf(plan);
    const tasks = request.tasks.map((one) => {
      const startMin = from[one.id];
      return startMin === undefined ? one : { ...one, startMin };
    });
    const found = await start({ ...request, tasks }, startFrom ? { effort: 0, startFrom } : {});
    if (!found) return;
    const next = { ...found, tasks: [...found.tasks], planKey: key };
    setHeld(from);
    setMade(next);
    try {
      await saveWhole(
        timetableAsWhole(day.id, ({ timetable: kept, version }) =>
          save({ dayId: day.id, timetable: kept, version: version ?? 1 }).unwrap(),
        ),
        { timetable: day.timetable, version: day.versions.timetable },
        { timetable: next },
      );
    } catch (error) {
      sayProblem(error, 'Not kept');
    }
  };

  return {
    plan,
    timetable,
    isStale: timetable !== null && timetable.planKey !== key,
    held,
    failure,
    share,
    cancel,
    make: () => void make({}),
    /** Puts a task at a minute; the rest arranges itself around it and around those held before. */
    move: (taskId: string, startMin: number) =>
      void make({ ...held, [taskId]: startMin }, timetable?.tasks),
    release: () => void make({}),
  };
}

export type TimetableWork = ReturnType<typeof useTimetable>;
