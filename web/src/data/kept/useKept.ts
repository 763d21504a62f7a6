import { useEffect, useState } from 'react';
import type { Dispatch, SetStateAction } from 'react';
import type * as z from 'zod';

/** State that this browser keeps across reloads; what can no longer be read begins afresh. */
export function useKept<S extends z.ZodType>(
  key: string,
  schema: S,
  initial: z.output<S>,
): [z.output<S>, Dispatch<SetStateAction<z.output<S>>>] {
  const [value, setValue] = useState<z.output<S>>(() => {
    try {
      const read = schema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null'));
      return read.success ? read.data : initial;
    } catch {
      return initial;
    }
  });
  useEffect(() => {
    try {
      localStorage.setItem(key, JSON.stringify(value));
    } catch {
      // A private window: what is shown now still works.
    }
  }, [key, value]);
  return [value, setValue];
}
