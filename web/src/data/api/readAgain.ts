import { createAction } from '@reduxjs/toolkit';
import type { Middleware, ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import * as z from 'zod';
import { api } from './api';

/** Something was heard of and put into what is known, without anything being read again. */
export const happened = createAction('api/happened');

const readSchema = z.object({
  type: z.templateLiteral(['api/executeQuery/', z.enum(['pending', 'fulfilled', 'rejected'])]),
  meta: z.object({
    arg: z.object({
      queryCacheKey: z.string(),
      endpointName: z.string(),
      originalArgs: z.unknown(),
    }),
    condition: z.boolean().optional(),
  }),
});
const wroteSchema = z.object({ type: z.literal('api/executeMutation/fulfilled') });

/** Instruments are polled; the next reading comes by itself. */
const polled = 'reading';

/**
 * A read that is running while something changes may bring what was before the change, and the library does not begin a read that is
 * running a second time. So it is noted, and made once more when it ends.
 */
export const readAgain: Middleware<
  object,
  unknown,
  ThunkDispatch<unknown, unknown, UnknownAction>
> = ({ dispatch }) => {
  const running = new Set<string>();
  const stale = new Set<string>();
  return (next) => (action) => {
    if (
      happened.match(action) ||
      api.util.invalidateTags.match(action) ||
      wroteSchema.safeParse(action).success
    )
      for (const key of running) stale.add(key);
    const result = next(action);
    const read = readSchema.safeParse(action);
    // A read that was not begun, since the same one is running, ends nothing.
    if (!read.success || read.data.meta.condition) return result;
    const { queryCacheKey, endpointName, originalArgs } = read.data.meta.arg;
    if (endpointName === polled) return result;
    if (read.data.type === 'api/executeQuery/pending') running.add(queryCacheKey);
    else {
      running.delete(queryCacheKey);
      if (stale.delete(queryCacheKey)) dispatch(again(endpointName, originalArgs));
    }
    return result;
  };
};

/** The same read, whether or not what is known is fresh. */
function again(endpointName: string, originalArgs: unknown) {
  const endpoints: Readonly<Record<string, { readonly initiate: unknown }>> = api.endpoints;
  const initiate = endpoints[endpointName]?.initiate as (
    args: unknown,
    options: { subscribe: boolean; forceRefetch: boolean },
  ) => UnknownAction;
  return initiate(originalArgs, { subscribe: false, forceRefetch: true });
}
