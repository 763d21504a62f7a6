import { ChemistryError } from '../../common/errors';
import { clashes } from '../../safety/clashes';
import type { Held } from '../../safety/clashes';
import { sidesOf } from '../../matter/equation/sides';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { act, setUp } from '../../vessel/act';
import { followedBy } from '../../vessel/eventResult';
import type { EventResult } from '../../vessel/eventResult';
import type { Attempt, RouteReagent } from './attempt';

/** What came of reagents brought together. */
export interface Tried {
  /** The equation by which the gas forms; undefined where none does. */
  readonly equation?: string;
  /** Share of the gas that left, of all of it that formed, 0 to 1; the rest stays in the liquid. */
  readonly leaves: number;
  /** Every gas that left, by its share of them, steam not counted. */
  readonly gases: Readonly<Record<string, number>>;
  /** What forms beside the gas and stays behind. */
  readonly leftBehind: readonly string[];
  /** Why it stops, or does not begin. */
  readonly stays: readonly string[];
  /** What must never be brought together so, and what comes of it. */
  readonly never: readonly string[];
  /** What the engine cannot say. */
  readonly notPredicted: readonly string[];
}

/** Warnings that say why a reaction stops or does not go. */
const staying = new Set(['sealed', 'heldBack', 'slow']);
/** Warnings against doing it at all. */
const forbidding = new Set(['alkaliMetalWithAcid']);
/** Gas below this amount is not counted as coming, mmol. */
const countsFromMmol = 0.05;

/** Brings the reagents of a route together in the engine. */
export function tryRoute(gas: string, attempt: Attempt): Tried {
  const held = attempt.reagents.map(heldAs);
  const never = held
    .flatMap((one, at) => clashes(held.slice(0, at), one))
    .filter((clash) => clash.never)
    .map(({ gives }) => `gives ${gives}`);
  let step: EventResult;
  try {
    step = run(attempt);
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { ...nothing, never, notPredicted: [error.message] };
  }
  const left = Object.entries(step.gasEvolved).filter(
    ([formula, amount]) => formula !== 'H2O' && amount > countsFromMmol,
  );
  const total = left.reduce((sum, [, amount]) => sum + amount, 0);
  const evolved = step.gasEvolved[gas] ?? 0;
  const dissolved = step.vessel.phases.solution[gas] ?? 0;
  const equation = mostTelling(
    step.reactions.map((reaction) => reaction.equation).filter((text) => makes(text, gas)),
    attempt,
  );
  return {
    ...(equation !== undefined && { equation }),
    leaves: evolved + dissolved > countsFromMmol ? evolved / (evolved + dissolved) : 0,
    gases: Object.fromEntries(left.map(([formula, amount]) => [formula, amount / total])),
    leftBehind: equation === undefined ? [] : besides(equation, gas),
    stays: step.warnings.filter(({ code }) => staying.has(code)).map(({ message }) => message),
    never: [
      ...never,
      ...step.warnings.filter(({ code }) => forbidding.has(code)).map(({ message }) => message),
    ],
    notPredicted: step.notPredicted,
  };
}

const nothing: Tried = {
  leaves: 0,
  gases: {},
  leftBehind: [],
  stays: [],
  never: [],
  notPredicted: [],
};

/** All at once, liquids first, so that the solid meets the whole of them. */
function run({ portions, heatedToC }: Attempt): EventResult {
  const contents = [...portions].sort((a, b) => Number('volumeMl' in b) - Number('volumeMl' in a));
  const step = setUp({ contents, container: 'flask' });
  if (heatedToC === undefined) return step;
  return followedBy(step, act(step.vessel, { do: 'heat', toC: heatedToC }));
}

function heldAs({ substance, use, concentrationM }: RouteReagent): Held {
  return {
    substance: substance === 'H2O' ? 'water' : substance,
    ...(use === 'solution' && concentrationM !== undefined && { concentrationM }),
  };
}

/** Of the equations that make the gas, the one in which most of the reagents take part. */
function mostTelling(equations: readonly string[], { reagents }: Attempt): string | undefined {
  const takes = (equation: string): number => {
    const used = Object.keys(sidesOf(equation).used);
    return reagents.filter(({ substance, kept }) =>
      used.some((one) => one === substance || one === kept),
    ).length;
  };
  return [...equations].sort((one, other) => takes(other) - takes(one))[0];
}

const makes = (equation: string, gas: string): boolean => gas in sidesOf(equation).made;

/** What an equation makes besides a gas, with their states. */
export function besides(equation: string, gas: string): string[] {
  const [, right = ''] = equation.split('→');
  return right
    .split(' + ')
    .map((term) => term.trim().replace(/^\d+ /, ''))
    .filter((term) => {
      const formula = term.replace(/\((?:aq|s|l|g)\)$/, '');
      return formula !== gas && !(term.endsWith('(g)') && gasPropertiesOf(formula));
    });
}
