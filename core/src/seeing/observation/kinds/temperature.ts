import * as z from 'zod';
import { formatDegrees } from '../../../common/temperature';
import { define, find } from '../definition';
import type { Question } from '../definition';
import { nothing } from './nothing';

/** What a hand round the vessel says. */
export const warmths = ['hot', 'warm', 'as before', 'cool', 'cold'] as const;

/** A warmth a hand notices, °C, and how far a school thermometer and a lost minute may put it off (common practice). */
const feltC = 2;
const shareOff = 0.35;
/** Share beyond which two readings are not the same however the time went. */
const shareNear = 0.5;
const alwaysOffC = 1.5;
/** A change that escapes a hand that does not wait for it, °C (common practice). */
const faintC = 4;

const schema = z.object({
  kind: z.literal('temperature'),
  /** By thermometer. */
  deltaC: z.number().min(-300).max(1500).optional(),
  /** By touch. */
  felt: z.enum(warmths).optional(),
});
type Warmth = z.infer<typeof schema>;

const inWords = (deltaC: number): string =>
  `${deltaC > 0 ? 'warmer' : 'colder'} by ${formatDegrees(Math.abs(deltaC))}`;
const orNeither = (deltaC: number): string =>
  Math.abs(deltaC) < feltC ? 'neither warmer nor colder' : inWords(deltaC);

/** Whether it is a change that a hand notices. */
function isFelt({ deltaC, felt = 'as before' }: Warmth): boolean {
  return deltaC === undefined ? felt !== 'as before' : Math.abs(deltaC) >= feltC;
}

/** Warmer, colder or neither: by thermometer within a third or so, by hand the direction. */
const warmth: Question = (expected, seen) => {
  const should = find(expected, temperature)?.deltaC ?? 0;
  const got =
    find(seen, temperature) ??
    (nothing(seen) ? ({ kind: 'temperature', deltaC: 0 } as const) : undefined);
  const matters = Math.abs(should) >= feltC;
  if (!matters && (got === undefined || nothing(seen))) return [];
  return [
    {
      item: 'warmth',
      expected: orNeither(should),
      ...(got && {
        seen: got.deltaC === undefined ? `feels ${got.felt ?? 'as before'}` : orNeither(got.deltaC),
      }),
      outcome: got ? compareWarmth(should, got) : 'missing',
      decides: false,
      ...(matters && { tells: true as const }),
    },
  ];
};

function compareWarmth(should: number, { deltaC, felt = 'as before' }: Warmth) {
  const direction = (delta: number) => (Math.abs(delta) < feltC ? 0 : Math.sign(delta));
  if (deltaC === undefined) {
    const hand = Math.sign(warmths.indexOf('as before') - warmths.indexOf(felt));
    if (hand === direction(should)) return 'agrees';
    // A change of a few degrees escapes a hand.
    return hand === 0 && Math.abs(should) < 2 * feltC ? 'near' : 'differs';
  }
  const off = Math.abs(deltaC - should);
  if (off <= Math.max(alwaysOffC, shareOff * Math.abs(should))) return 'agrees';
  const isAlike = direction(deltaC) === direction(should) && off <= shareNear * Math.abs(should);
  return isAlike || off < 2 * feltC ? 'near' : 'differs';
}

export const temperature = define(schema)({
  says: ({ deltaC, felt }) =>
    deltaC !== undefined
      ? inWords(deltaC)
      : felt === undefined
        ? 'temperature not recorded'
        : felt === 'as before'
          ? 'neither warmer nor colder'
          : `feels ${felt}`,
  tellsChange: isFelt,
  isJudgedApart: true,
  merge: (told) => {
    const deltaC = told.reduce((sum, one) => sum + (one.deltaC ?? 0), 0);
    return Math.abs(deltaC) >= feltC ? [{ kind: 'temperature', deltaC }] : [];
  },
  missed: (one) => (Math.abs(one.deltaC ?? 0) < faintC ? [] : [one]),
  signs: (one) => {
    const isWarmer = (one.deltaC ?? 0) > 0 || one.felt === 'warm' || one.felt === 'hot';
    return isFelt(one)
      ? [
          {
            sign: isWarmer ? 'it became warmer by itself' : 'it became colder by itself',
            weight: 0.35,
            counterCase: 'dissolving and evaporating warm or cool as well',
            madeBy: ['dissolving', 'meltingOrFreezing', 'boiling', 'heatedFromOutside'],
          },
        ]
      : [];
  },
  compare: warmth,
  asks: [
    {
      panel: 'warmth',
      title: 'By touch, or by thermometer',
      choices: () =>
        warmths.map((felt) => ({ words: felt, record: { kind: 'temperature', felt } })),
      degrees: {
        of: ({ deltaC }) => deltaC,
        record: (deltaC) => ({ kind: 'temperature', deltaC }),
      },
    },
  ],
});
