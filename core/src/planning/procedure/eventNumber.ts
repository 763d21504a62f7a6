import type { Action } from '../../vessel/action';
import type { RackEvent } from '../../seeing/rack/rackShape';
import { amountOf, amountUnit, withAmount } from './reagents';

/** A number by which an event is done, and the event with another one in its place. */
export interface EventNumber {
  readonly value: number;
  /** `°C` and `min` for how warm and how long, else the unit of the portion. */
  readonly unit: string;
  readonly with: (value: number) => RackEvent;
}

/**
 * The amount put in, the temperature reached (°C) or the time taken (min) of an event; undefined where it has no such number.
 *
 * @example numberOf({ vessel: 'A', action: { do: 'wait', minutes: 10 } }, 'time')?.value // 10
 */
export function numberOf(
  event: RackEvent,
  what: 'amount' | 'temperature' | 'time',
): EventNumber | undefined {
  if (!('vessel' in event)) return undefined;
  const { action } = event;
  const as = (done: Action): RackEvent => ({ ...event, action: done });
  if (what === 'amount')
    return action.do === 'add'
      ? {
          value: amountOf(action.portion),
          unit: amountUnit(action.portion),
          with: (amount) => as({ do: 'add', portion: withAmount(action.portion, amount) }),
        }
      : undefined;
  if (what === 'temperature')
    return 'toC' in action && action.toC !== undefined
      ? { value: action.toC, unit: '°C', with: (toC) => as({ ...action, toC }) }
      : undefined;
  return 'minutes' in action && action.minutes !== undefined
    ? { value: action.minutes, unit: 'min', with: (minutes) => as({ ...action, minutes }) }
    : undefined;
}
