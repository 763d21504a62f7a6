import { inField } from '@stoichos/core/common';
import {
  dayProcedureSchema,
  dayTimetableSchema,
  ownProcedureSchema,
} from '@stoichos/core/labday/day';
import { orderProblems, runProcedure } from '@stoichos/core/planning/procedure';
import type { Procedure } from '@stoichos/core/planning/procedure';
import Router from '@koa/router';
import * as z from 'zod';
import type { Database } from '../database/connect';
import { loadDay } from '../database/labDays';
import {
  dropProcedure,
  listProcedures,
  mostProcedures,
  removeDayProcedure,
  saveDayProcedure,
  saveDayProcedures,
  saveProcedure,
  saveTimetable,
} from '../database/procedures';
import { Problem } from '../problem';
import { body, idParameter, sameId } from '../validate';

const plannedSchema = z.object({
  procedures: z
    .array(dayProcedureSchema)
    .max(mostProcedures, `A day holds at most ${mostProcedures} procedures`),
});
const timetableBody = z.object({ timetable: dayTimetableSchema.nullable() });

/** Procedures written here, the procedures of a day, and its timetable. */
export function procedureRoutes(database: Database): Router {
  const router = new Router();
  router.get('/procedures', async (context) => {
    context.body = await listProcedures(database);
  });
  router.put('/procedures/:procedureId', async (context) => {
    const own = body(context, ownProcedureSchema);
    sameId(own.id, idParameter(context, 'procedureId'));
    checkProcedure(own.procedure, 'procedure');
    await saveProcedure(database, own);
    context.body = own;
  });
  router.delete('/procedures/:procedureId', async (context) => {
    await dropProcedure(database, idParameter(context, 'procedureId'));
    context.status = 204;
  });
  router.put('/days/:dayId/procedures', async (context) => {
    const dayId = idParameter(context, 'dayId');
    const { procedures } = body(context, plannedSchema);
    procedures.forEach(({ procedure }, at) =>
      checkProcedure(procedure, `procedures.${at}.procedure`),
    );
    await saveDayProcedures(database, dayId, procedures);
    context.body = await loadDay(database, dayId);
  });
  router.put('/days/:dayId/procedures/:plannedId', async (context) => {
    const dayId = idParameter(context, 'dayId');
    const planned = body(context, dayProcedureSchema);
    sameId(planned.id, idParameter(context, 'plannedId'));
    checkProcedure(planned.procedure, 'procedure');
    await saveDayProcedure(database, dayId, planned);
    context.body = await loadDay(database, dayId);
  });
  router.delete('/days/:dayId/procedures/:plannedId', async (context) => {
    const dayId = idParameter(context, 'dayId');
    await removeDayProcedure(database, dayId, idParameter(context, 'plannedId'));
    context.body = await loadDay(database, dayId);
  });
  router.put('/days/:dayId/timetable', async (context) => {
    const dayId = idParameter(context, 'dayId');
    await saveTimetable(database, dayId, body(context, timetableBody).timetable);
    context.body = await loadDay(database, dayId);
  });
  return router;
}

/** A procedure is kept only when the engine can run it and its steps stand in order. @throws Problem naming the step. */
function checkProcedure(procedure: Procedure, field: string): void {
  const { refused } = inField(field, () => runProcedure(procedure));
  if (refused) {
    const { stepId, code, message, remedy, field: inStep } = refused;
    const path = [field, 'steps', stepId, ...(inStep === undefined ? [] : [inStep])].join('.');
    throw new Problem(400, code, message, path, remedy);
  }
  const [problem] = orderProblems(procedure.steps);
  if (problem)
    throw new Problem(
      400,
      'outOfOrder',
      problem.message,
      `${field}.steps.${problem.stepId}`,
      'Move the step back, or take the link out.',
    );
}
