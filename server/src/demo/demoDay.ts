import type { BenchRecord, LabDayInput, Weighing } from '@stoichos/core/labday/day';
import type { Manner, Mixing } from '@stoichos/core/planning/procedure';

/** One lab day of the demo scenario, before ids are given. */
export interface DemoDay extends Omit<LabDayInput, 'id' | 'groups'> {
  readonly groups: readonly string[];
  /** Pairs of solutions, before the procedures. */
  readonly mixings: readonly Mixing[];
  /** Ids of shipped procedures. */
  readonly procedures: readonly { readonly id: string; readonly manner: Manner }[];
  readonly weighings: readonly Omit<Weighing, 'id' | 'recordedAt'>[];
  readonly records: readonly DemoRecord[];
}

/** What a group recorded at one place. */
export interface DemoRecord {
  readonly group: string;
  /** Index into the mixings, or the id of a shipped procedure. */
  readonly work: number | string;
  readonly step?: string;
  readonly vessel?: string | null;
  readonly seen: readonly BenchRecord[];
}
