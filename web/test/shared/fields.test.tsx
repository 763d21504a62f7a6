import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import * as z from 'zod';
import { schemaErrors } from '../../src/shared/parts/schemaErrors';
import { TemperatureField } from '../../src/shared/parts/TemperatureField';
import { Amounts } from '../../src/shared/study/Amounts';
import { formatAmount, formatDuration, formatVolts } from '@stoichos/core/common';
import { chosen, show } from '../support/render';

beforeEach(() => chosen({}));

/** A field with somebody who holds its value, as every view does. */
function Held({ hear, min }: { hear: (celsius: number | '') => void; min?: number }) {
  const [celsius, setCelsius] = useState<number | ''>(20);
  return (
    <TemperatureField
      label="Bath"
      value={celsius}
      {...(min !== undefined && { min })}
      onChange={(next) => {
        setCelsius(next);
        hear(next);
      }}
    />
  );
}

describe('a field for a temperature', () => {
  it('shows and hears °C for a school that reads °C', async () => {
    const hear = vi.fn();
    show(<Held hear={hear} />);
    const field = screen.getByLabelText('Bath, °C');
    expect(field).toHaveValue('20');
    await userEvent.clear(field);
    await userEvent.type(field, '37');
    expect(hear).toHaveBeenLastCalledWith(37);
  });

  it('shows °F, and whoever listens hears °C, for a school that reads °F', async () => {
    await chosen({ temperature: '°F' });
    const hear = vi.fn();
    show(<Held hear={hear} />);
    const field = screen.getByLabelText('Bath, °F');
    expect(field).toHaveValue('68');
    await userEvent.clear(field);
    await userEvent.type(field, '212');
    expect(hear).toHaveBeenLastCalledWith(100);
    expect(field).toHaveValue('212');
  });

  it('keeps a number in °F as it is typed, though it is no round number in °C', async () => {
    await chosen({ temperature: '°F' });
    show(<Held hear={vi.fn()} />);
    const field = screen.getByLabelText('Bath, °F');
    await userEvent.clear(field);
    await userEvent.type(field, '69.5');
    expect(field).toHaveValue('69.5');
  });

  it('is nothing while it is empty, not nought', async () => {
    const hear = vi.fn();
    show(<Held hear={hear} />);
    await userEvent.clear(screen.getByLabelText('Bath, °C'));
    expect(hear).toHaveBeenLastCalledWith('');
  });
});

describe('numbers of a study', () => {
  const state = { currentA: 0.5, minutes: '', temperatureC: 25, kind: 'solution' } as {
    currentA: number | '';
    minutes: number | '';
    temperatureC: number | '';
    kind: string;
  };

  it('have a field each, with its unit, and change by themselves', async () => {
    const onChange = vi.fn();
    show(
      <Amounts
        of={state}
        onChange={onChange}
        fields={{
          currentA: ['Current', 'A', 0.05],
          minutes: ['Time', 'min', 1],
          temperatureC: ['Temperature', '°C', 1],
        }}
      />,
    );
    expect(screen.getByLabelText('Current, A')).toHaveValue('0.5');
    expect(screen.getByLabelText('Time, min')).toHaveValue('');
    expect(screen.getByLabelText('Temperature, °C')).toHaveValue('25');
    await userEvent.type(screen.getByLabelText('Time, min'), '9');
    expect(onChange).toHaveBeenCalledExactlyOnceWith({ minutes: 9 });
  });
});

describe('an amount in words', () => {
  it.each([
    [1.5e-5, 'g', '15 µg'],
    [0.0123, 'g', '12.3 mg'],
    [2.5, 'g', '2.5 g'],
    [0.004, 'mL', '4 µL'],
    [12.34, 'mL', '12.3 mL'],
    [2500, 'mL', '2.5 L'],
    [0, 'g', '0 g'],
  ])('of %d %s is %s', (value, unit, text) => expect(formatAmount(value, unit)).toBe(text));

  it.each([
    [45, '45 s'],
    [99.6, '100 s'],
    [150, '2.5 min'],
    [1800, '30 min'],
    [7200, '2 h'],
    [7500, '2 h 5 min'],
  ])('a time of %d s is %s', (seconds, text) => expect(formatDuration(seconds)).toBe(text));

  it('a voltage has a true minus sign', () => expect(formatVolts(-0.763)).toBe('−0.76 V'));
});

describe('what a schema has against a form', () => {
  const schema = z.object({
    name: z.string().min(1, 'A name is needed'),
    groups: z.array(z.string().min(1, 'A group needs a name')),
    kit: z.record(z.string(), z.number({ error: 'A number is needed' })),
  });

  it('is nothing where all is well', () =>
    expect(schemaErrors(schema, { name: 'A', groups: ['B'], kit: { balance: 2 } })).toEqual({}));

  it('stands at the field, also where the fault lies inside it', () =>
    expect(schemaErrors(schema, { name: '', groups: ['B', ''], kit: {} })).toEqual({
      name: 'A name is needed',
      groups: 'A group needs a name',
    }));

  it('stands at the very place in a record that has a field for each', () =>
    expect(schemaErrors(schema, { name: 'A', groups: [], kit: { balance: '' } }, ['kit'])).toEqual({
      'kit.balance': 'A number is needed',
    }));
});
