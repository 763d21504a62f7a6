import { Button, Group, Text, Title } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { DayProcedure, LabDay } from '@stoichos/core/labday/day';
import { IconPlus } from '@tabler/icons-react';
import { Link } from 'react-router';
import {
  useRemoveDayProcedureMutation,
  useSaveDayProcedureMutation,
  useSaveDayProceduresMutation,
} from '../../data/api/api';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { sayProblem } from '../../shared/parts/sayProblem';
import { useLabDay } from '../../data/useLabDay';
import { DayStops, useDayStops } from '../../shared/labday/DayStops';
import { PlanTabs } from './PlanTabs';
import classes from './ProceduresPage.module.css';
import { Planned } from './PlannedProcedure';
import { ClassFacts } from './ClassFacts';

/** The procedures of a lab day: which, in what order, by every group or shown to all, and what the class has for them. */
export function ProceduresPage() {
  const day = useLabDay();
  const [saveOrder] = useSaveDayProceduresMutation();
  const [saveOne] = useSaveDayProcedureMutation();
  const [removeOne] = useRemoveDayProcedureMutation();
  const stops = useDayStops(day);
  return (
    <>
      <PlanTabs day={day} />
      <DayStops stops={stops} />
      <div className={classes.columns}>
        <section aria-label="Procedures of the day">
          <PlannedList day={day} saveOne={saveOne} removeOne={removeOne} saveOrder={saveOrder} />
        </section>
        <ClassFacts day={day} />
      </div>
    </>
  );
}

interface PlannedListProps {
  readonly day: LabDay;
  readonly saveOne: ReturnType<typeof useSaveDayProcedureMutation>[0];
  readonly removeOne: ReturnType<typeof useRemoveDayProcedureMutation>[0];
  readonly saveOrder: ReturnType<typeof useSaveDayProceduresMutation>[0];
}

/** The procedures of the day in their order. */
function PlannedList({ day, saveOne, removeOne, saveOrder }: PlannedListProps) {
  const attempt = async (work: Promise<unknown>): Promise<boolean> => {
    try {
      await work;
      return true;
    } catch (error) {
      sayProblem(error, 'Not saved');
      return false;
    }
  };
  const change = (planned: DayProcedure) => attempt(saveOne({ dayId: day.id, planned }).unwrap());
  const remove = async (planned: DayProcedure) => {
    if (!(await attempt(removeOne({ dayId: day.id, id: planned.id }).unwrap()))) return;
    notifications.show({
      message: (
        <>
          <ProcedureName procedure={planned.procedure} /> taken out.{' '}
          <Button size="compact-md" onClick={() => void change(planned)}>
            Put it back
          </Button>
        </>
      ),
    });
  };
  const move = (planned: DayProcedure, by: number) => {
    const procedures = day.procedures.filter(({ id }) => id !== planned.id);
    procedures.splice(day.procedures.indexOf(planned) + by, 0, planned);
    return attempt(saveOrder({ dayId: day.id, procedures }).unwrap());
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
          <Planned
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
