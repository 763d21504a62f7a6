import { dryDangers } from '../../matter/substances/data/dangers';
import type { DryDanger } from '../../matter/substances/types';
import { shelfIons } from '../../matter/substances/shelfIons';
import type { Amounts } from '../amounts';
import type { Warning } from '../warnings';

/** What makes dry solids that lie together dangerous; undefined when nothing on the list does. */
export function dryDanger(solids: Amounts): Warning | undefined {
  const parts = new Map(
    Object.keys(solids).map((formula) => [
      formula,
      new Set([formula, formula.split('·')[0] ?? '', ...Object.keys(shelfIons(formula) ?? {})]),
    ]),
  );
  const holding = (list: readonly string[]) =>
    [...parts].flatMap(([formula, held]) => (list.some((one) => held.has(one)) ? [formula] : []));
  for (const { feeding, burning, message } of dryDangers as readonly DryDanger[]) {
    const feeders = holding(feeding);
    const fuel = holding(burning).find((one) => feeders.some((feeder) => feeder !== one));
    const feeder = feeders.find((one) => one !== fuel);
    if (fuel && feeder)
      return { code: 'dryOxidiserWithFuel', message: `${feeder} with ${fuel}: ${message}` };
  }
  return undefined;
}
