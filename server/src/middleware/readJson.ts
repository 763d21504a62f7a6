import { bodyParser } from '@koa/bodyparser';
import type { Middleware } from 'koa';
import { Problem } from '../problem';

/** Larger than any honest request; a long note below it is refused by its own schema, with its field named. */
const bodyLimit = '2mb';
/** A whole installation as a file. */
const fileLimit = '256mb';
const filesComeTo: ReadonlySet<string> = new Set(['/api/import', '/api/restore']);

/** Reads JSON bodies up to the limit, larger ones where files come in. Malformed and oversized ones are refused in words. */
export function readJson(): Middleware {
  const [usual, ofFiles] = [reader(bodyLimit), reader(fileLimit)];
  return (context, next) =>
    (filesComeTo.has(context.path) ? ofFiles : usual)(context, next) as Promise<void>;
}

function reader(limit: string): Middleware {
  return bodyParser({
    enableTypes: ['json'],
    jsonLimit: limit,
    onError: (error, context) => {
      const status = 'status' in error ? error.status : 400;
      if (status === 413)
        throw new Problem(
          413,
          'bodyTooLarge',
          `The request has ${context.request.length ?? 'too many'} bytes; the most accepted is ${limit.toUpperCase()}.`,
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
