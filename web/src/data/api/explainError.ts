import { errorSchema } from '@stoichos/core/labday/access';
import type { ApiError } from '@stoichos/core/labday/access';

const unreachable: ApiError = {
  code: 'unreachable',
  message: 'The server does not answer.',
  field: null,
  remedy: 'Check that it runs; what you entered stays here.',
};

/** An answer of another shape: the page was open while the server was renewed. */
const misunderstood: ApiError = {
  code: 'misunderstood',
  message: 'This page is older or newer than the server.',
  field: null,
  remedy: 'Load it again; what you entered stays here.',
};

/** Reads the server's own words out of a failed request; without an answer, says that there was none. */
export function explainError(error: unknown): ApiError {
  if (typeof error !== 'object' || error === null) return unreachable;
  if ('status' in error && error.status === 'misunderstood') return misunderstood;
  if (!('data' in error)) return unreachable;
  const parsed = errorSchema.safeParse(error.data);
  return parsed.success ? parsed.data.error : unreachable;
}

function statusOf(error: unknown): unknown {
  return typeof error === 'object' && error !== null && 'status' in error ? error.status : 0;
}

/** Whether nobody is signed in any more: what was asked may succeed once somebody is. */
export function isSignedOut(error: unknown): boolean {
  return statusOf(error) === 401;
}

/** Nobody is signed in and somebody may be again; too often, or too much at once; a proxy without its server; a database that is away or full. */
const again: ReadonlySet<number> = new Set([401, 408, 429, 502, 503, 504, 507]);

/** Whether the same request may succeed later, whatever is in it. */
export function isUnreachable(error: unknown): boolean {
  const status = statusOf(error);
  return status === 'unreachable' || (typeof status === 'number' && again.has(status));
}
