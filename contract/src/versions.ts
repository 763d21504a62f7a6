import * as z from 'zod';

const version = z.number().int().min(1);

/** The version at which what is saved whole was read; null for what is new. */
export const readAt = version.nullable().default(null);
/** The same, in an address. */
export const readAtQuery = z.object({ version: z.coerce.number().int().min(1) });

/** What is saved whole, with the version it was read at: if somebody else has changed it since, it is not written over. */
export const saving = <S extends z.ZodRawShape>(schema: z.ZodObject<S>) =>
  schema.extend({ version: readAt });
/** What is kept, with the version it stands at. */
export const keptAt = <S extends z.ZodRawShape>(schema: z.ZodObject<S>) =>
  schema.extend({ version });
/** A thing with the version it stands at. */
export type Kept<T> = T & { readonly version: number };
/** A thing with the version it was read at, null where it is new. */
export type Saving<T> = T & { readonly version: number | null };

/** The versions of what a day holds. */
export const versionsOfDay = z.object({
  /** Of its settings and groups. */
  day: version,
  timetable: version,
  /** Of each procedure, by its id. */
  procedures: z.record(z.uuid(), version),
});
