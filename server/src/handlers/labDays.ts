import type { Database } from '../database/connect';
import { archiveDay, copyDays, listDays, loadDay, saveDay } from '../database/labDays';
import type { Handlers } from '../http/handler';
import { sameId } from '../http/validate';

/** Lab days as a class is set up. Ids are made by the client, so writing is PUT and can be repeated. */
export function labDayHandlers(
  database: Database,
): Handlers<'days' | 'day' | 'saveDay' | 'copyDays' | 'archiveDay'> {
  return {
    days: () => listDays(database),
    day: ({ params }) => loadDay(database, params.dayId),
    async saveDay({ params, body: day }) {
      sameId(day.id, params.dayId);
      return saveDay(database, day);
    },
    copyDays: ({ body }) => copyDays(database, body.copies),
    archiveDay: ({ params, body }) => archiveDay(database, params.dayId, body.archived),
  };
}
