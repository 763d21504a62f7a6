import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api/api';
import { readAgain } from './api/readAgain';
import { readRack } from './rack/keptRack';
import { rackSlice } from './rack/rackSlice';
import { outboxSlice } from './outbox/outboxSlice';
import { captureSchema, capturesSlice } from './captures/capturesSlice';
import * as z from 'zod';
import { kept } from './kept/kept';
import { timerSchema, timersSlice } from './timers/timersSlice';

const keptTimers = kept('stoichos.timers', z.array(timerSchema), []);
const keptCaptures = kept('stoichos.captures', z.array(captureSchema), []);

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
  middleware: (defaults) => defaults().concat(readAgain, api.middleware),
});

// Timers and readings on a schedule go on after a reload.
let before = store.getState();
store.subscribe(() => {
  const { timers, captures } = store.getState();
  if (timers !== before.timers) keptTimers.write([...timers]);
  if (captures !== before.captures) keptCaptures.write([...captures]);
  before = store.getState();
});

export type AppStore = typeof store;
export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
