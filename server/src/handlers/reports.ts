import { Readable } from 'node:stream';
import { recordCsv } from '@stoichos/core/report/dayReport';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import { writtenLines } from '../database/entryPages';
import { loadDay, loadPlan } from '../database/loadDay';
import { loadSettings } from '../database/settings';
import type { Handlers } from '../http/handler';
import { resultsTable } from '../calculation/calculate';

/** Tables of a day to take away: what came of it, and every line that was written. */
export function reportHandlers(database: Database): Handlers<'results' | 'record'> {
  return {
    async results({ params, who }) {
      const day = await loadDay(database, params.dayId);
      const content = await resultsTable(day, await loadSettings(database));
      await audit(database, who.role, 'exported', `${day.name}, results as CSV`);
      return { name: `${day.date} ${day.name} results.csv`, content };
    },
    async record({ params, who }) {
      const day = await loadPlan(database, params.dayId);
      await audit(database, who.role, 'exported', `${day.name}, record as CSV`);
      const write = recordCsv(day);
      async function* table() {
        let before = '';
        for await (const lines of writtenLines(database, params.dayId)) {
          yield before + write(lines);
          before = '\r\n';
        }
      }
      return { name: `${day.date} ${day.name} record.csv`, content: Readable.from(table()) };
    },
  };
}
