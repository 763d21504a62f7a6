import { ProcedureWords } from '../../shared/chemistry/ProcedureName';
import { Button, Group, List, Modal, Text } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { mindOfStep, refusalOf } from '@stoichos/core/labday';
import { putIn, shortText } from '@stoichos/core/planning/procedure';
import type { StepProgress } from '@stoichos/core/labday';
import {
  IconAlertTriangle,
  IconCheck,
  IconCircle,
  IconCircleCheckFilled,
  IconCircleHalf2,
  IconCircleMinus,
  IconPlayerPlay,
  IconPlayerSkipForward,
} from '@tabler/icons-react';
import { useMemo } from 'react';
import { MindLines } from '../../shared/chemistry/MindLines';
import { clock } from '../../data/timers/timersSlice';
import { useNow } from '../../data/timers/useNow';
import classes from '../../shared/recording/Bench.module.css';
import type { StationProps } from './stationProps';
import { StepCautions } from './StepCautions';
import type { Recorder } from '../../shared/recording/useRecorder';

const stateIcons = {
  'to do': IconCircle,
  begun: IconCircleHalf2,
  done: IconCircleCheckFilled,
  skipped: IconCircleMinus,
} as const;

interface StepCardProps extends StationProps {
  /** Writes to the step as a whole. */
  readonly recorder: Recorder;
  readonly own: StepProgress | undefined;
}

/** The step at hand, large: what to do, what must be ready, the caution beside it, and how far it is. */
export function StepCard({ work, step, progress, recorder, own, go }: StepCardProps) {
  const [asking, ask] = useDisclosure(false);
  const steps = progress.steps
    .filter((one) => one.work.id === work.id)
    .sort(inOrderOf(work.procedure.steps));
  const place = work.procedure.steps.findIndex(({ id }) => id === step.id);
  const after = work.procedure.steps[place + 1];
  const begin = () => recorder.add({ kind: 'step', state: 'begun' });
  const refusal = refusalOf(work, step);
  const unmet = own?.unmet ?? [];
  const isSingle = work.procedure.steps.length === 1;
  const mind = useMemo(() => mindOfStep(work, step), [work, step]);
  return (
    <>
      {!isSingle && (
        <div className={classes.steps} role="group" aria-label="Steps">
          {steps.map((one, index) => {
            const Icon = stateIcons[one.state];
            return (
              <button
                key={one.step.id}
                type="button"
                className={`tappable ${classes.stepPill}`}
                aria-pressed={one.step.id === step.id}
                aria-label={`Step ${index + 1}, ${one.state}: ${shortText(one.step)}`}
                title={shortText(one.step)}
                onClick={() => go({ work: work.id, step: one.step.id })}
              >
                <Icon size={18} aria-hidden />
                {index + 1}
              </button>
            );
          })}
        </div>
      )}
      {!isSingle && (
        <Group gap="xs" mb="sm">
          {own?.state === 'to do' && (
            <>
              <Button
                size="md"
                leftSection={<IconPlayerPlay size={20} aria-hidden />}
                onClick={unmet.length > 0 ? ask.open : begin}
              >
                Begin
              </Button>
              <Button
                size="md"
                variant="default"
                leftSection={<IconPlayerSkipForward size={20} aria-hidden />}
                onClick={() => {
                  recorder.add({ kind: 'step', state: 'skipped' });
                  recorder.add({
                    kind: 'departure',
                    what: 'left out',
                    planned: shortText(step),
                    done: 'left out',
                  });
                }}
              >
                Leave out
              </Button>
            </>
          )}
          {own?.plannedMin !== undefined && own.state === 'to do' && (
            <Text size="sm" className="quiet">
              planned at {own.plannedMin} min, for {step.minutes} min
            </Text>
          )}
          {own?.state === 'begun' && (
            <>
              <Button
                size="md"
                leftSection={<IconCheck size={20} aria-hidden />}
                onClick={() => {
                  recorder.add({ kind: 'step', state: 'done' });
                  if (after) go({ work: work.id, step: after.id });
                }}
              >
                Done
              </Button>
              <Elapsed since={own.begunAt} minutes={step.minutes} />
            </>
          )}
          {(own?.state === 'done' || own?.state === 'skipped') && (
            <>
              <Text fw={600}>{own.state === 'done' ? 'Done' : 'Left out'}</Text>
              {own.begunAt && own.endedAt && (
                <Text className="quiet">
                  in {clock((Date.parse(own.endedAt) - Date.parse(own.begunAt)) / 1000)}, planned{' '}
                  {step.minutes} min
                </Text>
              )}
            </>
          )}
        </Group>
      )}
      <Text className={classes.step}>
        <ProcedureWords procedure={work.procedure} text={step.text} />
      </Text>
      {step.ready.length > 0 && (
        <Text mt="xs">
          <strong>Have ready:</strong> {step.ready.join(', ')}
        </Text>
      )}
      {step.caution && (
        <Text mt="xs" className={classes.caution ?? ''}>
          <IconAlertTriangle size={18} aria-hidden style={{ verticalAlign: '-3px' }} />{' '}
          {step.caution}
        </Text>
      )}
      {!step.caution && <StepCautions substances={putIn(step)} />}
      <MindLines lines={mind} />
      {refusal && (
        <Text size="sm" role="note">
          Not predicted: {refusal}
        </Text>
      )}
      <Modal opened={asking} onClose={ask.close} title="Not ready for this yet" size="lg">
        <Text mb="xs">Before “{shortText(step)}” these should have been done:</Text>
        <List spacing="sm">
          {unmet.map(({ step: needed, because }) => (
            <List.Item key={needed.id}>
              <strong>{shortText(needed)}</strong>: {because}.
            </List.Item>
          ))}
        </List>
        <Group mt="lg" justify="flex-end">
          <Button
            size="md"
            variant="default"
            onClick={() => {
              recorder.add({
                kind: 'departure',
                what: 'order',
                planned: `after “${unmet.map((one) => shortText(one.step)).join('”, “')}”`.slice(
                  0,
                  160,
                ),
                done: 'begun before it',
              });
              begin();
              ask.close();
            }}
          >
            Begin all the same
          </Button>
          <Button
            size="md"
            data-autofocus
            onClick={() => {
              ask.close();
              const [first] = unmet;
              if (first) go({ work: work.id, step: first.step.id });
            }}
          >
            Go to that step first
          </Button>
        </Group>
      </Modal>
    </>
  );
}

function inOrderOf(steps: readonly { readonly id: string }[]) {
  const place = (one: StepProgress) => steps.findIndex(({ id }) => id === one.step.id);
  return (one: StepProgress, other: StepProgress) => place(one) - place(other);
}

/** How long a step has run, beside what was planned for it. */
function Elapsed({ since, minutes }: { since: string | undefined; minutes: number }) {
  const now = useNow();
  if (!since) return null;
  return (
    <Text className={classes.elapsed ?? ''} data-testid="elapsed">
      {clock((now - Date.parse(since)) / 1000)}{' '}
      <Text span size="sm" className="quiet">
        of {minutes} min
      </Text>
    </Text>
  );
}
