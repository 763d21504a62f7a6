import * as z from 'zod';
import { phraseHex } from '../../appearance/colourWords';
import { define, find } from '../definition';
import type { Question } from '../definition';
import { colourItem } from '../shades';
import { colourField, formulaField } from './colourField';
import { nothing } from './nothing';

const positions = ['above', 'below'] as const;

/** A second liquid above or below. */
const layers: Question = (expected, seen) => {
  const wanted = find(expected, layer);
  const got = find(seen, layer);
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

export const layer = define(
  z.object({
    kind: z.literal('layer'),
    formula: formulaField,
    position: z.enum(positions).optional(),
    colour: colourField.optional(),
  }),
)({
  says: ({ colour, position }) => [colour, 'layer', position].filter(Boolean).join(' '),
  tellsChange: () => false,
  merge: (_, last) => last,
  draw: ({ colour = 'colourless', position = 'above' }, view) => ({
    ...view,
    layer: { formula: '', hex: phraseHex(colour), colour, position, share: 0.4 },
  }),
  compare: layers,
  asks: [
    {
      panel: 'smell',
      title: 'A second liquid',
      choices: (now) =>
        positions.map((position) => ({
          words: position,
          record: { kind: 'layer', ...now, position },
        })),
    },
    {
      panel: 'smell',
      title: 'A second liquid',
      isFurther: true,
      colour: {
        of: ({ colour }) => colour,
        without: [],
        record: (colour, now) => ({ kind: 'layer', ...now, colour }),
      },
    },
  ],
});
