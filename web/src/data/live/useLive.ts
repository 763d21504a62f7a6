import { liveEventSchema } from '@stoichos/core/labday/access';
import type { LiveEvent } from '@stoichos/core/labday/access';
import { useEffect, useEffectEvent } from 'react';
import { api } from '../api/api';
import { happened } from '../api/readAgain';
import { useAppDispatch } from '../store';
import { hear } from './hear';

/** Hears what the server tells; “hello” says that from now on nothing is missed. */
function useEvents(path: string | undefined, onEvent: (event: LiveEvent) => void): void {
  const heard = useEffectEvent(onEvent);
  useEffect(() => {
    if (path === undefined) return undefined;
    return hear(path, (text) => {
      const parsed = liveEventSchema.safeParse(JSON.parse(text));
      if (parsed.success) heard(parsed.data);
    });
  }, [path]);
}

/** Keeps a lab day as it is: entries join it as they come in, everything else is read again. */
export function useLiveDay(dayId: string): void {
  const dispatch = useAppDispatch();
  useEvents(dayId === '' ? undefined : `/api/days/${dayId}/live`, (event) => {
    if (event.kind === 'entry') {
      const { entry } = event;
      dispatch(
        api.util.updateQueryData('day', dayId, (day) => {
          if (!day.entries.some(({ id }) => id === entry.id)) day.entries.push(entry);
        }),
      );
      dispatch(happened());
      return;
    }
    if (event.kind === 'ended') {
      dispatch(api.util.invalidateTags(['Access']));
      return;
    }
    const day = { type: 'Day', id: dayId } as const;
    const group = { type: 'Group', id: dayId } as const;
    dispatch(api.util.invalidateTags(event.kind === 'hello' ? [day, group] : [group]));
  });
}

/** Keeps a group’s view as it is; a tablet that was put out learns it at once. */
export function useLiveGroup(there: boolean): void {
  const dispatch = useAppDispatch();
  useEvents(there ? '/api/group/live' : undefined, ({ kind }) => {
    dispatch(api.util.invalidateTags(kind === 'ended' ? ['Access', 'Group'] : ['Group']));
  });
}
