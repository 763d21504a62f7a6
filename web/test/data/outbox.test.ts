import { configureStore } from '@reduxjs/toolkit';
import { waitFor } from '@testing-library/react';
import type { BenchRecord } from '@stoichos/core/labday/day';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { recordEntry, startOutbox } from '../../src/data/outbox/outbox';
import { outboxSlice } from '../../src/data/outbox/outboxSlice';
import { keep, letGo, readAll } from '../../src/data/outbox/stored';
import type { AppStore } from '../../src/data/store';
import { entry, id } from '../support/day';

const { recorded } = outboxSlice.actions;
const one = (n: number, record: BenchRecord = { kind: 'gas' }) => ({
  dayId: id(1),
  entry: entry(n, record),
});
/** The pages of a test that are still open. */
const open: (() => void)[] = [];

/** A page that is opened: a store of its own, with its outbox at work. */
function page() {
  const store = configureStore({
    reducer: { outbox: outboxSlice.reducer, [api.reducerPath]: api.reducer },
    middleware: (usual) => usual().concat(api.middleware),
  });
  const close = startOutbox(store as unknown as AppStore);
  const state = () => store.getState().outbox;
  open.push(close);
  return { store, state, close };
}
type Answer = 'takes it' | 'refuses it' | 'is away' | { readonly stumblesOver: string };
/** What the server has, in the order it came; how it answers may be changed. */
function server(first: Answer = 'takes it') {
  const here: { answer: Answer; has: string[]; tried: string[]; paths: string[] } = {
    answer: first,
    has: [],
    tried: [],
    paths: [],
  };
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
    here.tried.push(body.id);
    if (typeof here.answer === 'object' && here.answer.stumblesOver === body.id)
      return new Response('{}', { status: 500, headers: { 'content-type': 'application/json' } });
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
afterEach(() => {
  vi.useRealTimers();
  for (const close of open.splice(0)) close();
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
    before.close();
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
    await waitFor(() => expect(state().aside).toHaveLength(1));
    expect(state().aside[0]?.reason).toBe('The record is closed. Open it.');
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
    await waitFor(() => expect(state().aside).toHaveLength(1));
    store.dispatch(outboxSlice.actions.dropped(one(1).entry.id));
    await waitFor(async () => expect(await readAll()).toEqual([]));
  });

  it('sets aside what the server stumbles over after a few tries, and holds up nothing behind it', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true, toFake: ['setTimeout'] });
    const [poison, second] = [one(1), one(2)];
    const there = server({ stumblesOver: poison.entry.id });
    const { store, state } = page();
    store.dispatch(recorded(poison));
    store.dispatch(recorded(second));
    // What comes behind it is there before it is given up.
    await waitFor(() => expect(there.has).toEqual([second.entry.id]));
    expect(state().waiting.map(({ entry: { id: waits } }) => waits)).toEqual([poison.entry.id]);
    for (let times = 0; times < 3; times += 1) await vi.advanceTimersByTimeAsync(3500);
    await waitFor(() => expect(state().aside).toHaveLength(1));
    expect(there.tried.filter((tried) => tried === poison.entry.id)).toHaveLength(3);
    expect(state().aside[0]?.reason).toMatch(/./);
    // It may be tried again, when somebody has looked at it.
    there.answer = 'takes it';
    store.dispatch(outboxSlice.actions.retried(poison));
    await waitFor(() => expect(there.has).toContain(poison.entry.id));
  });

  it('keeps a correction with the line it corrects', async () => {
    const there = server({ stumblesOver: one(1).entry.id });
    await keep({ ...one(1), order: 1, reason: 'It cannot be read.' });
    const { store, state } = page();
    const correction = { ...one(2), entry: { ...one(2).entry, supersedes: one(1).entry.id } };
    store.dispatch(recorded(correction));
    store.dispatch(recorded(one(3)));
    await waitFor(() => expect(there.has).toEqual(ids(3)));
    expect(state().waiting).toEqual([correction]);
    store.dispatch(outboxSlice.actions.dropped(correction.entry.id));
  });

  it('makes text one that can be stored before it is kept', async () => {
    server('is away');
    const { store, state } = page();
    const note = one(1, { kind: 'note', text: 'pa\0le \ud83e' });
    store.dispatch(recordEntry(note));
    await waitFor(async () => expect(await readAll()).toHaveLength(1));
    expect(state().waiting[0]?.entry.record).toEqual({ kind: 'note', text: 'pale \uFFFD' });
    expect((await readAll())[0]?.entry.record).toEqual({ kind: 'note', text: 'pale \uFFFD' });
  });

  it('holds what was made at one bench while the tablet is at another, until it is back', async () => {
    const there = server();
    const { store, state } = page();
    const at = (group: number | undefined) =>
      store.dispatch(
        api.util.upsertQueryData('session', undefined, {
          role: group === undefined ? 'instructor' : 'group',
          open: false,
          hasPassphrase: true,
          hasTechnician: false,
          bench:
            group === undefined
              ? null
              : { dayId: id(1), dayName: 'A day', groupId: id(group), groupName: 'A bench' },
        }),
      );
    await at(2);
    there.answer = 'is away';
    store.dispatch(recordEntry(one(1)));
    await waitFor(() => expect(state().online).toBe(false));
    await at(3);
    there.answer = 'takes it';
    store.dispatch(recordEntry(one(2)));
    await waitFor(() => expect(there.has).toEqual(ids(2)));
    expect(state().waiting).toMatchObject([{ by: id(2) }]);
    expect(state().aside).toEqual([]);
    // After a reload it still belongs there.
    expect(await readAll()).toMatchObject([{ by: id(2) }]);
    await at(2);
    await waitFor(() => expect(there.has).toEqual(ids(2, 1)));
    // Or the staff take it in.
    await at(3);
    there.answer = 'is away';
    store.dispatch(recordEntry(one(4)));
    await waitFor(() => expect(state().online).toBe(false));
    await at(undefined);
    there.answer = 'takes it';
    window.dispatchEvent(new Event('online'));
    await new Promise((done) => setTimeout(done, 50));
    expect(there.has).toEqual(ids(2, 1));
    store.dispatch(outboxSlice.actions.takenIn(one(4).entry.id));
    await waitFor(() => expect(there.has).toEqual(ids(2, 1, 4)));
  });

  it('sends what a window left behind that was closed, from another that is open', async () => {
    const there = server('is away');
    const { state } = page();
    await waitFor(async () => expect(await readAll()).toEqual([]));
    // Another window keeps an entry and is closed.
    await keep({ ...one(5), order: 1 });
    there.answer = 'takes it';
    const other = new BroadcastChannel('stoichos-unsent');
    other.postMessage({ left: true });
    await waitFor(() => expect(there.has).toEqual(ids(5)));
    await waitFor(() => expect(state().waiting).toEqual([]));
    other.close();
  });

  it('forgets what another window has dealt with', async () => {
    server('is away');
    const { store, state } = page();
    store.dispatch(recorded(one(6)));
    await waitFor(() => expect(state().online).toBe(false));
    const other = new BroadcastChannel('stoichos-unsent');
    other.postMessage({ gone: one(6).entry.id });
    await waitFor(() => expect(state().waiting).toEqual([]));
    other.close();
    await letGo(one(6).entry.id);
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
