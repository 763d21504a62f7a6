import { likelyAuthor, mayPutRight } from '@stoichos/core/labday/access';
import { isAt, standingEntries } from '@stoichos/core/labday/day';
import type {
  BenchEntry,
  BenchRecord,
  LabDay,
  Part,
  RecordOf,
  StandingEntry,
} from '@stoichos/core/labday/day';
import { answerSame, isObservation } from '@stoichos/core/seeing/observation';
import { useSessionQuery } from '../../data/api/api';
import { useAppDispatch } from '../../data/store';
import { recordEntry } from '../../data/outbox/outbox';

/** The place in the record that is written to: a step of a piece of work at one bench, and one vessel of it. */
export interface Place {
  readonly workId: string;
  readonly stepId: string;
  readonly groupId: string | null;
  readonly vessel: string | null;
  readonly part: Part;
}

/** Records what is seen at one place. Every tap is a line of its own; a correction supersedes the earlier one. */
export interface Recorder {
  readonly place: Place;
  readonly standing: readonly StandingEntry[];
  /** The standing record of one kind. */
  readonly of: <K extends BenchRecord['kind']>(kind: K) => RecordOf<K> | undefined;
  readonly all: <K extends BenchRecord['kind']>(kind: K) => RecordOf<K>[];
  /** Records, superseding what answered the same question; the same again withdraws it. */
  readonly record: (record: BenchRecord) => void;
  /** Adds a line beside the earlier ones. */
  readonly add: (record: BenchRecord, vessel?: string | null) => void;
  /** Withdraws one line. */
  readonly withdraw: (entry: StandingEntry) => void;
  /** Takes back the latest line: what it replaced stands again. */
  readonly undo: () => void;
  readonly canUndo: boolean;
}

/** Whether a record takes the place of another: of observations, where they answer one question. */
const replaces = (one: BenchRecord, other: BenchRecord): boolean =>
  isObservation(one) && isObservation(other) ? answerSame(one, other) : one.kind === other.kind;

/** A line at a place, ready to be sent. */
export function entryAt(
  place: Place,
  record: BenchRecord | null,
  supersedes: string | null,
): BenchEntry {
  return {
    ...place,
    id: crypto.randomUUID(),
    record,
    supersedes,
    recordedAt: new Date().toISOString(),
  };
}

export function useRecorder(day: Pick<LabDay, 'id' | 'entries'>, place: Place): Recorder {
  const dispatch = useAppDispatch();
  const { data: session } = useSessionQuery();
  const author = session && session.role !== 'nobody' ? session.role : 'group';
  const isOurs = (earlier: BenchEntry, record: BenchRecord | null): boolean =>
    mayPutRight(author, earlier.author ?? likelyAuthor(earlier), record);
  const standing = standingEntries(day.entries, place);
  const { workId, stepId, groupId } = place;
  const ofStep = standingEntries(day.entries, { workId, stepId, groupId });
  const send = (at: Place, record: BenchRecord | null, supersedes: string | null) => {
    dispatch(recordEntry({ dayId: day.id, entry: entryAt(at, record, supersedes) }));
  };
  const all = <K extends BenchRecord['kind']>(kind: K): RecordOf<K>[] =>
    standing
      .map(({ record }) => record)
      .filter((record): record is RecordOf<K> => record.kind === kind);
  const latest = ofStep.at(-1);
  return {
    place,
    standing,
    all,
    of: (kind) => all(kind).at(-1),
    record: (record) => {
      // What the staff wrote at a bench stays; the group’s own line stands beside it.
      const earlier = standing.find(
        (entry) => replaces(record, entry.record) && isOurs(entry, record),
      );
      const again = earlier && JSON.stringify(earlier.record) === JSON.stringify(record);
      send(place, again ? null : record, earlier?.id ?? null);
    },
    add: (record, vessel = place.vessel) => send({ ...place, vessel }, record, null),
    withdraw: (entry) => send(placeOf(entry), null, entry.id),
    canUndo: latest !== undefined && isOurs(latest, null),
    undo: () => {
      if (!latest || !isOurs(latest, null)) return;
      const own = day.entries.filter((entry) => isAt(entry, { workId, stepId, groupId }));
      send(placeOf(latest), before(own, latest)?.record ?? null, latest.id);
    },
  };
}

const placeOf = ({ workId, stepId, groupId, vessel, part }: BenchEntry): Place => ({
  workId,
  stepId,
  groupId,
  vessel,
  part,
});

/** What stood before an entry. One that an undo brought back counts as the line it repeats. */
function before(entries: readonly BenchEntry[], entry: BenchEntry): BenchEntry | undefined {
  const find = (id: string | null) => entries.find((one) => one.id === id);
  const replaced = find(entry.supersedes);
  const earlier = replaced && find(replaced.supersedes);
  const isBack = earlier && JSON.stringify(earlier.record) === JSON.stringify(entry.record);
  return isBack ? before(entries, earlier) : replaced;
}
