import { SegmentedControl, Select } from '@mantine/core';

/** So many names stand side by side; more are a list. */
const mostAbreast = 4;

interface VesselChoiceProps {
  readonly label: string;
  readonly names: readonly string[];
  readonly value: string;
  readonly onChange: (name: string) => void;
}

/** One vessel out of those there are. */
export function VesselChoice({ label, names, value, onChange }: VesselChoiceProps) {
  return names.length > mostAbreast ? (
    <Select
      aria-label={label}
      data={[...names]}
      value={value}
      onChange={(name) => onChange(name ?? value)}
    />
  ) : (
    <SegmentedControl
      aria-label={label}
      fullWidth
      data={[...names]}
      value={value}
      onChange={onChange}
    />
  );
}
