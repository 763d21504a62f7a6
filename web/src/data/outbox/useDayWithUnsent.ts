import type { LabDay } from '@stoichos/core/labday/day';
import { useMemo } from 'react';
import { useAppSelector } from '../store';

/** The day as the server knows it, with the entries of this browser that are still on their way. */
export function useDayWithUnsent<D extends LabDay>(day: D | undefined): D | undefined {
  const waiting = useAppSelector((state) => state.outbox.waiting);
  return useMemo(() => {
    if (!day) return undefined;
    const known = new Set(day.entries.map(({ id }) => id));
    const unsent = waiting.flatMap((one) =>
      'dayId' in one && one.dayId === day.id && !known.has(one.entry.id) ? [one.entry] : [],
    );
    return unsent.length === 0 ? day : { ...day, entries: [...day.entries, ...unsent] };
  }, [day, waiting]);
}
