import type { StationJudgement } from '../../labday/judge/judgeDay';
import type { LabDay } from '../../labday/day/labDay';
import type { Settings } from '../../labday/settings/settings';
import type { Bench, Work } from '../../labday/day/work';
import type { LikelyCause } from '../../seeing/judgement/faults/likelyCauses';

/** A piece of work as the report looks at it. */
export interface WorkView {
  readonly day: LabDay;
  readonly work: Work;
  readonly benches: readonly Bench[];
  readonly settings: Settings;
  /** The likeliest cause of what differs, by the judgement. */
  readonly causeOf: (judgement: StationJudgement) => LikelyCause | undefined;
}
