import type { Observation } from '../../observation/observation';
import { all, find, nothing } from './item';
import type { ComparedItem, Of, Question } from './item';
import { colourItem, compareShades } from './shades';

type NewSolid = Of<'precipitate'> | Of<'deposit'>;

/** The solids that formed: precipitates, and metals that came out. */
function newSolids(list: readonly Observation[]): NewSolid[] {
  return [...all(list, 'precipitate'), ...all(list, 'deposit')];
}

/** Whether a solid formed, its colour and texture. */
export const formedSolid: Question = (expected, seen) => {
  const wanted = newSolids(expected);
  const [got] = newSolids(seen);
  if (wanted.length === 0 && !got && !find(expected, 'noPrecipitate')) return [];
  const none = !got && (find(seen, 'noPrecipitate') !== undefined || nothing(seen));
  const word = (solid: NewSolid | undefined) =>
    solid?.kind === 'deposit' ? 'deposit' : 'precipitate';
  const should = wanted.length > 0 ? word(wanted[0]) : 'no precipitate';
  const answer = got ? word(got) : none ? `no ${word(wanted[0])}` : undefined;
  const isThere = got !== undefined;
  const items: ComparedItem[] = [
    {
      item: word(wanted[0] ?? got),
      expected: should,
      ...(answer && { seen: answer }),
      outcome:
        answer === undefined
          ? 'missing'
          : isThere === wanted.length > 0 ||
              (none && wanted.every((one) => goesAgain(one, expected)))
            ? 'agrees'
            : 'differs',
      decides: true,
      // A solid that went again is told by its going.
      ...(wanted.some((solid) => !goesAgain(solid, expected)) && { tells: true as const }),
    },
  ];
  if (!got) return items;
  const closest = closestInColour(wanted, got);
  if (closest?.colour)
    items.push(colourItem(`${word(closest)} colour`, closest.colour, got.colour, false, 'solid'));
  if (
    closest?.kind === 'precipitate' &&
    got.kind === 'precipitate' &&
    closest.texture &&
    got.texture
  )
    items.push({
      item: 'texture',
      expected: closest.texture,
      seen: got.texture,
      outcome: got.texture === closest.texture ? 'agrees' : 'near',
      decides: false,
      optional: true,
    });
  return items;
};

/** Whether a solid that comes dissolves again later on. */
const goesAgain = (solid: NewSolid, expected: readonly Observation[]): boolean =>
  expected
    .slice(expected.indexOf(solid) + 1)
    .some(
      (later) =>
        later.kind === 'dissolves' && later.formula === solid.formula && later.complete !== false,
    );

/** Of several solids expected together, the one that the recorded colour fits best. */
function closestInColour(wanted: readonly NewSolid[], got: NewSolid): NewSolid | undefined {
  const rank = { agrees: 0, near: 1, differs: 2, missing: 3 } as const;
  const fit = (solid: NewSolid) =>
    solid.colour && got.colour
      ? rank[compareShades(solid.colour, got.colour, 'solid')]
      : rank.missing;
  return [...wanted].sort((one, other) => fit(one) - fit(other))[0];
}

/** Whether what was put in goes into solution. */
export const dissolving: Question = (expected, seen) => {
  const wanted = find(expected, 'dissolves');
  const got = find(seen, 'dissolves');
  if (!wanted && !got) return [];
  const words = (one: Of<'dissolves'> | undefined) =>
    !one ? 'stays' : one.complete === false ? 'dissolves in part' : 'dissolves';
  const lies = find(seen, 'solid') !== undefined || nothing(seen);
  const answered = got !== undefined || lies;
  return [
    {
      item: 'the solid',
      expected: words(wanted),
      ...(answered && { seen: words(got) }),
      outcome: !answered
        ? 'missing'
        : words(got) === words(wanted)
          ? 'agrees'
          : got && wanted
            ? 'near'
            : 'differs',
      decides: true,
      ...(wanted && { tells: true as const }),
    },
  ];
};

/** A solid that changed its colour, as crystals do that lose their water. */
export const changedSolid: Question = (expected, seen) => {
  const wanted = all(expected, 'solid').find(
    ({ from, colour }) => from && colour && from !== colour,
  );
  if (!wanted?.colour) return [];
  const got = find(seen, 'solid')?.colour ?? (nothing(seen) ? wanted.from : undefined);
  return [{ ...colourItem('solid colour', wanted.colour, got, true, 'solid'), tells: true }];
};
