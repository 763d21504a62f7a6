import { useInterval } from '@mantine/hooks';
import type { CellRunWithRecord } from '@stoichos/core/labday/cells';
import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { useEffect, useRef, useState } from 'react';
import { useCellReadingMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import type { Failure } from '../../data/worker/chemistry';
import type { WriteLine } from './useCellRun';
import { useRunClock } from './useRunClock';

/** However fast a simulated supply runs, it is not asked more often, ms. */
const leastMs = 400;

/** The readings of the instruments, one at a time, as often as is asked. A reading that fails is counted and not made up for. */
export function useSupplyReadings(
  run: CellRunWithRecord,
  log: readonly LogLine[],
  write: WriteLine,
) {
  const { clock, set } = useRunClock(run.id);
  const { offsetS, startedAt, speed, auto } = clock;
  const [read] = useCellReadingMutation();
  const [problem, setProblem] = useState<Failure>();
  const [missed, setMissed] = useState(0);
  const reading = useRef(false);
  const offset = useRef(offsetS);
  const lastS = log.at(-1)?.timeS ?? -1;
  const readOnce = async () => {
    if (reading.current) return;
    reading.current = true;
    try {
      const line = await read(run.id).unwrap();
      const ownS = startedAt === null ? 0 : (Date.now() - startedAt) / 1000;
      if (line.timeS !== undefined && offset.current + line.timeS < lastS - 1) {
        // Its output was off in between: the log goes on where it stood.
        offset.current = lastS;
        set({ offsetS: lastS });
      }
      const timeS = line.timeS === undefined ? ownS : offset.current + line.timeS;
      // The clock of the supply stands while it is off: the same moment twice is one line.
      if (timeS > lastS)
        write({ ...line, kind: 'reading', by: 'instruments', timeS: Math.round(timeS * 10) / 10 });
      setProblem(undefined);
    } catch (error) {
      setMissed((before) => before + 1);
      setProblem(explainError(error));
    } finally {
      reading.current = false;
    }
  };
  const { start, stop } = useInterval(
    () => void readOnce(),
    Math.max(leastMs, (1000 * run.setup.everyS) / speed),
  );
  useEffect(() => {
    if (auto) start();
    else stop();
    return stop;
  }, [auto, start, stop]);
  return { setProblem, readOnce, problem, missed };
}
