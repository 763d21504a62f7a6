import { Button, Group, Select, Switch, Text, TextInput } from '@mantine/core';
import { formatTemperature } from '@stoichos/core/common';
import { quantityNames, quantityUnits } from '@stoichos/core/planning/procedure';
import type { Follow, InstrumentInfo } from '@stoichos/core/labday/bench';
import type { StandingEntry } from '@stoichos/core/labday/day';
import type { Measure, QuantityName } from '@stoichos/core/planning/procedure';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import { useSettings } from '../../data/settings/useSettings';
import { Fold } from '../parts/Fold';
import classes from './Bench.module.css';
import { TakeReading } from './TakeReading';
import { ReadingList } from './ReadingList';
import type { Recorder } from './useRecorder';
import { MeasureEntry, storedReading } from './MeasureEntry';

interface MeasurePanelProps {
  /** Writes to the step as a whole. */
  readonly recorder: Recorder;
  readonly dayId: string;
  readonly measures: readonly Measure[];
  readonly instruments: readonly InstrumentInfo[];
  /** The vessel that a simulated instrument is put to. */
  readonly follow: Follow | undefined;
  /** When the clock of a measurement was started, ms: that of the first step which takes it. */
  readonly zeroOf: (name: string) => number | undefined;
}

/** Numbers with their units, typed or read from an instrument, exact or about. */
export function MeasurePanel(props: MeasurePanelProps) {
  const { measures, recorder } = props;
  const others = recorder
    .all('measurement')
    .filter(
      ({ name, quantity }) => quantity !== 'drops' && !measures.some((one) => one.name === name),
    );
  const extra = [...new Map(others.map((one) => [one.name, one])).values()];
  const shown: readonly Measure[] = [
    ...measures.filter(({ quantity }) => quantity !== 'drops'),
    ...extra.map(({ name, quantity }) => ({ name, quantity })),
  ];
  return (
    <>
      {shown.map((measure) => (
        <OneMeasure key={measure.name} {...props} measure={measure} />
      ))}
      <AnotherMeasure {...props} open={shown.length === 0} />
    </>
  );
}

/** The unit a quantity is read in here. */
export function useUnit(quantity: QuantityName): string {
  const { temperature } = useSettings();
  return quantity === 'temperature' ? temperature : quantityUnits[quantity];
}

function OneMeasure({
  recorder,
  measure,
  instruments,
  follow,
  zeroOf,
  dayId,
}: MeasurePanelProps & { measure: Measure }) {
  const { name, quantity, series } = measure;
  const zeroAt = zeroOf(name);
  const unit = useUnit(quantity);
  const [about, setAbout] = useState(false);
  const readings = recorder.standing.filter(
    (entry): entry is StandingEntry =>
      entry.record.kind === 'measurement' && entry.record.name === name,
  );
  return (
    <section aria-label={name} className={classes.block}>
      <Group justify="space-between" align="baseline" gap="xs">
        <Text fw={600}>{name}</Text>
        <Switch
          size="sm"
          label="about"
          checked={about}
          onChange={(event) => setAbout(event.currentTarget.checked)}
        />
      </Group>
      <MeasureEntry
        name={name}
        quantity={quantity}
        recorder={recorder}
        zeroAt={zeroAt}
        about={about}
        unit={unit}
      />
      <TakeReading
        recorder={recorder}
        dayId={dayId}
        name={name}
        quantity={quantity}
        instruments={instruments}
        zeroAt={zeroAt}
        series={series === true}
        follow={follow}
      />
      <ReadingList readings={readings} withdraw={recorder.withdraw} />
      {quantity === 'temperature' && readings.length > 0 && (
        <Text size="sm" className="quiet">
          Lowest{' '}
          {formatTemperature(
            Math.min(
              ...readings.flatMap(({ record }) =>
                record.kind === 'measurement' ? [record.value] : [],
              ),
            ),
            1,
          )}
        </Text>
      )}
    </section>
  );
}

/** Something the procedure does not ask for. */
function AnotherMeasure({ recorder, open }: MeasurePanelProps & { open: boolean }) {
  const [quantity, setQuantity] = useState<QuantityName>('mass');
  const [name, setName] = useState('');
  const [value, setValue] = useState<string | number>('');
  const { temperature: scale } = useSettings();
  const unit = useUnit(quantity);
  return (
    <Fold title="Measure something else" open={open}>
      <Group gap="xs" align="flex-end">
        <TextInput
          label="What"
          placeholder="gas in the tube"
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <Select
          label="Quantity"
          w={140}
          data={quantityNames.filter((one) => one !== 'drops')}
          value={quantity}
          onChange={(picked) => setQuantity(quantityNames.find((one) => one === picked) ?? 'mass')}
        />
        <NumberField
          label={`Value${unit ? `, ${unit}` : ''}`}
          w={120}
          hideControls
          value={value}
          onChange={setValue}
        />
        <Button
          disabled={name.trim() === '' || typeof value !== 'number'}
          onClick={() => {
            if (typeof value !== 'number') return;
            recorder.add({
              kind: 'measurement',
              name: name.trim(),
              quantity,
              ...storedReading(quantity, value, scale),
            });
            setValue('');
          }}
        >
          Record
        </Button>
      </Group>
    </Fold>
  );
}
