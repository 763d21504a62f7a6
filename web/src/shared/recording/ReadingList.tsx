import { ActionIcon, Text } from '@mantine/core';
import type { StandingEntry } from '@stoichos/core/labday/day';
import { IconX } from '@tabler/icons-react';
import { clock } from '../../data/timers/timersSlice';
import classes from './Bench.module.css';
import { tellMeasurement } from '@stoichos/core/labday/bench';

interface ReadingListProps {
  readonly readings: readonly StandingEntry[];
  readonly withdraw: (entry: StandingEntry) => void;
}

/** What has been read so far, newest first, each to be taken back. */
export function ReadingList({ readings, withdraw }: ReadingListProps) {
  if (readings.length === 0) return null;
  return (
    <ol className={classes.readings} reversed>
      {[...readings].reverse().map((entry) => {
        const { record } = entry;
        if (record.kind !== 'measurement') return null;
        const { instrument, elapsedS } = record;
        const { amount, off, unit } = tellMeasurement(record);
        return (
          <li key={entry.id}>
            <Text span className={classes.reading ?? ''}>
              {amount} {unit}
            </Text>
            <Text span size="sm" className="quiet">
              {off}
              {elapsedS !== undefined && ` · at ${clock(elapsedS)}`}
              {instrument && ` · ${instrument}`}
            </Text>
            <ActionIcon
              variant="subtle"
              aria-label={`Take back ${amount} ${unit}`}
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
