import { PassThrough } from 'node:stream';
import type { LiveEvent } from '@stoichos/core/labday/access';
import type { Context } from 'koa';

const beatMs = 15_000;
/** So much may wait for one that listens and does not read. */
const mostUnreadBytes = 1_000_000;

/** An open answer to which events are written as they happen (server-sent events, WHATWG HTML). */
export interface Stream {
  readonly send: (event: LiveEvent) => void;
  readonly end: () => void;
  readonly onClose: (work: () => void) => void;
}

/** Answers a request with a stream that stays open, with a beat now and then so that nothing on the way takes it for dead. */
export function openStream(context: Context): Stream {
  const body = new PassThrough();
  context.set('Cache-Control', 'no-store');
  // A proxy that collects answers would hold the news back.
  context.set('X-Accel-Buffering', 'no');
  context.type = 'text/event-stream';
  context.body = body;
  const beat = setInterval(() => body.write(': still here\n\n'), beatMs);
  body.on('close', () => clearInterval(beat));
  const send = (event: LiveEvent): void => {
    if (body.writableEnded) return;
    // Who does not read is let go, and begins again when it does.
    if (body.writableLength > mostUnreadBytes) body.end();
    else body.write(`data: ${JSON.stringify(event)}\n\n`);
  };
  // Something must be written for the answer to begin; the first event comes when there is news to be had.
  body.write(': open\n\n');
  return {
    send,
    end: () => body.end(),
    onClose: (work) => {
      body.on('close', work);
      context.req.on('close', () => body.end());
    },
  };
}
