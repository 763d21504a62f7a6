import { NumberInput } from '@mantine/core';
import type { NumberInputProps } from '@mantine/core';
import { useState } from 'react';

export interface NumberFieldProps extends Omit<NumberInputProps, 'value' | 'onChange'> {
  readonly value?: number | string | undefined;
  /** Hears the number that stands in the field, and '' while none does. */
  readonly onChange?: (value: number | '') => void;
}

interface Typed {
  readonly text: string | number;
  /** Whether whoever holds the value has taken it over. */
  readonly taken: boolean;
}

/** The number a text stands for: “21.0” and “0.” are numbers, “” and “-” are none. */
export function numberIn(text: string | number | undefined): number | '' {
  if (text === undefined || text === '') return '';
  const value = Number(text);
  return Number.isFinite(value) ? value : '';
}

/**
 * A field for a number that keeps what is typed as it is typed: 21.0 stays 21.0 and is 21 to whoever listens,
 * and on the way to 0.05 the 0.0 is not taken away.
 */
export function NumberField({ value, onChange, onBlur, ...others }: NumberFieldProps) {
  const [typed, setTyped] = useState<Typed>();
  const agrees = typed !== undefined && numberIn(typed.text) === numberIn(value);
  if (typed && agrees && !typed.taken) setTyped({ ...typed, taken: true });
  // Text that was taken over and then replaced from outside, by a reset for instance, is gone.
  const shown = typed && (agrees || !typed.taken) ? typed.text : (value ?? '');
  return (
    <NumberInput
      {...others}
      value={shown}
      onChange={(text) => {
        setTyped({ text, taken: false });
        onChange?.(numberIn(text));
      }}
      onBlur={(event) => {
        if (!agrees) setTyped(undefined);
        onBlur?.(event);
      }}
    />
  );
}
