import { NumberField } from '../parts/NumberField';
import type { NumberFieldProps } from '../parts/NumberField';
import { TemperatureField } from '../parts/TemperatureField';

interface AmountProps extends Omit<NumberFieldProps, 'value' | 'min' | 'max'> {
  readonly label: string;
  /** Stands behind the label; a temperature, °C, is shown on the reader’s scale. */
  readonly unit?: string;
  readonly value: number | '';
  readonly min?: number;
  readonly max?: number;
}

/** A number with its unit in the label; an empty field is nothing, not zero. */
export function Amount({ label, unit, ...others }: AmountProps) {
  const field = {
    step: 0.1,
    decimalScale: 6,
    inputWrapperOrder: ['label', 'input', 'description', 'error'],
    ...others,
  } satisfies Omit<AmountProps, 'label'>;
  return unit === '°C' ? (
    <TemperatureField label={label} {...field} />
  ) : (
    <NumberField label={unit ? `${label}, ${unit}` : label} {...field} />
  );
}
