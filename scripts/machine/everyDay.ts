import { whichDays } from '@stoichos/contract';
import type { DaysPage } from '@stoichos/contract';
import type { LabDaySummary } from '@stoichos/core/labday/day';

/** The lab days of a running application, the latest first: of each list the first page, which holds all of a demo. */
export async function everyDay(ask: (path: string) => Promise<unknown>): Promise<LabDaySummary[]> {
  const lists = await Promise.all(
    whichDays.map(async (which) => (await ask(`/api/days?which=${which}`)) as DaysPage),
  );
  return lists
    .flatMap(({ items }) => items)
    .sort((one, other) => other.date.localeCompare(one.date));
}
