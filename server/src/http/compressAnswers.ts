import * as zlib from 'node:zlib';
import type { Middleware } from 'koa';
import compress from 'koa-compress';

/** Smaller answers fit into one packet anyway, bytes. */
const least = 1400;

/**
 * Answers are compressed on their way, but for the built files, which were compressed when they were built, and for events, which would wait
 * in the compressor until there are enough of them.
 */
export const compressAnswers = (): Middleware =>
  compress({
    threshold: least,
    filter: (type) =>
      type !== 'text/event-stream' && /json|text|csv|calendar|javascript|svg/.test(type),
    // The best a processor of a school does in the time of the answer itself.
    br: { params: { [zlib.constants.BROTLI_PARAM_QUALITY]: 4 } },
  });
