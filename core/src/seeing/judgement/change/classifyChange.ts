import * as z from 'zod';
import { actionSchema } from '../../../vessel/action';
import type { Action } from '../../../vessel/action';
import { ChemistryError } from '../../../common/errors';
import { commonPractice } from '../../../matter/substances/source';
import { mergeObservations } from '../../observation/mergeObservations';
import { observationSchema } from '../../observation/observation';
import type { Observation } from '../../observation/observation';
import { sightsOf } from '../../observation/sights';
import type { Sight } from '../../observation/sights';
import { mix } from '../../rack/mix';
import { doubtsIn } from './doubtsInWords';
import { circumstance, eventCircumstances } from './eventCircumstances';
import type { Circumstance } from './eventCircumstances';
import { signsIn, speakingAgainst } from './evidence';
import type { CounterEvidence, Evidence, Sign } from './evidence';
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
  readonly evidence: readonly Evidence[];
  readonly against: readonly CounterEvidence[];
  /** 0 to 1; how strongly the evidence speaks. No single sign is proof (common practice). */
  readonly confidence: number;
}

/** What is known of how a record came about. */
export interface ChangeGiven {
  /** Counter-cases that what was done makes possible. */
  readonly circumstances?: readonly Circumstance[];
  /** What the engine says of what was done, and what it expects to be seen. */
  readonly expected?: ExpectedChange & { readonly observations: readonly Observation[] };
}

export const evidenceSource = commonPractice(
  'signs of chemical change, what each is worth alone, and the physical changes that show the same',
);

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
  { circumstances = [], expected }: ChangeGiven = {},
): ChangeVerdict {
  const known = [
    ...shownByRecord(seen),
    ...(expected?.change === 'physical' ? [noNewSubstance(expected.observations)] : []),
  ];
  // Where something new comes, what was done besides explains no more than warmth from outside.
  const possible =
    expected?.change === 'chemical'
      ? circumstances
          .filter(({ name }) => name === 'heatedFromOutside')
          .map((one): Circumstance => ({ ...one, explainsSights: [] }))
      : circumstances;
  const against = speakingAgainst(seen);
  const evidence: Sign[] = [];
  for (const sign of signsIn(seen)) {
    const explaining = [...known, ...possible].find((one) => explains(one, sign));
    if (explaining) against.push({ sign: sign.sign, why: explaining.says });
    else evidence.push(sign);
  }
  // A counter-case that explains nothing seen is only worth saying where nothing else speaks.
  if (evidence.length === 0)
    for (const { name, says } of known)
      if (!against.some(({ why }) => why === says)) against.push({ sign: words[name], why: says });
  const force = 1 - evidence.reduce((doubt, { weight }) => doubt * (1 - weight), 1);
  const told = evidence.map(({ sign, weight, counterCase }) => ({ sign, weight, counterCase }));
  if (force >= convinces) return { change: 'chemical', evidence: told, against, confidence: force };
  if (force > counts) return { change: 'undecided', evidence: told, against, confidence: force };
  const isWatched = against.length > 0 || seen.some(({ kind }) => kind === 'noPrecipitate');
  if (!isWatched) return { change: 'undecided', evidence: told, against, confidence: 0 };
  // That nothing was seen to happen is one thing that speaks against; a reason for what was seen is another.
  const isStill = seen.filter(({ kind }) => kind === 'noChange').length;
  const isKnown = known.length > 0 || against.length > isStill;
  return {
    change: 'physical',
    evidence: told,
    against: isKnown
      ? against
      : [
          ...against,
          {
            sign: 'no sign',
            why: 'mixing alone needs no new substance; a reaction without a sign is still possible',
          },
        ],
    confidence: isKnown ? explainedAway : nothingSeen,
  };
}

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
    ...(events && { circumstances: eventCircumstances(events) }),
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
          ...doubts.map((one) => ({ sign: words[one.name], why: one.says })),
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

/** What a counter-case is called beside what it explains. */
const words: Readonly<Record<Circumstance['name'], string>> = {
  dissolving: 'dissolving',
  meltingOrFreezing: 'melting or freezing',
  boiling: 'boiling or evaporating',
  crystallising: 'crystallising',
  heatedFromOutside: 'heat or cold from outside',
  colourWhileHot: 'heat',
  subliming: 'subliming',
  separating: 'separating',
  diluting: 'diluting',
  addingASolvent: 'another solvent',
  noNewSubstance: 'no new substance',
};

const explains = (
  { explains: kinds, explainsSights = [] }: Circumstance,
  { of, sight }: Sign,
): boolean => (sight === undefined ? kinds.includes(of.kind) : explainsSights.includes(sight));

/** Where what was done makes nothing new, what the engine expects to be seen is explained by that. */
const noNewSubstance = (expected: readonly Observation[]): Circumstance => ({
  ...circumstance('noNewSubstance'),
  explains: [...new Set(expected.map(({ kind }) => kind))],
  explainsSights: expected.flatMap((one) => (one.kind === 'sight' ? sightsOf(one) : [])),
});

/** Counter-cases that a record gives away by itself. */
function shownByRecord(seen: readonly Observation[]): Circumstance[] {
  const has = (...kinds: readonly Observation['kind'][]): boolean =>
    seen.some(({ kind }) => kinds.includes(kind));
  const sees = (...which: readonly Sight[]): boolean =>
    seen.some((one) => one.kind === 'sight' && sightsOf(one).some((own) => which.includes(own)));
  return [
    ...(has('dissolves') && !has('gas', 'precipitate', 'deposit', 'gasTest')
      ? [circumstance('dissolving')]
      : []),
    ...(sees('melts', 'freezes') && !sees('browns or chars', 'burns') && !has('gas', 'gasTest')
      ? [circumstance('meltingOrFreezing')]
      : []),
    ...(sees('settles again where it is cooler') ? [circumstance('subliming')] : []),
  ];
}
