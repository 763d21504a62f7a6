import { readColour } from '../../src/seeing/appearance/colourNames';
import { compareOutcomes, readGasTest } from '../../src/seeing/observation/outcomes';
import { compareShades } from '../../src/seeing/observation/shades';
import type { ToldStep } from '../../src/seeing/rack/mix';
import { mix } from '../../src/seeing/rack/mix';
import type { Action } from '../../src/vessel/action';
import { action, portion } from '../support/bench';
import type { Case, Expectation } from './readCase';

/** How a prediction stands beside the textbook. */
export type Verdict =
  | { readonly outcome: 'right' }
  | { readonly outcome: 'notPredicted'; readonly reasons: readonly string[] }
  | { readonly outcome: 'wrong'; readonly misses: readonly string[]; readonly told: string };

/** Runs a case in a test tube and holds what is told of its last step against the textbook. */
export function judgeCase({ start, then, sees }: Case): Verdict {
  const vessel = { contents: start.split(' + ').map(portion), container: 'testTube' as const };
  const actions = then.flatMap((doing) => doing.split(' + ').map(action));
  let steps: readonly ToldStep[];
  try {
    ({ steps } = mix({ vessel, actions }));
  } catch (error) {
    return { outcome: 'notPredicted', reasons: [`refused: ${String(error)}`] };
  }
  const { last, before } = lookedAt(steps, actions);
  const misses = sees.filter((one) => !isSeen(one, last, before)).map(written);
  if (misses.length === 0) return { outcome: 'right' };
  const reasons = steps.flatMap(({ notPredicted }) => notPredicted);
  if (reasons.length > 0) return { outcome: 'notPredicted', reasons };
  return { outcome: 'wrong', misses, told: told(last) };
}

/** The last step; one that only warms, cools or waits is looked at with what was added before it, for the engine may run ahead. */
function lookedAt(steps: readonly ToldStep[], actions: readonly Action[]) {
  const last = steps.at(-1);
  if (!last) throw new Error('No step.');
  const hurries = ['heat', 'wait'].includes(actions.at(-1)?.do ?? '');
  const added = hurries ? (steps.at(-2)?.observations ?? []) : [];
  return {
    last: { ...last, observations: [...added, ...last.observations] },
    before: steps.at(hurries ? -3 : -2) ?? steps[0],
  };
}

const written = ({ what, any, formula }: Expectation): string =>
  [what, any.join('/'), formula && `{${formula}}`].filter(Boolean).join(' ');

/** What the engine told, in short, for whoever mends it. */
const told = ({ observations, state }: ToldStep): string =>
  [
    ...observations.map((one) => Object.values(one).join(' ')),
    `(${state.colour}, ${state.clarity}, pH ${state.pH?.toFixed(1) ?? '–'}; ${state.solids.map(({ formula, massG }) => `${formula} ${(1000 * massG).toFixed(1)} mg`).join(', ')})`,
  ].join('; ');

type Seen = readonly [step: ToldStep, before: ToldStep | undefined];

const named = (colour: string, any: readonly string[], of: 'liquid' | 'solid') =>
  any.length === 0 ||
  any.some((word) => compareShades(readColour(colour), readColour(word), of) !== 'differs');

/** Solids that a person would tell at the end. */
const lying = ({ state }: ToldStep) => state.solids.filter(({ massG }) => massG > 2e-5);

const some = (
  [step]: Seen,
  kind: string,
  holds: (one: Readonly<Record<string, unknown>>) => boolean = () => true,
) => step.observations.some((one) => one.kind === kind && holds({ ...one }));

const deltaC = ([step]: Seen) =>
  step.observations.reduce(
    (sum, one) => sum + (one.kind === 'temperature' ? (one.deltaC ?? 0) : 0),
    0,
  );

const hasSolid = ({ any, formula }: Expectation, [step]: Seen) =>
  lying(step).some(
    (one) => (formula === undefined || one.formula === formula) && named(one.colour, any, 'solid'),
  );

/** Something new that is neither the mixing of two colours nor a warmth. */
const isNew = (seen: Seen) =>
  ['precipitate', 'deposit', 'gas', 'sight', 'dissolves'].some((kind) => some(seen, kind));

const without: Readonly<Record<string, (seen: Seen) => boolean>> = {
  gas: (seen) => !some(seen, 'gas'),
  solid: ([step]) => lying(step).length === 0,
  new: (seen) => !isNew(seen),
  layer: ([step]) => step.view.layer === undefined,
  warm: (seen) => deltaC(seen) < 2,
  blue: ([step]) => !named(step.state.colour, ['blue', 'pale blue'], 'liquid'),
};

/** What can be seen, by the word a case begins with. */
const whatIsSeen: Readonly<Record<string, (one: Expectation, seen: Seen) => boolean>> = {
  solid: hasSolid,
  // One white solid that turns to another is a white solid to whoever looks.
  stays: hasSolid,
  turns: ({ any }, [step]) => {
    const [first] = lying(step);
    return first !== undefined && named(first.colour, any, 'solid');
  },
  deposit: ({ any }, seen) =>
    ['deposit', 'precipitate', 'solid'].some((kind) =>
      some(seen, kind, ({ colour }) => typeof colour === 'string' && named(colour, any, 'solid')),
    ),
  gone: (_, [step, before]) =>
    lying(step).length === 0 ||
    (before !== undefined &&
      lying(before).every(({ formula }) => lying(step).every((one) => one.formula !== formula))),
  part: (_, [step]) => lying(step).length > 0,
  clear: (_, [step]) => step.state.clarity === 'clear' && lying(step).length === 0,
  // A solvent that stands without water is a layer to the engine and a liquid to whoever looks.
  liquid: ({ any }, [step]) =>
    named(
      (step.state.volumeMl === 0 ? step.view.layer?.colour : undefined) ?? step.state.colour,
      any,
      'liquid',
    ),
  layer: ({ any }, [step]) =>
    step.view.layer !== undefined && named(step.view.layer.colour, any, 'liquid'),
  gas: ({ any }, seen) =>
    some(seen, 'gas', ({ formula }) => any.length === 0 || any.includes(String(formula))),
  // A smell that was there before stays.
  smell: ({ any }, [step, before]) =>
    [step, before].some(
      (one) => one && some([one, before], 'smell', ({ formula }) => any.includes(String(formula))),
    ),
  sight: (_, seen) => some(seen, 'sight'),
  nothing: ({ any }, seen) =>
    any.length === 0 ? !isChanged(seen) : !some(seen, 'gas', ({ formula }) => formula !== 'H2O'),
  warm: (_, seen) => deltaC(seen) > 0 || some(seen, 'sight'),
  cold: (_, seen) => deltaC(seen) < 0,
  no: ({ any: [what = ''] }, seen) => without[what]?.(seen) ?? false,
  test: ({ any }, [step]) =>
    step.observations.some(
      (one) =>
        one.kind === 'gasTest' &&
        any.some(
          (word) =>
            compareOutcomes(one.test, one.result, readGasTest(one.test, word)) !== 'differs',
        ),
    ),
  flame: ({ any }, [step]) =>
    step.observations.some(
      (one) =>
        one.kind === 'flame' &&
        (one.colour === undefined ? any.includes('none') : named(one.colour, any, 'liquid')),
    ),
  magnet: ({ any: [what] }, seen) =>
    some(seen, 'magnet', ({ attracts }) => attracts === (what === 'yes')),
};

/** Whether a step changed what one sees, besides its being made thinner. */
const isChanged = (seen: Seen) => {
  const [step, before] = seen;
  return (
    isNew(seen) ||
    (before !== undefined && before.state.volumeMl > 0 && step.state.colour !== before.state.colour)
  );
};

function isSeen(one: Expectation, step: ToldStep, before: ToldStep | undefined): boolean {
  const holds = whatIsSeen[one.what];
  if (!holds) throw new Error(`Nothing is known of “${one.what}”.`);
  return holds(one, [step, before]);
}
