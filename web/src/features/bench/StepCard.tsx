import { ProcedureWords } from '../../shared/chemistry/ProcedureName';
import { Text, UnstyledButton } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { isMixing, refusalOf } from '@stoichos/core/labday/day';
import { mindOfStep } from '@stoichos/core/labday/prep';
import { putIn, shortText } from '@stoichos/core/planning/procedure';
import type { StepProgress } from '@stoichos/core/labday/bench';
import {
  IconAlertTriangle,
  IconCircle,
  IconCircleCheckFilled,
  IconCircleHalf2,
  IconCircleMinus,
} from '@tabler/icons-react';
import { useMemo } from 'react';
import { MindLines } from '../../shared/chemistry/MindLines';
import classes from '../../shared/recording/Bench.module.css';
import type { StationProps } from './stationProps';
import { NotReady } from './NotReady';
import { StepActions } from './StepActions';
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
  const { steps } = work.procedure;
  const after = steps[steps.findIndex(({ id }) => id === step.id) + 1];
  const begin = () => recorder.add({ kind: 'step', state: 'begun' });
  const goTo = (stepId: string) => go({ work: work.id, step: stepId });
  const unmet = own?.unmet ?? [];
  const isSingle = isMixing(work);
  return (
    <>
      {!isSingle && (
        <StepPills
          steps={progress.steps
            .filter((one) => one.work.id === work.id)
            .sort(inOrderOf(work.procedure.steps))}
          here={step.id}
          goTo={goTo}
        />
      )}
      {!isSingle && own && (
        <StepActions
          own={own}
          recorder={recorder}
          begin={unmet.length > 0 ? ask.open : begin}
          onDone={() => {
            if (after) goTo(after.id);
          }}
        />
      )}
      <StepText work={work} step={step} />
      <NotReady
        opened={asking}
        close={ask.close}
        step={step}
        unmet={unmet}
        recorder={recorder}
        begin={begin}
        goTo={goTo}
      />
    </>
  );
}

interface StepPillsProps {
  /** Of the procedure, in its order. */
  readonly steps: readonly StepProgress[];
  readonly here: string;
  readonly goTo: (stepId: string) => void;
}

function StepPills({ steps, here, goTo }: StepPillsProps) {
  return (
    <div className={classes.steps} role="group" aria-label="Steps">
      {steps.map(({ step, state }, index) => {
        const Icon = stateIcons[state];
        return (
          <UnstyledButton
            key={step.id}
            className={`tappable ${classes.stepPill}`}
            aria-pressed={step.id === here}
            aria-label={`Step ${index + 1}, ${state}: ${shortText(step)}`}
            title={shortText(step)}
            onClick={() => goTo(step.id)}
          >
            <Icon size={18} aria-hidden />
            {index + 1}
          </UnstyledButton>
        );
      })}
    </div>
  );
}

/** What to do, what must be ready for it, and what needs care. */
function StepText({ work, step }: Pick<StationProps, 'work' | 'step'>) {
  const mind = useMemo(() => mindOfStep(work, step), [work, step]);
  const refusal = refusalOf(work, step);
  return (
    <>
      <Text className={classes.step}>
        <ProcedureWords procedure={work.procedure} text={step.text} />
      </Text>
      {step.ready.length > 0 && (
        <Text mt="xs">
          <strong>Have ready:</strong> {step.ready.join(', ')}
        </Text>
      )}
      {step.caution ? (
        <Text mt="xs" className={classes.caution ?? ''}>
          <IconAlertTriangle size={18} aria-hidden className="in-line" /> {step.caution}
        </Text>
      ) : (
        <StepCautions bottles={putIn(step)} />
      )}
      <MindLines lines={mind} />
      {refusal && (
        <Text size="sm" role="note">
          Not predicted: {refusal}
        </Text>
      )}
    </>
  );
}

function inOrderOf(steps: readonly { readonly id: string }[]) {
  const place = (one: StepProgress) => steps.findIndex(({ id }) => id === one.step.id);
  return (one: StepProgress, other: StepProgress) => place(one) - place(other);
}
