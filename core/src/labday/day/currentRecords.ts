import { isObservation } from '../../seeing/observation/observation';
import type { Observation } from '../../seeing/observation/observation';
import type { BenchEntry, BenchRecord, Part, RecordOf } from './labDay';

/** A bench entry that still stands. */
export interface StandingEntry extends BenchEntry {
  readonly record: BenchRecord;
}

/** Which entries are meant; what is left out may be anything. */
export interface Where {
  readonly workId: string;
  readonly stepId?: string;
  readonly groupId: string | null;
  readonly vessel?: string | null;
  readonly part?: Part;
}

/** Whether an entry belongs to a place in the record. */
export function isAt(entry: BenchEntry, { workId, stepId, groupId, vessel, part }: Where): boolean {
  return (
    entry.workId === workId &&
    entry.groupId === groupId &&
    (stepId === undefined || entry.stepId === stepId) &&
    (vessel === undefined || entry.vessel === vessel) &&
    (part === undefined || entry.part === part)
  );
}

const benches = new WeakMap<readonly BenchEntry[], ReadonlyMap<string, readonly BenchEntry[]>>();
const benchOf = ({ workId, groupId }: Pick<Where, 'workId' | 'groupId'>): string =>
  `${workId} ${String(groupId)}`;

/** What one bench wrote of one piece of work. A record is sorted once: each of its thousands of places would look through all of it. */
function entriesAt(entries: readonly BenchEntry[], where: Where): readonly BenchEntry[] {
  const sorted = benches.get(entries) ?? byBench(entries);
  benches.set(entries, sorted);
  return sorted.get(benchOf(where)) ?? [];
}

function byBench(entries: readonly BenchEntry[]): ReadonlyMap<string, readonly BenchEntry[]> {
  const sorted = new Map<string, BenchEntry[]>();
  for (const entry of entries) {
    const own = sorted.get(benchOf(entry));
    if (own) own.push(entry);
    else sorted.set(benchOf(entry), [entry]);
  }
  return sorted;
}

/**
 * The entries of one place that count now: those no later entry supersedes, without the withdrawn ones.
 * The whole history stays in `entries`.
 */
export function standingEntries(entries: readonly BenchEntry[], where: Where): StandingEntry[] {
  const own = entriesAt(entries, where).filter((entry) => isAt(entry, where));
  const replaced = new Set(own.map(({ supersedes }) => supersedes));
  return own.filter(
    (entry): entry is StandingEntry => entry.record !== null && !replaced.has(entry.id),
  );
}

/** What was seen, without notes, measurements and the like. */
export function seenObservations(standing: readonly StandingEntry[]): Observation[] {
  return standing.map(({ record }) => record).filter(isObservation);
}

/** The standing records of one kind, in the order they were written. */
export function recordsOf<K extends BenchRecord['kind']>(
  standing: readonly StandingEntry[],
  kind: K,
): RecordOf<K>[] {
  return standing
    .map(({ record }) => record)
    .filter((record): record is RecordOf<K> => record.kind === kind);
}

/** The notes, in the order they were written. */
export function notesOf(standing: readonly StandingEntry[]): string[] {
  return recordsOf(standing, 'note').map(({ text }) => text);
}
