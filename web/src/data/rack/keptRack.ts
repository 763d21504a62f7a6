import { rackSchema } from '@stoichos/core/seeing/rack';
import { kept } from '../kept/kept';
import { initialRackHistory } from './rackSlice';
import type { RackHistory } from './rackSlice';

const box = kept('stoichos.rack', rackSchema.nullable(), null);

/** The rack as this browser last left it; a fresh one when there is none. Whether it still runs shows when it is gone to. */
export function readRack(): RackHistory {
  const present = box.read();
  // Nothing kept, or kept in an older shape: a fresh one.
  if (!present) return initialRackHistory;
  // Every state on the way is a shorter list of the same events, so undo goes on after a reload.
  const past = present.events.map((_, index) => ({
    ...present,
    events: present.events.slice(0, index),
  }));
  return { ...initialRackHistory, past, present, chosen: present.vessels.at(-1)?.name ?? 'A' };
}

/** Keeps the rack in this browser, so that a reload loses nothing. */
export function keepRack({ present }: RackHistory): void {
  box.write(present);
}
