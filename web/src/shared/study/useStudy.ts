import { useCallback } from 'react';
import type * as z from 'zod';
import { useKept } from '../../data/kept/useKept';
import { useInAddress } from './useInAddress';

/** What a study can be set to. */
export interface Study<S extends z.ZodObject> {
  /** Under which this browser keeps it. */
  readonly key: string;
  /** As it is called in the address. */
  readonly name: string;
  readonly schema: S;
  readonly initial: z.output<S>;
  /** What was found or written down here, and does not stand in the address. */
  readonly without?: readonly (keyof z.output<S> & string)[];
}

/** What a study is set to, the same in all its parts, and a way to change a part of it. */
export function useStudy<S extends z.ZodObject>({ key, schema, initial }: Study<S>) {
  const [state, set] = useKept(key, schema, initial);
  const change = useCallback(
    (part: Partial<z.output<S>>) => set((before) => ({ ...before, ...part })),
    [set],
  );
  return { state, change, set };
}

/** Keeps what a study is set to in the address as well; once on a page. */
export function useStudyAddress<S extends z.ZodObject>(study: Study<S>): void {
  const { state, set } = useStudy(study);
  useInAddress({ ...study, value: state, onRead: set });
}
