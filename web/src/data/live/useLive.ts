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
    // Who is there may have been taken from what was kept, while the server was away.
    dispatch(api.util.invalidateTags(event.kind === 'hello' ? ['Access', day, group] : [group]));
  });
}

/** Keeps a group’s view as it is: its own lines join it as they come in; a tablet that was put out learns it at once. */
export function useLiveGroup(there: boolean): void {
  const dispatch = useAppDispatch();
  useEvents(there ? '/api/group/live' : undefined, (event) => {
    if (event.kind !== 'entry') {
      dispatch(api.util.invalidateTags(event.kind === 'changed' ? ['Group'] : ['Access', 'Group']));
      return;
    }
    const { entry } = event;
    let showsMore = false;
    dispatch(
      api.util.updateQueryData('group', undefined, (view) => {
        if (view.entries.some(({ id }) => id === entry.id)) return;
        view.entries.push(entry);
        // What is expected stands beside it, or comes to stand there: the server knows.
        const shown = view.works.find(({ id }) => id === entry.workId)?.shown;
        showsMore = shown !== undefined && shown !== 'never';
      }),
    );
    dispatch(showsMore ? api.util.invalidateTags(['Group']) : happened());
  });
}
