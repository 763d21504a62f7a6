import { Text, Title, UnstyledButton } from '@mantine/core';
import { isMixing } from '@stoichos/core/labday/day';
import { waitingSteps } from '@stoichos/core/labday/bench';
import { shortText } from '@stoichos/core/planning/procedure';
import type { BenchProgress, StepProgress } from '@stoichos/core/labday/bench';
import type { LabDay } from '@stoichos/core/labday/day';
import { clock } from '../../data/timers/timersSlice';
import { useNow } from '../../data/timers/useNow';
import classes from '../../shared/recording/Bench.module.css';
import { TimerList } from '../../shared/recording/TimerPanel';

interface MeanwhileProps {
  readonly day: LabDay;
  readonly progress: BenchProgress;
  readonly here: StepProgress | undefined;
  readonly go: (to: { work?: string; step?: string }) => void;
}

/** What runs by itself meanwhile, with its countdown; what comes next and must be ready for it; the timers. */
export function Meanwhile({ day, progress, here, go }: MeanwhileProps) {
  const now = useNow(1000);
  const waiting = waitingSteps(progress);
  const coming = [progress.current, progress.next].find(
    (one) => one !== undefined && (one.work.id !== here?.work.id || one.step.id !== here.step.id),
  );
  const isSingle = coming !== undefined && isMixing(coming.work);
  return (
    <>
      {waiting.length > 0 && (
        <section aria-label="Running by themselves">
          <Title order={3} size="h5" mt="md">
            Running by itself
          </Title>
          {waiting.map(({ one, overAtMs }) => (
            <UnstyledButton
              key={`${one.work.id} ${one.step.id}`}
              className={`tappable ${classes.waiting}`}
              onClick={() => go({ work: one.work.id, step: one.step.id })}
            >
              <span className={classes.elapsed}>
                {overAtMs > now ? clock((overAtMs - now) / 1000) : 'over'}
              </span>
              <span>
                {shortText(one.step)} <span className="quiet">· {one.work.procedure.name}</span>
              </span>
            </UnstyledButton>
          ))}
        </section>
      )}
      {coming && !isSingle && (
        <section aria-label="Next">
          <Title order={3} size="h5" mt="md">
            Next
          </Title>
          <UnstyledButton
            className={`tappable ${classes.waiting}`}
            onClick={() => go({ work: coming.work.id, step: coming.step.id })}
          >
            <span>
              {shortText(coming.step)} <span className="quiet">· {coming.work.procedure.name}</span>
            </span>
          </UnstyledButton>
          {(coming.step.ready.length > 0 || coming.unmet.length > 0) && (
            <Text size="sm" mt={4}>
              {coming.step.ready.length > 0 && `Have ready: ${coming.step.ready.join(', ')}. `}
              {coming.unmet
                .map(({ step, because }) => `First ${shortText(step)}: ${because}.`)
                .join(' ')}
            </Text>
          )}
        </section>
      )}
      <TimerList dayId={day.id} />
    </>
  );
}
