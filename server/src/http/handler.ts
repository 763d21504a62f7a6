import type { Readable } from 'node:stream';
import type { Asked, Contract, Contracts, Told } from '@stoichos/contract';
import type { Context } from 'koa';
import type { Who } from '../access/who';
import type { Stream } from './stream';

/** A file to take away. */
export interface FileReply {
  readonly name: string;
  readonly content: string | Buffer | Readable;
}

/** What a handler tells: JSON, nothing, a file, or how to follow what happens until the one who listens is gone. */
export type Reply<C extends Contract> = C['answer']['kind'] extends 'json'
  ? Told<C>
  : C['answer']['kind'] extends 'file'
    ? FileReply
    : C['answer']['kind'] extends 'events'
      ? (stream: Stream) => () => void
      : void;

/** The bench of a group that asks. */
interface OwnBench {
  readonly dayId: string;
  readonly groupId: string;
}

/** What a handler is given: what was asked, found right, and who asks. */
export type Request<C extends Contract> = Asked<C> & {
  readonly who: Who;
  /** For cookies and the address of whoever asks; nothing of what was asked is read from it. */
  readonly context: Context;
} & (C['owner'] extends 'ownBench' ? { readonly bench: OwnBench } : object);

/** One handler for each route that is named, and for no other. */
export type Handlers<K extends keyof Contracts = keyof Contracts> = {
  readonly [N in K]: (request: Request<Contracts[N]>) => Promise<Reply<Contracts[N]>>;
};
