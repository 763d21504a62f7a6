import { pino } from 'pino';
import type { Logger } from 'pino';

/** A structured log, one JSON object a line. Of an error only type, message and stack are kept: statements can be long. */
export function createLog(level: string): Logger {
  return pino({
    level,
    serializers: {
      err: (error: unknown) =>
        error instanceof Error
          ? { type: error.name, message: error.message, stack: error.stack?.slice(0, 1500) }
          : error,
    },
  });
}
