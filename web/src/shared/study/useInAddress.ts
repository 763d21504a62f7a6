import { notifications } from '@mantine/notifications';
import { useEffect, useEffectEvent, useRef } from 'react';
import { useSearchParams } from 'react-router';
import * as z from 'zod';

/** A longer address is cut short by some programs it is sent with. */
const longest = 6000;

interface Study<S extends z.ZodObject> {
  /** As it is called in the address. */
  readonly name: string;
  readonly schema: S;
  /** What stands where nothing is set: only what differs is written. */
  readonly initial: z.output<S>;
  readonly value: z.output<S>;
  readonly onRead: (next: z.output<S>) => void;
  /** What was found or written down here, and is nobody else’s. */
  readonly without?: readonly (keyof z.output<S> & string)[];
}

/**
 * Keeps what a study is set to in the address of the page: so it can be sent to a colleague, marked, and gone back to. An address that
 * sets something else is followed, and what was recorded in this browser stays.
 */
export function useInAddress<S extends z.ZodObject>(study: Study<S>): void {
  const [parameters, setParameters] = useSearchParams();
  const { name } = study;
  const there = parameters.get(name);
  const here = written(study);
  const seen = useRef<string | null>(null);
  // What was put there and has not come yet: taps may be faster than the address.
  const underWay = useRef(new Set<string | null>());
  const put = (text: string | null) => {
    underWay.current.add(text);
    setParameters(
      (before) => {
        const next = new URLSearchParams(before);
        if (text === null) next.delete(name);
        else next.set(name, text);
        return next;
      },
      { replace: true },
    );
  };
  const agree = useEffectEvent(() => {
    const isLed = there !== null && there !== seen.current && !underWay.current.has(there);
    seen.current = there;
    if (there === here) {
      underWay.current.clear();
      return;
    }
    const read = isLed ? readFrom(there, study) : undefined;
    if (read) {
      study.onRead(read);
      return;
    }
    if (isLed)
      notifications.show({
        color: 'red',
        title: 'The address cannot be read',
        message: 'What it sets is not known here. Ask for it again; your own settings stand.',
      });
    put(here);
  });
  useEffect(() => agree(), [parameters, here]);
}

/** What differs from the beginning, as text; null where nothing does, or too much for an address. */
function written<S extends z.ZodObject>({ initial, value, without = [] }: Study<S>): string | null {
  const set = Object.entries(value).filter(
    ([key, one]) => !without.includes(key) && !isSame(one, initial[key]),
  );
  if (set.length === 0) return null;
  const text = JSON.stringify(Object.fromEntries(set));
  return encodeURIComponent(text).length > longest ? null : text;
}

function readFrom<S extends z.ZodObject>(
  text: string,
  { schema, initial, value, without = [] }: Study<S>,
): z.output<S> | undefined {
  try {
    const kept = Object.fromEntries(without.map((key) => [key, value[key]]));
    const set = z.record(z.string(), z.unknown()).parse(JSON.parse(text));
    const read = schema.safeParse({ ...initial, ...set, ...kept });
    return read.success ? read.data : undefined;
  } catch {
    return undefined;
  }
}

const isSame = (one: unknown, other: unknown): boolean =>
  JSON.stringify(one) === JSON.stringify(other);
