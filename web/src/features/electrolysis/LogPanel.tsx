import { Button, Group, Text } from '@mantine/core';
import { formatDuration } from '@stoichos/core/common';
import type { CellRunWithRecord } from '@stoichos/core/labday/cells';
import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { useEffect, useRef } from 'react';
import { ring } from '../../data/timers/sound';
import { useNow } from '../../data/timers/useNow';
import { Fold } from '../../shared/parts/Fold';
import classes from '../../shared/study/Study.module.css';
import { InstrumentReadings } from './InstrumentReadings';
import { TypedReading } from './TypedReading';
import type { WriteLine } from './useCellRun';
import { useRunClock } from './useRunClock';

interface LogPanelProps {
  readonly run: CellRunWithRecord;
  readonly log: readonly LogLine[];
  readonly write: WriteLine;
}

/** Readings: by hand with a clock and a reminder, or from the instruments by themselves. */
export function LogPanel({ run, log, write }: LogPanelProps) {
  const { clock } = useRunClock(run.id);
  return (
    <>
      {!clock.auto && <Due run={run} log={log} />}
      <TypedReading log={log} startedAt={clock.startedAt} write={write} />
      <div className="no-print">
        <Fold title="Supply and multimeter" open={clock.auto}>
          <InstrumentReadings run={run} log={log} write={write} />
        </Fold>
      </div>
    </>
  );
}

/** The clock, and when the next reading is due. */
function Due({ run, log }: Pick<LogPanelProps, 'run' | 'log'>) {
  const { clock, set } = useRunClock(run.id);
  const now = useNow(1000);
  const elapsedS = clock.startedAt === null ? undefined : (now - clock.startedAt) / 1000;
  const last = log.at(-1);
  const dueS = last ? last.timeS + run.setup.everyS : 0;
  const isDue = elapsedS !== undefined && elapsedS >= dueS;
  const rung = useRef(-1);
  useEffect(() => {
    if (isDue && rung.current !== dueS) {
      rung.current = dueS;
      ring(1);
    }
  }, [isDue, dueS]);
  return (
    <Group justify="space-between" className={`${classes.due} no-print`} mod={{ due: isDue }}>
      {elapsedS === undefined ? (
        <>
          <Text>Start the clock together with the switch.</Text>
          <Button variant="filled" onClick={() => set({ startedAt: Date.now() })}>
            Switched on: start the clock
          </Button>
        </>
      ) : (
        <>
          <div>
            <span className="quiet">On for</span>{' '}
            <span className={classes.big}>{formatDuration(elapsedS)}</span>
          </div>
          <Text role={isDue ? 'alert' : undefined} fw={isDue ? 600 : 400}>
            {isDue ? 'Read now' : `Next reading in ${formatDuration(dueS - elapsedS)}`}
          </Text>
        </>
      )}
    </Group>
  );
}
