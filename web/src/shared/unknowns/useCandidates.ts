import {
  inorganicModel,
  keepCandidates,
  organicClass,
  readCandidate,
} from '@stoichos/core/studies/identify';
import type { Compound, InorganicOutcomes, Model } from '@stoichos/core/studies/identify';
import { useEffect, useMemo, useState } from 'react';
import { useTask } from '../../data/worker/useTask';
import type { Failure } from '../../data/worker/chemistry';
import type { UnknownState } from './unknownState';

/** What an unknown may be, and what each of them shows. */
export interface Candidates {
  readonly model?: Model;
  readonly classOf: (candidate: string) => string;
  /** All classes there are among what is listed. */
  readonly classes: readonly string[];
  readonly compounds: ReadonlyMap<string, Compound>;
  readonly failure?: Failure;
  /** 0 to 1 while it is calculated. */
  readonly share?: number;
  readonly cancel: () => void;
}

/** What the engine found of salts and mixtures stays for as long as the page is open. */
const saltsKnown = new Map<string, { class: string; outcomes: InorganicOutcomes }>();
interface Organics {
  readonly key: string;
  readonly compounds: readonly Compound[];
  readonly model: Model;
}
let organicsKnown: Organics | undefined;

const other = 'other';

type Wanted = Pick<UnknownState, 'kind' | 'own' | 'listed' | 'salts' | 'classesOut'>;

/** Calculates in the worker what the candidates show; what was calculated once is kept. */
export function useCandidates(state: Wanted): Candidates {
  const organic = useOrganics(state);
  const inorganic = useInorganics(state);
  return state.kind === 'organic' ? organic : inorganic;
}

function useOrganics({ kind, own, listed, classesOut }: Wanted): Candidates {
  const key = JSON.stringify(own);
  const [found, setFound] = useState(() => organicsKnown);
  const { start, share, cancel, failure } = useTask('organicCandidates');
  useEffect(() => {
    if (kind !== 'organic' || organicsKnown?.key === key) return;
    void start(own).then((value) => {
      if (!value) return;
      organicsKnown = { key, ...value };
      setFound(organicsKnown);
    });
  }, [kind, own, key, start]);
  const compounds = useMemo(() => new Map(found?.compounds.map((one) => [one.name, one])), [found]);
  const classOf = useMemo(() => {
    const classes = new Map(
      found?.compounds.map(({ name, structure }) => [name, organicClass(structure)]),
    );
    return (candidate: string): string => classes.get(candidate) ?? other;
  }, [found]);
  const classes = useMemo(
    () => [...new Set(found?.compounds.map(({ name }) => classOf(name)))].sort(),
    [found, classOf],
  );
  const model = useMemo(() => {
    if (!found) return undefined;
    const owns = new Set(own.map(({ name }) => name));
    return keepCandidates(
      found.model,
      (candidate) =>
        !classesOut.includes(classOf(candidate)) &&
        (listed.length === 0 || listed.includes(candidate) || owns.has(candidate)),
    );
  }, [found, own, listed, classesOut, classOf]);
  return {
    ...(model && { model }),
    classOf,
    classes,
    compounds,
    ...(failure && { failure }),
    ...(share !== undefined && { share }),
    cancel,
  };
}

const none: ReadonlyMap<string, Compound> = new Map();

function useInorganics({ kind, salts, classesOut }: Wanted): Candidates {
  const [, setCalculated] = useState(0);
  const { start, share, cancel, failure } = useTask('inorganicOutcomes');
  const names = useMemo(() => salts.flatMap(nameOf), [salts]);
  const missing = names.filter((name) => !saltsKnown.has(name));
  const missingKey = missing.join('|');
  useEffect(() => {
    if (kind !== 'inorganic' || missingKey === '') return;
    void start(missingKey.split('|')).then((found) => {
      for (const one of found ?? []) saltsKnown.set(one.name, one);
      setCalculated((times) => times + 1);
    });
  }, [kind, missingKey, start]);
  const known = missing.length === 0;
  const classOf = (candidate: string): string => saltsKnown.get(candidate)?.class ?? other;
  const model = useMemo(() => {
    if (!known) return undefined;
    const kept = names.filter((name) => !classesOut.includes(saltsKnown.get(name)?.class ?? other));
    return inorganicModel(
      Object.fromEntries(kept.map((name) => [name, saltsKnown.get(name)?.outcomes ?? {}])),
    );
  }, [known, names, classesOut]);
  const classes = [...new Set(names.map(classOf))].filter((one) => one !== other).sort();
  return {
    ...(model && { model }),
    classOf,
    classes,
    compounds: none,
    ...(failure && { failure }),
    ...(share !== undefined && { share }),
    cancel,
  };
}

/** The name a candidate goes by; what cannot be read is no candidate (the field says why when it is typed). */
function nameOf(text: string): string[] {
  try {
    return [readCandidate(text).name];
  } catch {
    return [];
  }
}
