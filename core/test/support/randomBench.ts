import { ChemistryError } from '../../src/common/errors';
import { indicators } from '../../src/matter/substances/data/indicators';
import { pureSolids } from '../../src/matter/substances/data/pureSolids';
import { shelf } from '../../src/matter/substances/data/shelf';
import { solvents } from '../../src/matter/substances/data/solvents';
import { solubilityM } from '../../src/solution/preparation/solubility';
import { mix } from '../../src/seeing/rack/mix';
import { act, setUp } from '../../src/vessel/act';
import { pourOut } from '../../src/vessel/pour';
import { atoms, lostOrMade } from './atoms';
import type { Action } from '../../src/vessel/action';
import type { AnyPortion } from '../../src/vessel/portion';

/** What a random bench begins with, and what is done then. */
export interface RandomBench {
  readonly contents: readonly AnyPortion[];
  readonly actions: readonly Action[];
}

const pure = new Set<string>(pureSolids.map(({ formula }) => formula));
const immiscible = new Set<string>(solvents.map(({ formula }) => formula));
const strengthsM = [0.02, 0.1, 0.1, 0.5, 2];

/** A mixture of anything on the shelf at the strengths and amounts of a class, and now and then heat. */
export function randomBench(next: () => number): RandomBench {
  const one = <T>(list: readonly T[]): T => {
    const found = list[Math.floor(next() * list.length)];
    if (found === undefined) throw new Error('An empty list.');
    return found;
  };
  const portion = (): AnyPortion => {
    if (next() < 0.04) return { indicator: one(indicators).name, drops: 2 };
    const { formula, state, stock, solubilityGPer100G } = one(shelf);
    if (state === 'gas') return { gas: formula, amountMmol: one([0.05, 0.5, 2]) };
    if (immiscible.has(formula)) return { substance: formula, volumeMl: 1 };
    if (stock && next() < 0.3) return { substance: formula, volumeMl: one([0.5, 1]) };
    const isSolid = !stock && (pure.has(formula) || solubilityGPer100G < 0.2 || next() < 0.2);
    if (isSolid) return { substance: formula, massG: one([0.05, 0.2, 0.5]) };
    const strongestM = solubilityM(formula).concentrationM;
    const concentrationM = Number(Math.min(one(strengthsM), 0.8 * strongestM).toPrecision(2));
    return { substance: formula, concentrationM, volumeMl: one([1, 2, 5]) };
  };
  const action = (): Action =>
    next() < 0.2 ? { do: 'heat', toC: 80 } : { do: 'add', portion: portion() };
  return {
    contents: next() < 0.7 ? [portion()] : [portion(), portion()],
    actions: next() < 0.6 ? [{ do: 'add', portion: portion() }] : [action(), action()],
  };
}

/** A random bench in the shorthand of the textbook cases. */
export function inShorthand({ contents, actions }: RandomBench): string {
  const said = (one: AnyPortion): string => {
    if ('indicator' in one) return `${one.indicator} ${one.drops}drops`;
    if ('gas' in one) return `${one.gas} ${one.amountMmol}mmol`;
    if ('massG' in one) return `${one.substance} ${one.massG}g`;
    if ('concentrationM' in one) return `${one.substance} ${one.concentrationM}M ${one.volumeMl}mL`;
    return `${one.substance} ${one.volumeMl}mL`;
  };
  const done = (one: Action): string =>
    one.do === 'add' ? said(one.portion) : one.do === 'heat' ? `heat ${one.toC}` : one.do;
  return [contents.map(said).join(' + '), ...actions.map(done)].join('; ');
}

/** What came of a random bench. */
export type Came =
  | { readonly came: 'something' | 'nothing' | 'not predicted' }
  | { readonly came: 'refused' | 'failed' | 'lost atoms'; readonly why: string };

/** Runs a random bench: whether it fails, whether an atom is lost, and what is told of its last step. */
export function tryBench({ contents, actions }: RandomBench): Came {
  try {
    let vessel = setUp({ contents: [...contents], container: 'testTube' }).vessel;
    for (const action of actions) {
      const before = atoms(
        vessel.phases,
        ...(action.do === 'add' ? [pourOut(action.portion).phases] : []),
      );
      const step = act(vessel, action);
      const lost = lostOrMade(before, atoms(step.vessel.phases, step.removed));
      if (lost.length > 0) return { came: 'lost atoms', why: lost.join(', ') };
      vessel = step.vessel;
    }
    const { steps } = mix({
      vessel: { contents: [...contents], container: 'testTube' },
      actions: [...actions],
    });
    if (steps.some(({ notPredicted }) => notPredicted.length > 0)) return { came: 'not predicted' };
    const still = steps.at(-1)?.observations.some(({ kind }) => kind === 'noChange') ?? false;
    return { came: still ? 'nothing' : 'something' };
  } catch (error) {
    return {
      came: error instanceof ChemistryError ? 'refused' : 'failed',
      why: error instanceof ChemistryError ? error.code : String(error),
    };
  }
}
