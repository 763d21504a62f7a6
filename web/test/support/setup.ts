import '@testing-library/jest-dom/vitest';
import { cleanup } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

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

// No test reaches a server: what is needed of one is put into the store.
vi.stubGlobal('fetch', () => Promise.reject(new TypeError('There is no server here.')));

afterEach(() => {
  cleanup();
  localStorage.clear();
});
