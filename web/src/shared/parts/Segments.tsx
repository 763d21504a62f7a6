import { SegmentedControl } from '@mantine/core';
import type { SegmentedControlProps } from '@mantine/core';

interface SegmentsProps<V extends string> extends Omit<
  SegmentedControlProps<V>,
  'data' | 'value' | 'onChange'
> {
  /** What is chosen here; without it the control is labelled by another part. */
  readonly label?: string;
  readonly value: V;
  /** What can be chosen, with its words. */
  readonly of: Readonly<Record<V, string>>;
  readonly onChange: (value: V) => void;
}

/** One of a few, side by side. */
export function Segments<V extends string>({ label, of, ...look }: SegmentsProps<V>) {
  const data = (Object.keys(of) as V[]).map((value) => ({ value, label: of[value] }));
  return <SegmentedControl aria-label={label} data={data} {...look} />;
}
