import { compareObservations } from '../../seeing/judgement/compare/compareObservations';
import type { Agreement, Comparison } from '../../seeing/judgement/compare/compareObservations';
import { weighChange } from '../../seeing/judgement/change/classifyChange';
import type { ChangeVerdict } from '../../seeing/judgement/change/classifyChange';
import { counterCasesOf } from '../../seeing/judgement/change/counterCasesOf';
import type { RackEvent } from '../../seeing/rack/rackShape';
import type { Action } from '../../vessel/action';
import { likelyCauses } from '../../seeing/judgement/faults/likelyCauses';
import type { LikelyCause } from '../../seeing/judgement/faults/likelyCauses';
import type { Observation } from '../../seeing/observation/observation';
import type { Step } from '../../planning/procedure/procedure';
import { notesOf, recordsOf, seenObservations, standingEntries } from '../day/currentRecords';
import type { StandingEntry } from '../day/currentRecords';
import { stationAsDone } from '../day/asDone';
import type { LabDay, RecordOf } from '../day/labDay';
import { benchesOf, stationsOf, worksAsMade } from '../day/work';
import type { Bench, Station, Work } from '../day/work';

/** One vessel of one step at one bench, judged. */
export interface StationJudgement {
  readonly work: Work;
  readonly step: Step;
  /** As the bench did it, where it said by numbers what it did otherwise. */
  readonly station: Station;
  /** As it was planned, where the bench did it otherwise. */
  readonly planned?: Station;
  readonly bench: Bench;
  readonly standing: readonly StandingEntry[];
  readonly seen: readonly Observation[];
  readonly blank: readonly Observation[];
  readonly control: readonly Observation[];
  readonly notes: readonly string[];
  readonly departures: readonly RecordOf<'departure'>[];
  /** Absent where nothing is predicted: then there is nothing to agree with. */
  readonly comparison?: Comparison;
  readonly change: ChangeVerdict;
  /** What the instructor said instead, with the reason; what was computed stays beside it. */
  readonly override?: RecordOf<'verdict'>;
  /** What stands in the end. */
  readonly verdict: Agreement | 'notPredicted' | 'notRecorded';
}

/** Sets the record of one vessel at one bench beside the prediction and says what follows. */
export function judgeStation(
  day: Pick<LabDay, 'entries'>,
  work: Work,
  step: Step,
  planned: Station,
  bench: Bench,
): StationJudgement {
  const done = stationAsDone(day, work, step, planned, bench);
  const station = done ?? planned;
  const where = { workId: work.id, stepId: step.id, groupId: bench.id };
  const standing = standingEntries(day.entries, { ...where, vessel: station.vessel });
  const ofStep = standingEntries(day.entries, { ...where, vessel: null });
  const partOf = (part: 'test' | 'blank' | 'control') =>
    seenObservations(standing.filter((entry) => entry.part === part));
  const seen = partOf('test');
  const predicted = station.notPredicted.length === 0;
  const comparison = predicted ? compareObservations(station.expected, seen) : undefined;
  const override = recordsOf(standing, 'verdict').at(-1);
  return {
    work,
    step,
    station,
    ...(done && { planned }),
    bench,
    standing,
    seen,
    blank: partOf('blank'),
    control: partOf('control'),
    notes: notesOf([...ofStep, ...standing]),
    departures: recordsOf([...ofStep, ...standing], 'departure'),
    ...(comparison && { comparison }),
    change: changeOf(seen, station, override),
    ...(override && { override }),
    verdict:
      override?.verdict ??
      (seen.length === 0 ? 'notRecorded' : (comparison?.agreement ?? 'notPredicted')),
  };
}

/** What the record says of physical or chemical, against what was done; what is expected stands beside it in the station. */
function changeOf(
  seen: readonly Observation[],
  { plan, vessel, change, expected }: Station,
  override: RecordOf<'verdict'> | undefined,
): ChangeVerdict {
  const done = (from: number, to: number) => actionsIn(plan.events.slice(from, to), vessel);
  const computed = weighChange(seen, {
    possible: counterCasesOf(done(plan.from, plan.to + 1), done(0, plan.from)),
    expected: { ...change, observations: expected },
  });
  return override?.change ? { ...computed, change: override.change } : computed;
}

/** What was done to one vessel itself. */
const actionsIn = (events: readonly RackEvent[], vessel: string): Action[] =>
  events.flatMap((event) => ('vessel' in event && event.vessel === vessel ? [event.action] : []));

/** Why what was seen differs, the likeliest first; empty where it does not. Takes a moment: it runs the engine many times. */
export function causesOf(
  { comparison, station, seen, blank }: StationJudgement,
  onProgress?: (share: number) => void,
): LikelyCause[] {
  const isOff = comparison?.items.some(({ outcome }) => outcome === 'differs') ?? false;
  return isOff
    ? likelyCauses(station.plan, seen, {
        ...(blank.length > 0 && { blank }),
        ...(onProgress && { onProgress }),
      })
    : [];
}

/** Every vessel of every step of a piece of work at one bench. */
export function judgeWork(
  day: Pick<LabDay, 'entries'>,
  work: Work,
  bench: Bench,
): StationJudgement[] {
  return work.procedure.steps.flatMap((step) =>
    stationsOf(work, step).map((station) => judgeStation(day, work, step, station, bench)),
  );
}

/** Everything of the day at every bench, work by work. */
export function judgeDay(day: LabDay): StationJudgement[] {
  return worksAsMade(day).flatMap((work) =>
    benchesOf(day, work).flatMap((bench) => judgeWork(day, work, bench)),
  );
}
