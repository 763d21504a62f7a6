import { Button, Group, Text } from '@mantine/core';
import type { CellRunWithRecord } from '@stoichos/core/labday';
import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { useEffect, useRef } from 'react';
import * as z from 'zod';
import { Fold } from '../../shared/parts/Fold';
import { asTime } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import { useKept } from '../../data/kept/useKept';
import { ring } from '../../data/timers/sound';
import { useNow } from '../../data/timers/useNow';
import { InstrumentReadings } from './InstrumentReadings';
import { TypedReading } from './TypedReading';
import type { WriteLine } from './useCellRun';

interface LogPanelProps {
  readonly run: CellRunWithRecord;
  readonly log: readonly LogLine[];
  readonly write: WriteLine;
}

/** What this browser remembers of a run besides its record: when its clock was started, and how it is read. */
const clockSchema = z.object({
  startedAt: z.number().nullable(),
  auto: z.boolean(),
  speed: z.number(),
  /** Time on record when the supply’s clock began anew, s: it counts from 0 each time its output goes on. */
  offsetS: z.number().default(0),
});

/** Readings: by hand with a clock and a reminder, or from the instruments by themselves. */
export function LogPanel({ run, log, write }: LogPanelProps) {
  const [clock, setClock] = useKept(`stoichos.cell.${run.id}`, clockSchema, {
    startedAt: null,
    auto: false,
    speed: 1,
    offsetS: 0,
  });
  const { everyS } = run.setup;
  const last = log.at(-1);
  return (
    <>
      <Due
        startedAt={clock.startedAt}
        everyS={everyS}
        lastS={last?.timeS}
        auto={clock.auto}
        start={() => setClock((before) => ({ ...before, startedAt: Date.now() }))}
      />
      <TypedReading log={log} startedAt={clock.startedAt} write={write} />
      <div className="no-print">
        <Fold title="Supply and multimeter" open={clock.auto}>
          <InstrumentReadings
            run={run}
            log={log}
            write={write}
            auto={clock.auto}
            speed={clock.speed}
            offsetS={clock.offsetS}
            startedAt={clock.startedAt}
            set={(part) => setClock((before) => ({ ...before, ...part }))}
          />
        </Fold>
      </div>
    </>
  );
}

/** The clock, and when the next reading is due. */
function Due({
  startedAt,
  everyS,
  lastS,
  auto,
  start,
}: {
  readonly startedAt: number | null;
  readonly everyS: number;
  readonly lastS: number | undefined;
  readonly auto: boolean;
  readonly start: () => void;
}) {
  const now = useNow(1000);
  const elapsedS = startedAt === null ? undefined : (now - startedAt) / 1000;
  const dueS = lastS === undefined ? 0 : lastS + everyS;
  const isDue = elapsedS !== undefined && !auto && elapsedS >= dueS;
  const rung = useRef(-1);
  useEffect(() => {
    if (isDue && rung.current !== dueS) {
      rung.current = dueS;
      ring(1);
    }
  }, [isDue, dueS]);
  if (auto) return null;
  return (
    <Group
      justify="space-between"
      className={`${classes.due} no-print`}
      {...(isDue && { 'data-due': '' })}
    >
      {elapsedS === undefined ? (
        <>
          <Text>Start the clock together with the switch.</Text>
          <Button onClick={start}>Switched on: start the clock</Button>
        </>
      ) : (
        <>
          <div>
            <span className="quiet">On for</span>{' '}
            <span className={classes.big}>{asTime(elapsedS)}</span>
          </div>
          <Text role={isDue ? 'alert' : undefined} fw={isDue ? 600 : 400}>
            {isDue ? 'Read now' : `Next reading in ${asTime(dueS - elapsedS)}`}
          </Text>
        </>
      )}
    </Group>
  );
}
