import { lazy, Suspense } from 'react';
import type { ReactNode } from 'react';
import { Badge, Button, Group, Menu, Stack, Text, Title } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import type { LabDaySummary } from '@stoichos/core/labday/day';
import {
  IconArrowRight,
  IconBottle,
  IconFlask,
  IconListDetails,
  IconPlus,
} from '@tabler/icons-react';
import { Link } from 'react-router';
import { useDaysQuery } from '../../data/api/api';
import { places } from '../../data/places';
import { LoadState } from '../../shared/parts/LoadState';
import { Fold } from '../../shared/parts/Fold';
import { CopyTerm } from './CopyTerm';
import { DayForm } from './DayForm';
import { longDate, today } from '../../shared/parts/dates';
import classes from './HomePage.module.css';

// They bring the engine along, for which the list of days does not wait.
const Previews = lazy(async () => ({ default: (await import('./Previews')).Previews }));

/** What is tried out beside a lab day. */
const studies = places.filter(({ isStudy }) => isStudy);

/** The record of lab days, the next one first, with one obvious action. */
export function HomePage({ welcome }: { readonly welcome: ReactNode }) {
  const { data: days, error, refetch } = useDaysQuery();
  const [formOpen, form] = useDisclosure(false);
  const [termOpen, term] = useDisclosure(false);
  if (!days) return <LoadState error={error} retry={() => void refetch()} />;
  const current = days.filter(({ archivedAt }) => archivedAt === null);
  const archived = days.filter(({ archivedAt }) => archivedAt !== null);
  const coming = current.filter(({ date }) => date >= today()).reverse();
  const held = current.filter(({ date }) => date < today());
  const [next, ...later] = coming;
  return (
    <Stack gap="lg" pt="lg">
      <HomeHead next={next} form={form} />
      {welcome}
      {next ? (
        <NextDay day={next} />
      ) : (
        <Text className="quiet">
          No lab day is coming. A lab day carries one class through planning, preparing, the bench,
          judging and the report.
        </Text>
      )}
      {later.length > 0 && <DayList title="Later" days={later} />}
      {held.length > 0 && <DayList title="Held" days={held} />}
      {current.length > 1 && (
        <div>
          <Button onClick={term.open}>Plan a term again</Button>
        </div>
      )}
      {archived.length > 0 && (
        <Fold title={`Archived, ${archived.length}`}>
          <DayList title="Archived" days={archived} />
        </Fold>
      )}
      <DayForm opened={formOpen} close={form.close} />
      <CopyTerm key={String(termOpen)} days={current} opened={termOpen} close={term.close} />
    </Stack>
  );
}

/** The title, and the ways to a new day. */
function HomeHead({
  next,
  form,
}: {
  readonly next: LabDaySummary | undefined;
  readonly form: ReturnType<typeof useDisclosure>[1];
}) {
  return (
    <Group justify="space-between" align="flex-end">
      <Title order={1} size="h1">
        Lab days
      </Title>
      <Group gap="sm">
        <Button
          component={Link}
          to="/procedures"
          leftSection={<IconListDetails size={18} aria-hidden />}
        >
          Procedures
        </Button>
        <Button component={Link} to="/shelf" leftSection={<IconBottle size={18} aria-hidden />}>
          Shelf
        </Button>
        <Menu position="bottom-end" width={260}>
          <Menu.Target>
            <Button data-tour="studies" leftSection={<IconFlask size={18} aria-hidden />}>
              Studies
            </Button>
          </Menu.Target>
          <Menu.Dropdown>
            {studies.map(({ to, name, about }) => (
              <Menu.Item key={to} component={Link} to={to}>
                {name}
                <Text size="sm" className="quiet">
                  {about}
                </Text>
              </Menu.Item>
            ))}
          </Menu.Dropdown>
        </Menu>
        <Button
          data-tour="new-day"
          variant={next ? 'default' : 'filled'}
          leftSection={<IconPlus size={18} aria-hidden />}
          onClick={form.open}
        >
          New lab day
        </Button>
      </Group>
    </Group>
  );
}

/** Where work on a day goes on. */
function nextStage({ procedureCount, unknownCount, recordedCount }: LabDaySummary) {
  if (procedureCount === 0)
    return unknownCount > 0
      ? { stage: 'groups', label: 'On to the unknowns' }
      : { stage: 'plan/procedures', label: 'Plan what the class does' };
  if (recordedCount === 0) return { stage: 'prepare', label: 'Prepare the solutions' };
  return { stage: 'bench', label: 'Go on at the bench' };
}

function NextDay({ day }: { day: LabDaySummary }) {
  const { stage, label } = nextStage(day);
  return (
    <section className={classes.next} aria-label="Next lab day">
      <div>
        <Text className="quiet">Next · {longDate(day.date)}</Text>
        <Title order={2} size="h2" my={4}>
          <Link to={`/days/${day.id}/${stage}`}>{day.name}</Link>
        </Title>
        <Text>{summary(day)}</Text>
      </div>
      <Group gap="sm">
        <Button component={Link} to={`/days/${day.id}/plan/procedures`} size="lg">
          Open the plan
        </Button>
        <Button
          variant="filled"
          component={Link}
          to={`/days/${day.id}/${stage}`}
          size="lg"
          rightSection={<IconArrowRight size={20} aria-hidden />}
        >
          {label}
        </Button>
      </Group>
      {day.procedureCount > 0 && (
        <div className={classes.previews}>
          <Suspense>
            <Previews dayId={day.id} />
          </Suspense>
        </div>
      )}
    </section>
  );
}

function DayList({ title, days }: { title: string; days: readonly LabDaySummary[] }) {
  return (
    <section>
      <Title mb="xs">{title}</Title>
      <div className={classes.list}>
        {days.map((day) => (
          <Link
            key={day.id}
            to={`/days/${day.id}/${day.recordedCount > 0 ? 'judge' : 'plan/procedures'}`}
            className={classes.row}
          >
            <span className="quiet">{longDate(day.date)}</span>
            <strong>{day.name}</strong>
            <span className="quiet">{summary(day)}</span>
            <Badge variant="default" size="lg" tt="none">
              {day.recordedCount === 0
                ? 'nothing recorded'
                : `${day.recordedCount} of ${day.placeCount} begun`}
            </Badge>
          </Link>
        ))}
      </div>
    </section>
  );
}

function summary({ procedureCount, unknownCount, groups }: LabDaySummary): string {
  const planned = [
    ...(procedureCount > 0
      ? [`${procedureCount} ${procedureCount === 1 ? 'procedure' : 'procedures'}`]
      : []),
    ...(unknownCount > 0 ? [`${unknownCount} ${unknownCount === 1 ? 'unknown' : 'unknowns'}`] : []),
  ];
  return `${planned.join(', ') || 'nothing planned yet'} · ${groups.length} ${groups.length === 1 ? 'group' : 'groups'}`;
}
