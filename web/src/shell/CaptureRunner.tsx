import { useEffect, useRef } from 'react';
import { api } from '../data/api/api';
import { explainError } from '../data/api/explainError';
import { useAppDispatch, useAppSelector } from '../data/store';
import { recordEntry } from '../data/outbox/outbox';
import { useNow } from '../data/timers/useNow';
import { capturesSlice } from '../data/captures/capturesSlice';
import type { Capture } from '../data/captures/capturesSlice';
import { entryAt } from '../shared/recording/useRecorder';

const { took } = capturesSlice.actions;

/** Takes the readings that are due, on every page and after a reload. One that fails is told and not made up for. */
export function CaptureRunner() {
  const captures = useAppSelector((state) => state.captures);
  const dispatch = useAppDispatch();
  const now = useNow(captures.length > 0 ? 250 : 5000);
  const busy = useRef(new Set<string>());
  useEffect(() => {
    const take = async (capture: Capture, due: number) => {
      const { id, instrumentId, quantity, name, where, dayId, zeroAt } = capture;
      busy.current.add(id);
      const asked = dispatch(
        api.endpoints.reading.initiate({ id: instrumentId, quantity }, { forceRefetch: true }),
      );
      try {
        const { value, uncertainty, at } = await asked.unwrap();
        const record = {
          kind: 'measurement',
          name,
          quantity,
          value,
          uncertainty,
          instrument: instrumentId,
          elapsedS: Math.max(0, (Date.parse(at) - zeroAt) / 1000),
        } as const;
        dispatch(recordEntry({ dayId, entry: entryAt(where, record, null) }));
        dispatch(took({ id, taken: due, trouble: null }));
      } catch (error) {
        const { message, remedy } = explainError(error);
        dispatch(took({ id, taken: due, trouble: `${message} ${remedy}` }));
      } finally {
        asked.unsubscribe();
        busy.current.delete(id);
      }
    };
    for (const capture of captures) {
      // The first reading is due at once; after a closed lid those missed are not made up.
      const due = 1 + Math.floor(Math.max(0, now - capture.startedAt) / 1000 / capture.everyS);
      if (due > capture.taken && !busy.current.has(capture.id)) void take(capture, due);
    }
  }, [captures, now, dispatch]);
  return null;
}
