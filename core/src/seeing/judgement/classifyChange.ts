import * as z from 'zod';
import { phraseDistance, readPhrase } from '../appearance/colourWords';
import type { ColourPhrase } from '../../matter/substances/types';
import { commonPractice } from '../../matter/substances/source';
import { sightsIn } from './compare/sights';
import { circumstances } from './changeCircumstances';
import type { Circumstance } from './changeCircumstances';
import { observationSchema } from '../observation/observation';
import type { Observation } from '../observation/observation';

/** A context given as named facts, as a sentence of those that hold. */
function spokenOf(facts: Readonly<Record<string, unknown>>): string {
  return Object.entries(facts)
    .filter(([, value]) => value !== false && value !== null && value !== undefined)
    .map(([name, value]) => (value === true ? name : `${name} ${JSON.stringify(value)}`))
    .join(', ');
}

/** What was seen, and what was being done: in words such as “ice melting” or “a wire held in the flame”. */
export const classifySchema = z.object({
  observations: z.array(observationSchema).max(60),
  context: z
    .union([z.string().max(400), z.record(z.string().max(100), z.unknown())])
    .transform((given) => (typeof given === 'string' ? given : spokenOf(given)))
    .optional(),
});

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

/** Whether what was seen speaks for a chemical change, and on what evidence. */
export interface ChangeVerdict {
  readonly change: 'chemical' | 'physical' | 'undecided';
  readonly evidence: readonly Evidence[];
  readonly against: readonly CounterEvidence[];
  /** 0 to 1; how strongly the evidence speaks. No single sign is proof (common practice). */
  readonly confidence: number;
}

export const evidenceSource = commonPractice(
  'signs of chemical change, what each is worth alone, and the physical changes that show the same',
);

/** OKLab distance above which a colour change is more than dilution by another solution. */
const beyondDilution = 0.12;
/** Evidence together from which a change is called chemical, and below which it counts for nothing. */
const convinces = 0.5;
const counts = 0.15;
/** How sure one is that nothing chemical happened when everything seen has a physical reason, and when nothing was seen. */
const explainedAway = 0.8;
const nothingSeen = 0.6;

interface Sign extends Evidence {
  readonly kind: Observation['kind'];
  /** The word of a sight. */
  readonly sight?: string;
}

/**
 * Weighs the evidence of chemical change: precipitate, gas, colour, warmth, light, smell, each with the counter-case that shows
 * the same and is none. What the circumstances explain (dissolving that cools, boiling that bubbles, a hot wire that glows, a
 * magnet that draws) is taken out and said to be so. Signs that are independent add up as 1 − Π(1 − weight).
 *
 * @param context what was being done, in words; only the known circumstances in it are used.
 * @example classifyChange([{ kind: 'dissolves' }, { kind: 'temperature', deltaC: -8 }]).change // 'physical'
 */
export function classifyChange(seen: readonly Observation[], context = ''): ChangeVerdict {
  const signs = signsIn(seen);
  const given = circumstances(seen, context);
  const against = seen.flatMap(speakingAgainst);
  const evidence: Sign[] = [];
  for (const sign of signs) {
    const explaining = given.find((one) => explains(one, sign));
    if (explaining) against.push({ sign: sign.sign, why: explaining.says });
    else evidence.push(sign);
  }
  // A circumstance that explains nothing seen is only worth saying where nothing else speaks.
  if (evidence.length === 0)
    for (const { name, says } of given)
      if (!against.some(({ why }) => why === says)) against.push({ sign: name, why: says });
  const force = 1 - evidence.reduce((doubt, { weight }) => doubt * (1 - weight), 1);
  const told = evidence.map(({ sign, weight, counterCase }) => ({ sign, weight, counterCase }));
  if (force >= convinces) return { change: 'chemical', evidence: told, against, confidence: force };
  if (force > counts) return { change: 'undecided', evidence: told, against, confidence: force };
  const watched = against.length > 0 || seen.some(({ kind }) => kind === 'noPrecipitate');
  if (!watched) return { change: 'undecided', evidence: told, against, confidence: 0 };
  const known = given.length > 0 || against.some(({ sign }) => sign !== nothing);
  return {
    change: 'physical',
    evidence: told,
    against: known
      ? against
      : [
          ...against,
          {
            sign: 'no sign',
            why: 'mixing alone needs no new substance; a reaction without a sign is still possible',
          },
        ],
    confidence: known ? explainedAway : nothingSeen,
  };
}

const nothing = 'nothing was seen to happen';

const explains = ({ explains: kinds, explainsSights = [] }: Circumstance, sign: Sign): boolean =>
  sign.sight !== undefined ? explainsSights.includes(sign.sight) : kinds.includes(sign.kind);

/** Everything in a record that may come from a chemical change. */
function signsIn(seen: readonly Observation[]): Sign[] {
  return seen.flatMap((one): Sign[] => {
    const sign = (text: string, weight: number, counterCase: string): Sign[] => [
      { kind: one.kind, sign: text, weight, counterCase },
    ];
    switch (one.kind) {
      case 'precipitate':
        return sign(
          'a solid formed from clear liquids',
          0.8,
          'crystals also come out of a solution that is cooled or too strong',
        );
      case 'deposit':
        return sign(
          'a metal came out of a solution',
          0.85,
          'something that was stirred up settles',
        );
      case 'gas':
        return sign('a gas came off', 0.7, 'boiling bubbles too, and warm water gives up its air');
      case 'gasTest':
        return /^(stays|keeps|goes on)/.test(one.result)
          ? []
          : sign(
              `a test shows the gas: ${one.result}`,
              0.6,
              'it proves the gas, not that it was new',
            );
      case 'colour':
        return one.from && one.to && isRealTurn(one.from, one.to)
          ? sign(
              `the colour changed from ${one.from} to ${one.to}`,
              0.6,
              'mixing colours or diluting them changes a colour too',
            )
          : [];
      case 'solid':
        return one.from && one.colour && isRealTurn(one.from, one.colour)
          ? sign(
              `the solid turned from ${one.from} to ${one.colour}`,
              0.6,
              'some solids are only of another colour while they are hot',
            )
          : [];
      case 'temperature':
        return isFelt(one)
          ? sign(
              (one.deltaC ?? 0) > 0 || one.felt === 'warm' || one.felt === 'hot'
                ? 'it became warmer by itself'
                : 'it became colder by itself',
              0.35,
              'dissolving and evaporating warm or cool as well',
            )
          : [];
      case 'smell':
        return one.smell === 'none'
          ? []
          : sign(`a smell: ${one.smell}`, 0.35, 'what evaporates smells without having changed');
      case 'flame':
        return /burn|bright|light/.test(one.result)
          ? sign('light was given off', 0.5, 'a hot wire gives light as well')
          : [];
      case 'sight':
        return sightsIn(one.result).flatMap((word) => sightSign(one, word));
      default:
        return [];
    }
  });
}

/** What a sight is worth as a sign; states that change are none. */
const sightWeights: Readonly<Record<string, readonly [number, string]>> = {
  burns: [0.8, 'a wick burns while its wax only melts'],
  glows: [0.4, 'a hot wire glows and is the same wire when it is cold'],
  'browns or chars': [0.8, 'soot from the flame looks the same'],
  'drops of water form': [0.4, 'a cold glass mists over in moist air'],
};

function sightSign(one: Observation, word: string): Sign[] {
  const [weight, counterCase] = sightWeights[word] ?? [];
  return weight === undefined || counterCase === undefined
    ? []
    : [{ kind: one.kind, sight: word, sign: word, weight, counterCase }];
}

function isFelt({ deltaC, felt }: Extract<Observation, { kind: 'temperature' }>): boolean {
  return deltaC === undefined ? felt !== undefined && felt !== 'as before' : Math.abs(deltaC) >= 2;
}

/** What speaks against a chemical change by itself. */
function speakingAgainst(one: Observation): CounterEvidence[] {
  switch (one.kind) {
    case 'noChange':
      return [{ sign: nothing, why: 'no new substance showed itself' }];
    case 'colour':
      return one.from && one.to && one.from !== one.to && isPaler(one.from, one.to)
        ? [
            {
              sign: `${one.from} became ${one.to}`,
              why: 'the colour only became paler, as dilution makes it',
            },
          ]
        : [];
    case 'sight': {
      const words = sightsIn(one.result);
      return words.includes('settles again where it is cooler')
        ? [
            {
              sign: 'the same solid settles again where it is cooler',
              why: 'it came back unchanged: only its state changed',
            },
          ]
        : [];
    }
    case 'magnet':
      return one.attracts
        ? [
            {
              sign: 'a magnet still draws it',
              why: 'the iron is there as iron: mixing and separating make nothing new',
            },
          ]
        : [];
    default:
      return [];
  }
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
