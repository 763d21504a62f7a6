import * as z from 'zod';
import { rackSchema } from '../../seeing/rack/rackShape';

/** A sequence of the study that was kept under a name: to open again, to compare with, to become a procedure. */
export const keptRunSchema = z.object({
  id: z.uuid(),
  name: z.string().trim().min(1, 'A kept sequence needs a name').max(80),
  rack: rackSchema,
  keptAt: z.iso.datetime(),
});
export type KeptRun = z.infer<typeof keptRunSchema>;
