import { createSlice } from '@reduxjs/toolkit';
import type { PayloadAction } from '@reduxjs/toolkit';
import { parts } from '@stoichos/core/labday/day';
import { quantityNames } from '@stoichos/core/planning/procedure';
import * as z from 'zod';
import { take } from '../timers/timersSlice';

/** Readings that are taken from an instrument on a schedule and written into the record. */
export const captureSchema = z.object({
  id: z.string(),
  dayId: z.string(),
  where: z.object({
    workId: z.string(),
    stepId: z.string(),
    groupId: z.string().nullable(),
    vessel: z.string().nullable(),
    part: z.enum(parts),
  }),
  name: z.string(),
  quantity: z.enum(quantityNames),
  instrumentId: z.string(),
  everyS: z.number().min(1).max(3600),
  startedAt: z.number(),
  /** Of the clock that the readings are told against, ms. */
  zeroAt: z.number(),
  taken: z.number().int().min(0),
  /** What went wrong with the last one. */
  trouble: z.string().nullable(),
});
export type Capture = z.infer<typeof captureSchema>;

export const capturesSlice = createSlice({
  name: 'captures',
  initialState: [] as Capture[],
  reducers: {
    started: (state, { payload }: PayloadAction<Capture>) => {
      take(state, payload.id);
      state.push(payload);
    },
    took: (state, { payload }: PayloadAction<Pick<Capture, 'id' | 'taken' | 'trouble'>>) => {
      const capture = state.find(({ id }) => id === payload.id);
      if (capture) Object.assign(capture, payload);
    },
    ended: (state, { payload: id }: PayloadAction<string>) => take(state, id),
  },
});
