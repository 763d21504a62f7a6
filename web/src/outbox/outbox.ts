import { notifications } from '@mantine/notifications';
import { entrySchema } from '@stoichos/core';
import { get, set } from 'idb-keyval';
import * as z from 'zod';
import { api } from '../api/api';
import { explainError, isUnreachable } from '../api/explainError';
import type { AppStore } from '../app/store';
import { outboxSlice } from './outboxSlice';
import type { Unsent } from './outboxSlice';

const storageKey = 'stoichos-outbox';
const retryMs = 3000;
const storedSchema = z.array(z.object({ dayId: z.string(), entry: entrySchema }));
const { restored, recorded, sent, unreachable, refused } = outboxSlice.actions;

/**
 * Keeps bench entries safe until the server has them: every unsent entry lies in IndexedDB before it is sent, and is
 * sent in order, again and again, until acknowledged. Ids are made at the tap, so repeating stores nothing twice.
 */
export function startOutbox(store: AppStore): void {
  let sending = false;
  let written: readonly Unsent[] = [];

  const keep = (): Promise<void> => {
    const { waiting } = store.getState().outbox;
    if (waiting === written) return Promise.resolve();
    written = waiting;
    return set(storageKey, waiting).catch(() => {
      notifications.show({
        id: 'no-storage',
        title: 'This browser keeps nothing across a reload',
        message: 'Entries are sent as you make them; do not close the page while any is unsent.',
      });
    });
  };

  const sendAll = async (): Promise<void> => {
    if (sending) return;
    sending = true;
    try {
      for (let next = first(store); next; next = first(store)) {
        await keep();
        const result = await store.dispatch(api.endpoints.addEntry.initiate(next));
        if (result.error === undefined) store.dispatch(sent(next.entry.id));
        else if (isUnreachable(result.error)) {
          store.dispatch(unreachable());
          setTimeout(() => void sendAll(), retryMs);
          return;
        } else {
          const { message, remedy } = explainError(result.error);
          store.dispatch(refused({ ...next, reason: `${message} ${remedy}` }));
          notifications.show({
            color: 'red',
            title: 'Not stored',
            message: `${message} ${remedy}`,
          });
        }
      }
      await keep();
    } finally {
      sending = false;
    }
  };

  void readStored().then((stored) => {
    if (stored.length > 0) store.dispatch(restored(stored));
    store.subscribe(() => {
      if (store.getState().outbox.waiting !== written) void keep();
      if (first(store)) void sendAll();
    });
    void sendAll();
  });
  window.addEventListener('online', () => void sendAll());
}

async function readStored(): Promise<readonly Unsent[]> {
  try {
    const stored = storedSchema.safeParse(await get(storageKey));
    return stored.success ? stored.data : [];
  } catch {
    // Without storage (a private window) nothing was kept; keep() tells the reader when it matters.
    return [];
  }
}

function first(store: AppStore): Unsent | undefined {
  return store.getState().outbox.waiting[0];
}

export { recorded };
