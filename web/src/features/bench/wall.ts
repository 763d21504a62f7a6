import { useEffect } from 'react';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';

/** What the bench has open, for a projector that another window of this browser shows. */
const shownSchema = z.object({
  dayId: z.string(),
  workId: z.string(),
  stepId: z.string(),
  groupId: z.string().nullable(),
});
export type Shown = z.infer<typeof shownSchema>;

const useWall = () => useKept('stoichos.wall', shownSchema.nullable(), null);

/** Tells the projector what is open here. */
export function useShowOnWall({ dayId, workId, stepId, groupId }: Shown): void {
  const [, show] = useWall();
  useEffect(() => show({ dayId, workId, stepId, groupId }), [show, dayId, workId, stepId, groupId]);
}

/** What the bench of a day has open, anew whenever it opens something else; undefined where this browser has no bench open. */
export function useShown(dayId: string): Shown | undefined {
  const [shown] = useWall();
  return shown?.dayId === dayId ? shown : undefined;
}
