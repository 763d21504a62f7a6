import { useLocalStorage } from '@mantine/hooks';
import * as z from 'zod';

const recentSchema = z.array(z.object({ path: z.string(), title: z.string() }));
export type Recent = z.infer<typeof recentSchema>[number];

const key = 'stoichos.recent';

function read(text: string | null | undefined): Recent[] {
  try {
    const parsed = recentSchema.safeParse(JSON.parse(text ?? 'null'));
    return parsed.success ? parsed.data : [];
  } catch {
    return [];
  }
}

/** Where one was last, the latest first. */
export function useRecent() {
  return useLocalStorage<Recent[]>({
    key,
    defaultValue: [],
    getInitialValueInEffect: false,
    deserialize: read,
  });
}
