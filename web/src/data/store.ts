import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api/api';
import { readAgain } from './api/readAgain';
import { readRack } from './rack/keptRack';
import { rackSlice } from './rack/rackSlice';
import { outboxSlice } from './outbox/outboxSlice';
import { captureSchema, capturesSlice } from './captures/capturesSlice';
import { readKept, writeKept } from './kept/keptList';
import { timerSchema, timersSlice } from './timers/timersSlice';

const timersKey = 'stoichos.timers';
const capturesKey = 'stoichos.captures';

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
    timers: readKept(timersKey, timerSchema),
    captures: readKept(capturesKey, captureSchema),
  },
  middleware: (defaults) => defaults().concat(readAgain, api.middleware),
});

// Timers and readings on a schedule go on after a reload.
let kept = store.getState();
store.subscribe(() => {
  const { timers, captures } = store.getState();
  if (timers !== kept.timers) writeKept(timersKey, timers);
  if (captures !== kept.captures) writeKept(capturesKey, captures);
  kept = store.getState();
});

export type AppStore = typeof store;
export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
