import { createSlice } from '@reduxjs/toolkit';
import type { PayloadAction } from '@reduxjs/toolkit';
import type { BenchEntry } from '@stoichos/core/labday/day';
import type { CellEntry } from '@stoichos/core/labday/cells';

/** An entry that the server has not acknowledged yet: of a bench, or of a run of an electrolysis. */
export type Unsent =
  | { readonly dayId: string; readonly entry: BenchEntry }
  | { readonly runId: string; readonly entry: CellEntry };
export type Refused = Unsent & { readonly reason: string };

/** Entries waiting to be sent, oldest first, and those the server refused, with its words. */
export interface Outbox {
  waiting: Unsent[];
  refused: Refused[];
  online: boolean;
}

const initialState: Outbox = { waiting: [], refused: [], online: true };

export const outboxSlice = createSlice({
  name: 'outbox',
  initialState,
  reducers: {
    restored: (state, { payload }: PayloadAction<Pick<Outbox, 'waiting' | 'refused'>>) => {
      state.waiting.unshift(...payload.waiting);
      state.refused.unshift(...payload.refused);
    },
    recorded: (state, { payload }: PayloadAction<Unsent>) => {
      state.waiting.push(payload);
    },
    sent: (state, { payload: id }: PayloadAction<string>) => {
      state.online = true;
      state.waiting = state.waiting.filter(({ entry }) => entry.id !== id);
    },
    unreachable: (state) => {
      state.online = false;
    },
    refused: (state, { payload }: PayloadAction<Refused>) => {
      state.online = true;
      state.waiting = state.waiting.filter(({ entry }) => entry.id !== payload.entry.id);
      state.refused.push(payload);
    },
    dismissed: (state) => {
      state.refused = [];
    },
  },
});
