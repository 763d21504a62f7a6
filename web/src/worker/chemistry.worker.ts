import { expose } from 'comlink';
import {
  ChemistryError,
  alternatives,
  cutsFor,
  schedule,
  wastePlan,
  daySafety,
  likelyCauses,
} from '@stoichos/core';
import type {
  ClassPlan,
  LabDay,
  Limits,
  Observation,
  Plan,
  ScheduleRequest,
  TimedTask,
  Wanted,
  WasteSource,
} from '@stoichos/core';

/** Told now and then how much is done, 0 to 1. */
type Tell = (share: number) => void;

/** An error crosses to the other side only as plain words. */
export interface Failure {
  readonly message: string;
  readonly remedy: string;
}
export type Outcome<T> = { readonly value: T } | { readonly failure: Failure };

/** How often the other side is told, ms. */
const tellEveryMs = 100;

function watching(tell: Tell): (share: number) => boolean {
  let told = 0;
  return (share) => {
    const now = Date.now();
    if (now - told > tellEveryMs) {
      told = now;
      tell(share);
    }
    // Whoever no longer wants the answer ends the worker.
    return true;
  };
}

function outcome<T>(work: () => T): Outcome<T> {
  try {
    return { value: work() };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { failure: { message: error.message, remedy: error.remedy } };
  }
}

/** Work that may take longer than a moment. */
const chemistry = {
  timetable: (
    request: ScheduleRequest,
    options: { readonly effort?: number; readonly startFrom?: readonly TimedTask[] },
    tell: Tell,
  ) => outcome(() => schedule(request, watching(tell), options)),
  cuts: (plan: ClassPlan, makespanMin: number, tell: Tell) =>
    outcome(() => cutsFor(plan, makespanMin, watching(tell))),
  alternatives: (wanted: Wanted, available: readonly string[] | undefined, tell: Tell) =>
    outcome(() => alternatives(wanted, available, watching(tell))),
  waste: (sources: readonly WasteSource[], limits: Limits, tell: Tell) =>
    outcome(() => wastePlan(sources, limits, watching(tell))),
  causes: (plan: Plan, seen: readonly Observation[], blank: readonly Observation[], tell: Tell) =>
    outcome(() => {
      const watch = watching(tell);
      return likelyCauses(plan, seen, {
        onProgress: watch,
        ...(blank.length > 0 && { blank }),
      });
    }),
  safety: (day: LabDay, tell: Tell) =>
    outcome(() => {
      tell(0);
      return daySafety(day);
    }),
};

export type Chemistry = typeof chemistry;
expose(chemistry);
