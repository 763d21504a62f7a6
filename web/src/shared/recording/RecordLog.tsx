import { Text } from '@mantine/core';
import { describeRecord } from '@stoichos/core/labday/bench';
import { isAt } from '@stoichos/core/labday/day';
import type { BenchEntry, LabDay } from '@stoichos/core/labday/day';
import classes from './Bench.module.css';

interface RecordLogProps {
  readonly day: Pick<LabDay, 'entries'>;
  readonly at: {
    readonly workId: string;
    readonly stepId?: string;
    readonly groupId: string | null;
  };
}

/** Every line ever written here, with what each corrects: nothing is taken out of a record. */
export function RecordLog({ day, at }: RecordLogProps) {
  const own = day.entries.filter((entry) => isAt(entry, at));
  if (own.length === 0) return <Text>Nothing has been recorded here yet.</Text>;
  const replaced = new Set(own.map(({ supersedes }) => supersedes));
  const before = ({ supersedes }: BenchEntry) => own.find(({ id }) => id === supersedes);
  return (
    <ol className={classes.log}>
      {own.map((entry) => {
        const corrected = before(entry);
        return (
          <li key={entry.id} data-stands={!replaced.has(entry.id) && entry.record !== null}>
            <Text span size="sm" className="quiet">
              {new Date(entry.recordedAt).toLocaleTimeString('en-GB')}
              {entry.vessel && entry.vessel !== 'vessel' && ` · ${entry.vessel}`}
              {entry.part !== 'test' && ` · ${entry.part}`}
            </Text>{' '}
            <span className={replaced.has(entry.id) ? classes.replaced : undefined}>
              {entry.record ? describeRecord(entry.record) : 'taken back'}
            </span>
            {corrected?.record && (
              <Text span size="sm" className="quiet">
                {' '}
                (corrects “{describeRecord(corrected.record)}”)
              </Text>
            )}
          </li>
        );
      })}
    </ol>
  );
}
