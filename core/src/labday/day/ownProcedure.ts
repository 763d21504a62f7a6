import * as z from 'zod';
import { procedureSchema } from '../../planning/procedure/procedure';

/** A procedure that somebody wrote or adapted here. */
export const ownProcedureSchema = z.object({
  id: z.uuid(),
  procedure: procedureSchema,
  savedAt: z.iso.datetime(),
});
export type OwnProcedure = z.infer<typeof ownProcedureSchema>;
