import { useCallback, useSyncExternalStore } from 'react';
import type { Dispatch, SetStateAction } from 'react';
import type * as z from 'zod';
import { kept } from './kept';

/** State that this browser keeps across reloads; every part of the page that uses the key follows at once. */
export function useKept<S extends z.ZodType>(
  key: string,
  schema: S,
  initial: z.output<S>,
  storage?: 'session',
): [z.output<S>, Dispatch<SetStateAction<z.output<S>>>] {
  type T = z.output<S>;
  const box = kept(key, schema, initial, storage);
  const value = useSyncExternalStore(box.subscribe, box.read);
  const set = useCallback(
    (next: SetStateAction<T>) =>
      box.write(typeof next === 'function' ? (next as (before: T) => T)(box.read()) : next),
    [box],
  );
  return [value, set];
}
