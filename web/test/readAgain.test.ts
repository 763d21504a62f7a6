import { configureStore } from '@reduxjs/toolkit';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { outboxSlice } from '../src/data/outbox/outboxSlice';
import { api } from '../src/data/api/api';
import { happened, readAgain } from '../src/data/api/readAgain';

/** Days as the server would tell them; each answer waits until it is let go. */
const waiting: ((names: string[]) => void)[] = [];
const makeStore = () =>
  configureStore({
    reducer: { [api.reducerPath]: api.reducer, outbox: outboxSlice.reducer },
    middleware: (defaults) => defaults().concat(readAgain, api.middleware),
  });

const dayNamed = (title: string) => ({
  id: '00000000-0000-4000-8000-000000000001',
  title,
  date: '2026-11-26',
  stage: 'plan',
});

beforeEach(() => {
  waiting.length = 0;
  const NodeRequest = globalThis.Request;
  vi.stubGlobal(
    'Request',
    class extends NodeRequest {
      constructor(path: string, init?: RequestInit) {
        super(new URL(path, 'http://localhost'), init);
      }
    },
  );
  vi.stubGlobal(
    'fetch',
    () =>
      new Promise<Response>((done) =>
        waiting.push((names) => done(Response.json({ items: names.map(dayNamed), next: null }))),
      ),
  );
});
afterEach(() => vi.unstubAllGlobals());

const asked = { which: 'coming', today: '2026-12-01' } as const;

describe('a read that runs while something changes', () => {
  it.each([
    ['is heard of', happened()],
    ['makes it out of date', api.util.invalidateTags(['Days'])],
  ])('is made once more when something %s', async (_, change) => {
    const store = makeStore();
    const { unsubscribe } = store.dispatch(api.endpoints.days.initiate(asked));
    await vi.waitFor(() => expect(waiting).toHaveLength(1));
    store.dispatch(change);
    waiting[0]?.([]);
    await vi.waitFor(() => expect(waiting).toHaveLength(2));
    waiting[1]?.([]);
    await vi.waitFor(() =>
      expect(api.endpoints.days.select(asked)(store.getState()).status).toBe('fulfilled'),
    );
    expect(waiting).toHaveLength(2);
    unsubscribe();
  });

  it('is not made again when nothing changed', async () => {
    const store = makeStore();
    const { unsubscribe } = store.dispatch(api.endpoints.days.initiate(asked));
    await vi.waitFor(() => expect(waiting).toHaveLength(1));
    waiting[0]?.([]);
    await vi.waitFor(() =>
      expect(api.endpoints.days.select(asked)(store.getState()).status).toBe('fulfilled'),
    );
    store.dispatch(happened());
    await new Promise((done) => setTimeout(done, 30));
    expect(waiting).toHaveLength(1);
    unsubscribe();
  });
});
