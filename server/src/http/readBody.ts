import { bodyParser } from '@koa/bodyparser';
import type { Context } from 'koa';
import { Problem } from '../problem';

/** How deep a body may be nested; the deepest honest one, a procedure in a day, has a dozen levels. */
const deepest = 64;

/**
 * The JSON body of a request. Nothing is read before it is known who asks and what for, and never more than the route allows.
 *
 * @throws Problem 413 for a body that is too large, 400 for one that is no JSON, is nested too deep or holds characters that no text has.
 */
export async function readBody(context: Context, limitBytes: number): Promise<unknown> {
  const parse = bodyParser({
    enableTypes: ['json'],
    jsonLimit: limitBytes,
    onError: (error) => {
      throw refusal(error, context, limitBytes);
    },
  });
  await parse(context, () => Promise.resolve());
  const body: unknown = context.request.body;
  refuseOdd(body);
  return body;
}

function refusal(error: Error, context: Context, limitBytes: number): Problem {
  if ('status' in error && error.status === 413)
    return new Problem(
      413,
      'bodyTooLarge',
      `The request has ${context.request.length ?? 'too many'} bytes; the most accepted is ${limitBytes}.`,
      'body',
      'Shorten the note or send less at once.',
    );
  return new Problem(
    400,
    'malformedJson',
    `The request is not valid JSON: ${error.message}.`,
    'body',
    'Send one well-formed JSON object.',
  );
}

/** U+0000, which no database keeps in a text, and half of a surrogate pair, which is no character (Unicode 15, D75). */
const isOddText = (text: string): boolean => /\0|\p{Surrogate}/u.test(text);

/** One part of a body, and where it stands. */
interface Place {
  readonly value: unknown;
  readonly key: string;
  readonly depth: number;
  readonly within?: Place;
}

const pathOf = (place: Place): string => {
  const keys: string[] = [];
  for (let at: Place | undefined = place; at?.within; at = at.within) keys.unshift(at.key);
  return keys.join('.').slice(0, 200);
};

/** Looks through a body without going down itself, so that no nesting is too deep for it. */
function refuseOdd(body: unknown): void {
  const open: Place[] = [{ value: body, key: '', depth: 0 }];
  for (let place = open.pop(); place; place = open.pop()) {
    const { value, key, depth } = place;
    if (isOddText(key) || (typeof value === 'string' && isOddText(value))) throw odd(pathOf(place));
    if (typeof value !== 'object' || value === null) continue;
    if (depth > deepest) throw tooDeep(pathOf(place));
    for (const [name, part] of Object.entries(value))
      open.push({ value: part, key: name, depth: depth + 1, within: place });
  }
}

const odd = (path: string): Problem =>
  new Problem(
    400,
    'oddText',
    `${path || 'The request'} holds a character that no text has (U+0000, or half of a pair).`,
    path || 'body',
    'Take that character out and send it again.',
  );

const tooDeep = (path: string): Problem =>
  new Problem(
    400,
    'tooDeep',
    `The request is nested more than ${deepest} levels deep.`,
    path.split('.', 4).join('.'),
    'Send what the address asks for.',
  );
