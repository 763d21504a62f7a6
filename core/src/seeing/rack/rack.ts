import { viewVessel } from '../appearance/vesselView';
import { performTest } from '../benchTests/performTest';
import { ChemistryError, inField } from '../../common/errors';
import { act, setUp } from '../../vessel/act';
import { discard, filter } from '../../vessel/takeOut';
import { pour } from '../../vessel/bringTogether';
import { shakeWithAir } from '../../vessel/air/air';
import { followedBy } from '../../vessel/eventResult';
import type { EventResult } from '../../vessel/eventResult';
import type { ContainerKind } from '../../vessel/containers';
import type { Vessel } from '../../vessel/vessel';
import { tell } from './mix';
import type { ToldStep } from './mix';
import { observeStep } from './observeStep';
import { vesselsOf } from './rackShape';
import type { Rack, RackEvent } from './rackShape';

/** What one event did to one vessel. */
export interface RackStep {
  readonly vessel: string;
  readonly told: ToldStep;
}

/** A rack after all that was done. */
export interface RackOutcome {
  /** One for each event, told of the vessel in which something happened. */
  readonly steps: readonly RackStep[];
  /** Every vessel as it is now, by name. */
  readonly now: Readonly<Record<string, ToldStep>>;
}

interface Standing {
  readonly step: EventResult;
  readonly told: ToldStep;
}

/** A rack on the way: what one event did, and how every vessel touched so far stands after it. */
interface Stage {
  readonly event: RackEvent;
  readonly did: RackStep;
  readonly standing: ReadonlyMap<string, Standing>;
}

/**
 * Runs a rack: each event in turn, on vessels that start empty at room temperature.
 *
 * @throws ChemistryError naming the event that cannot be done.
 * @example runRack({ vessels: [{ name: 'A', container: 'testTube' }], events: [
 *   { vessel: 'A', action: { do: 'add', portion: { substance: 'CaCO3', massG: 1 } } }] })
 */
export function runRack(rack: Rack): RackOutcome {
  return rackRunner()(rack);
}

/**
 * Runs racks that grow event by event, as they do at the bench, and calculates only what is new: the events that the rack before
 * began with are not run again. They are told by what they say, since what comes from another thread is a copy each time.
 *
 * @returns a function like {@link runRack}.
 */
export function rackRunner(): (rack: Rack) => RackOutcome {
  let lastVessels: Rack['vessels'] = [];
  let stages: readonly Stage[] = [];
  return ({ vessels, events }) => {
    const isSame = lastVessels.every((one, index) => sameVessel(one, vessels[index]));
    const parted = stages.findIndex(({ event }, index) => !sameEvent(event, events[index]));
    const kept = isSame ? stages.slice(0, parted < 0 ? undefined : parted) : [];
    const run = [...kept];
    const fresh = new Map(vessels.map(({ name, container }) => [name, container]));
    events.slice(kept.length).forEach((event, index) => {
      const before = run.at(-1)?.standing ?? new Map<string, Standing>();
      run.push(inField(`events.${kept.length + index}`, () => next(event, before, fresh)));
    });
    [lastVessels, stages] = [vessels, run];
    const standing = run.at(-1)?.standing;
    return {
      steps: run.map(({ did }) => did),
      now: Object.fromEntries(
        vessels.map(({ name, container }) => [
          name,
          (standing?.get(name) ?? empty(container)).told,
        ]),
      ),
    };
  };
}

function sameVessel(one: Rack['vessels'][number], other?: Rack['vessels'][number]): boolean {
  return one.name === other?.name && one.container === other.container;
}

function sameEvent(one: RackEvent, other?: RackEvent): boolean {
  return one === other || JSON.stringify(one) === JSON.stringify(other);
}

/** Does one thing in a rack. */
function next(
  event: RackEvent,
  before: ReadonlyMap<string, Standing>,
  fresh: ReadonlyMap<string, ContainerKind>,
): Stage {
  const standing = new Map(before);
  const stands = (name: string): Standing => {
    const container = fresh.get(name);
    if (!container) throw ChemistryError.of('invalidInput', `There is no vessel called “${name}”.`);
    return before.get(name) ?? empty(container);
  };
  if (!('vessel' in event)) {
    const [giver = '', into = ''] = vesselsOf(event);
    if (giver === into)
      throw ChemistryError.of('invalidInput', 'A vessel cannot be emptied into itself.');
    const [from, receiver] = [stands(giver), stands(into)];
    const { given, received } = pass(event, from, receiver);
    standing.set(giver, given);
    standing.set(into, received);
    return { event, standing, did: { vessel: into, told: received.told } };
  }
  const { vessel, action } = event;
  const stood = stands(vessel);
  const step = inField('action', () => act(stood.step.vessel, action));
  const came =
    action.do === 'test'
      ? { step, told: tell(step, viewVessel(step), [performTest(stood.step.vessel, action.test)]) }
      : after(stood, step);
  standing.set(vessel, came);
  return { event, standing, did: { vessel, told: came.told } };
}

/** How the two vessels stand after something went from one into the other. */
interface Passed {
  readonly given: Standing;
  readonly received: Standing;
}

function pass(
  event: Exclude<RackEvent, { vessel: string }>,
  from: Standing,
  receiver: Standing,
): Passed {
  if ('pour' in event) return pourOver(event, from, receiver);
  return 'leadGasOf' in event ? leadGas(from, receiver) : drawOver(from, receiver);
}

/** What a magnet draws is wiped off it into the other vessel. */
function drawOver(from: Standing, receiver: Standing): Passed {
  const { vessel } = from.step;
  const drawn = withoutGas(act(vessel, { do: 'drawOut', keep: 'drawn' }).vessel);
  return {
    given: after(from, act(vessel, { do: 'drawOut', keep: 'rest' })),
    received: after(receiver, pour(receiver.step.vessel, drawn)),
  };
}

function pourOver(
  { fromHeight, filtered, share = 1 }: Extract<RackEvent, { pour: string }>,
  from: Standing,
  receiver: Standing,
): Passed {
  const { vessel } = from.step;
  const held = filtered ? filter(vessel, 'filtrate').vessel : vessel;
  const poured = share < 1 ? withoutGas(discard(held, 1 - share).vessel) : held;
  const joined = pour(receiver.step.vessel, poured);
  const left = filtered
    ? after(from, filter(vessel, 'residue'))
    : share < 1
      ? after(from, discard(vessel, share))
      : empty(vessel.container);
  return {
    given: left,
    received: after(
      // What one watches is the larger liquid: a jug poured on a few drops is seen to change, not the drops. Of what is
      // filtered one looks at what comes through.
      !filtered && poured.volumeMl > receiver.step.vessel.volumeMl ? from : receiver,
      fromHeight ? followedBy(joined, shakeWithAir(joined.vessel)) : joined,
    ),
  };
}

const withoutGas = (vessel: Vessel): Vessel => ({
  ...vessel,
  phases: { ...vessel.phases, gas: {} },
});

/** All the gas that has left one vessel goes through what the other holds; steam condenses on the way. */
function leadGas(from: Standing, receiver: Standing): Passed {
  const { vessel } = from.step;
  const gases = Object.entries(vessel.phases.gas).filter(
    ([gas, amount]) => gas !== 'H2O' && amount > leastLedMmol,
  );
  const [first, ...others] = gases.map(
    ([gas, amountMmol]) =>
      (into: Vessel): EventResult =>
        act(into, { do: 'bubble', gas, amountMmol }),
  );
  if (!first) throw ChemistryError.of('emptyVessel', 'lead off as gas');
  const step = others.reduce(
    (before, bubble) => followedBy(before, bubble(before.vessel)),
    first(receiver.step.vessel),
  );
  const rest = withoutGas(vessel);
  const given: EventResult = {
    ...from.step,
    vessel: rest,
    gasEvolved: {},
    reactions: [],
    warnings: [],
  };
  return {
    given: { step: given, told: tell(given, viewVessel(given), []) },
    received: after(receiver, step),
  };
}

/** Less gas than this is nothing to lead anywhere, mmol. */
const leastLedMmol = 1e-4;

function empty(container: ContainerKind): Standing {
  const step = setUp({ contents: [], container });
  return { step, told: tell(step, viewVessel(step), []) };
}

function after(before: Standing, step: EventResult): Standing {
  const view = viewVessel(step);
  const seen = observeStep({ step, view }, { step: before.step, view: before.told.view });
  return { step, told: tell(step, view, seen, before.step) };
}
