import { phraseDistance, readPhrase } from '../appearance/colourWords';
import type { ColourPhrase } from '../substances/types';
import type { Observation, ObservationKind } from './observation';

export type Agreement = 'agrees' | 'partly' | 'differs' | 'incomplete';

/** One point on which expected and seen are set side by side. */
export interface ComparedItem {
  readonly item:
    'precipitate' | 'precipitate colour' | 'texture' | 'liquid colour' | 'clarity' | 'gas';
  readonly expected: string;
  readonly seen?: string;
  readonly outcome: 'agrees' | 'near' | 'differs' | 'missing';
}

/** Expected against seen, as a whole and item by item. */
export interface Comparison {
  readonly agreement: Agreement;
  readonly items: readonly ComparedItem[];
}

/** OKLab distances: below the first two samples are the same to an observer, below the second hard to tell apart. */
const sameSample = 0.06;
const closeSample = 0.09;
/** Hue words closer than this lie next to each other, as blue and blue-green do. */
const neighbouringHue = 0.14;

/**
 * Sets what was seen beside what was expected. Whether there is a precipitate or a gas decides between agreeing and
 * differing; a colour or clarity that is off makes it agree in part; texture is noted but decides nothing.
 * Saying “nothing happened” answers every question about change at once.
 */
export function compareObservations(
  expected: readonly Observation[],
  seen: readonly Observation[],
): Comparison {
  const items = [
    ...precipitateItems(expected, seen),
    ...liquidItems(expected, seen),
    ...gasItems(expected, seen),
  ];
  return { agreement: overall(items), items };
}

function find<K extends ObservationKind>(list: readonly Observation[], kind: K) {
  return list.find((one): one is Extract<Observation, { kind: K }> => one.kind === kind);
}

/** The solid that formed: a precipitate, or a metal that came out. */
function solidIn(list: readonly Observation[]) {
  return find(list, 'precipitate') ?? find(list, 'deposit');
}

const nothing = (seen: readonly Observation[]): boolean => find(seen, 'noChange') !== undefined;

function precipitateItems(
  expected: readonly Observation[],
  seen: readonly Observation[],
): ComparedItem[] {
  const wanted = solidIn(expected);
  const got = solidIn(seen);
  const none = !got && (find(seen, 'noPrecipitate') !== undefined || nothing(seen));
  const answer = got ? 'precipitate' : none ? 'no precipitate' : undefined;
  const should = wanted ? 'precipitate' : 'no precipitate';
  const items: ComparedItem[] = [
    {
      item: 'precipitate',
      expected: should,
      ...(answer && { seen: answer }),
      outcome: answer === undefined ? 'missing' : answer === should ? 'agrees' : 'differs',
    },
  ];
  if (wanted?.colour && got)
    items.push(colourItem('precipitate colour', wanted.colour, got.colour));
  if (
    wanted?.kind === 'precipitate' &&
    got?.kind === 'precipitate' &&
    wanted.texture &&
    got.texture
  )
    items.push({
      item: 'texture',
      expected: wanted.texture,
      seen: got.texture,
      outcome: got.texture === wanted.texture ? 'agrees' : 'near',
    });
  return items;
}

function liquidItems(
  expected: readonly Observation[],
  seen: readonly Observation[],
): ComparedItem[] {
  const items: ComparedItem[] = [];
  const colour = find(expected, 'colour');
  const seenColour = find(seen, 'colour');
  if (colour?.to) {
    const unchanged = nothing(seen) ? colour.from : undefined;
    items.push(colourItem('liquid colour', colour.to, seenColour?.to ?? unchanged));
  }
  const clarity = find(expected, 'clarity');
  if (clarity) {
    const got = find(seen, 'clarity')?.to ?? (nothing(seen) ? 'clear' : undefined);
    items.push({
      item: 'clarity',
      expected: clarity.to,
      ...(got && { seen: got }),
      outcome: !got
        ? 'missing'
        : got === clarity.to
          ? 'agrees'
          : got !== 'clear' && clarity.to !== 'clear'
            ? 'near'
            : 'differs',
    });
  }
  return items;
}

function gasItems(expected: readonly Observation[], seen: readonly Observation[]): ComparedItem[] {
  const wanted = find(expected, 'gas');
  const got = find(seen, 'gas');
  if (!wanted && !got) return [];
  const answer = got ? 'bubbles' : seen.length > 0 ? 'no bubbles' : undefined;
  const should = wanted ? 'bubbles' : 'no bubbles';
  return [
    {
      item: 'gas',
      expected: should,
      ...(answer && { seen: answer }),
      outcome: !answer ? 'missing' : answer === should ? 'agrees' : 'differs',
    },
  ];
}

function colourItem(
  item: 'precipitate colour' | 'liquid colour',
  expected: ColourPhrase,
  seen: ColourPhrase | undefined,
): ComparedItem {
  if (!seen) return { item, expected, outcome: 'missing' };
  const outcome = sameOrNear(expected, seen);
  return { item, expected, seen, outcome };
}

/** The hue word counts for more than pale or deep, on which observers differ. */
function sameOrNear(expected: ColourPhrase, seen: ColourPhrase): ComparedItem['outcome'] {
  const distance = phraseDistance(expected, seen);
  if (distance <= sameSample) return 'agrees';
  const hues = phraseDistance(readPhrase(expected).word, readPhrase(seen).word);
  return hues <= neighbouringHue || distance <= closeSample ? 'near' : 'differs';
}

function overall(items: readonly ComparedItem[]): Agreement {
  const has = (outcome: ComparedItem['outcome'], ...names: ComparedItem['item'][]) =>
    items.some(
      (one) => one.outcome === outcome && (names.length === 0 || names.includes(one.item)),
    );
  if (has('differs', 'precipitate', 'gas')) return 'differs';
  if (has('differs')) return 'partly';
  if (has('missing')) return 'incomplete';
  return 'agrees';
}
