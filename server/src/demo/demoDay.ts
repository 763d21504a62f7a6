import type { BenchRecord, LabDayInput, PlannedTest, Weighing } from '@stoichos/core/labday';
import type { Manner } from '@stoichos/core/planning/procedure';

/** One lab day of the demo scenario, before ids are given. */
export interface DemoDay extends Omit<LabDayInput, 'id' | 'groups'> {
  readonly groups: readonly string[];
  readonly tests: readonly Omit<PlannedTest, 'id'>[];
  /** Ids of shipped procedures. */
  readonly procedures: readonly { readonly id: string; readonly manner: Manner }[];
  readonly weighings: readonly Omit<Weighing, 'id' | 'recordedAt'>[];
  readonly records: readonly DemoRecord[];
}

/** What a group recorded at one place. */
export interface DemoRecord {
  readonly group: string;
  /** Index into tests, or the id of a shipped procedure. */
  readonly work: number | string;
  readonly step?: string;
  readonly vessel?: string | null;
  readonly seen: readonly BenchRecord[];
}
