import * as z from 'zod';
import type { Clarity } from '../../../matter/substances/types';
import { phraseDistance, phraseHex } from '../../appearance/colourWords';
import { all, atAGlance, define, find } from '../definition';
import type { Question } from '../definition';
import { colourItem, compareShades } from '../shades';
import { colourField, isPaler, isRealTurn } from './colourField';
import { nothing } from './nothing';

export const clarities = ['clear', 'cloudy', 'opaque'] as const satisfies readonly Clarity[];
const clarityKeys = { clear: 'C', cloudy: 'L', opaque: 'O' } as const;
/** A turn of colour that escapes who does not look for it, OKLab distance (common practice). */
const faintTurn = 0.1;
/** Words for solids alone. */
const ofSolids = ['white', 'cream'] as const;

/**
 * Colour of the liquid. That it is clear says that one can see through it, not that it has no colour. A colour that came on the
 * way and went is a right record as well.
 */
const liquidColour: Question = (expected, seen) => {
  const wanted = find(expected, colour);
  if (!wanted?.to) return [];
  const { from, to } = wanted;
  const got = find(seen, colour)?.to ?? (nothing(seen) ? from : undefined);
  const passing = all(expected, colour).flatMap((one) => (one.to === undefined ? [] : [one.to]));
  const fits = passing.find((one) => got && compareShades(one, got) !== 'differs');
  const item = colourItem('liquid colour', fits ?? to, got, false);
  const first = all(expected, colour)[0]?.from;
  const saysClear = !got && find(seen, clarity)?.to === 'clear';
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
const seeThrough: Question = (expected, seen, meaningOf) => {
  const wanted = find(expected, clarity);
  if (!wanted) return [];
  // A liquid in which a solid was seen is not called clear by saying nothing of it.
  const isPlain = nothing(seen) && !seen.some((one) => meaningOf(one).makesCloudy);
  const got = find(seen, clarity)?.to ?? (isPlain ? 'clear' : undefined);
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

export const colour = define(
  z.object({
    kind: z.literal('colour'),
    from: colourField.optional(),
    to: colourField.optional(),
  }),
)({
  says: ({ from, to }) =>
    from && to && from !== to
      ? `liquid ${from} → ${to}`
      : `liquid ${to ?? from ?? 'of unrecorded colour'}`,
  saysPlainly: ({ from, to }) => `${to ?? from ?? ''} solution`.trim(),
  tellsChange: ({ from, to }) => from !== undefined && from !== to,
  shows: ({ from, to }) => (from === to ? undefined : { effect: 'colour', colour: to }),
  isOfTheLiquid: true,
  merge: (told) => {
    const [first, last] = [told[0], told.at(-1)];
    return first && last
      ? [
          {
            kind: 'colour',
            ...(first.from && { from: first.from }),
            ...(last.to && { to: last.to }),
          },
        ]
      : [];
  },
  missed: (one) =>
    one.from && one.to && phraseDistance(one.from, one.to) < faintTurn
      ? [{ ...one, to: one.from }]
      : [one],
  draw: ({ from, to }, view) => {
    const phrase = to ?? from ?? view.colour;
    return { ...view, colour: phrase, liquidHex: phraseHex(phrase) };
  },
  signs: ({ from, to }) =>
    from && to && isRealTurn(from, to)
      ? [
          {
            sign: `the colour changed from ${from} to ${to}`,
            weight: 0.6,
            counterCase: 'mixing colours or diluting them changes a colour too',
            madeBy: ['subliming'],
          },
        ]
      : [],
  against: ({ from, to }) =>
    from && to && from !== to && isPaler(from, to)
      ? [
          {
            sign: `${from} became ${to}`,
            why: 'the colour only became paler, as dilution makes it',
          },
        ]
      : [],
  compare: liquidColour,
  asks: [
    {
      panel: 'liquid',
      title: 'Liquid now',
      colour: {
        of: ({ to }) => to,
        without: ofSolids,
        record: (to, now) => ({ kind: 'colour', ...now, to }),
      },
    },
    {
      panel: 'before',
      title: 'Its colour before',
      isAside: true,
      colour: {
        of: ({ from }) => from,
        without: ofSolids,
        record: (from, now) => ({ kind: 'colour', ...now, from }),
      },
    },
  ],
});

export const clarity = define(z.object({ kind: z.literal('clarity'), to: z.enum(clarities) }))({
  says: ({ to }) => to,
  tellsChange: () => false,
  isOfTheLiquid: true,
  merge: (told) => told.slice(-1),
  missed: (one) => (one.to === 'cloudy' ? [{ ...one, to: 'clear' }] : [one]),
  draw: ({ to }, view) => ({ ...view, clarity: to }),
  compare: seeThrough,
  asks: [
    atAGlance(() =>
      clarities.map((to) => ({
        words: to,
        hotkey: clarityKeys[to],
        record: { kind: 'clarity', to },
      })),
    ),
  ],
});
