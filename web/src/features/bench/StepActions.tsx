import { Button, Group, Text } from '@mantine/core';
import type { StepProgress } from '@stoichos/core/labday/bench';
import { shortText } from '@stoichos/core/planning/procedure';
import { IconCheck, IconPlayerPlay, IconPlayerSkipForward } from '@tabler/icons-react';
import { clock } from '../../data/timers/timersSlice';
import { useNow } from '../../data/timers/useNow';
import classes from '../../shared/recording/Bench.module.css';
import type { Recorder } from '../../shared/recording/useRecorder';
import { formatNumber } from '@stoichos/core/common';

interface StepActionsProps {
  readonly own: StepProgress;
  /** Writes to the step as a whole. */
  readonly recorder: Recorder;
  readonly begin: () => void;
  /** Where the work goes on once the step is done. */
  readonly onDone: () => void;
}

/** How far a step is, and what can be done about it: begun, done, left out. */
export function StepActions({ own, recorder, begin, onDone }: StepActionsProps) {
  const { step } = own;
  return (
    <Group gap="xs" mb="sm">
      {own.state === 'to do' && <NotBegun own={own} recorder={recorder} begin={begin} />}
      {own.state === 'begun' && (
        <>
          <Button
            variant="filled"
            leftSection={<IconCheck size={20} aria-hidden />}
            onClick={() => {
              recorder.add({ kind: 'step', state: 'done' });
              onDone();
            }}
          >
            Done
          </Button>
          <Elapsed since={own.begunAt} minutes={step.minutes} />
        </>
      )}
      {(own.state === 'done' || own.state === 'skipped') && (
        <>
          <Text fw={600}>{own.state === 'done' ? 'Done' : 'Left out'}</Text>
          {own.begunAt && own.endedAt && (
            <Text className="quiet">
              in {clock((Date.parse(own.endedAt) - Date.parse(own.begunAt)) / 1000)}, planned{' '}
              {formatNumber(step.minutes)} min
            </Text>
          )}
        </>
      )}
    </Group>
  );
}

function NotBegun({ own, recorder, begin }: Omit<StepActionsProps, 'onDone'>) {
  const { step, plannedMin } = own;
  const leaveOut = () => {
    recorder.add({ kind: 'step', state: 'skipped' });
    recorder.add({
      kind: 'departure',
      what: 'left out',
      planned: shortText(step),
      done: 'left out',
    });
  };
  return (
    <>
      <Button
        variant="filled"
        leftSection={<IconPlayerPlay size={20} aria-hidden />}
        onClick={begin}
      >
        Begin
      </Button>
      <Button leftSection={<IconPlayerSkipForward size={20} aria-hidden />} onClick={leaveOut}>
        Leave out
      </Button>
      {plannedMin !== undefined && (
        <Text size="sm" className="quiet">
          planned at {formatNumber(plannedMin)} min, for {formatNumber(step.minutes)} min
        </Text>
      )}
    </>
  );
}

/** How long a step has run, beside what was planned for it. */
function Elapsed({ since, minutes }: { since: string | undefined; minutes: number }) {
  const now = useNow();
  if (!since) return null;
  return (
    <Text className={classes.elapsed ?? ''} data-testid="elapsed">
      {clock((now - Date.parse(since)) / 1000)}{' '}
      <Text span size="sm" className="quiet">
        of {formatNumber(minutes)} min
      </Text>
    </Text>
  );
}
