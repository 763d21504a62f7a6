import type { Bench, LabDay, Work } from '@stoichos/core/labday/day';
import type { BenchProgress } from '@stoichos/core/labday/bench';
import type { ProcedureStep } from '@stoichos/core/planning/procedure';

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
