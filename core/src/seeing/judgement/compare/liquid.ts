import { all, find, nothing } from './item';
import type { Question } from './item';
import { colourItem, compareShades } from './shades';

/**
 * Colour of the liquid. That it is clear says that one can see through it, not that it has no colour. A colour that came on the
 * way and went is a right record as well.
 */
export const liquidColour: Question = (expected, seen) => {
  const wanted = find(expected, 'colour');
  if (!wanted?.to) return [];
  const { from, to } = wanted;
  const got = find(seen, 'colour')?.to ?? (nothing(seen) ? from : undefined);
  const passing = all(expected, 'colour').flatMap((one) => (one.to === undefined ? [] : [one.to]));
  const fits = passing.find((one) => got && compareShades(one, got) !== 'differs');
  const item = colourItem('liquid colour', fits ?? to, got, false);
  const first = all(expected, 'colour')[0]?.from;
  const saysClear = !got && find(seen, 'clarity')?.to === 'clear';
  return [
    {
      ...item,
      ...(passing.some((one) => one !== (first ?? one)) && { tells: true as const }),
      ...(saysClear && {
        note: 'clear is recorded, which says nothing of colour: colourless is not clear',
      }),
    },
  ];
};

/** Whether one can see through it. */
export const clarity: Question = (expected, seen) => {
  const wanted = find(expected, 'clarity');
  if (!wanted) return [];
  // A liquid in which a solid was seen is not called clear by saying nothing of it.
  const isPlain = !find(seen, 'precipitate') && !find(seen, 'deposit');
  const got = find(seen, 'clarity')?.to ?? (nothing(seen) && isPlain ? 'clear' : undefined);
  const bothHazy = got !== 'clear' && wanted.to !== 'clear';
  return [
    {
      item: 'clarity',
      expected: wanted.to,
      ...(got && { seen: got }),
      outcome: !got ? 'missing' : got === wanted.to ? 'agrees' : bothHazy ? 'near' : 'differs',
      decides: false,
    },
  ];
};

/** A second liquid above or below. */
export const layers: Question = (expected, seen) => {
  const wanted = find(expected, 'layer');
  const got = find(seen, 'layer');
  if (!wanted && !got) return [];
  const should = wanted ? 'two layers' : 'one liquid';
  const answered = got !== undefined || nothing(seen);
  return [
    {
      item: 'layers',
      expected: should,
      ...(answered && { seen: got ? 'two layers' : 'one liquid' }),
      outcome: !answered ? 'missing' : Boolean(got) === Boolean(wanted) ? 'agrees' : 'differs',
      decides: false,
      ...(wanted && { tells: true as const }),
    },
    ...(wanted?.colour && got?.colour
      ? [colourItem('layer colour', wanted.colour, got.colour, false)]
      : []),
  ];
};
