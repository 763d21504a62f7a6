import { Readable } from 'node:stream';
import { exchangeText } from '@stoichos/core/report/exchange';
import { authorOf } from '../access/who';
import type { Who } from '../access/who';
import { audit } from '../database/audit';
import type { Audited } from '../database/audit';
import type { Database } from '../database/connect';
import { everyDay } from '../database/listDays';
import { loadPlan } from '../database/loadDay';
import { makeBackup, restoreBackup } from '../exchange/backup';
import { dayCalendar, daysCalendar } from '../exchange/calendar';
import { writeDayFile } from '../exchange/dayFile';
import { withSpooled } from '../exchange/spool';
import { importFile } from '../exchange/importFile';
import type { Handlers } from '../http/handler';

/** Data in and out: lab days as files, what takes a file in, the whole as a backup, the calendar. */
export function exchangeHandlers(
  database: Database,
): Handlers<'dayFile' | 'dayCalendar' | 'daysCalendar' | 'takeIn' | 'backup' | 'restore'> {
  const told = ({ role }: Who, what: Audited, about: string) => audit(database, role, what, about);
  return {
    async dayFile({ params, who }) {
      const file = await writeDayFile(database, params.dayId);
      await told(who, 'exported', `${file.day.name}, with keys`);
      return { name: `${file.day.date} ${file.day.name}.json`, content: exchangeText(file) };
    },
    async dayCalendar({ params, query: { begins } }) {
      const day = await loadPlan(database, params.dayId);
      return { name: `${day.date} ${day.name}.ics`, content: dayCalendar(day, begins) };
    },
    async daysCalendar() {
      return { name: 'Lab days.ics', content: daysCalendar(await everyDay(database)) };
    },
    async takeIn({ body, who }) {
      const plan = await importFile(database, { ...body, author: authorOf(who) });
      if (body.apply) await told(who, 'imported', `${plan.what} ${plan.name}`);
      return plan;
    },
    async backup({ who }) {
      const madeAt = new Date();
      await told(who, 'exported', 'everything, as a backup');
      return {
        name: `Stoichos backup ${madeAt.toISOString().slice(0, 10)}.ndjson`,
        content: Readable.from(makeBackup(database, madeAt)),
      };
    },
    async restore({ upload, query, who }) {
      const apply = query.apply === 'true';
      const plan = await withSpooled(upload, (source) => restoreBackup(database, source, apply));
      if (apply) await told(who, 'restored', `the backup of ${plan.madeAt}`);
      return plan;
    },
  };
}
