import * as z from 'zod';
import { all, define, find } from '../definition';
import type { Question } from '../definition';
import { colourItem } from '../shades';
import { colourField, formulaField, isRealTurn } from './colourField';
import { withHeap } from './heap';
import { nothing } from './nothing';

/** Whether what was put in goes into solution. */
const dissolving: Question = (expected, seen) => {
  const wanted = find(expected, dissolves);
  const got = find(seen, dissolves);
  if (!wanted && !got) return [];
  const words = (one: typeof got) =>
    !one ? 'stays' : one.complete === false ? 'dissolves in part' : 'dissolves';
  const lies = find(seen, solid) !== undefined || nothing(seen);
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

/** The colour of a solid: one that changed it, as crystals do that lose their water, or one that was to stay as it was. */
const solidColour: Question = (expected, seen) => {
  const lying = all(expected, solid);
  const turned = lying.find(hasTurned);
  const got = find(seen, solid);
  if (turned?.colour) {
    const colour = got?.colour ?? (nothing(seen) ? turned.from : undefined);
    return [{ ...colourItem('solid colour', turned.colour, colour, true, 'solid'), tells: true }];
  }
  const [still] = lying;
  return still?.colour && got?.colour && hasTurned(got)
    ? [colourItem('solid colour', still.colour, got.colour, true, 'solid')]
    : [];
};

const hasTurned = ({ from, colour }: z.infer<typeof solid.schema>): boolean =>
  from !== undefined && colour !== undefined && from !== colour;

export const dissolves = define(
  z.object({
    kind: z.literal('dissolves'),
    formula: formulaField,
    complete: z.boolean().optional(),
  }),
)({
  says: ({ complete }) =>
    complete === false ? 'the solid dissolves in part' : 'the solid dissolves',
  saysPlainly: () => 'dissolves',
  tellsChange: () => true,
  shows: ({ complete, formula }) =>
    complete === false ? undefined : { effect: 'dissolving', formula },
  about: ({ formula = '' }) => formula,
  givesAway: () => ['dissolving'],
  compare: dissolving,
  asks: [
    {
      panel: 'solid',
      title: 'What becomes of it',
      choices: () => [
        { words: 'dissolves', record: { kind: 'dissolves', complete: true } },
        { words: 'dissolves in part', record: { kind: 'dissolves', complete: false } },
      ],
    },
  ],
});

/** A solid that lies there, and what colour it had before, where it changed. */
export const solid = define(
  z.object({
    kind: z.literal('solid'),
    formula: formulaField,
    colour: colourField.optional(),
    from: colourField.optional(),
  }),
)({
  says: ({ from, colour }) =>
    from && from !== colour
      ? `solid ${from} → ${colour ?? 'of unrecorded colour'}`
      : [colour, 'solid in the vessel'].filter(Boolean).join(' '),
  tellsChange: ({ from, colour }) => from !== undefined && from !== colour,
  // A heap that changed colour on the way is told from its first colour to its last.
  merge: (told, last) => {
    const from = told.find((one) => one.from !== undefined)?.from;
    return last.map((one) => (from ? { ...one, from } : one));
  },
  draw: ({ colour }, view) => withHeap(view, colour),
  signs: ({ from, colour }) =>
    from && colour && isRealTurn(from, colour)
      ? [
          {
            sign: `the solid turned from ${from} to ${colour}`,
            weight: 0.6,
            counterCase: 'some solids are only of another colour while they are hot',
            madeBy: ['crystallising', 'colourWhileHot', 'separating'],
          },
        ]
      : [],
  compare: solidColour,
  asks: [
    {
      panel: 'solid',
      title: 'What becomes of it',
      choices: () => [{ words: 'stays', record: { kind: 'solid' } }],
    },
    {
      panel: 'solid',
      title: 'Colour of the solid now',
      colour: {
        of: ({ colour }) => colour,
        without: ['colourless'],
        record: (colour, now) => ({ kind: 'solid', ...now, colour }),
      },
    },
  ],
});
