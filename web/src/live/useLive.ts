import { liveEventSchema } from '@stoichos/core';
import type { LiveEvent } from '@stoichos/core';
import { useEffect, useEffectEvent } from 'react';
import { api } from '../api/api';
import { happened } from '../api/readAgain';
import { useAppDispatch } from '../app/store';

/** How long after a lost line it is tried again, ms. */
const againMs = 1500;

/** Hears what the server tells, and begins again by itself when the line is lost; “hello” says that it is new. */
function useEvents(path: string | undefined, onEvent: (event: LiveEvent) => void): void {
  const heard = useEffectEvent(onEvent);
  useEffect(() => {
    if (path === undefined) return undefined;
    let source: EventSource;
    let again: ReturnType<typeof setTimeout> | undefined;
    const open = () => {
      source = new EventSource(path);
      source.onmessage = ({ data }: MessageEvent<string>) => {
        const parsed = liveEventSchema.safeParse(JSON.parse(data));
        if (parsed.success) heard(parsed.data);
      };
      // A browser gives up on some failures; we do not.
      source.onerror = () => {
        source.close();
        again = setTimeout(open, againMs);
      };
    };
    open();
    return () => {
      source.close();
      clearTimeout(again);
    };
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
