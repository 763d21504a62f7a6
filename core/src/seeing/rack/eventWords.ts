import { capital } from '../../common/capital';
import type { Action } from '../../vessel/action';
import { testWords } from '../observation/kinds/gasTest';
import type { AnyPortion } from '../../vessel/portion';
import type { RackEvent } from './rackShape';
import { atMostFigures, formatNumber } from '../../common/formatNumber';
import { formatSetTemperature } from '../../common/temperature';

/** Tests by the words on their buttons, in the order one reaches for them. */
export const testLabels: Readonly<Record<string, string>> = {
  ...Object.fromEntries(Object.entries(testWords).map(([test, words]) => [test, capital(words)])),
  flame: 'Flame colour',
  magnet: 'Magnet',
};

/** What was done, as a line of the bench notes. */
export function eventWords(event: RackEvent): string {
  if ('leadGasOf' in event) return `gas of ${event.leadGasOf} led into ${event.into}`;
  if ('drawOutOf' in event)
    return `what a magnet draws from ${event.drawOutOf} put into ${event.into}`;
  if ('pour' in event) {
    const part = event.share === undefined ? '' : `${Math.round(100 * event.share)} % of `;
    const how = `${event.filtered ? ' through a filter' : ''}${event.fromHeight ? ' from a height' : ''}`;
    return `${part}${event.pour} poured into ${event.into}${how}`;
  }
  return `${event.vessel}: ${actionWords(event.action)}`;
}

/** What was done to one vessel. */
export function actionWords(action: Action): string {
  switch (action.do) {
    case 'add':
      return `added ${portionWords(action.portion)}`;
    case 'bubble':
      return `led in ${formatNumber(action.amountMmol)} mmol of ${action.gas}`;
    case 'heat':
      if (action.toC !== undefined) return `heated to ${formatSetTemperature(action.toC)}`;
      return action.strongly ? 'heated strongly' : 'heated gently';
    case 'cool':
      return `cooled to ${formatSetTemperature(action.toC)}`;
    case 'dilute':
      return `diluted to ${formatNumber(action.toVolumeMl)} mL`;
    case 'discard':
      return `${Math.round(100 * action.fraction)} % taken out`;
    case 'filter':
      return `filtered, ${action.keep} kept`;
    case 'drawOut':
      return `drawn out with a magnet, ${action.keep === 'drawn' ? 'what it draws' : 'the rest'} kept`;
    case 'decant':
      return `decanted, ${action.keep === 'upper' ? 'upper part' : 'lower part'} kept`;
    case 'evaporate':
      return action.toVolumeMl === undefined
        ? 'evaporated'
        : `boiled down to ${formatNumber(action.toVolumeMl)} mL`;
    case 'light':
      return `stood in light for ${formatNumber(action.minutes)} min`;
    case 'test':
      return `${(testLabels[action.test] ?? action.test).toLowerCase()}`;
    case 'shakeWithAir':
      return action.gently ? 'swirled gently' : 'shaken with air';
    case 'electrolyse':
      return `${formatNumber(action.currentA)} A passed for ${formatNumber(action.minutes)} min, ${action.cathode} at minus and ${action.anode} at plus`;
    case 'ignite':
      return 'a flame held to it';
    case 'wait':
      return `left to stand for ${formatNumber(action.minutes)} min`;
    case 'close':
      return 'closed with a stopper';
    case 'open':
      return 'opened';
    case 'pourInto':
      return 'poured into another vessel';
  }
}

/** An amount that is meant approximately, from the least to the most. */
export interface AmountRange {
  readonly low: number;
  readonly high: number;
}

/** A portion in words, as a bench note has it; a range stands in place of its amount. */
export function portionWords(portion: AnyPortion, range?: AmountRange): string {
  const amount = (value: number): string =>
    range ? `${formatNumber(range.low)}–${formatNumber(range.high)}` : formatNumber(value);
  if ('indicator' in portion) {
    const one = !range && portion.drops === 1;
    return `${amount(portion.drops)} ${one ? 'drop' : 'drops'} of ${portion.indicator}`;
  }
  if ('gas' in portion) return `${amount(portion.amountMmol)} mmol of ${portion.gas} gas`;
  if ('massG' in portion) return `${amount(portion.massG)} g ${portion.substance}`;
  if ('concentrationM' in portion)
    return `${amount(portion.volumeMl)} mL ${atMostFigures(portion.concentrationM, 3)} M ${portion.substance}`;
  if ('percentWV' in portion)
    return `${amount(portion.volumeMl)} mL ${formatNumber(portion.percentWV)} % ${portion.substance}`;
  return `${amount(portion.volumeMl)} mL ${portion.substance}`;
}
