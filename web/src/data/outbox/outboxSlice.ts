import { createSlice } from '@reduxjs/toolkit';
import type { PayloadAction } from '@reduxjs/toolkit';
import type { BenchEntry } from '@stoichos/core/labday/day';
import type { CellEntry } from '@stoichos/core/labday/cells';

/** An entry that the server has not acknowledged yet: of a bench, or of a run of an electrolysis. */
export type Unsent = (
  | { readonly dayId: string; readonly entry: BenchEntry }
  | { readonly runId: string; readonly entry: CellEntry }
) & {
  /** Who this browser was when it was made: the staff, or a group by its id. Unknown of what was made before that was kept. */
  readonly by?: string | undefined;
};
/** One that the server would not take, with why. */
export type SetAside = Unsent & { readonly reason: string };

/** Entries waiting to be sent, oldest first, and those that are set aside until somebody looks at them. */
export interface Outbox {
  waiting: Unsent[];
  aside: SetAside[];
  online: boolean;
}

const initialState: Outbox = { waiting: [], aside: [], online: true };

const without = <T extends Unsent>(all: T[], id: string): T[] =>
  all.filter(({ entry }) => entry.id !== id);

export const outboxSlice = createSlice({
  name: 'outbox',
  initialState,
  reducers: {
    restored: (state, { payload }: PayloadAction<Pick<Outbox, 'waiting' | 'aside'>>) => {
      state.waiting.unshift(...payload.waiting);
      state.aside.unshift(...payload.aside);
    },
    recorded: (state, { payload }: PayloadAction<Unsent>) => {
      state.waiting.push(payload);
    },
    sent: (state, { payload: id }: PayloadAction<string>) => {
      state.online = true;
      state.waiting = without(state.waiting, id);
    },
    unreachable: (state) => {
      state.online = false;
    },
    reachable: (state) => {
      state.online = true;
    },
    setAside: (state, { payload }: PayloadAction<SetAside>) => {
      state.online = true;
      state.waiting = without(state.waiting, payload.entry.id);
      state.aside.push(payload);
    },
    /** Puts one that was set aside into the line again, as it was or as it was changed. */
    retried: (state, { payload }: PayloadAction<Unsent>) => {
      state.aside = without(state.aside, payload.entry.id);
      state.waiting.push(payload);
    },
    /** The staff send in their own name what was made at a bench. */
    takenIn: (state, { payload: id }: PayloadAction<string>) => {
      state.waiting = state.waiting.map((one) =>
        one.entry.id === id ? { ...one, by: undefined } : one,
      );
    },
    /** Somebody has decided that it is to go, or another window has dealt with it. */
    dropped: (state, { payload: id }: PayloadAction<string>) => {
      state.waiting = without(state.waiting, id);
      state.aside = without(state.aside, id);
    },
  },
});
