import type * as z from 'zod';
import { ChemistryError } from './errors';
import { mostTelling } from './mostTelling';

/**
 * Checks input against a schema.
 *
 * @throws ChemistryError `invalidInput` naming the first field that is wrong.
 */
export function parseInput<S extends z.ZodType>(schema: S, raw: unknown): z.output<S> {
  const parsed = schema.safeParse(raw);
  if (parsed.success) return parsed.data;
  const { path, message } = mostTelling(parsed.error.issues);
  const field = path.join('.');
  throw ChemistryError.of('invalidInput', `${field || 'The input'}: ${message}.`).in(
    field || 'input',
  );
}
