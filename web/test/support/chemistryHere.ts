import { MessageChannel } from 'node:worker_threads';
import { expose } from 'comlink';
import type { Endpoint } from 'comlink';

/** Answers from the thread of the test, over a channel as a worker’s is: what cannot be sent fails here too. */
export class WorkerHere {
  onerror = null;
  readonly #near: Endpoint & { close: () => void };

  constructor() {
    const { port1, port2 } = new MessageChannel();
    // A test that ends leaves nothing that keeps the machine waiting.
    port1.unref();
    port2.unref();
    this.#near = port1 as unknown as Endpoint & { close: () => void };
    void import('../../src/data/worker/chemistry').then(({ chemistry }) => {
      expose(chemistry, port2 as unknown as Endpoint);
    });
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
