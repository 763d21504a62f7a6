import * as z from 'zod';

/** Reads a list that this browser keeps across reloads; nothing where it holds none that can be read. */
export function readKept<S extends z.ZodType>(key: string, schema: S): z.output<S>[] {
  try {
    const parsed = z.array(schema).safeParse(JSON.parse(localStorage.getItem(key) ?? '[]'));
    return parsed.success ? parsed.data : [];
  } catch {
    return [];
  }
}

/** Keeps a list across reloads, where the browser allows it. */
export function writeKept(key: string, list: readonly unknown[]): void {
  try {
    localStorage.setItem(key, JSON.stringify(list));
  } catch {
    // A private window: what is shown now still runs.
  }
}
