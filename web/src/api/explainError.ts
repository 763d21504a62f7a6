import { errorSchema } from '@stoichos/core';
import type { ApiError } from '@stoichos/core';

const unreachable: ApiError = {
  code: 'unreachable',
  message: 'The server does not answer.',
  field: null,
  remedy: 'Check that it runs; what you entered stays here.',
};

/** Reads the server's own words out of a failed request; without an answer, says that there was none. */
export function explainError(error: unknown): ApiError {
  if (typeof error !== 'object' || error === null || !('data' in error)) return unreachable;
  const parsed = errorSchema.safeParse(error.data);
  return parsed.success ? parsed.data.error : unreachable;
}

/** Whether a request got no answer at all, so that sending it again may succeed. */
export function isUnreachable(error: unknown): boolean {
  const status =
    typeof error === 'object' && error !== null && 'status' in error ? error.status : 0;
  return typeof status !== 'number' || status >= 500;
}
