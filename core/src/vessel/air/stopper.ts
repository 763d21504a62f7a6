import { ChemistryError } from '../../common/errors';
import type { Action } from '../action';
import { oxygenAbove } from './air';
import { gasIn, pressureAtm } from './pressure';
import { react } from '../eventResult';
import type { EventResult } from '../eventResult';
import type { Vessel } from '../vessel';

/** What can be done to a closed vessel, and what the others would do to it. */
const throughGlass: ReadonlySet<Action['do']> = new Set([
  'wait',
  'shakeWithAir',
  'heat',
  'cool',
  'light',
  'open',
  'close',
]);

/** @throws ChemistryError `stoppered` for an action that needs an open vessel. */
export function checkOpen({ stopper }: Vessel, action: Action): void {
  const isOutside = action.do === 'test' && action.test === 'magnet';
  if (!stopper || isOutside || throughGlass.has(action.do)) return;
  throw ChemistryError.of('stoppered', 'put in, taken out or held above it');
}

/** Closes a vessel with a stopper; the air above what it holds is shut in. */
export function close(vessel: Vessel): EventResult {
  const gasMmol = gasIn(vessel);
  const { temperatureC: atC } = vessel;
  const stopper = { oxygenMmol: oxygenAbove(vessel), gasMmol, atC };
  return still({ ...vessel, stopper: vessel.stopper ?? stopper });
}

/** Takes the stopper out. */
export function open({ stopper, ...vessel }: Vessel): EventResult {
  const step = still(vessel);
  const atm = stopper ? pressureAtm({ ...vessel, stopper }) : 1;
  return atm < hissesAtm
    ? step
    : { ...step, sights: [{ formula: 'N2', result: 'gas rushes out as it is opened', shows: [] }] };
}

/** From here one hears it open, atm (common practice). */
const hissesAtm = 1.05;

function still(vessel: Vessel): EventResult {
  return { ...react(vessel, vessel), vessel, reactions: [], gasEvolved: {}, warnings: [] };
}
