import { ChemistryError } from '../../../common/errors';
import { compareObservations, fitOf } from '../compare/compareObservations';
import type { Comparison } from '../compare/compareObservations';
import { mergeObservations } from '../../observation/mergeObservations';
import { find } from '../../observation/definition';
import { noPrecipitate } from '../../observation/kinds/formedSolid';
import { colour } from '../../observation/kinds/liquid';
import { describeObservation, isObservation, meaningOf } from '../../observation/observation';
import type { Observation } from '../../observation/observation';
import { rackRunner } from '../../rack/rack';
import type { Rack, RackEvent } from '../../rack/rackShape';
import type { RackOutcome } from '../../rack/rack';
import { asPlanned } from './fault';
import type { Plan } from './fault';
import { faults } from './index';

/** What would make the vessel look as it was seen, and what would settle it. */
export interface LikelyCause {
  readonly fault: string;
  /** How well it reproduces what was seen times how common it is, 0 to 1. */
  readonly likelihood: number;
  readonly explains: string;
  readonly check: string;
}

/** What else is known of the test. */
export interface Circumstances {
  /** What a blank of the same test showed, where one was run. */
  readonly blank?: readonly Observation[];
  readonly onProgress?: (share: number) => void;
}

/** A fault has to fit better than the plan by this much to be worth naming. */
const leastGain = 0.02;
/** How much more one that fits wholly counts than one that nearly does. */
const sharpness = 4;
/** Weight of a difference that a fault makes vanish. */
const resolvedWeight = 3;

/**
 * Runs the plan again with every plausible slip, and keeps those that reproduce what was seen better than the plan did, each
 * kind of slip once, the likeliest first. What could not be missed counts against it; a reading that is easily missed, and a
 * blank that shows the same or was not run, stand beside the slips.
 *
 * @returns empty when the plan agrees, is not predicted, or nothing fits.
 */
export function likelyCauses(
  plan: Plan,
  seen: readonly Observation[],
  { blank, onProgress = () => undefined }: Circumstances = {},
): LikelyCause[] {
  const run = rackRunner();
  const planned = expectedOf(run, plan, asPlanned(plan));
  if (!planned) return [];
  const comparison = compareObservations(planned, seen);
  const off = differing(comparison);
  if (off.length === 0) return [];
  const causes: LikelyCause[] = [];
  const consider = (
    fault: string,
    check: string,
    commonness: number,
    expected: readonly Observation[],
  ): void => {
    const fitted = compareObservations(expected, seen);
    // A cause has to account for all of it.
    if (fitted.items.some(({ outcome, optional }) => outcome === 'differs' && !optional)) return;
    const fit = fitWith(fitted, off);
    if (fit <= fitOf(comparison) + leastGain) return;
    causes.push({
      fault,
      check,
      likelihood: fit ** sharpness * commonness,
      explains: explained(fitted, off),
    });
  };
  faults.forEach(({ commonness, slips }, at) => {
    for (const { fault, check, done } of slips(plan)) {
      const expected = expectedOf(run, plan, done);
      if (expected) consider(fault, check, commonness, expected);
    }
    onProgress((at + 1) / faults.length);
  });
  consider(
    'it was there and was missed: the change is faint or soon over',
    'Repeat it against a dark or a white card, in good light, and watch from the first moment.',
    missedCommonness,
    withoutTheFaint(planned),
  );
  causes.push(...fromBlank(planned, seen, blank));
  return bestOfEach(causes);
}

/** What the watched vessel shows when so much was done; undefined where the engine cannot say. */
function expectedOf(
  run: (rack: Rack) => RackOutcome,
  { vessels, vessel, from, to }: Plan,
  done: readonly (readonly RackEvent[])[],
): Observation[] | undefined {
  const events = done.slice(0, to + 1).flat();
  const first = done.slice(0, from).flat().length;
  let outcome: RackOutcome;
  try {
    outcome = run({ vessels, events });
  } catch (error) {
    // A slip that cannot be done, such as heating what was left out, is none.
    if (error instanceof ChemistryError) return undefined;
    throw error;
  }
  const told = outcome.steps.slice(first).filter((step) => step.vessel === vessel);
  if (told.some((step) => step.told.notPredicted.length > 0)) return undefined;
  return withAnswers(mergeObservations(told.map((step) => step.told.observations)));
}

/** Where no solid formed in a liquid, that is said too: it is what “no precipitate” is set against. */
export function withAnswers(observations: readonly Observation[]): Observation[] {
  const solid = observations.some((one) => meaningOf(one).makesCloudy);
  const liquid = find(observations, colour) !== undefined;
  return solid || !liquid ? [...observations] : [...observations, { kind: noPrecipitate.kind }];
}

const differing = ({ items }: Comparison): readonly string[] =>
  items.flatMap(({ item, outcome }) => (outcome === 'differs' ? [item] : []));

/** The fit, with differences that are no longer even asked about counted as resolved. */
function fitWith(fitted: Comparison, off: readonly string[]): number {
  const asked = new Set(fitted.items.map(({ item }) => item));
  const vanished = resolvedWeight * off.filter((item) => !asked.has(item)).length;
  const weight = fitted.items
    .filter(({ outcome }) => outcome !== 'missing')
    .reduce((sum, { decides }) => sum + (decides ? 3 : 1), 0);
  return (fitOf(fitted) * weight + vanished) / (weight + vanished || 1);
}

function explained(fitted: Comparison, off: readonly string[]): string {
  const now = fitted.items.filter(({ outcome }) => outcome === 'agrees' || outcome === 'near');
  const resolved = now.filter(({ item }) => off.includes(item));
  return (resolved.length > 0 ? resolved : now)
    .map(({ item, seen }) => `${item}: ${seen ?? ''}`)
    .join('; ');
}

const missedCommonness = 0.5;

/** What is expected, without what is easily missed: a few bubbles, a haze, a shade, a few degrees. */
function withoutTheFaint(planned: readonly Observation[]): Observation[] {
  const noticed = planned.flatMap((one) => meaningOf(one).missed?.(one, planned) ?? [one]);
  return withAnswers(noticed.filter(isObservation).filter((one) => !meaningOf(one).saysNone));
}

const blankShowsIt = 0.95;
const blankNotRun = 0.3;

/** A blank that shows the same as the test explains it; one that was never run leaves it open. */
function fromBlank(
  planned: readonly Observation[],
  seen: readonly Observation[],
  blank: readonly Observation[] | undefined,
): LikelyCause[] {
  const kindsOf = (list: readonly Observation[]) => new Set(list.map(({ kind }) => kind));
  const [known, inBlank] = [kindsOf(planned), kindsOf(blank ?? [])];
  const unexpected = seen.filter(
    (one) => !known.has(one.kind) && (meaningOf(one).signs?.(one) ?? []).some(({ isNew }) => isNew),
  );
  if (unexpected.length === 0) return [];
  const explains = unexpected.map(describeObservation).join('; ');
  if (!blank || blank.length === 0)
    return [
      {
        fault: 'the blank was not run: the reagent or the water may show this by itself',
        check: 'Run the blank: everything but the sample.',
        likelihood: blankNotRun,
        explains,
      },
    ];
  const same = unexpected.every(({ kind }) => inBlank.has(kind));
  return same
    ? [
        {
          fault:
            'the blank shows it too: it comes from the reagent or the water, not from the sample',
          check: 'Make the reagent up anew with distilled water, and run test and blank again.',
          likelihood: blankShowsIt,
          explains,
        },
      ]
    : [];
}

/** Each fault once, with its best slip, the likeliest first. */
function bestOfEach(causes: readonly LikelyCause[]): LikelyCause[] {
  const best = new Map<string, LikelyCause>();
  for (const cause of causes) {
    const before = best.get(cause.fault);
    if (!before || before.likelihood < cause.likelihood) best.set(cause.fault, cause);
  }
  return [...best.values()].sort((one, other) => other.likelihood - one.likelihood);
}
