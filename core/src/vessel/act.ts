import { inField } from '../common/errors';
import type { Action, VesselSetup } from './action';
import { shakeWithAir } from './air/air';
import { add, dilute, pour } from './bringTogether';
import { dyesIn } from './air/dyes';
import { heat, warmTo } from './heat';
import { react, followedBy, resting } from './eventResult';
import type { EventResult } from './eventResult';
import { decant, discard, drawOut, evaporate, filter } from './takeOut';
import { ignite } from './dry/ignite';
import { electrolyse } from './electrolysis/electrolyse';
import { checkOpen, close, open } from './air/stopper';
import { wait } from './air/wait';
import { emptyVessel } from './vessel';
import type { Vessel } from './vessel';

/** Sets a vessel up: the portions are put in one after the other and come to rest together, at the temperature given. */
export function setUp({
  contents,
  temperatureC = 25,
  container = 'testTube',
}: VesselSetup): EventResult {
  return contents.reduce<EventResult>(
    (step, portion, index) =>
      followedBy(
        step,
        inField(`contents.${index}`, () => add(step.vessel, portion, 'kept')),
      ),
    resting(emptyVessel(container, temperatureC)),
  );
}

/**
 * Does something to a vessel and says what happens.
 *
 * @throws ChemistryError for an unknown substance or an action that the vessel’s contents do not allow.
 */
export function act(vessel: Vessel, action: Action): EventResult {
  checkOpen(vessel, action);
  switch (action.do) {
    case 'add':
      return inField('portion', () => add(vessel, action.portion));
    case 'bubble':
      return add(vessel, { gas: action.gas, amountMmol: action.amountMmol });
    case 'dilute':
      return dilute(vessel, action.toVolumeMl);
    case 'pourInto': {
      const receiver = inField('vessel', () => setUp(action.vessel));
      return pour(receiver.vessel, vessel);
    }
    case 'discard':
      return discard(vessel, action.fraction);
    case 'filter':
      return filter(vessel, action.keep);
    case 'drawOut':
      return drawOut(vessel, action.keep);
    case 'decant':
      return decant(vessel, action.keep);
    case 'evaporate':
      return evaporate(vessel, action.toVolumeMl);
    case 'heat':
      return meanwhile(heat(vessel, action), action.minutes);
    case 'cool':
      return warmTo(vessel, action.toC);
    case 'shakeWithAir':
      return shakeWithAir(vessel, action.gently);
    case 'wait':
      return wait(vessel, action.minutes);
    case 'electrolyse':
      return electrolyse(vessel, action);
    case 'ignite':
      return ignite(vessel);
    case 'close':
      return close(vessel);
    case 'open':
      return open(vessel);
    case 'light':
      return meanwhile(
        {
          ...react(vessel, vessel),
          reactions: [],
          gasEvolved: {},
          vessel: { ...vessel, litMinutes: (vessel.litMinutes ?? 0) + action.minutes },
        },
        action.minutes,
      );
    case 'test':
      // A test is an observation of the vessel, which stays as it is.
      return { ...react(vessel, vessel), vessel, reactions: [], gasEvolved: {}, warnings: [] };
  }
}

/** What takes minutes lets a dye go on in them. */
function meanwhile(step: EventResult, minutes?: number): EventResult {
  return minutes === undefined || dyesIn(step.vessel).length === 0
    ? step
    : followedBy(step, wait(step.vessel, minutes));
}
