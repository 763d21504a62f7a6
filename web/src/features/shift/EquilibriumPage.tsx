import { Alert, Button, Select, Tabs, Text } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { readySystems } from '@stoichos/core/studies/shift';
import type { ColourPlan } from '@stoichos/core/studies/shift';
import type { Action } from '@stoichos/core/vessel';
import { useMemo, useState } from 'react';
import { Mind } from '../../shared/chemistry/Mind';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { PrintButton } from '../../shared/parts/PrintButton';
import { AttachToDay } from '../../shared/study/AttachToDay';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { useKept } from '../../data/kept/useKept';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import type { Failure } from '../../data/worker/chemistry';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import { BeakerView } from './BeakerView';
import { CoursePanel } from './CoursePanel';
import { equilibriumSchema, firstState, ofSystem, ownMixture } from './equilibriumState';
import type { Done, EquilibriumState } from './equilibriumState';
import { PlanPanel } from './PlanPanel';
import { PlanResult } from './PlanResult';
import { ShiftPanel } from './ShiftPanel';
import { StartPanel } from './StartPanel';
import { StepStrip } from './StepStrip';
import { useShift } from './useShift';
import { Cautions, WhyShift } from './WhyShift';
import { quiet, walked, procedureOf } from './shiftRun';

/** The study of a coloured equilibrium: shift it step by step, or have a way through its colours planned. */
export function EquilibriumPage() {
  const [state, setState] = useKept('stoichos.equilibrium', equilibriumSchema, firstState);
  const { shifted, tryNext } = useShift(state);
  const [refusal, setRefusal] = useState<Failure>();
  const [shown, setShown] = useState<number>();
  const [plan, setPlan] = useState<ColourPlan>();
  const planning = useTask('planColours');
  const actions = useMemo(() => state.done.map(({ action }) => action), [state.done]);
  const change = (part: Partial<EquilibriumState>) => {
    setState((before) => ({ ...before, ...part }));
    setRefusal(undefined);
    setShown(undefined);
  };
  const changeStart = (part: Partial<EquilibriumState>) => {
    setPlan(undefined);
    change(part);
  };
  const act = (action: Action): boolean => {
    const next: Done = { action };
    const failure = tryNext(next);
    setRefusal(failure);
    if (failure) return false;
    change({ done: [...state.done, next], undone: [] });
    return true;
  };
  const takeBack = () => {
    const last = state.done.at(-1);
    if (last) change({ done: state.done.slice(0, -1), undone: [...state.undone, last] });
  };
  const doAgain = () => {
    const last = state.undone.at(-1);
    if (last) change({ done: [...state.done, last], undone: state.undone.slice(0, -1) });
  };
  useHotkeys([
    ['mod+Z', takeBack],
    ['mod+shift+Z', doAgain],
  ]);
  const { vessel, means, wishes } = state;
  const makePlan = async () => {
    setPlan(undefined);
    const found = await planning.start({ vessel, means, wishes });
    if (found) setPlan(found);
  };
  const walk = (found: ColourPlan) => {
    change({ done: walked(found), undone: [] });
  };
  const run = 'run' in shifted ? shifted.run : undefined;
  const at = run ? Math.min(shown ?? run.steps.length - 1, run.steps.length - 1) : 0;
  const step = run?.steps[at];
  const procedure = useMemo(() => procedureOf(state, run), [state, run]);
  const name = readySystems.find(({ id }) => id === state.system)?.name ?? 'A mixture of your own';
  return (
    <StudyFrame
      title="Equilibrium"
      tools={
        <>
          <Button size="md" variant="default" disabled={state.done.length === 0} onClick={takeBack}>
            Undo
          </Button>
          <Button
            size="md"
            variant="default"
            disabled={state.undone.length === 0}
            onClick={doAgain}
          >
            Redo
          </Button>
          <Button
            size="md"
            variant="default"
            disabled={state.done.length === 0}
            onClick={() => change({ done: [], undone: [] })}
          >
            Back to the start
          </Button>
          <PrintButton />
        </>
      }
      settings={{
        label: 'What is set',
        children: (
          <>
            <Select
              label="System"
              size="md"
              mb="md"
              allowDeselect={false}
              value={state.system}
              data={[
                ...readySystems.map((one) => ({ value: one.id, label: one.name })),
                { value: 'own', label: 'A mixture of your own' },
              ]}
              onChange={(id) => {
                const ready = readySystems.find((one) => one.id === id);
                setPlan(undefined);
                // All of it is new, what is watched too.
                setState(ready ? ofSystem(ready) : ownMixture);
                change({});
              }}
            />
            <Tabs defaultValue={state.system === 'own' ? 'start' : 'shift'} keepMounted={false}>
              <Tabs.List grow mb="md">
                <Tabs.Tab value="shift">Shift</Tabs.Tab>
                <Tabs.Tab value="start">Start</Tabs.Tab>
                <Tabs.Tab value="plan">Plan</Tabs.Tab>
              </Tabs.List>
              <Tabs.Panel value="shift">
                <ShiftPanel
                  means={means}
                  temperatureC={run?.steps.at(-1)?.told.state.temperatureC ?? 25}
                  volumeMl={run?.steps.at(-1)?.told.state.volumeMl ?? 0}
                  onDo={act}
                />
              </Tabs.Panel>
              <Tabs.Panel value="start">
                <StartPanel state={state} onChange={changeStart} />
              </Tabs.Panel>
              <Tabs.Panel value="plan">
                <PlanPanel
                  container={vessel.container ?? 'beaker'}
                  means={means}
                  wishes={wishes}
                  busy={planning.share !== undefined}
                  onChange={(next) => setState((before) => ({ ...before, wishes: next }))}
                  onPlan={() => void makePlan()}
                />
              </Tabs.Panel>
            </Tabs>
          </>
        ),
      }}
      answer={{
        label: 'The vessel and what is seen',
        children: (
          <>
            <Text fw={600}>{name}</Text>
            <Text className="quiet" size="sm" mb="sm">
              {readySystems.find(({ id }) => id === state.system)?.shows ??
                'Put together from the shelf.'}
            </Text>
            {'failure' in shifted && (
              <Alert variant="outline" color="red" title="Not done" role="alert">
                {shifted.failure.message} {shifted.failure.remedy}
              </Alert>
            )}
            {step && vessel.contents.length === 0 && (
              <Text className="quiet">
                The vessel is empty. Under “Start” put in what the mixture begins with.
              </Text>
            )}
            {run && step && vessel.contents.length > 0 && (
              <>
                <BeakerView container={vessel.container ?? 'beaker'} step={step} />
                {refusal && (
                  <Alert variant="outline" color="red" mt="md" title="Not done" role="alert">
                    {refusal.message} {refusal.remedy}
                  </Alert>
                )}
                <StepStrip steps={run.steps} actions={actions} shown={at} onShow={setShown} />
                {step.told.notPredicted.length === 0 && at > 0 && (
                  <Text data-testid="seen" mb="xs">
                    <ObservationLine seen={step.told.observations} />
                  </Text>
                )}
                {step.told.notPredicted.length > 0 && (
                  <NotPredicted reasons={step.told.notPredicted} />
                )}
                <Mind warnings={step.told.warnings.filter(({ code }) => !quiet.has(code))} />
              </>
            )}
            {planning.share !== undefined && (
              <TaskProgress
                what="Looking for a way through the colours"
                share={planning.share}
                cancel={planning.cancel}
              />
            )}
            <TaskFailure failure={planning.failure} />
            {plan && (
              <PlanResult
                plan={plan}
                onWalk={() => walk(plan)}
                onClose={() => setPlan(undefined)}
              />
            )}
            {state.done.length > 0 && (
              <div style={{ marginTop: '1.25rem' }}>
                <AttachToDay procedure={procedure} />
              </div>
            )}
          </>
        ),
      }}
      reasons={{
        label: 'Why',
        children: run && step && (
          <>
            <WhyShift run={run} step={step} onWatch={(watched) => change({ watched })} />
            <CoursePanel
              vessel={vessel}
              actions={actions}
              watched={state.watched ?? run.watchable[0]}
              means={means}
            />
            {vessel.contents.length > 0 && <Cautions state={state} actions={actions} />}
          </>
        ),
      }}
    />
  );
}
