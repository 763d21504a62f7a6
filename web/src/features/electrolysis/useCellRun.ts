import { ChemistryError, parseInput } from '@stoichos/core/common';
import { cellEntrySchema, cellLog } from '@stoichos/core/labday/cells';
import type { CellRecord, CellRunWithRecord } from '@stoichos/core/labday/cells';
import { useCallback, useMemo } from 'react';
import { useCellQuery } from '../../data/api/api';
import { useAppDispatch, useAppSelector } from '../../data/store';
import { recordEntry } from '../../data/outbox/outbox';
import type { Failure } from '../../data/worker/chemistry';

/** A run as the server knows it, with the lines of this browser that are still on their way. */
export function useCellRun(runId: string) {
  const { currentData: data, error, refetch } = useCellQuery(runId);
  const waiting = useAppSelector((state) => state.outbox.waiting);
  const dispatch = useAppDispatch();
  const run = useMemo((): CellRunWithRecord | undefined => {
    if (!data) return undefined;
    const known = new Set(data.entries.map(({ id }) => id));
    const unsent = waiting.flatMap((one) =>
      'runId' in one && one.runId === runId && !known.has(one.entry.id) ? [one.entry] : [],
    );
    return unsent.length === 0 ? data : { ...data, entries: [...data.entries, ...unsent] };
  }, [data, waiting, runId]);
  const log = useMemo(() => (run ? cellLog(run.entries) : []), [run]);
  /** Writes a line; what cannot be is said and nothing is written. */
  const write = useCallback(
    (record: CellRecord | null, supersedes: string | null = null): Failure | undefined => {
      try {
        const entry = parseInput(cellEntrySchema, {
          id: crypto.randomUUID(),
          runId,
          record,
          supersedes,
          recordedAt: new Date().toISOString(),
        });
        dispatch(recordEntry({ runId, entry }));
        return undefined;
      } catch (problem) {
        if (!(problem instanceof ChemistryError)) throw problem;
        return { message: problem.message, remedy: problem.remedy };
      }
    },
    [dispatch, runId],
  );
  return { run, log, error, refetch, write };
}
export type WriteLine = ReturnType<typeof useCellRun>['write'];
