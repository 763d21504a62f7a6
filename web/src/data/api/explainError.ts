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

/** Whether sending a request again may succeed: it got no answer, or the session has ended and may begin again. */
export function isUnreachable(error: unknown): boolean {
  const status = statusOf(error);
  return (
    status === 'unreachable' || status === 401 || (typeof status === 'number' && status >= 500)
  );
}
