import * as z from 'zod';
import type { AnyObservation, Definition, Shown } from './definition';
import { flame } from './kinds/flame';
import { deposit, noPrecipitate, precipitate } from './kinds/formedSolid';
import { gas, noGas } from './kinds/gas';
import { gasTest } from './kinds/gasTest';
import { layer } from './kinds/layer';
import { clarity, colour } from './kinds/liquid';
import { magnet } from './kinds/magnet';
import { noChange, nothingElse } from './kinds/nothing';
import { sight } from './kinds/sight';
import { smell } from './kinds/smell';
import { dissolves, solid } from './kinds/solidPutIn';
import { temperature } from './kinds/temperature';

/** Every kind of observation, in the order in which they are told: how things stand, what happened, how warm it became. */
const registry = [
  colour,
  clarity,
  layer,
  solid,
  precipitate,
  noPrecipitate,
  deposit,
  dissolves,
  sight,
  gas,
  noGas,
  gasTest,
  smell,
  flame,
  magnet,
  temperature,
  noChange,
  nothingElse,
] as const;

const [first, ...others] = registry;
/** What an observer sees, in one fixed vocabulary, used for what is expected and for what was seen. */
export const observationSchema = z.discriminatedUnion('kind', [
  first.schema,
  ...others.map(({ schema }) => schema),
]);

export type Observation = z.infer<typeof observationSchema>;
export type ObservationKind = Observation['kind'];

/** Every kind of observation with what it means; what reads records goes through these and knows no kind by name. */
export const definitions: readonly Definition<Observation>[] = registry;

const byKind = new Map<string, Definition<Observation>>(
  definitions.map((definition) => [definition.kind, definition]),
);

/**
 * What an observation means.
 *
 * @throws Error for a kind that is none: every observation was read by the schema.
 */
export function meaningOf({ kind }: AnyObservation): Definition<AnyObservation> {
  const found = byKind.get(kind);
  if (!found) throw new Error(`No observation is called ${kind}.`);
  return found;
}

export const isObservation = (one: AnyObservation): one is Observation => byKind.has(one.kind);

/** An observation in words. */
export const describeObservation = (one: Observation): string => meaningOf(one).says(one);

/** Whether it tells of a change, or only how things look. */
export const tellsChange = (one: Observation): boolean => meaningOf(one).tellsChange(one);

/** The change it shows, where it is one that tests are chosen by. */
export const shownBy = (one: Observation): Shown | undefined => meaningOf(one).shows?.(one);

/** Whether it only says how a liquid looks, as it did before, or that nothing happened. */
export function isUnchanged(one: Observation): boolean {
  const { isOfTheLiquid, closes } = meaningOf(one);
  return !tellsChange(one) && (isOfTheLiquid === true || closes !== undefined);
}

/** Whether two answer the same question at the bench, so that the later takes the place of the earlier. */
export const answerSame = (one: Observation, other: Observation): boolean =>
  answeredBy(one) === answeredBy(other);
const answeredBy = (one: Observation): string => meaningOf(one).answers?.(one) ?? one.kind;
