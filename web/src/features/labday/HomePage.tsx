import { lazy, Suspense } from 'react';
import type { ReactNode } from 'react';
import { Badge, Button, Group, Menu, Stack, Text, Title } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import type { DaysPage, WhichDays } from '@stoichos/contract';
import type { LabDaySummary } from '@stoichos/core/labday/day';
import {
  IconArrowRight,
  IconBottle,
  IconFlask,
  IconListDetails,
  IconPlus,
  IconScale,
} from '@tabler/icons-react';
import { Link } from 'react-router';
import { useDaysQuery } from '../../data/api/api';
import { places } from '../../data/places';
import { LoadState } from '../../shared/parts/LoadState';
import { Fold } from '../../shared/parts/Fold';
import { RestOfList } from '../../shared/parts/RestOfList';
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
  const coming = useDaysQuery({ which: 'coming', today: today() });
  const held = useDaysQuery({ which: 'held', today: today() });
  const archived = useDaysQuery({ which: 'archived', today: today() });
  const [formOpen, form] = useDisclosure(false);
  const [termOpen, term] = useDisclosure(false);
  if (!coming.data || !held.data) {
    const { error, refetch } = coming.error ? coming : held;
    return <LoadState error={error} retry={() => void refetch()} />;
  }
  const [next, ...later] = coming.data.items;
  const current = [...held.data.items].reverse().concat(coming.data.items);
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
      {later.length > 0 && (
        <DayList title="Later" which="coming" page={{ ...coming.data, items: later }} />
      )}
      {held.data.items.length > 0 && <DayList title="Held" which="held" page={held.data} />}
      {current.length > 1 && (
        <div>
          <Button onClick={term.open}>Plan a term again</Button>
        </div>
      )}
      {archived.data && archived.data.items.length > 0 && (
        <Fold title="Archived lab days">
          <DayList title="Archived" which="archived" page={archived.data} />
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
        <Button component={Link} to="/recipes" leftSection={<IconScale size={18} aria-hidden />}>
          Recipes
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

interface DayListProps {
  readonly title: string;
  readonly which: WhichDays;
  readonly page: DaysPage;
}

/** A list of lab days, as far as it was asked for. */
function DayList({ title, which, page }: DayListProps) {
  return (
    <section>
      <Title mb="xs">{title}</Title>
      <div className={classes.list}>
        <DayRows which={which} page={page} />
      </div>
    </section>
  );
}

/** What the rest of a list is called. */
const more: Readonly<Record<WhichDays, string>> = {
  coming: 'Later lab days',
  held: 'Earlier lab days',
  archived: 'Earlier lab days',
};

/** A page of a list, and the way to the next one. */
function DayRows({ which, page: { items, next } }: Omit<DayListProps, 'title'>) {
  return (
    <>
      {items.map((day) => (
        <DayRow key={day.id} day={day} />
      ))}
      <RestOfList next={next} label={more[which]}>
        {(after) => <NextDays which={which} after={after} />}
      </RestOfList>
    </>
  );
}

function NextDays({ which, after }: { readonly which: WhichDays; readonly after: string }) {
  const { currentData, error, refetch } = useDaysQuery({ which, today: today(), after });
  return currentData ? (
    <DayRows which={which} page={currentData} />
  ) : (
    <LoadState error={error} retry={() => void refetch()} />
  );
}

function DayRow({ day }: { readonly day: LabDaySummary }) {
  return (
    <Link
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
