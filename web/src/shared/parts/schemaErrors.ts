import type * as z from 'zod';

/**
 * What a schema has against the values of a form, by field: what `useForm` shows beside them. A fault inside a list or a record stands
 * at its field, but at the very place for the fields named in `nested`.
 */
export function schemaErrors(
  schema: z.ZodType,
  values: unknown,
  nested: readonly string[] = [],
): Record<string, string> {
  const read = schema.safeParse(values);
  if (read.success) return {};
  return Object.fromEntries(
    read.error.issues.map(({ path, message }) => {
      const [field = ''] = path.map(String);
      return [nested.includes(field) ? path.join('.') : field, message];
    }),
  );
}
