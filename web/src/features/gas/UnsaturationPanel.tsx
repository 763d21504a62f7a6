import { Text } from '@mantine/core';
import { gasName, unsaturation } from '@stoichos/core/studies/gas';
import type { UnsaturationSeen } from '@stoichos/core/studies/gas';
import { Segments } from '../../shared/parts/Segments';
import study from '../../shared/study/Study.module.css';
import { useGas } from './useGas';

const outcomes = {
  'is decolourised': 'is decolourised',
  'keeps its colour': 'keeps its colour',
} as const;
const verdicts = {
  yes: 'Unsaturated',
  no: 'Not shown to be unsaturated',
  undecided: 'Undecided',
} as const;

/** Bromine water in the gas and in the saturated control, and what the pair proves. */
export function UnsaturationPanel() {
  const { state, change } = useGas();
  const { gas, unsaturation: seen } = state;
  if (!/^C\d*H/.test(gas)) return null;
  const verdict =
    seen.gas === '' || seen.control === ''
      ? undefined
      : unsaturation(seen as unknown as UnsaturationSeen);
  return (
    <section className={study.block} aria-label="Unsaturation, with its control">
      <Text fw={600}>Unsaturated? With the control</Text>
      <Text size="sm" mt="xs">
        Bromine water shaken with {gasName(gas)}
      </Text>
      <Segments
        fullWidth
        label="Bromine water with the gas"
        value={seen.gas}
        of={outcomes}
        onChange={(next) => change({ unsaturation: { ...seen, gas: next } })}
      />
      <Text size="sm" mt="xs">
        The same with the saturated starting material, in dim light
      </Text>
      <Segments
        fullWidth
        orientation="vertical"
        label="Bromine water with the control"
        value={seen.control}
        of={{ ...outcomes, 'not done': 'not done' }}
        onChange={(next) => change({ unsaturation: { ...seen, control: next } })}
      />
      {verdict && (
        <Text mt="sm" data-testid="unsaturation" role="status">
          <strong>{verdicts[verdict.unsaturated]}</strong>: {verdict.why}.
        </Text>
      )}
    </section>
  );
}
