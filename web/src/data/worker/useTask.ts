import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Chemistry, Failure, Outcome } from './chemistry';
import { giveBack, takeWorker } from './workers';
import type { ChemistryWorker } from './workers';

/** What a task finds. */
export type Value<N extends keyof Chemistry> =
  Awaited<ReturnType<Chemistry[N]>> extends Outcome<infer T> ? T : never;
/** The arguments of a task without the one that tells how far it has come. */
export type Arguments<N extends keyof Chemistry> =
  Parameters<Chemistry[N]> extends [...infer A, (share: number) => void] ? A : never;

/** A task in its worker: what it found, how far it has come, and a way to start and stop it. */
export interface TaskState<N extends keyof Chemistry> {
  readonly value?: Value<N>;
  readonly failure?: Failure;
  /** 0 to 1 while it runs. */
  readonly share?: number;
  /** Resolves with what was found; with undefined where it failed, or was stopped. */
  readonly start: (...given: Arguments<N>) => Promise<Value<N> | undefined>;
  readonly cancel: () => void;
}

/** What a worker that broke off leaves behind. */
const brokenOff: { readonly failure: Failure } = {
  failure: {
    message: 'The calculation failed.',
    remedy: 'Try again; if it stays, report what was asked.',
  },
};

/** Runs one kind of long work in a worker. Starting again, or leaving the page, ends what was under way. */
export function useTask<N extends keyof Chemistry>(name: N): TaskState<N> {
  const [state, setState] = useState<Omit<TaskState<N>, 'start' | 'cancel'>>({});
  const worker = useRef<ChemistryWorker>(undefined);
  const ended = useRef<() => void>(undefined);
  const stop = useCallback(() => {
    worker.current?.worker.terminate();
    worker.current = undefined;
    ended.current?.();
    ended.current = undefined;
  }, []);
  useEffect(() => stop, [stop]);
  const start = useCallback(
    async (...given: Arguments<N>): Promise<Value<N> | undefined> => {
      stop();
      const own = takeWorker();
      worker.current = own;
      setState({ share: 0 });
      let isOver = false;
      const tell = proxy((share: number) => {
        if (!isOver) setState((before) => ({ ...before, share }));
      });
      const run = own.chemistry[name] as unknown as (
        ...all: unknown[]
      ) => Promise<Outcome<Value<N>>>;
      const outcome = await new Promise<Outcome<Value<N>> | undefined>((done) => {
        ended.current = () => done(undefined);
        own.worker.onerror = () => done(brokenOff);
        run(...given, tell).then(done, () => done(brokenOff));
      });
      isOver = true;
      if (!outcome || worker.current !== own) return undefined;
      worker.current = undefined;
      if (outcome === brokenOff) own.worker.terminate();
      else giveBack(own);
      if ('failure' in outcome) {
        setState({ failure: outcome.failure });
        return undefined;
      }
      setState({ value: outcome.value });
      return outcome.value;
    },
    [name, stop],
  );
  const cancel = useCallback(() => {
    stop();
    setState((before) => (before.share === undefined ? before : {}));
  }, [stop]);
  return { ...state, start, cancel };
}
