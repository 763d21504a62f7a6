import { Button, Group, Text } from '@mantine/core';
import { toCelsius } from '@stoichos/core/common';
import type { QuantityName } from '@stoichos/core/planning/procedure';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import { useSettings } from '../../data/settings/useSettings';
import type { Recorder } from './useRecorder';
import type { TemperatureScale } from '@stoichos/core/common';

interface MeasureEntryProps {
  readonly name: string;
  readonly quantity: QuantityName;
  readonly recorder: Recorder;
  readonly zeroAt: number | undefined;
  readonly about: boolean;
  readonly unit: string;
}

/** The number, or the range it lies in. */
export function MeasureEntry({ name, quantity, recorder, zeroAt, about, unit }: MeasureEntryProps) {
  const { temperature: scale } = useSettings();
  const [value, setValue] = useState<string | number>('');
  const [high, setHigh] = useState<string | number>('');
  const inUnit = (typed: number) => storedReading(quantity, typed, scale).value;
  const add = (typed: number, to: number | undefined) => {
    const [from, until] = [inUnit(typed), to === undefined ? undefined : inUnit(to)];
    recorder.add({
      kind: 'measurement',
      name,
      quantity,
      ...(until === undefined
        ? storedReading(quantity, typed, scale)
        : {
            value: (from + until) / 2,
            low: Math.min(from, until),
            high: Math.max(from, until),
          }),
      ...elapsedSince(zeroAt),
    });
    setValue('');
    setHigh('');
  };
  const ready = typeof value === 'number' && (!about || typeof high === 'number');
  return (
    <Group gap="xs" align="flex-end" wrap="wrap">
      <NumberField
        aria-label={about ? `${name}, from, ${unit}` : `${name}, ${unit}`}
        size="lg"
        w={about ? 110 : 170}
        hideControls
        decimalScale={4}
        value={value}
        rightSection={<Text size="sm">{unit}</Text>}
        rightSectionWidth={48}
        onChange={setValue}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && ready)
            add(value, about && typeof high === 'number' ? high : undefined);
        }}
      />
      {about && (
        <NumberField
          aria-label={`${name}, to, ${unit}`}
          size="lg"
          w={110}
          hideControls
          value={high}
          rightSection={<Text size="sm">{unit}</Text>}
          rightSectionWidth={48}
          onChange={setHigh}
        />
      )}
      <Button
        size="lg"
        disabled={!ready}
        onClick={() => {
          if (typeof value === 'number')
            add(value, about && typeof high === 'number' ? high : undefined);
        }}
      >
        Record
      </Button>
    </Group>
  );
}

/** A reading as it is kept: in the unit of its quantity, and as it was typed where that is another. */
export function storedReading(quantity: QuantityName, typed: number, scale: TemperatureScale) {
  return quantity === 'temperature' && scale !== '°C'
    ? { value: toCelsius(typed, scale), typed: { value: typed, unit: scale } }
    : { value: typed };
}

/** The time on the clock of the step, where one runs. */
export function elapsedSince(zeroAt: number | undefined): { elapsedS?: number } {
  return zeroAt === undefined ? {} : { elapsedS: Math.max(0, (Date.now() - zeroAt) / 1000) };
}
