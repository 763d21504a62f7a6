import { Button, Group, Tabs, Text, Title } from '@mantine/core';
import { recordsOf, standingEntries } from '@stoichos/core/labday';
import type { GroupStep, GroupView } from '@stoichos/core/labday';
import {
  IconArrowBackUp,
  IconCircle,
  IconCircleCheckFilled,
  IconCircleHalf2,
} from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useGroupQuery, useLeaveMutation, useSessionQuery } from '../../data/api/api';
import { isSignedOut } from '../../data/api/explainError';
import { useAppSelector } from '../../data/store';
import bench from '../../shared/recording/Bench.module.css';
import { Chip } from '../../shared/parts/ChipRow';
import { DropCounter } from '../../shared/recording/DropCounter';
import { MeasurePanel } from '../../shared/recording/MeasurePanel';
import { Notes } from '../../shared/recording/NotePanel';
import { RecordLog } from '../../shared/recording/RecordLog';
import { RecordPanel } from '../../shared/recording/RecordPanel';
import { TimerPanel } from '../../shared/recording/TimerPanel';
import { useRecorder } from '../../shared/recording/useRecorder';
import { Formula } from '../../shared/chemistry/Formula';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { useLiveGroup } from '../../data/live/useLive';
import { OutboxNotice } from '../../shared/outbox/OutboxNotice';
import { LoadState } from '../../shared/parts/LoadState';
import { Mark } from '../../shared/parts/Mark';
import { TimerAlarms } from '../../shared/timers/TimerAlarms';
import classes from './Groups.module.css';
import { UnknownPanel } from './UnknownPanel';

type GroupWork = GroupView['works'][number];

/** What a group sees at its bench: today’s steps, what to record, its own record, and nothing else. */
export function GroupPage() {
  const { data: session } = useSessionQuery();
  const { data, error, refetch } = useGroupQuery();
  useLiveGroup(session?.role === 'group');
  const view = useViewWithUnsent(data);
  if (isSignedOut(error) || session?.role === 'nobody') return <Out />;
  if (!view) return <LoadState error={error} retry={() => void refetch()} />;
  return <AtBench view={view} />;
}

/** The view as the server knows it, with this tablet’s entries that are still on their way. */
function useViewWithUnsent(view: GroupView | undefined): GroupView | undefined {
  const waiting = useAppSelector((state) => state.outbox.waiting);
  if (!view) return undefined;
  const known = new Set(view.entries.map(({ id }) => id));
  const unsent = waiting.flatMap((one) =>
    'dayId' in one &&
    one.dayId === view.day.id &&
    one.entry.groupId === view.group.id &&
    !known.has(one.entry.id)
      ? [one.entry]
      : [],
  );
  return { ...view, entries: [...view.entries, ...unsent] };
}

function Out() {
  return (
    <main className={classes.join}>
      <Title order={1}>This tablet has left the lab day</Title>
      <Text my="md">
        The lab day is over, or the instructor put the tablet out. Entries that were not sent yet
        are kept here, and go out when it joins again at the same bench.
      </Text>
      <OutboxNotice />
      <Button component={Link} to="/join" size="lg" mt="md">
        Join again
      </Button>
    </main>
  );
}

function AtBench({ view }: { view: GroupView }) {
  const { works, group, day } = view;
  const [workId, setWorkId] = useState<string>();
  const [stepId, setStepId] = useState<string>();
  const work =
    works.find(({ id }) => id === workId) ?? works.find((one) => nextStep(view, one)) ?? works[0];
  const step =
    work?.steps.find(({ id }) => id === stepId) ?? (work && nextStep(view, work)) ?? work?.steps[0];
  const [leave] = useLeaveMutation();
  return (
    <>
      <header className={`${classes.top} no-print`}>
        <div>
          <Title order={1} size="h3">
            {group.name}
          </Title>
          <Text size="sm" className="quiet">
            {day.name}
            {view.unknown !== null && (
              <>
                {' · '}
                <a href="#unknown">your unknown: {view.unknown.code}</a>
              </>
            )}
          </Text>
        </div>
        <OutboxNotice />
        <Button size="md" variant="subtle" onClick={() => void leave()}>
          Leave
        </Button>
      </header>
      <TimerAlarms />
      <main className={classes.page}>
        <Messages
          view={view}
          go={(to) => {
            setWorkId(to.workId);
            setStepId(to.stepId);
          }}
        />
        {!work || !step ? (
          <Text>
            {view.unknown === null ? 'Nothing' : 'Nothing but your unknown'} is planned yet. It
            appears here by itself.
          </Text>
        ) : (
          <>
            {works.length > 1 && (
              <div className={classes.chips} role="group" aria-label="Work of the day">
                {works.map((one) => (
                  <Chip
                    key={one.id}
                    chosen={one.id === work.id}
                    onTap={() => {
                      setWorkId(one.id);
                      setStepId(undefined);
                    }}
                  >
                    {one.number} <Formula text={one.name} />
                  </Chip>
                ))}
              </div>
            )}
            <div className={classes.columns} style={{ marginTop: '1rem' }}>
              <StepColumn view={view} work={work} step={step} onStep={setStepId} />
              <RecordColumn key={`${work.id} ${step.id}`} view={view} work={work} step={step} />
            </div>
          </>
        )}
        <UnknownPanel view={view} />
      </main>
    </>
  );
}

/** How far a step is, as the group has tapped it. */
function stateOf(view: GroupView, workId: string, stepId: string): 'to do' | 'begun' | 'done' {
  const standing = standingEntries(view.entries, { workId, stepId, groupId: view.group.id });
  const last = recordsOf(standing, 'step').at(-1)?.state;
  return last === 'done' || last === 'skipped' ? 'done' : last === 'begun' ? 'begun' : 'to do';
}

function nextStep(view: GroupView, work: GroupWork): GroupStep | undefined {
  return work.steps.find(({ id }) => stateOf(view, work.id, id) !== 'done');
}

/** Messages stand until a newer one of the same kind takes their place. */
function Messages({
  view,
  go,
}: {
  view: GroupView;
  go: (to: { workId: string; stepId: string }) => void;
}) {
  const words = view.messages.filter(({ kind }) => kind === 'message').slice(-1);
  const flags = view.messages.filter(({ kind }) => kind === 'flag').slice(-1);
  const nameOf = (workId: string | null) => view.works.find(({ id }) => id === workId)?.name ?? '';
  return (
    <div aria-live="polite">
      {words.map(({ id, text }) => (
        <div key={id} className={classes.message} role="status" data-testid="message">
          <strong>From the instructor:</strong> {text}
        </div>
      ))}
      {flags.map(({ id, text, workId, stepId }) => (
        <div key={id} className={classes.message} role="status" data-testid="flag">
          <strong>Look again:</strong> <Formula text={nameOf(workId)} /> {text}{' '}
          {workId !== null && stepId !== null && (
            <Button size="compact-md" variant="default" onClick={() => go({ workId, stepId })}>
              Go there
            </Button>
          )}
        </div>
      ))}
    </div>
  );
}

const stateIcons = {
  'to do': IconCircle,
  begun: IconCircleHalf2,
  done: IconCircleCheckFilled,
} as const;

interface StepColumnProps {
  readonly view: GroupView;
  readonly work: GroupWork;
  readonly step: GroupStep;
  readonly onStep: (id: string) => void;
}

function StepColumn({ view, work, step, onStep }: StepColumnProps) {
  const ofStep = useRecorder(
    { id: view.day.id, entries: view.entries },
    {
      workId: work.id,
      stepId: step.id,
      groupId: view.group.id,
      vessel: null,
      part: 'test',
    },
  );
  const state = stateOf(view, work.id, step.id);
  const unmet = step.needs.filter(({ step: needed }) => stateOf(view, work.id, needed) !== 'done');
  const checked = view.messages.some(
    ({ kind, workId, stepId }) =>
      kind === 'checked' && workId === work.id && (stepId === null || stepId === step.id),
  );
  const at = work.steps.findIndex(({ id }) => id === step.id);
  return (
    <section className="card" aria-label="What to do">
      <Text className="quiet">
        Step {at + 1} of {work.steps.length}, about {step.minutes} min
        {checked && ' · checked by the instructor'}
      </Text>
      <p className={classes.step} data-testid="step">
        <Formula text={step.text} wrap />
      </p>
      {step.ready.length > 0 && <Text>Have ready: {step.ready.join('; ')}</Text>}
      <Text fw={600} mt="xs">
        <Formula text={step.caution} wrap />
      </Text>
      {unmet.map(({ step: needed, because }) => (
        <Text key={needed} role="alert" mt="xs">
          First step {work.steps.findIndex(({ id }) => id === needed) + 1}: {because}.
        </Text>
      ))}
      {step.record.length > 0 && (
        <Text mt="xs" className="quiet">
          Write down: {step.record.join('; ')}
        </Text>
      )}
      <Group mt="md">
        {state === 'to do' && (
          <Button
            size="lg"
            variant="default"
            onClick={() => ofStep.record({ kind: 'step', state: 'begun' })}
          >
            Begin
          </Button>
        )}
        <Button
          size="lg"
          disabled={state === 'done'}
          onClick={() => {
            ofStep.record({ kind: 'step', state: 'done' });
            const next = work.steps[at + 1];
            if (next) onStep(next.id);
          }}
        >
          {state === 'done' ? 'Done' : 'Done, go on'}
        </Button>
      </Group>
      <ol className={classes.steps} aria-label="Steps">
        {work.steps.map((one, index) => {
          const own = stateOf(view, work.id, one.id);
          const Icon = stateIcons[own];
          return (
            <li key={one.id}>
              <button
                type="button"
                className="tappable"
                style={{ width: '100%', textAlign: 'left' }}
                aria-current={one.id === step.id ? 'step' : undefined}
                aria-pressed={one.id === step.id}
                onClick={() => onStep(one.id)}
              >
                <Icon size={20} aria-hidden /> {index + 1} <Formula text={shorten(one.text)} wrap />
                <span className="visually-hidden">, {own}</span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

const shorten = (text: string): string => (text.length > 60 ? `${text.slice(0, 57)}…` : text);

function RecordColumn({ view, work, step }: { view: GroupView; work: GroupWork; step: GroupStep }) {
  const day = { id: view.day.id, entries: view.entries };
  const vessels = step.vessels.length > 0 ? step.vessels : work.vessels.map(({ name }) => name);
  const [vessel, setVessel] = useState(vessels[0] ?? null);
  const at = { workId: work.id, stepId: step.id, groupId: view.group.id };
  const recorder = useRecorder(day, { ...at, vessel, part: 'test' });
  const ofStep = useRecorder(day, { ...at, vessel: null, part: 'test' });
  const drops = step.measures.filter(({ quantity }) => quantity === 'drops');
  const numbers = step.measures.filter(({ quantity }) => quantity !== 'drops');
  const [tab, setTab] = useState<string | null>(
    drops.length > 0 ? 'drops' : numbers.length > 0 ? 'measure' : 'see',
  );
  const expectation = view.expectations.find(
    (one) => one.workId === work.id && one.stepId === step.id && one.vessel === vessel,
  );
  return (
    <section className="card" aria-label="What you see">
      <Group justify="space-between" mb="xs">
        <Title order={2} size="h4">
          What you see
        </Title>
        <Button
          size="md"
          variant="default"
          leftSection={<IconArrowBackUp size={18} aria-hidden />}
          disabled={!recorder.canUndo}
          onClick={recorder.undo}
        >
          Undo
        </Button>
      </Group>
      {vessels.length > 1 && (
        <div className={classes.chips} role="group" aria-label="Vessel">
          {vessels.map((name) => (
            <Chip key={name} chosen={name === vessel} onTap={() => setVessel(name)}>
              {name}
            </Chip>
          ))}
        </div>
      )}
      {expectation && (
        <div data-testid="expectation">
          <Text>
            <span className="quiet">Expected:</span>{' '}
            {expectation.expected.length > 0 ? (
              <ObservationLine seen={expectation.expected} />
            ) : (
              `not predicted: ${expectation.notPredicted.join(' ')}`
            )}
          </Text>
          {expectation.agreement && <Mark of={expectation.agreement} />}
        </div>
      )}
      <Tabs value={tab} onChange={setTab} keepMounted={false} classNames={{ tab: bench.tab ?? '' }}>
        <Tabs.List mb="sm">
          <Tabs.Tab value="see">See</Tabs.Tab>
          {drops.length > 0 && <Tabs.Tab value="drops">Drops</Tabs.Tab>}
          <Tabs.Tab value="measure">Measure</Tabs.Tab>
          <Tabs.Tab value="timers">Timers</Tabs.Tab>
          <Tabs.Tab value="own">Our table</Tabs.Tab>
        </Tabs.List>
        <Tabs.Panel value="see">
          <RecordPanel recorder={recorder} asked={[]} />
          <Notes recorder={recorder} />
        </Tabs.Panel>
        <Tabs.Panel value="drops">
          {drops.map((measure) => (
            <DropCounter key={measure.name} recorder={ofStep} measure={measure} />
          ))}
        </Tabs.Panel>
        <Tabs.Panel value="measure">
          <MeasurePanel
            recorder={ofStep}
            dayId={view.day.id}
            measures={numbers}
            instruments={[]}
            follow={undefined}
            zeroOf={() => undefined}
          />
        </Tabs.Panel>
        <Tabs.Panel value="timers">
          <TimerPanel dayId={view.day.id} what={work.name} />
        </Tabs.Panel>
        <Tabs.Panel value="own">
          {work.steps.map(({ id }, index) => (
            <div key={id}>
              <Text fw={600} mt="xs">
                Step {index + 1}
              </Text>
              <RecordLog day={view} at={{ workId: work.id, stepId: id, groupId: view.group.id }} />
            </div>
          ))}
        </Tabs.Panel>
      </Tabs>
    </section>
  );
}
