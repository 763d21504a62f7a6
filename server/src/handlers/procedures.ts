import { inField } from '@stoichos/core/common';
import { orderProblems, runProcedure } from '@stoichos/core/planning/procedure';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { Database } from '../database/connect';
import {
  dropProcedure,
  listProcedures,
  moveDayProcedure,
  removeDayProcedure,
  saveDayProcedure,
  saveProcedure,
  saveTimetable,
} from '../database/procedures';
import type { Handlers } from '../http/handler';
import { Problem } from '../problem';
import { sameId } from '../http/validate';

/** Procedures written here. */
export function procedureHandlers(
  database: Database,
): Handlers<'procedures' | 'saveProcedure' | 'dropProcedure'> {
  return {
    procedures: () => listProcedures(database),
    async saveProcedure({ params, body: own }) {
      sameId(own.id, params.procedureId);
      checkProcedure(own.procedure, 'procedure');
      return saveProcedure(database, own);
    },
    dropProcedure: ({ params, query }) =>
      dropProcedure(database, params.procedureId, query.version),
  };
}

/** The procedures of a day, and its timetable. */
export function plannedHandlers(
  database: Database,
): Handlers<'saveDayProcedure' | 'removeDayProcedure' | 'moveDayProcedure' | 'saveTimetable'> {
  return {
    async saveDayProcedure({ params: { dayId, plannedId }, body: planned }) {
      sameId(planned.id, plannedId);
      checkProcedure(planned.procedure, 'procedure');
      return saveDayProcedure(database, dayId, planned);
    },
    removeDayProcedure: ({ params: { dayId, plannedId }, query: { version } }) =>
      removeDayProcedure(database, dayId, plannedId, version),
    moveDayProcedure: ({ params: { dayId, plannedId }, body: { before } }) =>
      moveDayProcedure(database, dayId, plannedId, before),
    saveTimetable: async ({ params: { dayId }, body: { timetable, version } }) => ({
      version: await saveTimetable(database, dayId, timetable, version),
    }),
  };
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
