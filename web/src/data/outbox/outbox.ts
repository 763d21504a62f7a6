import { notifications } from '@mantine/notifications';
import type { UnknownAction } from '@reduxjs/toolkit';
import { validText } from '@stoichos/core/common';
import { api } from '../api/api';
import { explainError, isUnreachable } from '../api/explainError';
import type { AppStore, RootState } from '../store';
import { openChannel } from './channel';
import { outboxSlice } from './outboxSlice';
import type { Outbox, SetAside, Unsent } from './outboxSlice';
import { isOfSeat, seatOf } from './seat';
import { keep, letGo, readAll } from './stored';

const retryMs = 3000;
/** How often it is looked for entries of other windows that are gone without a word, ms. */
const lookMs = 20_000;
/** So often an entry is tried that the server stumbles over, before it is set aside. */
const mostStumbles = 3;
const { restored, recorded, sent, unreachable, setAside, dropped } = outboxSlice.actions;

/** Records an entry: made one that can be stored, with who this browser is. */
export const recordEntry =
  (unsent: Unsent) =>
  (dispatch: (action: UnknownAction) => unknown, state: () => Pick<RootState, 'api'>): void => {
    const by = seatOf(state());
    dispatch(recorded(validText({ ...unsent, ...(by !== undefined && { by }) })));
  };

/**
 * Keeps bench entries safe until the server has them: every entry lies in the browser’s database before it is sent, and is sent
 * in order, again and again, until acknowledged. Ids are made at the tap, so that repeating stores nothing twice, from one tab
 * or from two. What the server will not take, or stumbles over, is set aside and holds up nothing behind it; what was made at another
 * bench waits until this browser is there again.
 *
 * @returns a way to stop it: what is kept stays.
 */
export function startOutbox(store: AppStore): () => void {
  const stopped = new AbortController();
  let sending = false;
  /** Nothing is sent before what lies here is known, or it could be taken for unsent once it has gone. */
  let isRead = false;
  let order = 0;
  let before = store.getState().outbox;
  let written = Promise.resolve();
  const stumbles = new Map<string, number>();

  const { tell, close } = openChannel((word) => {
    if ('gone' in word) {
      // Dealt with in the other window, which has let it go already.
      before = withoutOne(before, word.gone);
      store.dispatch(dropped(word.gone));
    } else void readMore();
  });

  /** Begins at once, so that a page left right after a tap has it; what is let go waits its turn. */
  const atOnce = (work: Promise<void>): void => {
    written = Promise.all([written, work]).then(() => undefined, unkept);
  };
  const inTurn = (work: () => Promise<void>): void => {
    written = written.then(work).catch(unkept);
  };

  /** Brings the browser’s database to what the store holds. */
  const follow = (): void => {
    const now = store.getState().outbox;
    if (now === before) return;
    const was = new Map(all(before).map((one) => [one.entry.id, one]));
    for (const one of all(now))
      if (was.get(one.entry.id) !== one) {
        order += 1;
        atOnce(keep({ ...one, order }));
      }
    const is = idsOf(now);
    for (const id of was.keys())
      if (!is.has(id))
        inTurn(async () => {
          await letGo(id);
          tell({ gone: id });
        });
    before = now;
  };

  /** @returns whether to go on with the next. */
  const sendOne = async (next: Unsent): Promise<boolean> => {
    await written;
    const { error } = await send(store, next);
    const { id } = next.entry;
    if (error === undefined) {
      stumbles.delete(id);
      store.dispatch(sent(id));
      return true;
    }
    if (isUnreachable(error)) {
      store.dispatch(unreachable());
      return false;
    }
    const count = (stumbles.get(id) ?? 0) + 1;
    stumbles.set(id, count);
    if (!isStumble(error) || count >= mostStumbles) {
      stumbles.delete(id);
      putAside(store, next, error);
    }
    return true;
  };

  const sendAll = async (): Promise<void> => {
    if (sending || !isRead || stopped.signal.aborted) return;
    sending = true;
    const tried = new Set<string>();
    try {
      for (let next = nextOf(store, tried); next; next = nextOf(store, tried)) {
        tried.add(next.entry.id);
        if (!(await sendOne(next))) break;
      }
      await written;
    } finally {
      sending = false;
    }
    if (nextOf(store, new Set())) setTimeout(() => void sendAll(), retryMs);
  };

  /** Takes in what lies in the browser’s database and is not known here: it was made before a reload, or in a window that is gone. */
  const readMore = async (): Promise<void> => {
    const stored = await readStored();
    order = Math.max(order, ...stored.map((one) => one.order));
    // What was recorded while this was read lies there as well, and waits already.
    const known = idsOf(store.getState().outbox);
    const found = keptIn(stored.filter(({ entry }) => !known.has(entry.id)));
    if (found.waiting.length + found.aside.length > 0) {
      // These lie in the database already.
      before = {
        ...before,
        waiting: [...found.waiting, ...before.waiting],
        aside: [...found.aside, ...before.aside],
      };
      store.dispatch(restored(found));
    }
    isRead = true;
    await sendAll();
  };

  const unsubscribe = store.subscribe(() => {
    follow();
    if (!sending && nextOf(store, new Set(stumbles.keys()))) void sendAll();
  });
  void readMore();
  const looking = setInterval(() => void readMore(), lookMs);
  const { signal } = stopped;
  window.addEventListener('pagehide', () => tell({ left: true }), { signal });
  whenBack(() => void sendAll(), signal);
  return () => {
    stopped.abort();
    unsubscribe();
    clearInterval(looking);
    close();
  };
}

/** Without storage (a private window) nothing was kept; keeping says so when it matters. */
const readStored = () => readAll().catch(() => []);

/** The network is there again, or a lid that was closed and a tab that slept wake up. */
function whenBack(go: () => void, signal: AbortSignal): void {
  window.addEventListener('online', go, { signal });
  document.addEventListener(
    'visibilitychange',
    () => {
      if (document.visibilityState === 'visible') go();
    },
    { signal },
  );
}

/** Whether the server failed on it, rather than refused it: the next try may succeed. */
function isStumble(error: unknown): boolean {
  return (
    typeof error === 'object' &&
    error !== null &&
    'status' in error &&
    (error.status === 500 || error.status === 'misunderstood')
  );
}

/**
 * The first entry that can be sent from where this browser is, and was not tried in this round. One that puts right another waits for
 * that.
 */
function nextOf(store: AppStore, tried: ReadonlySet<string>): Unsent | undefined {
  const state = store.getState();
  const { waiting, aside } = state.outbox;
  const seat = seatOf(state);
  const held = new Set([
    ...[...waiting, ...aside]
      .filter((one) => tried.has(one.entry.id) || !isOfSeat(one, seat))
      .map(({ entry }) => entry.id),
    ...aside.map(({ entry }) => entry.id),
  ]);
  return waiting.find(
    (one) =>
      !held.has(one.entry.id) && (one.entry.supersedes === null || !held.has(one.entry.supersedes)),
  );
}

/** What the server will not have is kept apart, and said. */
function putAside(store: AppStore, unsent: Unsent, error: unknown): void {
  const { message, remedy } = explainError(error);
  const reason = `${message} ${remedy}`;
  store.dispatch(setAside({ ...unsent, reason }));
  notifications.show({ color: 'red', title: 'Set aside: not stored', message: reason });
}

const unkept = (): void => {
  notifications.show({
    id: 'no-storage',
    title: 'This browser keeps nothing across a reload',
    message: 'Entries are sent as you make them; do not close the page while any is unsent.',
  });
};

/** What lay in the browser’s database, as the store holds it. */
const keptIn = (stored: Awaited<ReturnType<typeof readAll>>) => ({
  waiting: stored.filter(({ reason }) => reason === undefined).map(unsentOf),
  aside: stored.flatMap((one): SetAside[] =>
    one.reason === undefined ? [] : [{ ...unsentOf(one), reason: one.reason }],
  ),
});

/** Each kind of entry goes to its own place. */
function send(store: AppStore, unsent: Unsent) {
  return 'dayId' in unsent
    ? store.dispatch(api.endpoints.addEntry.initiate({ dayId: unsent.dayId, entry: unsent.entry }))
    : store.dispatch(api.endpoints.addCellEntry.initiate(unsent.entry));
}

const unsentOf = (one: Unsent): Unsent => ({
  ...('dayId' in one
    ? { dayId: one.dayId, entry: one.entry }
    : { runId: one.runId, entry: one.entry }),
  ...(one.by !== undefined && { by: one.by }),
});

const all = ({ waiting, aside }: Pick<Outbox, 'waiting' | 'aside'>): (Unsent | SetAside)[] => [
  ...waiting,
  ...aside,
];
const idsOf = (outbox: Pick<Outbox, 'waiting' | 'aside'>): Set<string> =>
  new Set(all(outbox).map(({ entry }) => entry.id));

const withoutOne = (outbox: Outbox, id: string): Outbox => ({
  ...outbox,
  waiting: outbox.waiting.filter(({ entry }) => entry.id !== id),
  aside: outbox.aside.filter(({ entry }) => entry.id !== id),
});
