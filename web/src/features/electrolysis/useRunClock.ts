import * as z from 'zod';
import { useStudy } from '../../shared/study/useStudy';

/** What this browser remembers of a run besides its record: when its clock was started, and how it is read. */
const clockSchema = z.object({
  /** When it was switched on, ms since 1970. */
  startedAt: z.number().nullable(),
  /** Whether the instruments are read by themselves. */
  auto: z.boolean(),
  /** How many times faster a simulated supply runs. */
  speed: z.number(),
  /** Time on record when the supply’s clock began anew, s: it counts from 0 each time its output goes on. */
  offsetS: z.number().default(0),
});

/** The clock of a run, and a way to change a part of it. */
export function useRunClock(runId: string) {
  const { state: clock, change: set } = useStudy({
    key: `stoichos.cell.${runId}`,
    name: 'clock',
    schema: clockSchema,
    initial: { startedAt: null, auto: false, speed: 1, offsetS: 0 },
  });
  return { clock, set };
}
