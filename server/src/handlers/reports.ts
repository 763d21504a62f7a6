import { recordCsv, resultsCsv } from '@stoichos/core/report/dayReport';
import type { LabDay } from '@stoichos/core/labday/day';
import type { Who } from '../access/who';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import { loadDay } from '../database/labDays';
import { loadSettings } from '../database/settings';
import type { FileReply, Handlers } from '../http/handler';

/** Tables of a day to take away: what came of it, and every line that was written. */
export function reportHandlers(database: Database): Handlers<'results' | 'record'> {
  const table = async (
    name: string,
    dayId: string,
    { role }: Who,
    of: (day: LabDay) => Promise<string> | string,
  ): Promise<FileReply> => {
    const day = await loadDay(database, dayId);
    const content = await of(day);
    await audit(database, role, 'exported', `${day.name}, ${name} as CSV`);
    return { name: `${day.date} ${day.name} ${name}.csv`, content };
  };
  return {
    results: ({ params, who }) =>
      table('results', params.dayId, who, async (day) =>
        resultsCsv(day, await loadSettings(database)),
      ),
    record: ({ params, who }) => table('record', params.dayId, who, recordCsv),
  };
}
