import { MessageChannel } from 'node:worker_threads';
import { expose } from 'comlink';
import type { Endpoint } from 'comlink';
import { chemistry } from '../../src/data/worker/chemistry';

/** Answers from the thread of the test, over a channel as a worker’s is: what cannot be sent fails here too. The chemistry is loaded before the first test: a file that ended while it was loading would leave the files after it without. */
export class WorkerHere {
  onerror = null;
  readonly #near: Endpoint & { close: () => void };

  constructor() {
    const { port1, port2 } = new MessageChannel();
    // A test that ends leaves nothing that keeps the machine waiting.
    port1.unref();
    port2.unref();
    this.#near = port1 as unknown as Endpoint & { close: () => void };
    expose(chemistry, port2 as unknown as Endpoint);
  }

  postMessage: Endpoint['postMessage'] = (...given) => {
    this.#near.postMessage(...given);
  };
  addEventListener: Endpoint['addEventListener'] = (...given) => {
    this.#near.addEventListener(...given);
  };
  removeEventListener: Endpoint['removeEventListener'] = (...given) => {
    this.#near.removeEventListener(...given);
  };
  start = () => this.#near.start?.();
  terminate = () => {
    this.#near.close();
  };
}
