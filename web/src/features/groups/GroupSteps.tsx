import { Card } from '../../shared/parts/Card';
import { Button, Group, Text, UnstyledButton } from '@mantine/core';
import { recordsOf, standingEntries } from '@stoichos/core/labday/day';
import type { GroupStep, GroupView } from '@stoichos/core/labday/access';
import { IconCircle, IconCircleCheckFilled, IconCircleHalf2 } from '@tabler/icons-react';
import { useRecorder } from '../../shared/recording/useRecorder';
import { Formula } from '../../shared/chemistry/Formula';
import { MindLines } from '../../shared/chemistry/MindLines';
import classes from './Groups.module.css';
import type { GroupWork } from './GroupRecord';
import { formatNumber } from '@stoichos/core/common';

/** How far a step is, as the group has tapped it. */
export function stateOf(
  view: GroupView,
  workId: string,
  stepId: string,
): 'to do' | 'begun' | 'done' {
  const standing = standingEntries(view.entries, { workId, stepId, groupId: view.group.id });
  const last = recordsOf(standing, 'step').at(-1)?.state;
  return last === 'done' || last === 'skipped' ? 'done' : last === 'begun' ? 'begun' : 'to do';
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

export function StepColumn({ view, work, step, onStep }: StepColumnProps) {
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
    <Card label="What to do">
      <Text className="quiet">
        Step {at + 1} of {work.steps.length}, about {formatNumber(step.minutes)} min
        {checked && ' · checked by the instructor'}
      </Text>
      <p className={classes.step} data-testid="step">
        <Formula text={step.text} wrap />
      </p>
      {step.ready.length > 0 && <Text>Have ready: {step.ready.join('; ')}</Text>}
      <Text fw={600} mt="xs">
        <Formula text={step.caution} wrap />
      </Text>
      <MindLines lines={step.cautions} />
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
          <Button size="lg" onClick={() => ofStep.record({ kind: 'step', state: 'begun' })}>
            Begin
          </Button>
        )}
        <Button
          variant="filled"
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
      <StepChoices view={view} work={work} step={step} onStep={onStep} />
    </Card>
  );
}

interface StepChoicesProps {
  readonly view: GroupView;
  readonly work: GroupWork;
  readonly step: GroupStep;
  readonly onStep: (id: string) => void;
}

/** The steps, any of them a tap away. */
function StepChoices({ view, work, step, onStep }: StepChoicesProps) {
  return (
    <ol className={classes.steps} aria-label="Steps">
      {work.steps.map((one, index) => {
        const own = stateOf(view, work.id, one.id);
        const Icon = stateIcons[own];
        return (
          <li key={one.id}>
            <UnstyledButton
              className="tappable"
              w="100%"
              ta="left"
              aria-current={one.id === step.id ? 'step' : undefined}
              aria-pressed={one.id === step.id}
              onClick={() => onStep(one.id)}
            >
              <Icon size={20} aria-hidden /> {index + 1} <Formula text={shorten(one.text)} wrap />
              <span className="visually-hidden">, {own}</span>
            </UnstyledButton>
          </li>
        );
      })}
    </ol>
  );
}

const shorten = (text: string): string => (text.length > 60 ? `${text.slice(0, 57)}…` : text);
