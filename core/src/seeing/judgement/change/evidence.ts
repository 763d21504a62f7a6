import type { ColourPhrase } from '../../../matter/substances/types';
import { phraseDistance, readPhrase } from '../../appearance/colourWords';
import { outcomeShows } from '../../benchTests/outcomes';
import type { Observation, ObservationKind } from '../../observation/observation';
import { sightsOf } from '../../observation/sights';
import type { Sight } from '../../observation/sights';

/** A sign of chemical change, how much it weighs, and what else could have made it. */
export interface Evidence {
  readonly sign: string;
  /** 0 to 1: the chance that such a sign comes from a chemical change. */
  readonly weight: number;
  readonly counterCase: string;
}

/** What speaks against a chemical change. */
export interface CounterEvidence {
  readonly sign: string;
  readonly why: string;
}

/** A sign with the observation it was read from. */
export interface Sign extends Evidence {
  readonly of: Observation;
  /** The sight, where it is one. */
  readonly sight?: Sight;
}

type Of<K extends ObservationKind> = Extract<Observation, { kind: K }>;

/** What an observation of one kind is worth: as a sign of chemical change, and as one against it. */
interface Worth<K extends ObservationKind> {
  readonly signs?: (one: Of<K>) => readonly (Evidence & { readonly sight?: Sight })[];
  readonly against?: (one: Of<K>) => readonly CounterEvidence[];
}

/** OKLab distance above which a colour change is more than dilution by another solution. */
const beyondDilution = 0.12;
/** A warmth a hand notices, °C (common practice). */
const feltC = 2;

/** What a sight is worth as a sign; states that change are none. */
const sightWorth: Readonly<Partial<Record<Sight, readonly [weight: number, counterCase: string]>>> =
  {
    burns: [0.8, 'a wick burns while its wax only melts'],
    glows: [0.4, 'a hot wire glows and is the same wire when it is cold'],
    'browns or chars': [0.8, 'soot from the flame looks the same'],
    'drops of water form': [0.4, 'a cold glass mists over in moist air'],
  };

/** What each kind of observation is worth (common practice); a kind that tells nothing either way is left out. */
const worth: { readonly [K in ObservationKind]?: Worth<K> } = {
  precipitate: {
    signs: () => [
      {
        sign: 'a solid formed from clear liquids',
        weight: 0.8,
        counterCase: 'crystals also come out of a solution that is cooled or too strong',
      },
    ],
  },
  deposit: {
    signs: () => [
      {
        sign: 'a metal came out of a solution',
        weight: 0.85,
        counterCase: 'something that was stirred up settles',
      },
    ],
  },
  gas: {
    signs: () => [
      {
        sign: 'a gas came off',
        weight: 0.7,
        counterCase: 'boiling bubbles too, and warm water gives up its air',
      },
    ],
  },
  gasTest: {
    signs: ({ test, result }) =>
      outcomeShows(test, result) === 'nothing'
        ? []
        : [
            {
              sign: `a test shows the gas: ${result}`,
              weight: 0.6,
              counterCase: 'it proves the gas, not that it was new',
            },
          ],
  },
  colour: {
    signs: ({ from, to }) =>
      from && to && isRealTurn(from, to)
        ? [
            {
              sign: `the colour changed from ${from} to ${to}`,
              weight: 0.6,
              counterCase: 'mixing colours or diluting them changes a colour too',
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
  },
  solid: {
    signs: ({ from, colour }) =>
      from && colour && isRealTurn(from, colour)
        ? [
            {
              sign: `the solid turned from ${from} to ${colour}`,
              weight: 0.6,
              counterCase: 'some solids are only of another colour while they are hot',
            },
          ]
        : [],
  },
  temperature: {
    signs: ({ deltaC, felt }) => {
      const isFelt =
        deltaC === undefined
          ? felt !== undefined && felt !== 'as before'
          : Math.abs(deltaC) >= feltC;
      const isWarmer = (deltaC ?? 0) > 0 || felt === 'warm' || felt === 'hot';
      return isFelt
        ? [
            {
              sign: isWarmer ? 'it became warmer by itself' : 'it became colder by itself',
              weight: 0.35,
              counterCase: 'dissolving and evaporating warm or cool as well',
            },
          ]
        : [];
    },
  },
  smell: {
    signs: ({ smell }) =>
      smell === 'none'
        ? []
        : [
            {
              sign: `a smell: ${smell}`,
              weight: 0.35,
              counterCase: 'what evaporates smells without having changed',
            },
          ],
  },
  sight: {
    signs: (one) =>
      sightsOf(one).flatMap((sight) => {
        const [weight, counterCase] = sightWorth[sight] ?? [];
        return weight === undefined || counterCase === undefined
          ? []
          : [{ sight, sign: sight, weight, counterCase }];
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
  },
  magnet: {
    against: ({ attracts }) =>
      attracts
        ? [
            {
              sign: 'a magnet still draws it',
              why: 'the iron is there as iron: mixing and separating make nothing new',
            },
          ]
        : [],
  },
  noChange: {
    against: () => [{ sign: 'nothing was seen to happen', why: 'no new substance showed itself' }],
  },
};

/** Everything in a record that may come from a chemical change. */
export function signsIn(seen: readonly Observation[]): Sign[] {
  return seen.flatMap((one) => worthOf(one).signs.map((sign): Sign => ({ ...sign, of: one })));
}

/** What speaks against a chemical change by itself. */
export function speakingAgainst(seen: readonly Observation[]): CounterEvidence[] {
  return seen.flatMap((one) => worthOf(one).against);
}

function worthOf<K extends ObservationKind>(one: Of<K>) {
  const row = worth[one.kind];
  return { signs: row?.signs?.(one) ?? [], against: row?.against?.(one) ?? [] };
}

function isRealTurn(from: ColourPhrase, to: ColourPhrase): boolean {
  return from !== to && !isPaler(from, to) && phraseDistance(from, to) > beyondDilution;
}

function isPaler(from: ColourPhrase, to: ColourPhrase): boolean {
  if (to === 'colourless') return from.startsWith('pale ');
  return (
    readPhrase(from).word === readPhrase(to).word &&
    (to.startsWith('pale ') || from.startsWith('deep '))
  );
}
