import { createSlice } from '@reduxjs/toolkit';
import type { PayloadAction } from '@reduxjs/toolkit';
import * as z from 'zod';

/** A named clock: it counts down to an alarm, or reminds again and again, or only runs. Times in ms since 1970, by this device. */
export const timerSchema = z.object({
  id: z.string(),
  dayId: z.string(),
  name: z.string().max(80),
  kind: z.enum(['countdown', 'reminder', 'stopwatch']),
  startedAt: z.number(),
  /** Length of a countdown, or of the time between two reminders, s. */
  seconds: z.number().min(1).max(86_400),
  /** How often it has rung. */
  rung: z.number().int().min(0),
  /** Somebody has heard it. */
  stopped: z.boolean(),
});
export type Timer = z.infer<typeof timerSchema>;

/** Takes one out of a list by its id, where it is there. */
export function take(list: { id: string }[], id: string): void {
  const at = list.findIndex((one) => one.id === id);
  if (at >= 0) list.splice(at, 1);
}

export const timersSlice = createSlice({
  name: 'timers',
  initialState: [] as Timer[],
  reducers: {
    started: (state, { payload }: PayloadAction<Timer>) => {
      take(state, payload.id);
      state.push(payload);
    },
    rang: (state, { payload: { id, times } }: PayloadAction<{ id: string; times: number }>) => {
      const timer = state.find((one) => one.id === id);
      if (timer) timer.rung = times;
    },
    silenced: (state, { payload: id }: PayloadAction<string>) => {
      const timer = state.find((one) => one.id === id);
      if (timer?.kind === 'countdown') take(state, id);
      else if (timer) timer.stopped = true;
    },
    ended: (state, { payload: id }: PayloadAction<string>) => take(state, id),
  },
});

/** How long a timer has run, s. A clock that was put back counts as none. */
export function elapsedS({ startedAt }: Pick<Timer, 'startedAt'>, nowMs: number): number {
  return Math.max(0, (nowMs - startedAt) / 1000);
}

/** What is left of a countdown, or until the next reminder, s. */
export function leftS(timer: Timer, nowMs: number): number {
  const past = elapsedS(timer, nowMs);
  if (timer.kind === 'reminder') return timer.seconds - (past % timer.seconds);
  return Math.max(0, timer.seconds - past);
}

/** How often it should have rung by now. */
export function ringsBy(timer: Timer, nowMs: number): number {
  if (timer.kind === 'stopwatch') return 0;
  const times = Math.floor(elapsedS(timer, nowMs) / timer.seconds);
  return timer.kind === 'countdown' ? Math.min(1, times) : times;
}

/** Minutes and seconds as a clock shows them; hours only where there are any. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  const two = (n: number) => String(n).padStart(2, '0');
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}
