import { createSlice } from '@reduxjs/toolkit';
import type { PayloadAction } from '@reduxjs/toolkit';
import type { Rack, RackEvent } from '@stoichos/core/seeing/rack';
import type { ContainerKind } from '@stoichos/core/vessel';
import { copyEvents } from './copyVessel';
import type { CopyKind } from './copyVessel';

/** The rack of the study with what was undone and can be done again. */
export interface RackHistory {
  past: Rack[];
  present: Rack;
  future: Rack[];
  /** Name of the vessel that is acted on. */
  chosen: string;
}

/** One empty test tube. */
export const freshRack: Rack = { vessels: [{ name: 'A', container: 'testTube' }], events: [] };

export const initialRackHistory: RackHistory = {
  past: [],
  present: freshRack,
  future: [],
  chosen: 'A',
};

/** More steps back than anyone goes. */
const mostKept = 200;

/** Goes on to another rack; the one before can be gone back to. */
function move(history: RackHistory, present: Rack): void {
  history.past = [...history.past, history.present].slice(-mostKept);
  history.present = present;
  history.future = [];
}

/** Keeps the choice on a vessel that is there. */
function keepChoice(history: RackHistory): void {
  const names = history.present.vessels.map(({ name }) => name);
  if (!names.includes(history.chosen)) history.chosen = names.at(-1) ?? 'A';
}

/** The first letter that no vessel is called by. */
export function nextName({ vessels }: Rack): string {
  const taken = new Set(vessels.map(({ name }) => name.charAt(0)));
  return [...'ABCDEFGHIJKL'].find((letter) => !taken.has(letter)) ?? String(vessels.length + 1);
}

export const rackSlice = createSlice({
  name: 'rack',
  initialState: initialRackHistory,
  reducers: {
    did: (history: RackHistory, { payload }: PayloadAction<RackEvent>) => {
      const { present } = history;
      move(history, { ...present, events: [...present.events, payload] });
      if ('into' in payload) history.chosen = payload.into;
    },
    vesselAdded: (history: RackHistory, { payload: container }: PayloadAction<ContainerKind>) => {
      const { present } = history;
      const name = nextName(present);
      move(history, { ...present, vessels: [...present.vessels, { name, container }] });
      history.chosen = name;
    },
    copied: (history: RackHistory, { payload: kind }: PayloadAction<CopyKind>) => {
      const { present, chosen: from } = history;
      const vessel = present.vessels.find(({ name }) => name === from);
      const name = `${nextName(present)} ${kind}`;
      const events = copyEvents(present, from, name, kind);
      if (!vessel || !events) return;
      move(history, {
        vessels: [...present.vessels, { name, container: vessel.container }],
        events: [...present.events, ...events],
      });
    },
    opened: (history: RackHistory, { payload }: PayloadAction<Rack>) => {
      move(history, payload);
      keepChoice(history);
    },
    chosen: (history: RackHistory, { payload }: PayloadAction<string>) => {
      history.chosen = payload;
    },
    undone: (history: RackHistory) => {
      const present = history.past.pop();
      if (!present) return;
      history.future.unshift(history.present);
      history.present = present;
      keepChoice(history);
    },
    redone: (history: RackHistory) => {
      const present = history.future.shift();
      if (!present) return;
      history.past.push(history.present);
      history.present = present;
      keepChoice(history);
    },
    cleared: (history: RackHistory) => {
      move(history, freshRack);
      history.chosen = 'A';
    },
  },
});

export const { did, vesselAdded, copied, opened, chosen, undone, redone, cleared } =
  rackSlice.actions;
