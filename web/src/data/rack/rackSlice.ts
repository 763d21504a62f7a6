import { createSlice } from '@reduxjs/toolkit';
import type { PayloadAction } from '@reduxjs/toolkit';
import type { Rack, RackEvent } from '@stoichos/core/seeing/rack';
import type { ContainerKind } from '@stoichos/core/vessel';
import { copyEvents } from './copyVessel';
import type { CopyKind } from './copyVessel';

/** The rack of the study with what was undone and can be done again. */
export interface RackHistory {
  readonly past: readonly Rack[];
  readonly present: Rack;
  readonly future: readonly Rack[];
  /** Name of the vessel that is acted on. */
  readonly chosen: string;
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

function moved(history: RackHistory, present: Rack): RackHistory {
  return {
    ...history,
    past: [...history.past, history.present].slice(-mostKept),
    present,
    future: [],
  };
}

/** Keeps the choice on a vessel that is there. */
function chosenIn(history: RackHistory): RackHistory {
  const names = history.present.vessels.map(({ name }) => name);
  return names.includes(history.chosen) ? history : { ...history, chosen: names.at(-1) ?? 'A' };
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
    did: (history, { payload }: PayloadAction<RackEvent>): RackHistory => {
      const { present } = history;
      const next = moved(history, { ...present, events: [...present.events, payload] });
      return 'into' in payload ? { ...next, chosen: payload.into } : next;
    },
    vesselAdded: (history, { payload: container }: PayloadAction<ContainerKind>): RackHistory => {
      const { present } = history;
      const name = nextName(present);
      return {
        ...moved(history, { ...present, vessels: [...present.vessels, { name, container }] }),
        chosen: name,
      };
    },
    copied: (history, { payload: kind }: PayloadAction<CopyKind>): RackHistory => {
      const { present, chosen: from } = history;
      const vessel = present.vessels.find(({ name }) => name === from);
      const name = `${nextName(present)} ${kind}`;
      const events = copyEvents(present, from, name, kind);
      if (!vessel || !events) return history;
      return moved(history, {
        vessels: [...present.vessels, { name, container: vessel.container }],
        events: [...present.events, ...events],
      });
    },
    opened: (history, { payload }: PayloadAction<Rack>): RackHistory =>
      chosenIn(moved(history, payload)),
    chosen: (history, { payload }: PayloadAction<string>): RackHistory => ({
      ...history,
      chosen: payload,
    }),
    undone: (history): RackHistory => {
      const present = history.past.at(-1);
      if (!present) return history;
      const { past, future } = history;
      return chosenIn({
        ...history,
        past: past.slice(0, -1),
        present,
        future: [history.present, ...future],
      });
    },
    redone: (history): RackHistory => {
      const [present, ...future] = history.future;
      if (!present) return history;
      return chosenIn({ ...history, past: [...history.past, history.present], present, future });
    },
    cleared: (history): RackHistory => ({ ...moved(history, freshRack), chosen: 'A' }),
  },
});

export const { did, vesselAdded, copied, opened, chosen, undone, redone, cleared } =
  rackSlice.actions;
