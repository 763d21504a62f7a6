import { ActionIcon, Button, Group, SegmentedControl, Text, Title } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { notifications } from '@mantine/notifications';
import { classPlanOf } from '@stoichos/core/labday';
import {
  departuresFrom,
  handsOf,
  kindNames,
  kitKinds,
  library,
  missingKit,
  mixingOf,
} from '@stoichos/core/planning/procedure';
import type { DayProcedure, LabDay } from '@stoichos/core/labday';
import {
  IconAlertTriangle,
  IconArrowDown,
  IconArrowRight,
  IconArrowUp,
  IconPlus,
} from '@tabler/icons-react';
import { Link } from 'react-router';
import {
  useRemoveDayProcedureMutation,
  useSaveDayProcedureMutation,
  useSaveDayProceduresMutation,
} from '../../data/api/api';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { sayProblem } from '../../shared/parts/sayProblem';
import { DayForm } from '../labday/public';
import { useLabDay } from '../../data/useLabDay';
import { minutesOf } from '../../data/useProcedures';
import { DayStops, useDayStops } from '../../shared/labday/DayStops';
import { PlanTabs } from './PlanTabs';
import classes from './ProceduresPage.module.css';

/** The procedures of a lab day: which, in what order, by every group or shown to all, and what the class has for them. */
export function ProceduresPage() {
  const day = useLabDay();
  const [saveOrder] = useSaveDayProceduresMutation();
  const [saveOne] = useSaveDayProcedureMutation();
  const [removeOne] = useRemoveDayProcedureMutation();
  const stops = useDayStops(day);
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
          <Button variant="default" size="compact-md" onClick={() => void change(planned)}>
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
      <PlanTabs day={day} />
      <DayStops stops={stops} />
      <div className={classes.columns}>
        <section aria-label="Procedures of the day">
          <Group justify="space-between" mb="xs">
            <Title order={2} size="h4">
              What the class does
            </Title>
            <Group gap="sm">
              <Button
                component={Link}
                to={`/procedures/new?day=${day.id}`}
                size="md"
                variant="default"
              >
                Write one
              </Button>
              <Button
                component={Link}
                to={`/procedures?day=${day.id}`}
                size="md"
                variant={day.procedures.length === 0 ? 'filled' : 'default'}
                leftSection={<IconPlus size={18} aria-hidden />}
              >
                Add from the library
              </Button>
            </Group>
          </Group>
          {day.procedures.length === 0 && (
            <Text className="quiet">
              No procedure yet. The library has forty, for every kind of practical; each can be
              adapted to your time, kit and jars. Two solutions to bring together are quickest
              entered under “Two-solution tests”.
            </Text>
          )}
          <ol className={classes.list}>
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
        </section>
        <ClassFacts day={day} />
      </div>
    </>
  );
}

interface PlannedProps {
  readonly planned: DayProcedure;
  readonly first: boolean;
  readonly last: boolean;
  readonly dayId: string;
  readonly move: (by: number) => void;
  readonly change: (next: DayProcedure) => void;
  readonly remove: () => void;
}

function Planned({ planned, first, last, dayId, move, change, remove }: PlannedProps) {
  const { procedure, manner } = planned;
  const { all, attended } = minutesOf(procedure);
  const original = library.find(({ id }) => id === (procedure.from ?? procedure.id));
  const departures = original ? departuresFrom(original, procedure).length : 0;
  return (
    <li className={classes.planned} data-testid="planned">
      <div className={classes.name}>
        <Text size="sm" className="quiet">
          {kindNames[procedure.kind]} · {all} min, {attended} by hand
          {departures > 0 && ` · ${departures} ${departures === 1 ? 'departure' : 'departures'}`}
        </Text>
        <Link
          to={
            mixingOf(procedure)
              ? `/days/${dayId}/plan?test=${planned.id}`
              : `/days/${dayId}/plan/procedures/${planned.id}`
          }
        >
          <strong>
            <ProcedureName procedure={procedure} />
          </strong>
        </Link>
      </div>
      <SegmentedControl
        aria-label={`How ${procedure.name} is done`}
        size="md"
        value={manner}
        data={[
          { value: 'groups', label: 'Every group' },
          { value: 'demonstration', label: 'Shown to all' },
        ]}
        onChange={(value) => change({ ...planned, manner: value })}
      />
      <Group gap={4} wrap="nowrap">
        <ActionIcon
          variant="default"
          size={44}
          disabled={first}
          onClick={() => move(-1)}
          aria-label={`${procedure.name} earlier`}
        >
          <IconArrowUp size={20} />
        </ActionIcon>
        <ActionIcon
          variant="default"
          size={44}
          disabled={last}
          onClick={() => move(1)}
          aria-label={`${procedure.name} later`}
        >
          <IconArrowDown size={20} />
        </ActionIcon>
        <Button size="md" variant="default" onClick={remove} h={44}>
          Take out
        </Button>
      </Group>
    </li>
  );
}

/** Length, groups, people and kit, and what is missing. */
function ClassFacts({ day }: { day: LabDay }) {
  const [formOpen, form] = useDisclosure(false);
  const plan = classPlanOf(day);
  const missing = missingKit(plan);
  const kit = kitKinds.flatMap((name) => {
    const count = day.kit[name] ?? 0;
    return count > 0 ? [`${count} × ${name}`] : [];
  });
  return (
    <section className="card" aria-label="The class">
      <Group justify="space-between" mb="xs">
        <Title order={2} size="h4">
          The class
        </Title>
        <Button size="md" variant="default" onClick={form.open}>
          Change
        </Button>
      </Group>
      <dl className="facts">
        <dt>Length</dt>
        <dd>{day.lengthMin} min</dd>
        <dt>Groups</dt>
        <dd>
          {day.groups.length} groups of {day.groupSize}; each does {handsOf(plan)}{' '}
          {handsOf(plan) === 1 ? 'thing' : 'things'} at once
        </dd>
        <dt>People</dt>
        <dd>{day.staff.join(', ') || 'nobody is down'}</dd>
        <dt>Kit</dt>
        <dd>{kit.length === 0 ? 'none is down' : kit.join(', ')}</dd>
      </dl>
      {missing.length > 0 && (
        <div role="alert">
          <Text fw={600}>
            <IconAlertTriangle size={18} aria-hidden className={classes.mark} /> Missing for this
            plan
          </Text>
          <ul className={classes.missing}>
            {missing.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </div>
      )}
      {day.procedures.length > 0 && (
        <Button
          component={Link}
          to={`/days/${day.id}/plan/timetable`}
          size="md"
          mt="md"
          fullWidth
          rightSection={<IconArrowRight size={18} aria-hidden />}
        >
          On to the timetable
        </Button>
      )}
      <DayForm opened={formOpen} close={form.close} day={day} />
    </section>
  );
}
