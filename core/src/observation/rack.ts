import * as z from 'zod';
import { viewVessel } from '../appearance/vesselView';
import { performTest } from '../benchTests/performTest';
import { ChemistryError, inField } from '../errors';
import { act, setUp } from '../vessel/act';
import { pour } from '../vessel/bringTogether';
import { shakeWithAir } from '../vessel/air';
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

/**
 * Runs a rack: each event in turn, on vessels that start empty at room temperature.
 *
 * @throws ChemistryError naming the event that cannot be done.
 * @example runRack({ vessels: [{ name: 'A', container: 'testTube' }], events: [
 *   { vessel: 'A', action: { do: 'add', portion: { substance: 'CaCO3', massG: 1 } } }] })
 */
export function runRack({ vessels, events }: Rack): RackOutcome {
  const standing = new Map<string, Standing>();
  for (const { name, container } of vessels) standing.set(name, empty(container));
  const stands = (name: string): Standing => {
    const found = standing.get(name);
    if (!found) throw ChemistryError.of('invalidInput', `There is no vessel called “${name}”.`);
    return found;
  };
  const steps = events.map((event, index) =>
    inField(`events.${index}`, (): RackStep => {
      if ('pour' in event) {
        const [from, into] = [stands(event.pour), stands(event.into)];
        if (event.pour === event.into)
          throw ChemistryError.of('invalidInput', 'A vessel cannot be poured into itself.');
        const poured = pour(into.step.vessel, from.step.vessel);
        const next = after(
          into,
          event.fromHeight ? followedBy(poured, shakeWithAir(poured.vessel)) : poured,
        );
        standing.set(event.into, next);
        standing.set(event.pour, empty(from.step.vessel.container));
        return { vessel: event.into, told: next.told };
      }
      const before = stands(event.vessel);
      const { action } = event;
      const step = inField('action', () => act(before.step.vessel, action));
      const next =
        action.do === 'test'
          ? {
              step,
              told: tell(step, viewVessel(step), [performTest(before.step.vessel, action.test)]),
            }
          : after(before, step);
      standing.set(event.vessel, next);
      return { vessel: event.vessel, told: next.told };
    }),
  );
  return {
    steps,
    now: Object.fromEntries([...standing].map(([name, { told }]) => [name, told])),
  };
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
