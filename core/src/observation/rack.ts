import * as z from 'zod';
import { viewVessel } from '../appearance/vesselView';
import { performTest } from '../benchTests/performTest';
import { ChemistryError, inField } from '../errors';
import { act, setUp } from '../vessel/act';
import { pour } from '../vessel/bringTogether';
import { shakeWithAir } from '../vessel/air/air';
import { followedBy } from '../vessel/step';
import type { Step } from '../vessel/step';
import { actionSchema } from '../vessel/action';
import { containerKinds } from '../vessel/containers';
import type { ContainerKind } from '../vessel/containers';
import { tell } from './mix';
import type { ToldStep } from './mix';
import { observeStep } from './observeStep';

const vesselName = z.string().min(1).max(40);

/** Something done to one vessel, or one poured into another. */
export const rackEventSchema = z.union([
  z.object({ vessel: vesselName, action: actionSchema }),
  z.object({
    pour: vesselName,
    into: vesselName,
    /** Falls through air on the way, which takes oxygen up. */
    fromHeight: z.literal(true).optional(),
  }),
]);

/** Vessels side by side, and what is done to them in order. */
export const rackSchema = z.object({
  vessels: z
    .array(
      z.object({
        name: vesselName,
        container: z.enum(containerKinds as [ContainerKind, ...ContainerKind[]]),
      }),
    )
    .min(1)
    .max(12),
  events: z.array(rackEventSchema).max(200),
});

/** Vessels side by side, and what is done to them in order. */
export type Rack = z.infer<typeof rackSchema>;
/** Something done to one vessel, or one poured into another. */
export type RackEvent = z.infer<typeof rackEventSchema>;

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
  readonly step: Step;
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
 * Runs racks that grow event by event, as they do at the bench, and reckons only what is new: the events that the rack before
 * began with, told by identity, are not run again.
 *
 * @returns a function like {@link runRack}.
 */
export function rackRunner(): (rack: Rack) => RackOutcome {
  let lastVessels: Rack['vessels'] = [];
  let stages: readonly Stage[] = [];
  return ({ vessels, events }) => {
    const isSame = lastVessels.every((one, index) => sameVessel(one, vessels[index]));
    const parted = stages.findIndex(({ event }, index) => event !== events[index]);
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
  if ('pour' in event) {
    const [from, into] = [stands(event.pour), stands(event.into)];
    if (event.pour === event.into)
      throw ChemistryError.of('invalidInput', 'A vessel cannot be poured into itself.');
    const poured = pour(into.step.vessel, from.step.vessel);
    const received = after(
      into,
      event.fromHeight ? followedBy(poured, shakeWithAir(poured.vessel)) : poured,
    );
    standing.set(event.into, received);
    standing.set(event.pour, empty(from.step.vessel.container));
    return { event, standing, did: { vessel: event.into, told: received.told } };
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

function empty(container: ContainerKind): Standing {
  const step = setUp({ contents: [], container });
  return { step, told: tell(step, viewVessel(step), []) };
}

function after(before: Standing, step: Step): Standing {
  const view = viewVessel(step);
  const seen = observeStep({ step, view }, { step: before.step, view: before.told.view });
  return { step, told: tell(step, view, seen) };
}
