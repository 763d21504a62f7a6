import { useEffect, useEffectEvent, useRef, useState } from 'react';
import type { Chemistry, Failure } from './chemistry';
import { useTask } from './useTask';
import type { Arguments, Value } from './useTask';

/** What the chemistry says of what it was given, and of what exactly. */
export interface Answer<N extends keyof Chemistry> {
  readonly value?: Value<N>;
  /** What {@link value} is the answer to; while the next one is calculated the last one stands. */
  readonly of?: Arguments<N>;
  readonly failure?: Failure;
  /** 0 to 1 while it is calculated. */
  readonly share?: number;
  readonly cancel: () => void;
}

/**
 * Asks the chemistry anew whenever what it is given says something else. What is under way comes to its end, and of what was asked
 * meanwhile only the newest is answered.
 *
 * @param given undefined where there is nothing to ask yet.
 */
export function useAnswer<N extends keyof Chemistry>(
  name: N,
  given: Arguments<N> | undefined,
): Answer<N> {
  const { start, failure, share, cancel } = useTask(name);
  const [last, setLast] = useState<Pick<Answer<N>, 'value' | 'of'>>({});
  const next = useRef<Arguments<N>>(undefined);
  const isUnderWay = useRef(false);
  const key = given && JSON.stringify(given);
  const ask = useEffectEvent(async () => {
    next.current = given;
    if (isUnderWay.current) return;
    isUnderWay.current = true;
    while (next.current) {
      const of = next.current;
      next.current = undefined;
      const value = await start(...of);
      if (value !== undefined) setLast({ value, of });
    }
    isUnderWay.current = false;
  });
  useEffect(() => void ask(), [key]);
  if (failure) return { failure, cancel };
  return { ...last, cancel, ...(share !== undefined && { share }) };
}
