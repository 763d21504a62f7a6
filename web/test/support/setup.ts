import { MessageChannel } from 'node:worker_threads';
import '@testing-library/jest-dom/vitest';
import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';
import { forgetSaved } from '../../src/data/saving/saveWhole';
import { WorkerHere } from './chemistryHere';

// What a real browser has and the one of the tests has not: Mantine asks for each.
vi.stubGlobal(
  'matchMedia',
  (query: string): MediaQueryList =>
    ({
      matches: query.includes('prefers-reduced-motion'),
      media: query,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }) as unknown as MediaQueryList,
);
window.matchMedia = globalThis.matchMedia;
Object.defineProperty(document, 'fonts', {
  configurable: true,
  value: { addEventListener: () => undefined, removeEventListener: () => undefined },
});
Element.prototype.scrollIntoView = () => undefined;

// Said of the page, not of a module: the files of the tests share the modules they load. Functions are sent along over a channel of the same kind.
vi.stubGlobal('Worker', WorkerHere);
vi.stubGlobal('MessageChannel', MessageChannel);

// Every page of a test has the line to the server for itself.
Object.defineProperty(navigator, 'locks', {
  configurable: true,
  value: {
    request: (_name: string, _options: object, work: () => Promise<unknown>) => work(),
  },
});

// Nothing is heard live but where a test says so.
vi.stubGlobal(
  'EventSource',
  class {
    close = () => undefined;
  },
);

// No test reaches a server: what is needed of one is put into the store.
vi.stubGlobal('fetch', () => Promise.reject(new TypeError('There is no server here.')));

// A page printed whole with every look at it takes longer than the look.
configure({ getElementError: (message) => new Error(message ?? 'It was not found.') });

afterEach(() => {
  cleanup();
  localStorage.clear();
  // The days of different tests have the same ids.
  forgetSaved();
});
