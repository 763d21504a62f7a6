import { connect } from 'node:net';
import type { Socket } from 'node:net';

/** Why an instrument gave no answer one could use. */
export type LineTrouble = 'unplugged' | 'silent' | 'garbled';

/** An instrument that did not answer, or not so that it can be read. */
export class LineError extends Error {
  constructor(
    readonly trouble: LineTrouble,
    message: string,
  ) {
    super(message);
    this.name = 'LineError';
  }
}

export interface Address {
  readonly host: string;
  readonly port: number;
}

/** A line to one instrument: what is asked is answered in turn. */
export interface ScpiLine {
  readonly ask: (query: string) => Promise<string>;
  readonly tell: (command: string) => Promise<void>;
  readonly close: () => void;
}

const answerWithinMs = 1500;
const connectWithinMs = 1500;
const longestAnswer = 4096;

const silence = () => new LineError('silent', `no answer within ${answerWithinMs / 1000} s`);

interface Listener {
  readonly hear: (chunk: string) => void;
  readonly lost: (own: Socket, error: LineError) => void;
}

/** A socket to an instrument, once it answers. */
function connected({ host, port }: Address, { hear, lost }: Listener): Promise<Socket> {
  return new Promise((done, fail) => {
    const own = connect({ host, port });
    const unplugged = () => {
      const error = new LineError('unplugged', `nothing answers at ${host}:${port}`);
      fail(error);
      lost(own, error);
      own.destroy();
    };
    own.setTimeout(connectWithinMs, unplugged);
    own.setEncoding('latin1');
    own.once('connect', () => {
      own.setTimeout(0);
      done(own);
    });
    own.on('error', unplugged);
    own.on('close', unplugged);
    own.on('data', (chunk: Buffer | string) => hear(String(chunk)));
  });
}

/**
 * Opens a line when it is first needed and again after it broke. One question is on its way at a time, so that no answer is
 * taken for another’s; after a silence the line is closed, for a late answer would be.
 */
export function scpiLine({ host, port }: Address): ScpiLine {
  let socket: Socket | undefined;
  let heard = '';
  let waiting: ((line: string) => void) | undefined;
  let broken: ((error: LineError) => void) | undefined;
  let last: Promise<unknown> = Promise.resolve();

  const drop = (error: LineError): void => {
    socket?.destroy();
    socket = undefined;
    heard = '';
    broken?.(error);
    [waiting, broken] = [undefined, undefined];
  };

  const hear = (chunk: string): void => {
    heard += chunk;
    if (heard.length > longestAnswer) {
      drop(new LineError('garbled', 'the answer has no end'));
      return;
    }
    const end = heard.indexOf('\n');
    if (end < 0 || !waiting) return;
    const line = heard.slice(0, end).trim();
    heard = heard.slice(end + 1);
    const answer = waiting;
    [waiting, broken] = [undefined, undefined];
    answer(line);
  };

  const open = async (): Promise<Socket> => {
    socket ??= await connected(
      { host, port },
      {
        hear,
        lost: (own, error) => {
          if (socket === own) drop(error);
        },
      },
    );
    return socket;
  };

  const exchange = async (text: string, isQuery: boolean): Promise<string> => {
    const own = await open();
    // What nobody asked for is noise on the line.
    heard = '';
    if (!isQuery) {
      own.write(`${text}\n`);
      return '';
    }
    return new Promise((done, fail) => {
      const late = setTimeout(() => drop(silence()), answerWithinMs);
      waiting = (line) => {
        clearTimeout(late);
        done(line);
      };
      broken = (error) => {
        clearTimeout(late);
        fail(error);
      };
      own.write(`${text}\n`);
    });
  };

  const inTurn = (text: string, isQuery: boolean): Promise<string> => {
    const next = () => exchange(text, isQuery);
    const turn = last.then(next, next);
    last = turn;
    return turn;
  };

  return {
    ask: (query) => inTurn(query, true),
    tell: async (command) => {
      await inTurn(command, false);
    },
    close: () => drop(new LineError('unplugged', 'closed')),
  };
}
