import { standingEntries } from '@stoichos/core';
import type { BenchRecord, Group, LabDay, PlannedTest, StandingEntry } from '@stoichos/core';
import { useAppDispatch } from '../app/store';
import { recorded } from '../outbox/outbox';

/** Records what one group sees in one test. Every tap is a line of its own; a correction supersedes the earlier one. */
export interface Recorder {
  readonly standing: readonly StandingEntry[];
  /** The standing record of one kind. */
  of<K extends BenchRecord['kind']>(kind: K): Extract<BenchRecord, { kind: K }> | undefined;
  /** Records, superseding what stood of the same kind; the same again withdraws it. */
  record(record: BenchRecord): void;
  /** Adds a note beside earlier ones. */
  note(text: string): void;
  /** Takes back the latest entry: what it replaced stands again. */
  undo(): void;
}

/** Kinds that answer the same question, so that one replaces the other. */
const sameQuestion: readonly (readonly BenchRecord['kind'][])[] = [
  ['precipitate', 'noPrecipitate'],
];

const answersSame = (a: BenchRecord['kind'], b: BenchRecord['kind']): boolean =>
  a === b || sameQuestion.some((kinds) => kinds.includes(a) && kinds.includes(b));

export function useRecorder(day: LabDay, test: PlannedTest, group: Group): Recorder {
  const dispatch = useAppDispatch();
  const standing = standingEntries(day.entries, test.id, group.id);
  const append = (record: BenchRecord | null, supersedes: string | null) => {
    dispatch(
      recorded({
        dayId: day.id,
        entry: {
          id: crypto.randomUUID(),
          testId: test.id,
          groupId: group.id,
          record,
          supersedes,
          recordedAt: new Date().toISOString(),
        },
      }),
    );
  };
  return {
    standing,
    of: <K extends BenchRecord['kind']>(kind: K) =>
      standing
        .map(({ record }) => record)
        .find((record): record is Extract<BenchRecord, { kind: K }> => record.kind === kind),
    record: (record) => {
      const earlier = standing.find((entry) => answersSame(entry.record.kind, record.kind));
      const again = earlier && JSON.stringify(earlier.record) === JSON.stringify(record);
      append(again ? null : record, earlier?.id ?? null);
    },
    note: (text) => append({ kind: 'note', text }, null),
    undo: () => {
      const own = day.entries.filter(
        ({ testId, groupId }) => testId === test.id && groupId === group.id,
      );
      const latest = own.at(-1);
      if (!latest) return;
      const replaced = own.find(({ id }) => id === latest.supersedes);
      append(replaced?.record ?? null, latest.id);
    },
  };
}
