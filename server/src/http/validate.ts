import { mostTelling } from '@stoichos/core/common';
import type * as z from 'zod';
import { Problem } from '../problem';

const longestShown = 60;

/** Checks a value against its schema. @throws Problem 400 naming the first field that is wrong and its value. */
export function check<S extends z.ZodType>(schema: S, value: unknown): z.output<S> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const { path, message } = mostTelling(parsed.error.issues);
  const field = path.join('.');
  throw new Problem(
    400,
    'invalidInput',
    `${field || 'The request'} is ${show(valueAt(value, path))}: ${message}.`,
    field || 'body',
    'Correct this field and send it again.',
  );
}

/** Checks that a body is sent to its own address. @throws Problem 400. */
export function sameId(inBody: string, inPath: string): void {
  if (inBody !== inPath)
    throw new Problem(
      400,
      'idMismatch',
      `The id ${inBody} is not that of the address, ${inPath}.`,
      'id',
      'Send the same id in both places.',
    );
}

function valueAt(value: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (inner, key) =>
      typeof inner === 'object' && inner !== null
        ? (inner as Record<PropertyKey, unknown>)[key]
        : undefined,
    value,
  );
}

function show(value: unknown): string {
  if (value === undefined) return 'missing';
  const text = JSON.stringify(value);
  return text.length > longestShown
    ? `${text.slice(0, longestShown)}… (${text.length} characters)`
    : text;
}
