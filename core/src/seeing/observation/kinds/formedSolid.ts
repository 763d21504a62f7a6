import * as z from 'zod';
import type { Texture } from '../../../matter/substances/types';
import { colourWords, hueOf } from '../../appearance/colourWords';
import { all, atAGlance, define, find } from '../definition';
import type { AnyObservation, ComparedItem, Question } from '../definition';
import { colourItem, compareShades } from '../shades';
import { colourField, formulaField } from './colourField';
import { clarity } from './liquid';
import { withHeap } from './heap';
import { nothing } from './nothing';
import { dissolves } from './solidPutIn';

export const textures = [
  'curdy',
  'gelatinous',
  'fine',
  'crystalline',
  'flocculent',
] as const satisfies readonly Texture[];
/** How much of a solid there is, by eye. */
export const solidAmounts = ['a trace', 'some', 'much'] as const;
export const settlings = ['stays suspended', 'settles slowly', 'settles at once'] as const;
/** How high a recorded solid is drawn: the record says no more than a word. */
const drawnAmount = { 'a trace': 0.05, some: 0.5, much: 1 } as const;
/** Colours in which metals come out of solutions. */
const metalColours: readonly string[] = ['white', 'grey', 'black', 'brown', 'red-brown', 'pink'];

/** The solids that formed: precipitates, and metals that came out. */
const newSolids = (list: readonly AnyObservation[]) => [
  ...all(list, precipitate),
  ...all(list, deposit),
];
type NewSolid = ReturnType<typeof newSolids>[number];

/** Whether a solid formed, its colour and texture. */
const formedSolid: Question = (expected, seen) => {
  const wanted = newSolids(expected);
  const [got] = newSolids(seen);
  if (wanted.length === 0 && !got && !find(expected, noPrecipitate)) return [];
  const none = !got && (find(seen, noPrecipitate) !== undefined || nothing(seen));
  const word = (solid: NewSolid | undefined) => solid?.kind ?? 'precipitate';
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
  const texture = closest?.kind === 'precipitate' ? closest.texture : undefined;
  if (texture && got.kind === 'precipitate' && got.texture)
    items.push({
      item: 'texture',
      expected: texture,
      seen: got.texture,
      outcome: got.texture === texture ? 'agrees' : 'near',
      decides: false,
      optional: true,
    });
  return items;
};

/** Whether a solid that comes dissolves again later on. */
const goesAgain = (solid: NewSolid, expected: readonly AnyObservation[]): boolean =>
  all(expected.slice(expected.indexOf(solid) + 1), dissolves).some(
    (later) => later.formula === solid.formula && later.complete !== false,
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

const about = ({ formula = '' }: { formula?: string | undefined }): string => formula;

export const precipitate = define(
  z.object({
    kind: z.literal('precipitate'),
    formula: formulaField,
    colour: colourField.optional(),
    texture: z.enum(textures).optional(),
    amount: z.enum(solidAmounts).optional(),
    settling: z.enum(settlings).optional(),
  }),
)({
  says: ({ amount, colour, texture, settling }) =>
    [
      amount === 'some' ? undefined : amount,
      amount === 'a trace' ? 'of' : undefined,
      colour,
      texture,
      'precipitate',
      settling && `that ${settling}`,
    ]
      .filter(Boolean)
      .join(' '),
  saysPlainly: ({ colour }) => `${hueOf(colour)} precipitate`.trim(),
  tellsChange: () => true,
  shows: ({ colour, formula }) => ({ effect: 'precipitate', colour, formula }),
  makesCloudy: true,
  about,
  answers: () => 'precipitate',
  // Where there is little of it, it is a haze, and passes for none.
  missed: (one, list) => (find(list, clarity)?.to === 'cloudy' ? [] : [one]),
  draw: ({ colour, amount = 'some' }, view) => withHeap(view, colour, drawnAmount[amount]),
  signs: () => [
    {
      sign: 'a solid formed from clear liquids',
      weight: 0.8,
      counterCase: 'crystals also come out of a solution that is cooled or too strong',
      madeBy: ['crystallising', 'addingASolvent'],
      isNew: true,
    },
  ],
  compare: formedSolid,
  asks: [
    {
      panel: 'precipitate',
      title: 'Precipitate',
      colour: {
        of: ({ colour }) => colour,
        without: ['colourless'],
        record: (colour, now) => ({ kind: 'precipitate', ...now, colour }),
      },
    },
    {
      panel: 'precipitate',
      title: 'Its texture',
      isFurther: true,
      choices: (now) =>
        textures.map((texture) => ({
          words: texture,
          record: { kind: 'precipitate', ...now, texture },
        })),
    },
    {
      panel: 'precipitate',
      title: 'How much, and how it settles',
      isFurther: true,
      choices: (now) => [
        ...solidAmounts.map((amount) => ({
          words: amount,
          record: { kind: 'precipitate' as const, ...now, amount },
        })),
        ...settlings.map((settling) => ({
          words: settling,
          record: { kind: 'precipitate' as const, ...now, settling },
        })),
      ],
    },
  ],
});

export const noPrecipitate = define(z.object({ kind: z.literal('noPrecipitate') }))({
  says: () => 'no precipitate',
  saysPlainly: () => 'no change',
  tellsChange: () => false,
  saysNone: true,
  answers: () => 'precipitate',
  asks: [
    atAGlance(() => [{ words: 'no precipitate', hotkey: 'P', record: { kind: 'noPrecipitate' } }]),
  ],
});

/** A metal that came out of a solution. */
export const deposit = define(
  z.object({
    kind: z.literal('deposit'),
    formula: formulaField,
    colour: colourField.optional(),
  }),
)({
  says: ({ colour }) => [colour, 'deposit of metal'].filter(Boolean).join(' '),
  tellsChange: () => true,
  shows: ({ colour, formula }) => ({ effect: 'metal', colour, formula }),
  makesCloudy: true,
  about,
  draw: ({ colour }, view) => withHeap(view, colour, drawnAmount.some),
  signs: () => [
    {
      sign: 'a metal came out of a solution',
      weight: 0.85,
      counterCase: 'something that was stirred up settles',
      isNew: true,
    },
  ],
  asks: [
    {
      panel: 'solid',
      title: 'Metal that came out',
      colour: {
        of: ({ colour }) => colour,
        without: colourWords.filter((word) => !metalColours.includes(word)),
        record: (colour) => ({ kind: 'deposit', colour }),
      },
    },
  ],
});
