import { contracts } from '@stoichos/contract';
import { firstSettings } from '@stoichos/core/labday/settings';
import { clear, createStore } from 'idb-keyval';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { keepAnswers, keptAnswer } from '../../src/data/api/keptAnswers';
import { outboxSlice } from '../../src/data/outbox/outboxSlice';
import { store } from '../../src/data/store';
import { dayOf, entry, id } from '../support/day';
import { known } from '../support/server';

const instructor = {
  role: 'instructor',
  open: false,
  hasPassphrase: true,
  hasTechnician: false,
  bench: null,
} as const;
const group = {
  ...instructor,
  role: 'group',
  bench: { dayId: id(1), dayName: 'A day', groupId: id(2), groupName: 'Bench Heron' },
} as const;
const read = (endpointName: string, data: unknown) => ({ endpointName, data });
const day = { ...dayOf([]), entries: [entry(1, { kind: 'gas' })] };

beforeEach(async () => {
  await keepAnswers({ session: read('session', { ...instructor, role: 'nobody' }) });
  await clear(createStore('stoichos-answers', 'answers'));
  store.dispatch(api.util.resetApiState());
  store.dispatch(outboxSlice.actions.reachable());
});

describe('what was read', () => {
  it('is kept for who it was read for, and given back in the shape of its route', async () => {
    await keepAnswers({
      'session(undefined)': read('session', instructor),
      'settings(undefined)': read('settings', firstSettings),
      'day("1")': read('day', day),
      'audit(undefined)': read('audit', []),
    });
    expect(await keptAnswer(contracts.settings, 'settings(undefined)')).toEqual(firstSettings);
    expect(await keptAnswer(contracts.day, 'day("1")')).toMatchObject({ name: day.name });
    expect(await keptAnswer(contracts.dayEntries, 'day("1")')).toEqual({
      entries: day.entries,
      settled: 0,
      more: false,
      anew: true,
    });
    expect(await keptAnswer(contracts.audit, 'audit(undefined)')).toBeUndefined();
  });

  it('stays after a reload of a page that reads something else, for the same one', async () => {
    await keepAnswers({ session: read('session', instructor), 'day("1")': read('day', day) });
    await keepAnswers({ session: read('session', { ...instructor }) });
    expect(await keptAnswer(contracts.day, 'day("1")')).toMatchObject({ name: day.name });
  });

  it.each([
    ['somebody else sits down', group],
    ['nobody is signed in any more', { ...instructor, role: 'nobody' }],
  ])('goes when %s', async (_, session) => {
    const reads = {
      'session(undefined)': read('session', instructor),
      'day("1")': read('day', day),
    };
    await keepAnswers(reads);
    await keepAnswers({ 'session(undefined)': read('session', session) });
    expect(await keptAnswer(contracts.day, 'day("1")')).toBeUndefined();
  });

  it('is not given where it has another shape than is agreed now', async () => {
    await keepAnswers({
      'session(undefined)': read('session', instructor),
      'settings(undefined)': read('settings', { naming: 'of old' }),
    });
    expect(await keptAnswer(contracts.settings, 'settings(undefined)')).toBeUndefined();
  });
});

describe('a page that is loaded while the server is away', () => {
  const away = () => vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')));
  const keptDay = async () => {
    const key = `day("${day.id}")`;
    await keepAnswers({ session: read('session', instructor), [key]: read('day', day) });
  };

  it('has the day as it was read before, and says that the server is away', async () => {
    await keptDay();
    away();
    const { data } = await store.dispatch(api.endpoints.day.initiate(day.id));
    expect(data?.entries).toEqual(day.entries);
    expect(store.getState().outbox.online).toBe(false);
  });

  it('keeps what it has read itself, and does not go back to what was kept', async () => {
    await keptDay();
    await known('day', day.id, { ...day, name: 'Read just now' });
    away();
    const again = await store.dispatch(api.endpoints.day.initiate(day.id, { forceRefetch: true }));
    expect(again.data?.name).toBe('Read just now');
  });

  it('says so where nothing was kept', async () => {
    away();
    const { error } = await store.dispatch(api.endpoints.settings.initiate());
    expect(error).toMatchObject({ status: 'unreachable' });
  });

  it('knows that the server is back as soon as it answers', async () => {
    store.dispatch(outboxSlice.actions.unreachable());
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json(firstSettings)));
    await store.dispatch(api.endpoints.settings.initiate());
    expect(store.getState().outbox.online).toBe(true);
  });
});
