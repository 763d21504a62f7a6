import * as z from 'zod';
import { actionSchema } from '../../vessel/action';
import { containerKinds } from '../../vessel/containers';
import type { ContainerKind } from '../../vessel/containers';

const vesselName = z.string().min(1).max(40);

/** Something done to one vessel, one poured into another, the gas of one led into another, or what a magnet draws put there. */
export const rackEventSchema = z.union([
  z.object({ vessel: vesselName, action: actionSchema }),
  z.object({
    pour: vesselName,
    into: vesselName,
    /** Falls through air on the way, which takes oxygen up. */
    fromHeight: z.literal(true).optional(),
    /** Through a filter: the solid stays behind on the paper. */
    filtered: z.literal(true).optional(),
    /** Only a part of it. */
    share: z.number().min(0.001, 'Some of it is poured').max(1).optional(),
  }),
  z.object({ leadGasOf: vesselName, into: vesselName }),
  z.object({ drawOutOf: vesselName, into: vesselName }),
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

/** The vessel something comes out of. */
function giverOf(event: Exclude<RackEvent, { vessel: string }>): string {
  if ('pour' in event) return event.pour;
  return 'leadGasOf' in event ? event.leadGasOf : event.drawOutOf;
}

/** The same event with its vessels called otherwise. */
export function renameVessels(event: RackEvent, called: (name: string) => string): RackEvent {
  if ('vessel' in event) return { ...event, vessel: called(event.vessel) };
  const into = called(event.into);
  if ('pour' in event) return { ...event, pour: called(event.pour), into };
  return 'leadGasOf' in event
    ? { leadGasOf: called(event.leadGasOf), into }
    : { drawOutOf: called(event.drawOutOf), into };
}

/** The vessels an event touches: the one acted on or received into last, the one it came from first. */
export function vesselsOf(event: RackEvent): readonly string[] {
  if ('vessel' in event) return [event.vessel];
  return [giverOf(event), event.into];
}
