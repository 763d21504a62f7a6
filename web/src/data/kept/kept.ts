import type * as z from 'zod';

/** Something that this browser keeps across reloads, under a key, read through its schema. */
export interface Kept<T> {
  /** What is kept; what to begin with where nothing is, or what is can no longer be read. The same object until it changes. */
  readonly read: () => T;
  /** Keeps another value; the page that shows it, and other windows, follow. */
  readonly write: (value: T) => void;
  readonly forget: () => void;
  /** Calls back when the value changes, here or in another window. @returns a way to stop. */
  readonly subscribe: (listener: () => void) => () => void;
}

const boxes = new Map<string, unknown>();

/**
 * What lies under a key; asked for twice, the same one.
 *
 * @param storage `session` for what ends with the window.
 */
export function kept<S extends z.ZodType>(
  key: string,
  schema: S,
  initial: z.output<S>,
  storage: 'local' | 'session' = 'local',
): Kept<z.output<S>> {
  const known = boxes.get(key) as Kept<z.output<S>> | undefined;
  if (known) return known;
  const box = open(key, schema, initial, storage);
  boxes.set(key, box);
  return box;
}

function open<S extends z.ZodType>(
  key: string,
  schema: S,
  initial: z.output<S>,
  where: 'local' | 'session',
): Kept<z.output<S>> {
  type T = z.output<S>;
  const storage = (): Storage => (where === 'local' ? localStorage : sessionStorage);
  const listeners = new Set<() => void>();
  let last: { readonly text: string | null; readonly value: T } = { text: null, value: initial };
  /** In a private window what is shown now still works, and is gone with the window. */
  let inMemory = false;
  const tell = () => listeners.forEach((listener) => listener());
  const follow = (event: StorageEvent) => {
    if (event.key === key) tell();
  };
  const parse = (text: string | null): T => {
    if (text === null) return initial;
    try {
      const read = schema.safeParse(JSON.parse(text));
      return read.success ? read.data : initial;
    } catch {
      return initial;
    }
  };
  /** Undefined where the browser lets nothing be read. */
  const stored = (): string | null | undefined => {
    try {
      return storage().getItem(key);
    } catch {
      return undefined;
    }
  };
  const put = (text: string | null, value: T) => {
    last = { text, value };
    try {
      if (text === null) storage().removeItem(key);
      else storage().setItem(key, text);
      inMemory = false;
    } catch {
      inMemory = true;
    }
    tell();
  };
  return {
    read: () => {
      if (inMemory) return last.value;
      const text = stored();
      if (text === undefined) return last.value;
      if (text !== last.text) last = { text, value: parse(text) };
      return last.value;
    },
    write: (value) => put(JSON.stringify(value), value),
    forget: () => put(null, initial),
    subscribe: (listener) => {
      if (listeners.size === 0) window.addEventListener('storage', follow);
      listeners.add(listener);
      return () => {
        listeners.delete(listener);
        if (listeners.size === 0) window.removeEventListener('storage', follow);
      };
    },
  };
}
