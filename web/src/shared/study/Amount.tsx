import { NumberField } from '../parts/NumberField';

interface AmountProps {
  readonly label: string;
  readonly value: number | '';
  readonly onChange: (value: number | '') => void;
  readonly step?: number;
  readonly description?: string;
}

/** A number with its unit in the label; an empty field is nothing, not zero. */
export function Amount({ label, value, onChange, step = 0.1, description }: AmountProps) {
  return (
    <NumberField
      label={label}
      step={step}
      decimalScale={6}
      {...(description && {
        description,
        inputWrapperOrder: ['label', 'input', 'description', 'error'],
      })}
      value={value}
      onChange={onChange}
    />
  );
}
