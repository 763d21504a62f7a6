import { ActionIcon, Text } from '@mantine/core';
import { fromCelsius } from '@stoichos/core/common';
import { quantityUnits } from '@stoichos/core/planning/procedure';
import type { StandingEntry } from '@stoichos/core/labday';
import { IconX } from '@tabler/icons-react';
import { useSettings } from '../../data/settings/useSettings';
import { clock } from '../../data/timers/timersSlice';
import classes from './Bench.module.css';
import { withFigures, withPlaces } from '@stoichos/core/common';

interface ReadingListProps {
  readonly readings: readonly StandingEntry[];
  readonly withdraw: (entry: StandingEntry) => void;
}

/** What has been read so far, newest first, each to be taken back. */
export function ReadingList({ readings, withdraw }: ReadingListProps) {
  const { temperature: scale } = useSettings();
  if (readings.length === 0) return null;
  return (
    <ol className={classes.readings} reversed>
      {[...readings].reverse().map((entry) => {
        const { record } = entry;
        if (record.kind !== 'measurement') return null;
        const { quantity, value, low, high, typed, uncertainty, instrument, elapsedS } = record;
        const say = (number: number) =>
          quantity === 'temperature' ? withPlaces(fromCelsius(number, scale), 1) : String(number);
        // What was typed on the scale that is read stands as it was typed.
        const read = typed?.unit === scale ? String(typed.value) : say(value);
        const unit = quantity === 'temperature' ? scale : quantityUnits[quantity];
        return (
          <li key={entry.id}>
            <Text span className={classes.reading ?? ''}>
              {low !== undefined && high !== undefined ? `${say(low)}–${say(high)}` : read} {unit}
            </Text>
            <Text span size="sm" className="quiet">
              {uncertainty !== undefined && ` ± ${withFigures(uncertainty, 1)}`}
              {elapsedS !== undefined && ` · at ${clock(elapsedS)}`}
              {instrument && ` · ${instrument}`}
            </Text>
            <ActionIcon
              variant="subtle"
              aria-label={`Take back ${read} ${unit}`}
              onClick={() => withdraw(entry)}
            >
              <IconX size={18} />
            </ActionIcon>
          </li>
        );
      })}
    </ol>
  );
}
