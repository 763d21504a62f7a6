import { assemble, dryingFor, washingFor } from '@stoichos/core/studies/gas';
import type { Apparatus, CollectionMethod, Route } from '@stoichos/core/studies/gas';
import type { GasState } from './gasState';

/** The apparatus for what is set; undefined for a gas made by a current. */
export function apparatusOf(
  state: GasState,
  route: Route,
  method: CollectionMethod,
): Apparatus | undefined {
  const drying = dryingFor(state.gas).find(({ name }) => name === state.drying);
  const washings = state.wash ? washingFor(route).washings.map((one) => one.with) : [];
  return assemble({
    route,
    method,
    caughtIn: state.catchIn === 'tube' ? 'collecting tube' : 'gas jar',
    washings: [
      ...new Set([...washings, ...(drying?.vessel === 'wash bottle' ? [drying.name] : [])]),
    ],
    ...(drying?.vessel === 'tube' && { drying: drying.name }),
  });
}
