import { Alert, Box, Text } from '@mantine/core';
import type { Failure } from '../../data/worker/chemistry';
import { Mind } from '../../shared/chemistry/Mind';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { AttachToDay } from '../../shared/study/AttachToDay';
import { BeakerView } from './BeakerView';
import { PlanResult } from './PlanResult';
import { StepStrip } from './StepStrip';
import { quiet } from './shiftRun';
import type { Equilibrium } from './useEquilibrium';

/** The vessel and what is seen in it, step by step; the plan that was found; the way into a lab day. */
export function EquilibriumAnswer({ study }: { readonly study: Equilibrium }) {
  const { state, system, failure, step, plan, planning } = study;
  const isEmpty = state.vessel.contents.length === 0;
  return (
    <>
      <Text fw={600}>{system?.name ?? 'A mixture of your own'}</Text>
      <Text className="quiet" size="sm" mb="sm">
        {system?.shows ?? 'Put together from the shelf.'}
      </Text>
      <NotDone failure={failure} />
      {step && isEmpty && (
        <Text className="quiet">
          The vessel is empty. Under “Start” put in what the mixture begins with.
        </Text>
      )}
      {!isEmpty && <Shown study={study} />}
      <TaskProgress
        what="Looking for a path through the colours"
        share={planning.share}
        cancel={planning.cancel}
      />
      <TaskFailure failure={planning.failure} />
      {plan && <PlanResult plan={plan} onWalk={() => study.walk(plan)} onClose={study.closePlan} />}
      {state.done.length > 0 && (
        <Box mt="lg">
          <AttachToDay procedure={study.procedure} />
        </Box>
      )}
    </>
  );
}

/** The step that is looked at: its vessel, its place among the others, and what is seen. */
function Shown({ study }: { readonly study: Equilibrium }) {
  const { state, run, step, at, refusal, actions } = study;
  if (!run || !step) return null;
  const { notPredicted, observations, warnings } = step.told;
  return (
    <>
      <BeakerView container={state.vessel.container ?? 'beaker'} step={step} />
      <NotDone failure={refusal} />
      <StepStrip steps={run.steps} actions={actions} shown={at} onShow={study.show} />
      {notPredicted.length === 0 && at > 0 && (
        <Text data-testid="seen" mb="xs">
          <ObservationLine seen={observations} />
        </Text>
      )}
      {notPredicted.length > 0 && <NotPredicted reasons={notPredicted} />}
      <Mind warnings={warnings.filter(({ code }) => !quiet.has(code))} />
    </>
  );
}

function NotDone({ failure }: { readonly failure: Failure | undefined }) {
  if (!failure) return null;
  return (
    <Alert color="red" mt="md" title="Not done" role="alert">
      {failure.message} {failure.remedy}
    </Alert>
  );
}
