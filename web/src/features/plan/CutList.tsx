import { Card } from '../../shared/parts/Card';
import { Button, Group, Text, Title } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { HeldDay } from '@stoichos/contract';
import { isSame } from '@stoichos/core/common';
import { classPlanOf, labDayInputSchema } from '@stoichos/core/labday/day';
import type { DayProcedure, DayTimetable } from '@stoichos/core/labday/day';
import type { Cut } from '@stoichos/core/planning/procedure';
import {
  useRemoveDayProcedureMutation,
  useSaveDayMutation,
  useSaveDayProcedureMutation,
} from '../../data/api/api';
import { saveWhole } from '../../data/saving/saveWhole';
import { plannedAsWhole, plannedIn, plannedOf } from '../../data/saving/wholes';
import { sayProblem } from '../../shared/parts/sayProblem';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import classes from './ProceduresPage.module.css';
import { atMostPlaces } from '@stoichos/core/common';

/** What would make the class fit, each way with the length it leads to, and one tap to take it. */
export function CutList({ day, timetable }: { day: HeldDay; timetable: DayTimetable }) {
  const { value: cuts, failure, share, start, cancel } = useTask('cuts');
  const [saveProcedure] = useSaveDayProcedureMutation();
  const [removeProcedure] = useRemoveDayProcedureMutation();
  const [saveDay] = useSaveDayMutation();
  /** Makes the procedures of the day what a cut says, one by one: what somebody else puts in meanwhile stays. */
  const bringTo = async (wanted: readonly DayProcedure[]) => {
    for (const now of day.procedures) {
      const next = wanted.find(({ id }) => id === now.id);
      const base = plannedIn(day, now);
      if (!next)
        await removeProcedure({ dayId: day.id, id: now.id, version: base.version }).unwrap();
      else if (!isSame(next, now))
        await saveWhole(
          plannedAsWhole(now.id, (one) => saveProcedure({ dayId: day.id, planned: one }).unwrap()),
          base,
          plannedOf(next),
        );
    }
  };
  const take = async (cut: Cut) => {
    try {
      if (cut.secondDay) {
        const second = {
          ...labDayInputSchema.parse(day),
          id: crypto.randomUUID(),
          name: `${day.name}, continued`.slice(0, 120),
          groups: day.groups.map(({ name }) => ({ id: crypto.randomUUID(), name })),
        };
        await saveDay({ ...second, version: null }).unwrap();
        for (const one of cut.secondDay.procedures)
          await saveProcedure({
            dayId: second.id,
            planned: { ...one, id: crypto.randomUUID(), version: null },
          }).unwrap();
      }
      await bringTo(cut.plan.procedures);
      notifications.show({
        message: cut.secondDay
          ? 'Split. The second half is a lab day of its own; give it its date.'
          : 'Done. Make the timetable again.',
      });
    } catch (error) {
      sayProblem(error, 'Not done');
    }
  };
  return (
    <Card className="no-print" label="What to cut" mt="sm">
      <Group justify="space-between">
        <Title>What would make it fit</Title>
        <Button
          variant={cuts ? 'default' : 'filled'}
          disabled={share !== undefined}
          onClick={() => void start(classPlanOf(day), timetable.makespanMin)}
        >
          {cuts ? 'Calculate again' : 'Find what would fit'}
        </Button>
      </Group>
      {share !== undefined && <TaskProgress what="Trying each way" share={share} cancel={cancel} />}
      <TaskFailure failure={failure} />
      {cuts?.length === 0 && <Text className="quiet">Nothing of that kind makes it shorter.</Text>}
      <ul className="bare" data-testid="cuts">
        {cuts?.map((cut) => (
          <li key={cut.message} className={classes.planned}>
            <span>{cut.message}</span>
            <Text>
              <strong>{atMostPlaces(cut.makespanMin, 1)} min</strong>
              {cut.makespanMin <= day.lengthMin ? ', fits' : ', still too long'}
            </Text>
            <Button onClick={() => void take(cut)}>Do that</Button>
          </li>
        ))}
      </ul>
    </Card>
  );
}
