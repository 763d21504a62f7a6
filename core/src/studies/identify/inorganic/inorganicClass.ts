import { findIon, chargeOf, ionsOf } from '../../../matter/substances/ionsOf';
import type { InorganicCandidate } from './candidate';

/** The class of an inorganic unknown: its anion by name, so that “no sulfates this term” takes them out; a mixture by all of them. */
export function inorganicClass({ salts }: InorganicCandidate): string {
  const anions = salts.flatMap((salt) =>
    Object.keys(ionsOf(salt) ?? {}).filter((ion) => chargeOf(ion) < 0),
  );
  const names = [...new Set(anions.map((ion) => findIon(ion)?.stock ?? ion))].sort();
  return names.join(' and ') || 'other';
}
