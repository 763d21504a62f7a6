import * as z from 'zod';
import { anyPortionSchema } from './portion';
import { containers } from './containers';
import type { ContainerKind } from './containers';

const containerSchema = z.enum(Object.keys(containers) as [ContainerKind, ...ContainerKind[]]);
const temperature = z
  .number()
  .min(-20, 'A temperature on the bench is at least −20 °C')
  .max(1500, 'A burner reaches at most about 1500 °C');

/** A vessel as it is set up: what is in it, and at what temperature. */
export const vesselSchema = z.object({
  temperatureC: z
    .number()
    .min(0, 'A vessel of liquid is set up at 0 °C or above')
    .max(100, 'A vessel of water is set up at 100 °C or below')
    .optional(),
  container: containerSchema.optional(),
  contents: z.array(anyPortionSchema).max(40),
});

/** A vessel as it is set up. */
export type VesselSetup = z.infer<typeof vesselSchema>;

/** What is done to a vessel. */
export const actionSchema = z.discriminatedUnion('do', [
  z.object({ do: z.literal('add'), portion: anyPortionSchema }),
  z.object({
    do: z.literal('heat'),
    toC: temperature.optional(),
    minutes: z.number().positive().max(600).optional(),
    strongly: z.literal(true).optional(),
  }),
  z.object({ do: z.literal('cool'), toC: temperature }),
  z.object({
    do: z.literal('dilute'),
    toVolumeMl: z
      .number()
      .positive('A volume is above 0 mL')
      .max(5000, 'A vessel is filled to at most 5000 mL'),
  }),
  z.object({ do: z.literal('discard'), fraction: z.number().min(0).max(1) }),
  z.object({ do: z.literal('filter'), keep: z.enum(['filtrate', 'residue']) }),
  z.object({ do: z.literal('drawOut'), keep: z.enum(['drawn', 'rest']) }),
  z.object({ do: z.literal('decant'), keep: z.enum(['upper', 'lower']) }),
  z.object({ do: z.literal('evaporate'), toVolumeMl: z.number().positive().optional() }),
  z.object({
    do: z.literal('bubble'),
    gas: z.string().min(1).max(100),
    amountMmol: z.number().positive().max(1000),
  }),
  z.object({ do: z.literal('pourInto'), vessel: vesselSchema }),
  z.object({ do: z.literal('shakeWithAir'), gently: z.literal(true).optional() }),
  z.object({
    do: z.literal('wait'),
    minutes: z
      .number()
      .positive('A wait is longer than 0 minutes')
      .max(600, 'A wait is at most 600 minutes'),
  }),
  z.object({
    do: z.literal('electrolyse'),
    cathode: z.string().trim().min(1, 'Name the electrode at minus').max(40),
    anode: z.string().trim().min(1, 'Name the electrode at plus').max(40),
    currentA: z
      .number()
      .positive('A current is above 0 A; where the ammeter shows minus, its leads are swapped')
      .max(50, 'A current at the bench is at most 50 A; check whether it was read in mA'),
    minutes: z.number().positive('A time is longer than 0 minutes').max(1440),
    areaCm2: z.number().min(0.01).max(10_000).optional(),
    mixing: z.enum(['still', 'stirred', 'divided']).optional(),
  }),
  z.object({ do: z.literal('ignite') }),
  z.object({ do: z.literal('close') }),
  z.object({ do: z.literal('open') }),
  z.object({ do: z.literal('test'), test: z.string().min(1).max(60) }),
  z.object({ do: z.literal('light'), minutes: z.number().positive().max(1000) }),
]);

/** What is done to a vessel. */
export type Action = z.infer<typeof actionSchema>;
