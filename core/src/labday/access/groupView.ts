import { putIn } from '../../planning/procedure/stepSafety';
import { usualCaution } from '../../safety/usualCaution';
import { groupViewSchema } from './access';
import type {
  AssignedUnknown,
  GroupView,
  Message,
  Release,
  ReleaseWhen,
  UnknownAnswer,
} from './access';
import { cautionsOfDay } from '../prep/stepMind';
import type { DayCautions } from '../prep/stepMind';
import { seenObservations, standingEntries } from '../day/currentRecords';
import { judgeStation } from '../judge/judgeDay';
import type { BenchEntry, Group, LabDay } from '../day/labDay';
import { stationsOf, worksAsMade } from '../day/work';
import type { Work } from '../day/work';

/** What the instructor has said and allowed, for the shape of a group’s view. */
export interface Allowed {
  readonly releases: readonly Release[];
  readonly messages: readonly Message[];
  /** The labels of the unknowns, without their keys. */
  readonly unknowns?: readonly AssignedUnknown[];
  readonly answers?: readonly UnknownAnswer[];
}

/** One vessel in one step of a piece of work. */
interface Place {
  readonly workId: string;
  readonly stepId: string;
  readonly vessel: string | null;
}

/**
 * A lab day as one group sees it: its steps in words, its own entries, messages to it, and what is expected only where it was
 * released. Built field by field and read through a strict schema, so that nothing slips in with a copy.
 */
export function viewForGroup(
  day: LabDay,
  groupId: string,
  allowed: Allowed,
  cautions: DayCautions = cautionsOfDay(day),
): GroupView {
  const group = day.groups.find(({ id }) => id === groupId);
  if (!group) throw new Error('The group is not of this day.');
  const works = worksAsMade(day).filter(({ manner }) => manner !== 'demonstration');
  const own = day.entries.filter((entry) => entry.groupId === groupId);
  const seesAt = (entry: Place): boolean => isReleased(entry, own, allowed.releases);
  // An override is the instructor’s verdict, and reaches a group only with what is expected.
  const entries = own.filter((entry) => entry.record?.kind !== 'verdict' || seesAt(entry));
  return groupViewSchema.parse({
    day: { id: day.id, name: day.name, date: day.date },
    group,
    unknown: unknownOf(groupId, allowed),
    works: works.map((work) =>
      workForGroup(work, whenShown(work.id, allowed.releases), cautions[work.id] ?? {}),
    ),
    entries,
    // What is not shown is not calculated either.
    expectations: works
      .filter(({ id }) => whenShown(id, allowed.releases) !== 'never')
      .flatMap((work) => expectationsOf({ entries: own }, work, group).filter(seesAt)),
    messages: allowed.messages.filter((one) => one.groupId === null || one.groupId === groupId),
  });
}

/** Its own unknown, by the label alone, with what it handed in for that jar. */
function unknownOf(groupId: string, { unknowns, answers }: Allowed): GroupView['unknown'] {
  const own = unknowns?.find((one) => one.groupId === groupId);
  if (!own) return null;
  const answer = answers?.filter((one) => one.groupId === groupId && one.code === own.code).at(-1);
  return { code: own.code, kind: own.kind, answer: answer ?? null };
}

function workForGroup(
  work: Work,
  shown: ReleaseWhen,
  cautions: DayCautions[string],
): GroupView['works'][number] {
  const { id, number, procedure } = work;
  return {
    id,
    number,
    name: work.procedure.name,
    purpose: procedure.purpose,
    shown,
    vessels: procedure.vessels.map(({ name, container }) => ({ name, container })),
    steps: procedure.steps.map((step) => ({
      id: step.id,
      text: step.text,
      minutes: step.minutes,
      uses: step.uses,
      ready: step.ready,
      needs: step.needs.map(({ step: needed, because }) => ({ step: needed, because })),
      // Without names: what a jar holds is for the group to find out.
      caution: step.caution ?? usualCaution(putIn(step), { named: false }),
      cautions: [...(cautions[step.id] ?? [])],
      record: step.record,
      measures: step.measures,
      vessels: [
        ...new Set(step.events.map((event) => ('vessel' in event ? event.vessel : event.into))),
      ],
    })),
  };
}

const whenShown = (workId: string, releases: readonly Release[]): ReleaseWhen =>
  releases.find((release) => release.workId === workId)?.when ?? 'never';

/** Whether a group may see what is expected at a place: always, or once it has seen something there itself. */
function isReleased(
  { workId, stepId, vessel }: Place,
  own: readonly BenchEntry[],
  releases: readonly Release[],
): boolean {
  const when = whenShown(workId, releases);
  if (when !== 'afterRecording') return when === 'always';
  const [first] = own;
  if (!first) return false;
  const where = { workId, stepId, groupId: first.groupId, ...(vessel !== null && { vessel }) };
  return seenObservations(standingEntries(own, where)).length > 0;
}

function expectationsOf(
  day: Pick<LabDay, 'entries'>,
  work: Work,
  group: Group,
): GroupView['expectations'] {
  return work.procedure.steps.flatMap((step) =>
    stationsOf(work, step).map((station) => {
      const { comparison } = judgeStation(day, work, step, station, group);
      return {
        workId: work.id,
        stepId: step.id,
        vessel: station.vessel,
        expected: [...station.expected],
        notPredicted: [...station.notPredicted],
        agreement: comparison?.agreement ?? null,
      };
    }),
  );
}
