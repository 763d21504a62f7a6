import { notifications } from '@mantine/notifications';
import { api } from '../api/api';
import { explainError, isUnreachable } from '../api/explainError';
import type { AppStore } from '../store';
import { outboxSlice } from './outboxSlice';
import type { Refused, Unsent } from './outboxSlice';
import { keep, letGo, readAll } from './stored';

const retryMs = 3000;
const { restored, recorded, sent, unreachable, refused } = outboxSlice.actions;

/**
 * Keeps bench entries safe until the server has them: every entry lies in the browser’s database before it is sent, and is sent
 * in order, again and again, until acknowledged. Ids are made at the tap, so that repeating stores nothing twice, from one tab
 * or from two. What the server refuses is kept too, until somebody has read why.
 */
export function startOutbox(store: AppStore): void {
  let sending = false;
  /** Nothing is sent before what lies here is known, or it could be taken for unsent once it has gone. */
  let isRead = false;
  let order = 0;
  let before = store.getState().outbox;
  let written = Promise.resolve();

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
    const [was, is] = [idsOf(before), idsOf(now)];
    for (const one of now.waiting)
      if (!was.has(one.entry.id)) {
        order += 1;
        atOnce(keep({ ...one, order }));
      }
    for (const { reason, ...one } of now.refused)
      if (!before.refused.some(({ entry }) => entry.id === one.entry.id)) {
        order += 1;
        atOnce(keep({ ...one, order, reason }));
      }
    for (const id of was) if (!is.has(id)) inTurn(() => letGo(id));
    before = now;
  };

  const sendAll = async (): Promise<void> => {
    if (sending || !isRead) return;
    sending = true;
    try {
      for (let next = first(store); next; next = first(store)) {
        await written;
        const result = await send(store, next);
        if (result.error === undefined) store.dispatch(sent(next.entry.id));
        else if (isUnreachable(result.error)) {
          store.dispatch(unreachable());
          setTimeout(() => void sendAll(), retryMs);
          return;
        } else refuse(store, next, result.error);
      }
      await written;
    } finally {
      sending = false;
    }
  };

  store.subscribe(() => {
    follow();
    if (first(store)) void sendAll();
  });
  void readStored().then((stored) => {
    order = Math.max(order, ...stored.map((one) => one.order));
    // What was recorded while this was read lies there as well, and waits already.
    const known = idsOf(before);
    const kept = keptIn(stored.filter(({ entry }) => !known.has(entry.id)));
    // These lie in the database already.
    before = {
      ...before,
      waiting: [...kept.waiting, ...before.waiting],
      refused: [...kept.refused, ...before.refused],
    };
    if (kept.waiting.length + kept.refused.length > 0) store.dispatch(restored(kept));
    isRead = true;
    void sendAll();
  });
  whenBack(() => void sendAll());
}

/** Without storage (a private window) nothing was kept; keeping says so when it matters. */
const readStored = () => readAll().catch(() => []);

/** The network is there again, or a lid that was closed and a tab that slept wake up. */
function whenBack(go: () => void): void {
  window.addEventListener('online', go);
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') go();
  });
}

/** What the server will not have is kept apart, and said. */
function refuse(store: AppStore, unsent: Unsent, error: unknown): void {
  const { message, remedy } = explainError(error);
  const reason = `${message} ${remedy}`;
  store.dispatch(refused({ ...unsent, reason }));
  notifications.show({ color: 'red', title: 'Not stored', message: reason });
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
  refused: stored.flatMap((one): Refused[] =>
    one.reason === undefined ? [] : [{ ...unsentOf(one), reason: one.reason }],
  ),
});

/** Each kind of entry goes to its own place. */
function send(store: AppStore, unsent: Unsent) {
  return 'dayId' in unsent
    ? store.dispatch(api.endpoints.addEntry.initiate(unsent))
    : store.dispatch(api.endpoints.addCellEntry.initiate(unsent.entry));
}

const unsentOf = (one: Unsent): Unsent =>
  'dayId' in one ? { dayId: one.dayId, entry: one.entry } : { runId: one.runId, entry: one.entry };

function idsOf({
  waiting,
  refused: denied,
}: {
  waiting: readonly Unsent[];
  refused: readonly Unsent[];
}) {
  return new Set([...waiting, ...denied].map(({ entry }) => entry.id));
}

function first(store: AppStore): Unsent | undefined {
  return store.getState().outbox.waiting[0];
}

export { recorded };
