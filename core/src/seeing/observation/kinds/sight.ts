import * as z from 'zod';
import { all, define } from '../definition';
import type { AnyObservation, Question, Sign } from '../definition';
import { sights, sightsOf } from '../sights';
import type { Sight } from '../sights';
import { formulaField } from './colourField';
import { nothing } from './nothing';

/** What a sight is worth as a sign; states that change are none. */
const worth: Readonly<Partial<Record<Sight, Omit<Sign, 'sign' | 'mark'>>>> = {
  burns: { weight: 0.8, counterCase: 'a wick burns while its wax only melts', isNew: true },
  glows: {
    weight: 0.4,
    counterCase: 'a hot wire glows and is the same wire when it is cold',
    madeBy: ['glowingHot'],
  },
  'browns or chars': {
    weight: 0.8,
    counterCase: 'soot from the flame looks the same',
    isNew: true,
  },
  'drops of water form': {
    weight: 0.4,
    counterCase: 'a cold glass mists over in moist air',
    madeBy: ['boiling'],
  },
};

/** Sights for which there is a word: each expected one is looked for among those recorded. */
const watched: Question = (expected, seen) => {
  const words = (list: readonly AnyObservation[]) => [
    ...new Set(all(list, sight).flatMap(sightsOf)),
  ];
  const [wanted, got] = [words(expected), words(seen)];
  // What is gone on shaking is missed by whoever shakes at once: it is asked after where it was seen.
  const expectedOnes = wanted.filter((word) => word !== 'comes and goes' || got.includes(word));
  const anySight = all(seen, sight).length > 0 || nothing(seen);
  const unexpected = got.filter((word) => worth[word]?.isNew && !wanted.includes(word));
  const asked = expectedOnes.map((word) => ({
    item: 'sight',
    expected: word,
    ...(anySight && { seen: got.includes(word) ? word : `not seen to be so` }),
    outcome: got.includes(word)
      ? ('agrees' as const)
      : nothing(seen)
        ? ('differs' as const)
        : anySight
          ? ('near' as const)
          : ('missing' as const),
    decides: false,
    tells: true as const,
  }));
  // What burns or chars though it should not has become something else.
  return [
    ...asked,
    ...unexpected.map((word) => ({
      item: word,
      expected: 'not seen',
      seen: 'seen',
      outcome: 'differs' as const,
      decides: true,
    })),
  ];
};

export const sight = define(
  z.object({
    kind: z.literal('sight'),
    formula: formulaField,
    result: z.string().max(300),
    /** What it comes to, where the words alone do not tell; read from the words when left out. */
    shows: z.array(z.enum(sights)).max(6).optional(),
    /** It settles again on the cooler part of the vessel. */
    condenses: z.boolean().optional(),
  }),
)({
  says: ({ result }) => result,
  tellsChange: () => true,
  about: ({ formula = '', result }) => `${formula} ${result}`,
  answers: ({ result }) => `sight ${result}`,
  marks: sightsOf,
  signs: (one) =>
    sightsOf(one).flatMap((mark) => {
      const row = worth[mark];
      return row ? [{ ...row, mark, sign: mark }] : [];
    }),
  against: (one) =>
    sightsOf(one).includes('settles again where it is cooler')
      ? [
          {
            sign: 'the same solid settles again where it is cooler',
            why: 'it came back unchanged: only its state changed',
          },
        ]
      : [],
  givesAway: (one) => {
    const shown = sightsOf(one);
    return [
      ...(shown.includes('melts') || shown.includes('freezes')
        ? (['meltingOrFreezing'] as const)
        : []),
      ...(shown.includes('settles again where it is cooler') ? (['subliming'] as const) : []),
    ];
  },
  compare: watched,
  asks: [
    {
      panel: 'sights',
      title: 'What else is seen',
      choices: () =>
        sights.map((word) => ({ words: word, record: { kind: 'sight', result: word } })),
    },
  ],
});
