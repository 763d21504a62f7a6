import type { Context } from 'koa';
import { Problem } from '../problem';

/**
 * A file that is sent, as it comes; never more of it than the route allows.
 *
 * @throws Problem 415 for another kind of file, 413 while reading one that is too large.
 */
export function readUpload(
  context: Context,
  type: string,
  limitBytes: number,
): AsyncIterable<Uint8Array> {
  if (!context.is(type))
    throw new Problem(
      415,
      'otherKind',
      `What is sent is ${context.get('content-type') || 'of no kind'}; a file of the kind ${type} is read here.`,
      'file',
      `Choose a file of the kind ${type}.`,
    );
  return limited(context.req, limitBytes);
}

async function* limited(source: AsyncIterable<Uint8Array>, limitBytes: number) {
  let readBytes = 0;
  for await (const chunk of source) {
    readBytes += chunk.length;
    if (readBytes > limitBytes)
      throw new Problem(
        413,
        'bodyTooLarge',
        `The file has more than ${limitBytes} bytes.`,
        'file',
        'Choose a smaller file; a backup of any size is restored on the command line.',
      );
    yield chunk;
  }
}
