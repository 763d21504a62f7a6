import type { Observation } from '../observation/observation';
import type { BenchEntry, BenchRecord } from './labDay';

/** A bench entry that still stands. */
export interface StandingEntry extends BenchEntry {
  readonly record: BenchRecord;
}

/**
 * The entries of one test and group that count now: those no later entry supersedes, without the withdrawn ones.
 * The whole history stays in `entries`.
 */
export function standingEntries(
  entries: readonly BenchEntry[],
  testId: string,
  groupId: string,
): StandingEntry[] {
  const own = entries.filter((entry) => entry.testId === testId && entry.groupId === groupId);
  const replaced = new Set(own.map(({ supersedes }) => supersedes));
  return own.filter(
    (entry): entry is StandingEntry => entry.record !== null && !replaced.has(entry.id),
  );
}

/** What was seen, without the notes. */
export function seenObservations(standing: readonly StandingEntry[]): Observation[] {
  return standing.flatMap(({ record }) => (record.kind === 'note' ? [] : [record]));
}

/** The notes, in the order they were written. */
export function notesOf(standing: readonly StandingEntry[]): string[] {
  return standing.flatMap(({ record }) => (record.kind === 'note' ? [record.text] : []));
}
