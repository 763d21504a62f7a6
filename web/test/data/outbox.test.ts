import { configureStore } from '@reduxjs/toolkit';
import { waitFor } from '@testing-library/react';
import type { BenchRecord } from '@stoichos/core/labday/day';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { startOutbox } from '../../src/data/outbox/outbox';
import { outboxSlice } from '../../src/data/outbox/outboxSlice';
import { keep, letGo, readAll } from '../../src/data/outbox/stored';
import type { AppStore } from '../../src/data/store';
import { entry, id } from '../support/day';

const { recorded } = outboxSlice.actions;
const one = (n: number, record: BenchRecord = { kind: 'gas' }) => ({
  dayId: id(1),
  entry: entry(n, record),
});
/** What the pages of a test still hold. */
const open: (() => ReturnType<typeof outboxSlice.reducer>)[] = [];

/** A page that is opened: a store of its own, with its outbox at work. */
function page() {
  const store = configureStore({
    reducer: { outbox: outboxSlice.reducer, [api.reducerPath]: api.reducer },
    middleware: (usual) => usual().concat(api.middleware),
  });
  startOutbox(store as unknown as AppStore);
  const state = () => store.getState().outbox;
  open.push(state);
  return { store, state };
}
type Answer = 'takes it' | 'refuses it' | 'is away';
/** What the server has, in the order it came; how it answers may be changed. */
function server(first: Answer = 'takes it') {
  const here = { answer: first, has: [] as string[], paths: [] as string[] };
  vi.stubGlobal('fetch', async (request: Request) => {
    if (here.answer === 'is away') throw new TypeError('There is no server here.');
    if (here.answer === 'refuses it')
      return new Response(
        JSON.stringify({
          error: {
            code: 'locked',
            message: 'The record is closed.',
            field: null,
            remedy: 'Open it.',
          },
        }),
        { status: 409, headers: { 'content-type': 'application/json' } },
      );
    const body = JSON.parse(await request.text()) as { id: string };
    here.has.push(body.id);
    here.paths.push(new URL(request.url).pathname);
    return new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } });
  });
  return here;
}
const ids = (...n: number[]) => n.map((at) => entry(at, { kind: 'gas' }).id);

beforeEach(async () => {
  for (const { entry: kept } of await readAll()) await letGo(kept.id);
});
// A page of one test would send what it holds in the next.
afterEach(async () => {
  vi.useRealTimers();
  server();
  window.dispatchEvent(new Event('online'));
  await waitFor(() => expect(open.flatMap((state) => state().waiting)).toEqual([]));
  open.length = 0;
});

describe('what lies in the browser until the server has it', () => {
  it('is kept in the order it was recorded, each under its own id', async () => {
    await keep({ ...one(2), order: 2 });
    await keep({ ...one(1), order: 1 });
    await keep({ ...one(2, { kind: 'noChange' }), order: 2 });
    const all = await readAll();
    expect(all.map(({ entry: { id: kept } }) => kept)).toEqual(ids(1, 2));
    expect(all[1]?.entry.record).toEqual({ kind: 'noChange' });
  });

  it('is let go one by one', async () => {
    await keep({ ...one(1), order: 1 });
    await keep({ ...one(2), order: 2 });
    await letGo(one(1).entry.id);
    expect((await readAll()).map(({ entry: { id: kept } }) => kept)).toEqual(ids(2));
  });

  it('keeps the words of the server where it was refused', async () => {
    await keep({ ...one(1), order: 1, reason: 'The record is closed.' });
    expect((await readAll())[0]?.reason).toBe('The record is closed.');
  });
});

describe('an outbox', () => {
  it('sends what is recorded, in order, and then holds nothing', async () => {
    const there = server();
    const { store, state } = page();
    for (const n of [1, 2, 3]) store.dispatch(recorded(one(n)));
    await waitFor(() => expect(state().waiting).toEqual([]));
    expect(there.has).toEqual(ids(1, 2, 3));
    await waitFor(async () => expect(await readAll()).toEqual([]));
  });

  it('keeps everything while the server is away, and says so', async () => {
    server('is away');
    const { store, state } = page();
    store.dispatch(recorded(one(1)));
    store.dispatch(recorded(one(2)));
    await waitFor(() => expect(state().online).toBe(false));
    expect(state().waiting).toHaveLength(2);
    await waitFor(async () => expect(await readAll()).toHaveLength(2));
  });

  it('sends it once the server is back, nothing twice', async () => {
    const there = server('is away');
    const { store, state } = page();
    store.dispatch(recorded(one(1)));
    await waitFor(() => expect(state().online).toBe(false));
    there.answer = 'takes it';
    window.dispatchEvent(new Event('online'));
    await waitFor(() => expect(state().waiting).toEqual([]));
    expect(there.has).toEqual(ids(1));
    expect(state().online).toBe(true);
  });

  it('tries again by itself', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true, toFake: ['setTimeout'] });
    const there = server('is away');
    const { store, state } = page();
    store.dispatch(recorded(one(1)));
    await waitFor(() => expect(state().online).toBe(false));
    there.answer = 'takes it';
    await vi.advanceTimersByTimeAsync(3500);
    await waitFor(() => expect(there.has).toEqual(ids(1)));
  });

  it('has after a reload what was not sent before it', async () => {
    const there = server('is away');
    const before = page();
    before.store.dispatch(recorded(one(1)));
    before.store.dispatch(recorded(one(2)));
    await waitFor(async () => expect(await readAll()).toHaveLength(2));
    there.answer = 'takes it';
    const after = page();
    await waitFor(() => expect(there.has).toEqual(ids(1, 2)));
    await waitFor(() => expect(after.state().waiting).toEqual([]));
  });

  it('sends what was recorded before the reload ahead of what comes after it', async () => {
    await keep({ ...one(1), order: 1 });
    const there = server('is away');
    const { store, state } = page();
    store.dispatch(recorded(one(2)));
    await waitFor(() => expect(state().waiting).toHaveLength(2));
    there.answer = 'takes it';
    window.dispatchEvent(new Event('online'));
    await waitFor(() => expect(there.has).toEqual(ids(1, 2)));
  });

  it('keeps apart what the server refuses, with its words, and goes on with the rest', async () => {
    const there = server('refuses it');
    const { store, state } = page();
    store.dispatch(recorded(one(1)));
    await waitFor(() => expect(state().refused).toHaveLength(1));
    expect(state().refused[0]?.reason).toBe('The record is closed. Open it.');
    there.answer = 'takes it';
    store.dispatch(recorded(one(2)));
    await waitFor(() => expect(there.has).toEqual(ids(2)));
    await waitFor(async () =>
      expect((await readAll()).map(({ reason }) => reason)).toEqual([
        'The record is closed. Open it.',
      ]),
    );
  });

  it('has what was refused after a reload too, until somebody has read why', async () => {
    await keep({ ...one(1), order: 1, reason: 'The record is closed.' });
    server();
    const { store, state } = page();
    await waitFor(() => expect(state().refused).toHaveLength(1));
    store.dispatch(outboxSlice.actions.dismissed());
    await waitFor(async () => expect(await readAll()).toEqual([]));
  });

  it('sends a line of an electrolysis to its run', async () => {
    const there = server();
    const { store } = page();
    store.dispatch(
      recorded({
        runId: id(80),
        entry: {
          id: id(81),
          runId: id(80),
          record: { kind: 'note', text: 'The foil floats' },
          supersedes: null,
          recordedAt: '2027-02-03T10:00:00.000Z',
        },
      }),
    );
    await waitFor(() => expect(there.has).toEqual([id(81)]));
    expect(there.paths).toEqual(['/api/cell-entries']);
  });
});
