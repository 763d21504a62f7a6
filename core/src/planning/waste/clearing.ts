import { dissolvedMgPerL } from './bottle';
import type { WasteBottle } from './bottle';

/** A precipitant as it is poured. */
export interface Precipitant {
  readonly substance: string;
  readonly concentrationM: number;
}

/** What it takes to bring a dissolved element under a limit. */
export interface Clearing {
  readonly element: string;
  readonly precipitant: Precipitant;
  /** Only once the waste has been brought to pH 6–8. */
  readonly afterNeutralising?: true;
  readonly limitMgPerL: number;
  readonly beforeMgPerL: number;
  /** Volume of precipitant with which the limit is just met, mL; absent when it is never met. */
  readonly neededMl?: number;
  /** Volume to add, with the usual excess, mL. */
  readonly addMl?: number;
  /** What is dissolved after adding that much, mg/L; the least that can be reached where the limit is never met. */
  readonly leftMgPerL: number;
  /** From this volume on too much of the precipitant dissolves the solid again, mL. */
  readonly redissolvesFromMl?: number;
  /** Dry mass of the solid to be bagged, g. */
  readonly solidG: number;
  readonly solids: readonly string[];
  /** The test that proves it. */
  readonly filtrateTest: string;
}

/** Excess over what is just enough (common practice). */
const usualExcess = 1.2;
/** Volumes tried first, as parts of the waste’s own. */
const parts = [0.003, 0.01, 0.02, 0.04, 0.07, 0.1, 0.15, 0.2, 0.3, 0.45, 0.7, 1, 1.5, 2.2, 3.2];
const bisections = 12;

/**
 * How much of a precipitant brings an element under a limit, found by trying it in the engine, and where too much would bring
 * it back as a complex.
 *
 * @param limitMgPerL mg/L that may stay dissolved.
 */
export function clear(
  bottle: WasteBottle,
  element: string,
  precipitant: Precipitant,
  limitMgPerL: number,
): Clearing {
  const volumeMl = bottle.now.state.volumeMl;
  const after = (addedMl: number) =>
    bottle.tried({ do: 'add', portion: { ...precipitant, volumeMl: addedMl } });
  const left = (addedMl: number): number => dissolvedMgPerL(element, after(addedMl));
  const tried = parts.map((part) => {
    const addedMl = part * volumeMl;
    return { addedMl, mgPerL: left(addedMl) };
  });
  const beforeMgPerL = dissolvedMgPerL(element, bottle.now);
  const common = { element, precipitant, limitMgPerL, beforeMgPerL };
  if (beforeMgPerL <= limitMgPerL)
    return {
      ...common,
      neededMl: 0,
      addMl: 0,
      leftMgPerL: beforeMgPerL,
      ...bagged(bottle.now),
      filtrateTest: testWords(precipitant),
    };
  const met = tried.findIndex(({ mgPerL }) => mgPerL <= limitMgPerL);
  if (met < 0) {
    const best = tried.reduce((least, one) => (one.mgPerL < least.mgPerL ? one : least));
    return {
      ...common,
      leftMgPerL: best.mgPerL,
      ...bagged(after(best.addedMl)),
      filtrateTest: testWords(precipitant),
    };
  }
  const neededMl = between(
    tried[met - 1]?.addedMl ?? 0,
    tried[met]?.addedMl ?? 0,
    (addedMl) => left(addedMl) <= limitMgPerL,
  );
  const back = tried.slice(met).find(({ mgPerL }) => mgPerL > limitMgPerL);
  const beforeBack = back && tried[tried.indexOf(back) - 1];
  const redissolvesFromMl =
    back &&
    between(beforeBack?.addedMl ?? 0, back.addedMl, (addedMl) => left(addedMl) > limitMgPerL);
  const wantedMl = usualExcess * neededMl;
  // Where the excess itself would dissolve it again, the middle of what works is taken.
  const addMl =
    redissolvesFromMl !== undefined && wantedMl >= redissolvesFromMl
      ? (neededMl + redissolvesFromMl) / 2
      : wantedMl;
  const cleared = after(addMl);
  return {
    ...common,
    neededMl,
    addMl,
    leftMgPerL: dissolvedMgPerL(element, cleared),
    ...(redissolvesFromMl !== undefined && { redissolvesFromMl }),
    ...bagged(cleared),
    filtrateTest: testWords(precipitant),
  };
}

/** Where something becomes true between two volumes, mL, by halving. */
export function between(low: number, high: number, isTrue: (volumeMl: number) => boolean): number {
  let [no, yes] = [low, high];
  for (let step = 0; step < bisections; step += 1) {
    const middle = (no + yes) / 2;
    if (isTrue(middle)) yes = middle;
    else no = middle;
  }
  return yes;
}

function bagged({ state }: WasteBottle['now']): Pick<Clearing, 'solidG' | 'solids'> {
  return {
    solidG: state.solids.reduce((sum, { massG }) => sum + massG, 0),
    solids: state.solids.map(({ formula }) => formula),
  };
}

const testWords = ({ substance }: Precipitant): string =>
  `Filter, and test a little of the filtrate with a drop more of ${substance}: it must stay clear. If it clouds, add more to all of it and filter again.`;
