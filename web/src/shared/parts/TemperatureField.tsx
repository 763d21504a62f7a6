import { fromCelsius, toCelsius } from '@stoichos/core/common';
import { useSettings } from '../../data/settings/useSettings';
import { NumberField } from './NumberField';
import type { NumberFieldProps } from './NumberField';

interface TemperatureFieldProps extends Omit<NumberFieldProps, 'value' | 'min' | 'max'> {
  readonly label: string;
  /** °C, as everywhere in the program. */
  readonly value: number | '';
  readonly min?: number;
  readonly max?: number;
}

/** Without the noise of the conversion there and back. */
const quiet = (value: number): number => Number(value.toFixed(4));

/** A temperature on the scale the school reads; whoever listens hears °C. */
export function TemperatureField({
  label,
  value,
  onChange,
  min,
  max,
  ...others
}: TemperatureFieldProps) {
  const { temperature: scale } = useSettings();
  const shown = (celsius: number) => quiet(fromCelsius(celsius, scale));
  return (
    <NumberField
      {...others}
      label={`${label}, ${scale}`}
      {...(min !== undefined && { min: shown(min) })}
      {...(max !== undefined && { max: shown(max) })}
      value={value === '' ? '' : shown(value)}
      onChange={(typed) => onChange?.(typed === '' ? '' : toCelsius(typed, scale))}
    />
  );
}
