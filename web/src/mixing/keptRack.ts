import { rackSchema, runRack } from '@stoichos/core';
import { initialRackHistory } from './rackSlice';
import type { RackHistory } from './rackSlice';

const key = 'stoichos.rack';

/** The rack as this browser last left it; a fresh one when there is none or it can no longer be run. */
export function readRack(): RackHistory {
  try {
    const present = rackSchema.parse(JSON.parse(localStorage.getItem(key) ?? ''));
    runRack(present);
    return { ...initialRackHistory, present, chosen: present.vessels.at(-1)?.name ?? 'A' };
  } catch {
    // Nothing kept, or kept by an older version whose substances are gone: one starts afresh.
    return initialRackHistory;
  }
}

/** Keeps the rack in this browser, so that a reload loses nothing. */
export function keepRack({ present }: RackHistory): void {
  localStorage.setItem(key, JSON.stringify(present));
}
