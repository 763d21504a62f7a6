import * as z from 'zod';
import { quantityNames } from '../../planning/procedure/measures';

/** Instruments a bench may have, and how the server tells of them. */
export const instrumentKinds = ['balance', 'thermometer', 'multimeter', 'supply'] as const;

/** How an instrument is reached at the moment. */
export const lineStates = ['ready', 'unplugged', 'silent', 'garbled'] as const;

export const instrumentSchema = z.object({
  id: z.string().min(1).max(40),
  name: z.string().max(80),
  kind: z.enum(instrumentKinds),
  quantities: z.array(z.enum(quantityNames)),
  /** What it can be told to do, and whether with a number. */
  commands: z.array(
    z.object({
      name: z.string().max(40),
      label: z.string().max(80),
      takes: z.enum(['nothing', 'number', 'onOff']),
    }),
  ),
  /** Plays an instrument: it can be told which vessel it is at. */
  simulated: z.boolean(),
  state: z.enum(lineStates),
  /** What it says of itself, or why it does not answer. */
  detail: z.string().max(300),
});
export type InstrumentInfo = z.infer<typeof instrumentSchema>;

export const readingSchema = z.object({
  quantity: z.enum(quantityNames),
  value: z.number(),
  /** Standard uncertainty, in the unit of the quantity. */
  uncertainty: z.number().min(0),
  /** Step of the last digit it shows, in the unit of the quantity. */
  resolution: z.number().positive(),
  /** Has come to rest. */
  stable: z.boolean(),
  at: z.iso.datetime(),
});
export type InstrumentReading = z.infer<typeof readingSchema>;

/** Which vessel a simulated instrument is put to. */
export const followSchema = z.object({
  dayId: z.uuid(),
  workId: z.uuid(),
  stepId: z.string().min(1).max(40),
  vessel: z.string().min(1).max(40),
  groupId: z.uuid().nullable(),
});
export type Follow = z.infer<typeof followSchema>;

export const commandSchema = z.object({
  command: z.string().min(1).max(40),
  value: z.number().min(-1000).max(1000).optional(),
});
