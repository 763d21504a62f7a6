import { useLocalStorage } from '@mantine/hooks';
import * as z from 'zod';

/** What is chosen for this browser alone. */
const browserSchema = z.object({
  /** Alarms ring as well as show. */
  sound: z.boolean(),
  textSize: z.enum(['usual', 'large', 'larger']),
});
export type BrowserSettings = z.infer<typeof browserSchema>;

const key = 'stoichos.browser';
const first: BrowserSettings = { sound: true, textSize: 'usual' };

/** Of the size the browser has text in. */
export const textSizes = { usual: '100%', large: '115%', larger: '130%' } as const;

function read(text: string | null | undefined): BrowserSettings {
  try {
    const parsed = browserSchema.safeParse(JSON.parse(text ?? 'null'));
    return parsed.success ? parsed.data : first;
  } catch {
    return first;
  }
}

/** What is chosen for this browser, and a way to choose otherwise; every part of the page follows at once. */
export function useBrowserSettings() {
  const [settings, setSettings] = useLocalStorage<BrowserSettings>({
    key,
    defaultValue: first,
    getInitialValueInEffect: false,
    deserialize: read,
  });
  const change = (part: Partial<BrowserSettings>) => setSettings({ ...settings, ...part });
  return { settings, change };
}

/** Whether alarms ring in this browser. */
export function soundIsOn(): boolean {
  return read(localStorage.getItem(key)).sound;
}
