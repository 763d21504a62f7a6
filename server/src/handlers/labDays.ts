import type { Database } from '../database/connect';
import { entriesPage } from '../database/entryPages';
import { archiveDay, copyDays, saveDay } from '../database/labDays';
import { daysPage, findDays } from '../database/listDays';
import { loadPlan } from '../database/loadDay';
import type { Handlers } from '../http/handler';
import { sameId } from '../http/validate';

/** Lab days as a class is set up. Ids are made by the client, so writing is PUT and can be repeated. */
export function labDayHandlers(
  database: Database,
): Handlers<'days' | 'findDays' | 'day' | 'dayEntries' | 'saveDay' | 'copyDays' | 'archiveDay'> {
  return {
    days: ({ query }) => daysPage(database, query),
    findDays: ({ query }) => findDays(database, query.text),
    day: ({ params }) => loadPlan(database, params.dayId),
    dayEntries: ({ params, query }) => entriesPage(database, params.dayId, query.after),
    async saveDay({ params, body: day }) {
      sameId(day.id, params.dayId);
      return saveDay(database, day);
    },
    copyDays: ({ body }) => copyDays(database, body.copies),
    archiveDay: ({ params, body }) => archiveDay(database, params.dayId, body.archived),
  };
}
