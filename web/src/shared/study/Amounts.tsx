import { Amount } from './Amount';

/** What a state holds that is a number, or nothing yet. */
type AmountsIn<S> = { [K in keyof S]-?: S[K] extends number | '' ? K : never }[keyof S];

interface AmountsProps<S> {
  readonly of: S;
  readonly onChange: (part: Partial<S>) => void;
  /** What each is called, its unit, and what one press of an arrow adds. */
  readonly fields: { readonly [K in AmountsIn<S>]?: readonly [string, string, number] };
}

/** Numbers of a study’s state, a field each. */
export function Amounts<S extends object>({ of, onChange, fields }: AmountsProps<S>) {
  const all = Object.entries(fields) as [AmountsIn<S>, readonly [string, string, number]][];
  return all.map(([field, [label, unit, step]]) => (
    <Amount
      key={String(field)}
      label={label}
      unit={unit}
      step={step}
      value={of[field] as number | ''}
      onChange={(value) => onChange({ [field]: value } as unknown as Partial<S>)}
    />
  ));
}
