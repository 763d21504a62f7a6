import { Button } from '@mantine/core';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { CoursePanel } from './CoursePanel';
import { EquilibriumAnswer } from './EquilibriumAnswer';
import { EquilibriumSettings } from './EquilibriumSettings';
import { Cautions, WhyShift } from './WhyShift';
import { useEquilibrium } from './useEquilibrium';
import type { Equilibrium } from './useEquilibrium';

/** The study of a coloured equilibrium: shift it step by step, or have a way through its colours planned. */
export function EquilibriumPage() {
  const study = useEquilibrium();
  return (
    <StudyFrame
      title="Equilibrium"
      tools={<Tools study={study} />}
      settings={{ label: 'What is set', children: <EquilibriumSettings study={study} /> }}
      answer={{
        label: 'The vessel and what is seen',
        children: <EquilibriumAnswer study={study} />,
      }}
      reasons={{ label: 'Why', children: <Reasons study={study} /> }}
    />
  );
}

function Tools({ study }: { readonly study: Equilibrium }) {
  const { done, undone } = study.state;
  return (
    <>
      <Button disabled={done.length === 0} onClick={study.takeBack}>
        Undo
      </Button>
      <Button disabled={undone.length === 0} onClick={study.doAgain}>
        Redo
      </Button>
      <Button disabled={done.length === 0} onClick={() => study.change({ done: [], undone: [] })}>
        Back to the start
      </Button>
      <PrintButton />
    </>
  );
}

function Reasons({ study }: { readonly study: Equilibrium }) {
  const { state, run, step, actions } = study;
  if (!run || !step) return null;
  return (
    <>
      <WhyShift run={run} step={step} onWatch={(watched) => study.change({ watched })} />
      <CoursePanel
        vessel={state.vessel}
        actions={actions}
        watched={state.watched ?? run.watchable[0]}
        stresses={state.stresses}
      />
      {state.vessel.contents.length > 0 && <Cautions state={state} actions={actions} />}
    </>
  );
}
