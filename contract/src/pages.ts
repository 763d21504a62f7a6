import * as z from 'zod';

/** A page of a list, and the cursor after which the next one begins; null where there are no more. */
export const pageOf = <S extends z.ZodType>(item: S) =>
  z.strictObject({ items: z.array(item), next: z.string().nullable() });

/** Which page: the one after a cursor, or the first. */
export const pageQuery = z.strictObject({ after: z.uuid().optional() });
