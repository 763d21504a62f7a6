import * as z from 'zod';
import { useKept } from './useKept';

const recentSchema = z.array(z.object({ path: z.string(), title: z.string() }));
export type Recent = z.infer<typeof recentSchema>[number];

/** Where this browser was last, the latest first. */
export function useRecent() {
  return useKept('stoichos.recent', recentSchema, []);
}
