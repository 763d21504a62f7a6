import { Select, Tabs } from '@mantine/core';
import { readySystems } from '@stoichos/core/studies/shift';
import { PlanPanel } from './PlanPanel';
import { ShiftPanel } from './ShiftPanel';
import { StartPanel } from './StartPanel';
import type { Equilibrium } from './useEquilibrium';

/** What one sets: the system, what is done to it next, what it starts from, the colours that are wanted. */
export function EquilibriumSettings({ study }: { readonly study: Equilibrium }) {
  const { state, run, planning } = study;
  const { stresses, vessel, targets } = state;
  const now = run?.steps.at(-1)?.told.state;
  return (
    <>
      <Select
        label="System"
        mb="md"
        value={state.system}
        data={[
          ...readySystems.map((one) => ({ value: one.id, label: one.name })),
          { value: 'own', label: 'A mixture of your own' },
        ]}
        onChange={study.choose}
      />
      <Tabs defaultValue={state.system === 'own' ? 'start' : 'shift'} keepMounted={false}>
        <Tabs.List grow mb="md">
          <Tabs.Tab value="shift">Shift</Tabs.Tab>
          <Tabs.Tab value="start">Start</Tabs.Tab>
          <Tabs.Tab value="plan">Plan</Tabs.Tab>
        </Tabs.List>
        <Tabs.Panel value="shift">
          <ShiftPanel
            stresses={stresses}
            temperatureC={now?.temperatureC ?? 25}
            volumeMl={now?.volumeMl ?? 0}
            onDo={study.act}
          />
        </Tabs.Panel>
        <Tabs.Panel value="start">
          <StartPanel state={state} onChange={study.changeStart} />
        </Tabs.Panel>
        <Tabs.Panel value="plan">
          <PlanPanel
            container={vessel.container ?? 'beaker'}
            stresses={stresses}
            targets={targets}
            busy={planning.share !== undefined}
            onChange={study.target}
            onPlan={() => void study.makePlan()}
          />
        </Tabs.Panel>
      </Tabs>
    </>
  );
}
