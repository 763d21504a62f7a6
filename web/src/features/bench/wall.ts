import { useEffect, useState } from 'react';
import * as z from 'zod';

/** What the bench has open, for a projector that another window of this browser shows. */
const shownSchema = z.object({
  dayId: z.string(),
  workId: z.string(),
  stepId: z.string(),
  groupId: z.string().nullable(),
});
export type Shown = z.infer<typeof shownSchema>;

const key = 'stoichos.wall';

/** Tells the projector what is open here. */
export function useShowOnWall({ dayId, workId, stepId, groupId }: Shown): void {
  useEffect(() => {
    try {
      localStorage.setItem(key, JSON.stringify({ dayId, workId, stepId, groupId }));
    } catch {
      // Without storage the wall goes by how far the bench is.
    }
  }, [dayId, workId, stepId, groupId]);
}

/** What the bench of a day has open, anew whenever it opens something else; undefined where this browser has no bench open. */
export function useShown(dayId: string): Shown | undefined {
  const [shown, setShown] = useState(read);
  useEffect(() => {
    const follow = (event: StorageEvent) => {
      if (event.key === key) setShown(read());
    };
    window.addEventListener('storage', follow);
    return () => window.removeEventListener('storage', follow);
  }, []);
  return shown?.dayId === dayId ? shown : undefined;
}

function read(): Shown | undefined {
  try {
    return shownSchema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null')).data;
  } catch {
    return undefined;
  }
}
