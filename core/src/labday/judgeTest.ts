import { classifyChange } from '../observation/classifyChange';
import type { ChangeVerdict } from '../observation/classifyChange';
import { compareObservations } from '../observation/compareObservations';
import type { Comparison } from '../observation/compareObservations';
import { likelyCauses } from '../observation/likelyCauses';
import type { LikelyCause } from '../observation/likelyCauses';
import type { Observation } from '../observation/observation';
import { predictMixing } from '../observation/predictMixing';
import type { MixingPrediction } from '../observation/predictMixing';
import type { Portion } from '../vessel/portion';
import { notesOf, seenObservations, standingEntries } from './currentRecords';
import type { Group, LabDay, PlannedTest } from './labDay';
import { portionsAsMade } from './solutionsNeeded';

/** One test of one group, judged. */
export interface TestJudgement {
  readonly test: PlannedTest;
  readonly group: Group;
  /** The portions with the concentrations really made. */
  readonly portions: readonly [Portion, Portion];
  readonly prediction: MixingPrediction;
  readonly seen: readonly Observation[];
  readonly notes: readonly string[];
  /** Absent when the mixture is not predicted: then there is nothing to agree with. */
  readonly comparison?: Comparison;
  readonly change: ChangeVerdict;
  readonly causes: readonly LikelyCause[];
}

/** What a test should show with the solutions as they were really made. */
export function predictTest(day: Pick<LabDay, 'weighings'>, test: PlannedTest) {
  const portions = portionsAsMade(test, day.weighings);
  return { portions, prediction: predictMixing(...portions, test.container) };
}

/** Sets the record of one group beside the prediction and says what follows. */
export function judgeTest(day: LabDay, test: PlannedTest, group: Group): TestJudgement {
  const { portions, prediction } = predictTest(day, test);
  const standing = standingEntries(day.entries, test.id, group.id);
  const seen = seenObservations(standing);
  const predicted = prediction.notPredicted.length === 0;
  const comparison = predicted ? compareObservations(prediction.observations, seen) : undefined;
  const isOff = comparison?.items.some(({ outcome }) => outcome === 'differs') ?? false;
  return {
    test,
    group,
    portions,
    prediction,
    seen,
    notes: notesOf(standing),
    ...(comparison && { comparison }),
    change: classifyChange(seen),
    causes: isOff ? likelyCauses(...portions, test.container, seen) : [],
  };
}

/** Every test of the day for every group, test by test. */
export function judgeDay(day: LabDay): TestJudgement[] {
  return day.tests.flatMap((test) => day.groups.map((group) => judgeTest(day, test, group)));
}
