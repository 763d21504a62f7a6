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
import { useSaveDayProceduresMutation } from '../../data/api/api';
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
  const [save] = useSaveDayProceduresMutation();
  const stops = useDayStops(day);
  const store = async (procedures: readonly DayProcedure[], done?: string, before?: LabDay) => {
    try {
      await save({ dayId: day.id, procedures }).unwrap();
      if (done)
        notifications.show({
          message: (
            <>
              {done}{' '}
              {before && (
                <Button
                  variant="default"
                  size="compact-md"
                  onClick={() => void store(before.procedures)}
                >
                  Put it back
                </Button>
              )}
            </>
          ),
        });
    } catch (error) {
      sayProblem(error, 'Not saved');
    }
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
              adapted to your time, kit and jars. Tests of two solutions need none: they stand under
              “Two-solution tests”.
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
                move={(by) => {
                  const moved = [...day.procedures];
                  moved.splice(at, 1);
                  moved.splice(at + by, 0, planned);
                  void store(moved);
                }}
                change={(next) =>
                  void store(day.procedures.map((one) => (one.id === planned.id ? next : one)))
                }
                remove={() =>
                  void store(
                    day.procedures.filter((one) => one.id !== planned.id),
                    `${planned.procedure.name} taken out.`,
                    day,
                  )
                }
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
        <Link to={`/days/${dayId}/plan/procedures/${planned.id}`}>
          <strong>{procedure.name}</strong>
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
