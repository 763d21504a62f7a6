import type { BenchRecord, RecordOf } from '@stoichos/core/labday/day';
import { useState } from 'react';
import type { Recorder } from '../../src/shared/recording/useRecorder';

/** A vessel in a step at a bench. */
export const place = {
  workId: 'w',
  stepId: 's',
  vessel: 'vessel',
  part: 'test',
  groupId: 'g',
} as const;

/** A recorder that remembers, as the bench’s does, without an outbox behind it. */
function useRemembering(hear: (record: BenchRecord) => void): Recorder {
  const [records, setRecords] = useState<readonly BenchRecord[]>([]);
  const all = <K extends BenchRecord['kind']>(kind: K) =>
    records.filter((one): one is RecordOf<K> => one.kind === kind);
  const keep = (record: BenchRecord) => {
    hear(record);
    setRecords((before) => [...before.filter(({ kind }) => kind !== record.kind), record]);
  };
  return {
    place,
    standing: [],
    of: (kind) => all(kind).at(-1),
    all,
    record: keep,
    add: keep,
    withdraw: () => undefined,
    undo: () => undefined,
    canUndo: false,
  };
}

/** Shows something that records, and tells what it records. */
export function WithRecorder({
  hear,
  children,
}: {
  hear: (record: BenchRecord) => void;
  children: (recorder: Recorder) => React.ReactNode;
}) {
  return children(useRemembering(hear));
}
