import type { GroupView } from '@stoichos/core/labday/access';
import { useAppSelector } from '../../data/store';

/** The view as the server knows it, with this tablet’s entries that are still on their way. */
export function useViewWithUnsent(view: GroupView | undefined): GroupView | undefined {
  const waiting = useAppSelector((state) => state.outbox.waiting);
  if (!view) return undefined;
  const known = new Set(view.entries.map(({ id }) => id));
  const unsent = waiting.flatMap((one) =>
    'dayId' in one &&
    one.dayId === view.day.id &&
    one.entry.groupId === view.group.id &&
    !known.has(one.entry.id)
      ? [one.entry]
      : [],
  );
  return { ...view, entries: [...view.entries, ...unsent] };
}
