import * as z from 'zod';
import { kept as readKept } from '../kept/kept';
import { useKept } from '../kept/useKept';

/** What is chosen for this browser alone. */
const browserSchema = z.object({
  /** Alarms ring as well as show. */
  sound: z.boolean(),
  textSize: z.enum(['usual', 'large', 'larger']),
});
export type BrowserSettings = z.infer<typeof browserSchema>;

const kept = ['stoichos.browser', browserSchema, { sound: true, textSize: 'usual' }] as const;

/** Of the size the browser has text in. */
export const textSizes = { usual: '100%', large: '115%', larger: '130%' } as const;

/** What is chosen for this browser, and a way to choose otherwise; every part of the page follows at once. */
export function useBrowserSettings() {
  const [settings, setSettings] = useKept(...kept);
  const change = (part: Partial<BrowserSettings>) =>
    setSettings((before) => ({ ...before, ...part }));
  return { settings, change };
}

/** Whether alarms ring in this browser. */
export function soundIsOn(): boolean {
  return readKept(...kept).read().sound;
}
