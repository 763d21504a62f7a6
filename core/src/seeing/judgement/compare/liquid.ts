import { find, nothing } from './item';
import type { Question } from './item';
import { colourItem } from './shades';

/** Colour of the liquid. That it is clear says that one can see through it, not that it has no colour. */
export const liquidColour: Question = (expected, seen) => {
  const wanted = find(expected, 'colour');
  if (!wanted?.to) return [];
  const unchanged = nothing(seen) ? wanted.from : undefined;
  const got = find(seen, 'colour')?.to ?? unchanged;
  const item = colourItem('liquid colour', wanted.to, got, false);
  const saysClear = !got && find(seen, 'clarity')?.to === 'clear';
  return [
    saysClear
      ? {
          ...item,
          note: 'clear is recorded, which says nothing of colour: colourless is not clear',
        }
      : item,
  ];
};

/** Whether one can see through it. */
export const clarity: Question = (expected, seen) => {
  const wanted = find(expected, 'clarity');
  if (!wanted) return [];
  const got = find(seen, 'clarity')?.to ?? (nothing(seen) ? 'clear' : undefined);
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
  const answered = got !== undefined || seen.length > 0;
  return [
    {
      item: 'layers',
      expected: should,
      ...(answered && { seen: got ? 'two layers' : 'one liquid' }),
      outcome: !answered ? 'missing' : Boolean(got) === Boolean(wanted) ? 'agrees' : 'differs',
      decides: false,
    },
    ...(wanted?.colour && got?.colour
      ? [colourItem('layer colour', wanted.colour, got.colour, false)]
      : []),
  ];
};
