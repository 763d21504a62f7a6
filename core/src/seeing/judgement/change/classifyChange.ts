import * as z from 'zod';
import { actionSchema } from '../../../vessel/action';
import type { Action } from '../../../vessel/action';
import { ChemistryError } from '../../../common/errors';
import { counterCases } from '../../observation/counterCases';
import type { CounterCase } from '../../observation/counterCases';
import type { CounterEvidence, Sign } from '../../observation/definition';
import { mergeObservations } from '../../observation/mergeObservations';
import { meaningOf, observationSchema } from '../../observation/observation';
import type { Observation } from '../../observation/observation';
import { mix } from '../../rack/mix';
import { counterCasesOf } from './counterCasesOf';
import { doubtsIn } from './doubtsInWords';
import { expectedChange } from './expectedChange';
import type { ExpectedChange } from './expectedChange';

/** A context given as named facts, as a sentence of those that hold. */
function spokenOf(facts: Readonly<Record<string, unknown>>): string {
  return Object.entries(facts)
    .filter(([, value]) => value !== false && value !== null && value !== undefined)
    .map(([name, value]) => (value === true ? name : `${name} ${JSON.stringify(value)}`))
    .join(', ');
}

/** What was seen, what was done, and what else is said of it in words. */
export const classifySchema = z.object({
  observations: z.array(observationSchema).max(60),
  /** What was done to the vessel, in order, from the empty vessel on; it decides. */
  events: z.array(actionSchema).max(60).optional(),
  /** Words such as “ice melting”: they raise a doubt and turn nothing. */
  context: z
    .union([z.string().max(400), z.record(z.string().max(100), z.unknown())])
    .transform((given) => (typeof given === 'string' ? given : spokenOf(given)))
    .optional(),
});
export type ClassifyRequest = z.infer<typeof classifySchema>;

/** Whether what was seen speaks for a chemical change, and on what evidence. */
export interface ChangeVerdict {
  readonly change: 'chemical' | 'physical' | 'undecided';
  readonly evidence: readonly Sign[];
  readonly against: readonly CounterEvidence[];
  /** 0 to 1; how strongly the evidence speaks. No single sign is proof (common practice). */
  readonly confidence: number;
}

/** What is known of how a record came about. */
export interface ChangeGiven {
  /** Counter-cases that what was done makes possible. */
  readonly possible?: readonly CounterCase[];
  /** What the engine says of what was done, and what it expects to be seen. */
  readonly expected?: ExpectedChange & { readonly observations: readonly Observation[] };
}

/** Evidence together from which a change is called chemical, and below which it counts for nothing. */
const convinces = 0.5;
const counts = 0.15;
/** How sure one is that nothing chemical happened when everything seen has a physical reason, and when nothing was seen. */
const explainedAway = 0.8;
const nothingSeen = 0.6;
/** How much a doubt in words takes off how sure one is. */
const doubted = 0.8;
/** How sure one is that a new substance came by what was done alone, where no sign of it was recorded. */
const byEvents = 0.55;

/**
 * Weighs the evidence of chemical change in what was seen: precipitate, gas, colour, warmth, light, smell, each with the
 * counter-case that shows the same and is none. What was done explains signs away: where the engine finds no new substance,
 * everything that it expects to be seen all the same; else the counter-cases that the events make possible. Signs that are
 * independent add up as 1 − Π(1 − weight).
 *
 * @example weighChange([{ kind: 'dissolves' }, { kind: 'temperature', deltaC: -8 }]).change // 'physical'
 */
export function weighChange(
  seen: readonly Observation[],
  { possible = [], expected }: ChangeGiven = {},
): ChangeVerdict {
  const signs = signsIn(seen);
  const known = givenAway(seen, signs);
  // Where something new comes, what was done besides explains no more than warmth from outside.
  const also =
    expected?.change === 'chemical'
      ? possible.filter((name) => name === 'heatedFromOutside')
      : possible;
  const marksExpected =
    expected?.change === 'physical' ? new Set(expected.observations.flatMap(marksOf)) : undefined;
  const against = seen.flatMap((one) => meaningOf(one).against?.(one) ?? []);
  const evidence: Sign[] = [];
  for (const sign of signs) {
    const explaining = [...known, ...also].find((name) => sign.madeBy?.includes(name));
    if (marksExpected?.has(sign.mark)) against.push({ sign: sign.sign, why: nothingNew.says });
    else if (explaining) against.push({ sign: sign.sign, why: counterCases[explaining].says });
    else evidence.push(sign);
  }
  // A counter-case that explains nothing seen is only worth saying where nothing else speaks.
  if (evidence.length === 0)
    for (const { called, says } of [
      ...known.map((name) => counterCases[name]),
      ...(marksExpected ? [nothingNew] : []),
    ])
      if (!against.some(({ why }) => why === says)) against.push({ sign: called, why: says });
  const force = 1 - evidence.reduce((doubt, { weight }) => doubt * (1 - weight), 1);
  const told = evidence.map(({ sign, weight, counterCase }) => ({ sign, weight, counterCase }));
  if (force >= convinces) return { change: 'chemical', evidence: told, against, confidence: force };
  if (force > counts) return { change: 'undecided', evidence: told, against, confidence: force };
  const isWatched = against.length > 0 || seen.some((one) => meaningOf(one).saysNone);
  if (!isWatched) return { change: 'undecided', evidence: told, against, confidence: 0 };
  // That nothing was seen to happen is one thing that speaks against; a reason for what was seen is another.
  const still = seen.filter((one) => meaningOf(one).closes === 'all').length;
  const isKnown = known.length > 0 || marksExpected !== undefined || against.length > still;
  return {
    change: 'physical',
    evidence: told,
    against: isKnown ? against : [...against, noSign],
    confidence: isKnown ? explainedAway : nothingSeen,
  };
}

/** Why what the engine expects is no sign, where what was done makes nothing new. */
const nothingNew = {
  called: 'no new substance',
  says: 'by what was done no new substance comes: only states and mixtures change',
};
const noSign: CounterEvidence = {
  sign: 'no sign',
  why: 'mixing alone needs no new substance; a reaction without a sign is still possible',
};

interface MarkedSign extends Sign {
  readonly mark: string;
}

/** Everything in a record that may come from a chemical change. */
const signsIn = (seen: readonly Observation[]): MarkedSign[] =>
  seen.flatMap((one) =>
    (meaningOf(one).signs?.(one) ?? []).map((sign) => ({ mark: one.kind, ...sign })),
  );

/** The marks by which the signs of an observation are recognised. */
const marksOf = (one: Observation): readonly string[] => meaningOf(one).marks?.(one) ?? [one.kind];

/** Counter-cases that a record gives away by itself, unless something new shows that they do not make. */
const givenAway = (seen: readonly Observation[], signs: readonly Sign[]): CounterCase[] =>
  [...new Set(seen.flatMap((one) => meaningOf(one).givesAway?.(one) ?? []))].filter((name) =>
    signs.every(({ isNew, madeBy = [] }) => !isNew || madeBy.includes(name)),
  );

/**
 * The verdict on what was seen and done: the events decide, and words of context only take something off how sure it is.
 *
 * @throws ChemistryError never: events that cannot be run are judged by what they are.
 */
export function classifyChange({
  observations,
  events,
  context = '',
}: ClassifyRequest): ChangeVerdict {
  const expected = events && engineSays(events);
  const weighed = weighChange(observations, {
    ...(events && { possible: counterCasesOf(events) }),
    ...(expected && { expected }),
  });
  const decided =
    expected?.change === 'chemical' && weighed.change !== 'chemical'
      ? {
          ...weighed,
          change: 'chemical' as const,
          evidence: [
            ...weighed.evidence,
            {
              sign: `what was brought together reacts: ${expected.because.join('; ')}`,
              weight: byEvents,
              counterCase: 'nothing recorded shows it',
            },
          ],
          confidence: byEvents,
        }
      : weighed;
  const doubts = events ? [] : doubtsIn(context);
  return doubts.length === 0
    ? decided
    : {
        ...decided,
        against: [
          ...decided.against,
          ...doubts.map((name) => ({
            sign: counterCases[name].called,
            why: counterCases[name].says,
          })),
        ],
        confidence: decided.confidence * doubted,
      };
}

/** What the engine makes of a sequence from the empty vessel on; nothing where it cannot be run. */
function engineSays(events: readonly Action[]): ChangeGiven['expected'] {
  try {
    const steps = mix({ vessel: { contents: [] }, actions: [...events] }).steps.slice(1);
    const expected = expectedChange(steps);
    return expected.change === 'notPredicted'
      ? undefined
      : { ...expected, observations: mergeObservations(steps.map((one) => one.observations)) };
  } catch (error) {
    if (error instanceof ChemistryError) return undefined;
    throw error;
  }
}
