import type { Bench, BenchProgress, LabDay, ProcedureStep, Work } from '@stoichos/core';

/** One step at one bench, and how to get to another. */
export interface StationProps {
  readonly day: LabDay;
  readonly work: Work;
  readonly step: ProcedureStep;
  readonly bench: Bench;
  readonly progress: BenchProgress;
  readonly nextBench: Bench | undefined;
  readonly go: (to: { group?: string | null; work?: string; step?: string }) => void;
}
