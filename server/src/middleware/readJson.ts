import { bodyParser } from '@koa/bodyparser';
import type { Middleware } from 'koa';
import { Problem } from '../problem';

/** Larger than any honest request; a long note below it is refused by its own schema, with its field named. */
const bodyLimit = '2mb';

/** Reads JSON bodies up to the limit. Malformed and oversized ones are refused in words. */
export function readJson(): Middleware {
  return bodyParser({
    enableTypes: ['json'],
    jsonLimit: bodyLimit,
    onError: (error, context) => {
      const status = 'status' in error ? error.status : 400;
      if (status === 413)
        throw new Problem(
          413,
          'bodyTooLarge',
          `The request has ${context.request.length ?? 'too many'} bytes; the most accepted is ${bodyLimit.toUpperCase()}.`,
          'body',
          'Shorten the note or send less at once.',
        );
      throw new Problem(
        400,
        'malformedJson',
        `The request is not valid JSON: ${error.message}.`,
        'body',
        'Send one well-formed JSON object.',
      );
    },
  }) as Middleware;
}
