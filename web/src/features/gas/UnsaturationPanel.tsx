import { SegmentedControl, Text } from '@mantine/core';
import { gasName, unsaturation } from '@stoichos/core/studies/gas';
import type { UnsaturationSeen } from '@stoichos/core/studies/gas';
import study from '../../shared/study/Study.module.css';
import type { GasState } from './gasState';

const outcomes = ['is decolourised', 'keeps its colour'] as const;
const withoutControl = ['is decolourised', 'keeps its colour', 'not done'] as const;

/** Bromine water in the gas and in the saturated control, and what the pair proves. */
export function UnsaturationPanel({
  gas,
  state,
  onChange,
}: {
  gas: string;
  state: GasState;
  onChange: (part: Partial<GasState>) => void;
}) {
  if (!/^C\d*H/.test(gas)) return null;
  const seen = state.unsaturation;
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
      <SegmentedControl
        fullWidth
        aria-label="Bromine water with the gas"
        value={seen.gas}
        data={[...outcomes]}
        onChange={(next) => onChange({ unsaturation: { ...seen, gas: next } })}
      />
      <Text size="sm" mt="xs">
        The same with the saturated starting material, in dim light
      </Text>
      <SegmentedControl
        fullWidth
        orientation="vertical"
        aria-label="Bromine water with the control"
        value={seen.control}
        data={[...withoutControl]}
        onChange={(next) => onChange({ unsaturation: { ...seen, control: next } })}
      />
      {verdict && (
        <Text mt="sm" data-testid="unsaturation" role="status">
          <strong>
            {verdict.unsaturated === 'yes'
              ? 'Unsaturated'
              : verdict.unsaturated === 'no'
                ? 'Not shown to be unsaturated'
                : 'Undecided'}
          </strong>
          : {verdict.why}.
        </Text>
      )}
    </section>
  );
}
