import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from '../api/api';
import { readRack } from '../mixing/keptRack';
import { rackSlice } from '../mixing/rackSlice';
import { outboxSlice } from '../outbox/outboxSlice';

export const store = configureStore({
  reducer: {
    [api.reducerPath]: api.reducer,
    outbox: outboxSlice.reducer,
    rack: rackSlice.reducer,
  },
  preloadedState: { rack: readRack() },
  middleware: (defaults) => defaults().concat(api.middleware),
});

export type AppStore = typeof store;
export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
