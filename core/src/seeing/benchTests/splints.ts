import type { Observation } from '../observation/observation';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { commonPractice } from '../../matter/substances/source';
import type { GasProperties } from '../../matter/substances/types';
import type { Vessel } from '../../vessel/vessel';
import { gasesAbove } from './gasAbove';

type Outcome = GasProperties['litSplint'];

/** Share of the air that a gas must have replaced before a splint shows it. */
const showsFrom: Readonly<Record<Outcome, number>> = {
  pops: 0.04,
  burns: 0.05,
  flares: 0.15,
  'goes out': 0.25,
};
/** With less air than this, hydrogen burns quietly at the mouth; mixed with air it pops. */
const popsWithAir = 0.05;
/** Share of oxygen above that of air from which an ember bursts into flame, and from which it glows more. */
const relightsFrom = 0.2;
export const splintsSource = commonPractice(
  'how much of a gas a splint needs to show it; hydrogen and air explode between about 4 % and 75 % hydrogen',
);

const litWords: Readonly<Record<Outcome, string>> = {
  pops: 'squeaky pop',
  burns: 'the gas catches fire and burns at the mouth',
  flares: 'burns more brightly',
  'goes out': 'goes out',
};

/** A burning splint held into the gas above the liquid. */
export function litSplint(vessel: Vessel): Observation {
  const found = outcomeOf(vessel, ['pops', 'burns', 'flares', 'goes out']);
  if (!found) return told('litSplint', 'goes on burning, as in air');
  const { outcome, formula, share } = found;
  const quiet = outcome === 'pops' && share > 1 - popsWithAir;
  return told(
    'litSplint',
    quiet ? 'burns quietly at the mouth; with some air let in, squeaky pop' : litWords[outcome],
    formula,
  );
}

/** A glowing splint held into the gas above the liquid. */
export function glowingSplint(vessel: Vessel): Observation {
  const feeding = gasesAbove(vessel).find(({ formula }) => gasPropertiesOf(formula)?.relights);
  if (feeding && feeding.share >= showsFrom.flares) {
    const { formula, share } = feeding;
    return told(
      'glowingSplint',
      share >= relightsFrom ? 'relights' : 'glows more brightly',
      formula,
    );
  }
  const smothers = outcomeOf(vessel, ['pops', 'burns', 'goes out'], showsFrom['goes out']);
  return smothers
    ? told('glowingSplint', 'goes out', smothers.formula)
    : told('glowingSplint', 'goes on glowing, as in air');
}

/** The first outcome of which there is enough gas, with the gas there is most of. */
function outcomeOf(vessel: Vessel, outcomes: readonly Outcome[], needed?: number) {
  const gases = gasesAbove(vessel);
  for (const outcome of outcomes) {
    const such = gases.filter(({ formula }) => gasPropertiesOf(formula)?.litSplint === outcome);
    const share = such.reduce((sum, { share: part }) => sum + part, 0);
    const [first] = such;
    if (first && share >= (needed ?? showsFrom[outcome]))
      return { outcome, formula: first.formula, share };
  }
  return undefined;
}

function told(test: string, result: string, formula?: string): Observation {
  return { kind: 'gasTest', test, result, ...(formula && { formula }) };
}
