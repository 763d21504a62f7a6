import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api/api';
import { keepAnswers } from './api/keptAnswers';
import { readAgain } from './api/readAgain';
import { keepRack, readRack } from './rack/keptRack';
import { rackSlice } from './rack/rackSlice';
import { outboxSlice } from './outbox/outboxSlice';
import { captureSchema, capturesSlice } from './captures/capturesSlice';
import * as z from 'zod';
import { kept } from './kept/kept';
import { timerSchema, timersSlice } from './timers/timersSlice';

const keptTimers = kept('stoichos.timers', z.array(timerSchema), []);
const keptCaptures = kept('stoichos.captures', z.array(captureSchema), []);

/** What was read is kept once nothing more comes in for so long, ms. */
const restMs = 500;

/** What goes on after a reload: the rack, timers, and readings on a schedule. */
const keeping = createListenerMiddleware();
const startKeeping = keeping.startListening.withTypes<RootState, AppDispatch>();
startKeeping({
  predicate: (_, now, before) => now.rack.present !== before.rack.present,
  effect: (_, listener) => keepRack(listener.getState().rack),
});
startKeeping({
  predicate: (_, now, before) => now.timers !== before.timers,
  effect: (_, listener) => keptTimers.write(listener.getState().timers),
});
startKeeping({
  predicate: (_, now, before) => now.captures !== before.captures,
  effect: (_, listener) => keptCaptures.write(listener.getState().captures),
});

startKeeping({
  predicate: (_, now, before) => now.api.queries !== before.api.queries,
  effect: async (_, listener) => {
    // Many lines may come in at once.
    listener.cancelActiveListeners();
    await listener.delay(restMs);
    await keepAnswers(listener.getState().api.queries);
  },
});

export const store = configureStore({
  reducer: {
    [api.reducerPath]: api.reducer,
    outbox: outboxSlice.reducer,
    rack: rackSlice.reducer,
    timers: timersSlice.reducer,
    captures: capturesSlice.reducer,
  },
  preloadedState: {
    rack: readRack(),
    timers: keptTimers.read(),
    captures: keptCaptures.read(),
  },
  middleware: (defaults) =>
    defaults().prepend(keeping.middleware).concat(readAgain, api.middleware),
});

export type AppStore = typeof store;
export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
