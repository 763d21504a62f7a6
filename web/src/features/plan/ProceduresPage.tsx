import { Button, Group, Text, Title } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { HeldDay, Kept } from '@stoichos/contract';
import type { DayProcedure } from '@stoichos/core/labday/day';
import { IconPlus } from '@tabler/icons-react';
import { Link } from 'react-router';
import {
  useRemoveDayProcedureMutation,
  useMoveDayProcedureMutation,
  useSaveDayProcedureMutation,
} from '../../data/api/api';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { sayProblem } from '../../shared/parts/sayProblem';
import { saveWhole } from '../../data/saving/saveWhole';
import { plannedAsWhole, plannedIn, plannedOf } from '../../data/saving/wholes';
import type { Planned } from '../../data/saving/wholes';
import { useLabDay } from '../../data/useLabDay';
import { DayStops, useDayStops } from '../../shared/labday/DayStops';
import { PlanTabs } from './PlanTabs';
import classes from './ProceduresPage.module.css';
import { PlannedProcedure } from './PlannedProcedure';
import { ClassFacts } from './ClassFacts';

/** The procedures of a lab day: which, in what order, by every group or shown to all, and what the class has for them. */
export function ProceduresPage() {
  const day = useLabDay();
  const [moveOne] = useMoveDayProcedureMutation();
  const [saveOne] = useSaveDayProcedureMutation();
  const [removeOne] = useRemoveDayProcedureMutation();
  const stops = useDayStops(day);
  return (
    <>
      <PlanTabs day={day} />
      <DayStops stops={stops} />
      <div className={classes.columns}>
        <section aria-label="Procedures of the day">
          <PlannedList day={day} saveOne={saveOne} removeOne={removeOne} moveOne={moveOne} />
        </section>
        <ClassFacts day={day} />
      </div>
    </>
  );
}

interface PlannedListProps {
  readonly day: HeldDay;
  readonly saveOne: ReturnType<typeof useSaveDayProcedureMutation>[0];
  readonly removeOne: ReturnType<typeof useRemoveDayProcedureMutation>[0];
  readonly moveOne: ReturnType<typeof useMoveDayProcedureMutation>[0];
}

/** The procedures of the day in their order. */
function PlannedList({ day, saveOne, removeOne, moveOne }: PlannedListProps) {
  const attempt = async (work: Promise<unknown>): Promise<boolean> => {
    try {
      await work;
      return true;
    } catch (error) {
      sayProblem(error, 'Not saved');
      return false;
    }
  };
  const save = (planned: DayProcedure, base?: Kept<Planned>) =>
    saveWhole(
      plannedAsWhole(planned.id, (one) => saveOne({ dayId: day.id, planned: one }).unwrap()),
      base,
      plannedOf(planned),
    );
  const change = (planned: DayProcedure) => {
    const now = day.procedures.find(({ id }) => id === planned.id);
    return attempt(save(planned, now && plannedIn(day, now)));
  };
  const remove = async (planned: DayProcedure) => {
    const { version } = plannedIn(day, planned);
    if (!(await attempt(removeOne({ dayId: day.id, id: planned.id, version }).unwrap()))) return;
    notifications.show({
      message: (
        <>
          <ProcedureName procedure={planned.procedure} /> taken out.{' '}
          <Button size="compact-md" onClick={() => void attempt(save(planned))}>
            Put it back
          </Button>
        </>
      ),
    });
  };
  const move = (planned: DayProcedure, by: number) => {
    const others = day.procedures.filter(({ id }) => id !== planned.id);
    const before = others[day.procedures.indexOf(planned) + by]?.id ?? null;
    return attempt(moveOne({ dayId: day.id, id: planned.id, before }).unwrap());
  };
  return (
    <>
      <Group justify="space-between" mb="xs">
        <Title>What the class does</Title>
        <Group gap="sm">
          <Button component={Link} to={`/procedures/new?day=${day.id}`}>
            Write one
          </Button>
          <Button
            component={Link}
            to={`/procedures?day=${day.id}`}
            variant={day.procedures.length === 0 ? 'filled' : 'default'}
            leftSection={<IconPlus size={18} aria-hidden />}
          >
            Add from the library
          </Button>
        </Group>
      </Group>
      {day.procedures.length === 0 && (
        <Text className="quiet">
          No procedure yet. The library has forty, for every kind of practical; each can be adapted
          to your time, kit and jars. Two solutions to bring together are quickest entered under
          “Two-solution tests”.
        </Text>
      )}
      <ol className="bare">
        {day.procedures.map((planned, at) => (
          <PlannedProcedure
            key={planned.id}
            planned={planned}
            first={at === 0}
            last={at === day.procedures.length - 1}
            dayId={day.id}
            move={(by) => void move(planned, by)}
            change={(next) => void change(next)}
            remove={() => void remove(planned)}
          />
        ))}
      </ol>
    </>
  );
}
