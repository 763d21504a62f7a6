import { Box, Button, Text, Title } from '@mantine/core';
import type { GroupStep, GroupView } from '@stoichos/core/labday/access';
import { useState } from 'react';
import { Link } from 'react-router';
import { useGroupQuery, useLeaveMutation, useSessionQuery } from '../../data/api/api';
import { isSignedOut } from '../../data/api/explainError';
import { Chip } from '../../shared/parts/ChipRow';
import { Formula } from '../../shared/chemistry/Formula';
import { useLiveGroup } from '../../data/live/useLive';
import { OutboxNotice } from '../../shared/outbox/OutboxNotice';
import { LoadState } from '../../shared/parts/LoadState';
import { TimerAlarms } from '../../shared/timers/TimerAlarms';
import classes from './Groups.module.css';
import { UnknownPanel } from './UnknownPanel';
import { RecordColumn } from './GroupRecord';
import type { GroupWork } from './GroupRecord';
import { stateOf, StepColumn } from './GroupSteps';
import { useViewWithUnsent } from './useGroupView';

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

function Out() {
  return (
    <main className={classes.join}>
      <Title order={1} size="h1">
        This tablet has left the lab day
      </Title>
      <Text my="md">
        The lab day is over, or the instructor put the tablet out. Entries that were not sent yet
        are kept here, and go out when it joins again at the same bench.
      </Text>
      <OutboxNotice />
      <Button variant="filled" component={Link} to="/join" size="lg" mt="md">
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
        <Button variant="subtle" onClick={() => void leave()}>
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
            <Box className={classes.columns} mt="md">
              <StepColumn view={view} work={work} step={step} onStep={setStepId} />
              <RecordColumn key={`${work.id} ${step.id}`} view={view} work={work} step={step} />
            </Box>
          </>
        )}
        <UnknownPanel view={view} />
      </main>
    </>
  );
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
            <Button size="compact-md" onClick={() => go({ workId, stepId })}>
              Go there
            </Button>
          )}
        </div>
      ))}
    </div>
  );
}
