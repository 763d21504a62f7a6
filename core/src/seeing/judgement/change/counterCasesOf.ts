import { findSubstance } from '../../../matter/substances/findSubstance';
import { isWater } from '../../../matter/substances/isWater';
import type { Action } from '../../../vessel/action';
import type { AnyPortion } from '../../../vessel/portion';
import type { CounterCase } from '../../observation/counterCases';

const holdsLiquid = (portion: AnyPortion): boolean => 'volumeMl' in portion;
const isSolid = (portion: AnyPortion): boolean => 'massG' in portion;
const isSolvent = (portion: AnyPortion): boolean =>
  'substance' in portion &&
  'volumeMl' in portion &&
  !('concentrationM' in portion) &&
  !isWater(portion.substance) &&
  findSubstance(portion.substance).substance.state === 'liquid';
const isWaterAlone = (portion: AnyPortion): boolean =>
  'substance' in portion && isWater(portion.substance);

/**
 * The counter-cases that a sequence of events makes possible, by what was done alone: for events that the engine cannot run.
 *
 * @param before what was done in the same vessel earlier: it tells whether there is a liquid in it.
 */
export function counterCasesOf(
  events: readonly Action[],
  before: readonly Action[] = [],
): CounterCase[] {
  const found = new Set<CounterCase>();
  const put = (list: readonly Action[]) =>
    list.flatMap((one) => (one.do === 'add' ? [one.portion] : []));
  const all = put([...before, ...events]);
  const isWet = all.some(holdsLiquid);
  const isDry = all.length > 0 && !isWet;
  for (const event of events) {
    if (event.do === 'add') {
      const { portion } = event;
      if ((isSolid(portion) && isWet) || (isWaterAlone(portion) && all.some(isSolid)))
        found.add('dissolving');
      if (isWaterAlone(portion)) found.add('diluting');
      if (isSolvent(portion)) found.add('addingASolvent');
    }
    if (event.do === 'dilute') found.add('diluting');
    if (event.do === 'heat') {
      found.add('heatedFromOutside').add('glowingHot').add('meltingOrFreezing');
      // Bubbles out of a heated solid are no boiling.
      if (!isDry) found.add('boiling');
      if (!isWet) found.add('colourWhileHot').add('subliming');
    }
    if (event.do === 'cool')
      found
        .add('heatedFromOutside')
        .add('glowingHot')
        .add('meltingOrFreezing')
        .add('crystallising');
    if (event.do === 'evaporate')
      found.add('boiling').add('crystallising').add('heatedFromOutside').add('glowingHot');
    if (event.do === 'filter' || event.do === 'decant' || event.do === 'drawOut')
      found.add('separating');
  }
  return [...found];
}
