import { formedSpecies } from '../../substances/componentsOf';
import { chargeOf } from '../../substances/ionsOf';
import { sourceText } from '../../substances/source';
import type { FormedSpecies } from '../../substances/types';
import { claim, unclaimed, writeThrough } from '../change';
import type { Process } from '../reaction';
import type { Happening, Rule } from './rule';
import { noticeableM } from './rule';

/** Share of its metal or molecule that must have gone into a complex for it to be told (common practice). */
const worthTelling = 0.2;

/** Complexes that formed in solution, loose ion pairs left out. */
export const complexation: Rule = {
  name: 'complexation',
  find: (happening) => {
    const { change, volumeMl } = happening;
    return (
      formedSpecies
        .filter(isComplex)
        .map((row) => ({ row, amount: unclaimed(change, { formula: row.formula, state: 'aq' }) }))
        .filter(
          ({ row, amount }) =>
            amount > noticeableM * volumeMl && shareOf(row, amount, happening) > worthTelling,
        )
        .sort((a, b) => b.amount - a.amount)
        // Of a staircase of complexes the one that holds most stands for all.
        .filter(
          ({ row }, at, all) =>
            all.findIndex((other) => partnersOf(other.row) === partnersOf(row)) === at,
        )
        .flatMap(({ row }): Process[] => {
          const term = { formula: row.formula, state: 'aq' } as const;
          const amount = unclaimed(change, term);
          const equation = writeThrough(change, [[term, 1]]);
          if (!equation || amount <= 0) return [];
          claim(change, equation, amount);
          return [
            {
              about: row.formula,
              force: 'complexation',
              equation,
              extentMmol: amount,
              why: [
                `${row.formula}: log β = ${row.logBeta.toFixed(2)} (${sourceText(row.source)})`,
              ],
            },
          ];
        })
    );
  },
};

function partnersOf({ from }: FormedSpecies): string {
  return Object.keys(from).sort().join(' ');
}

/** A metal with ligands or several hydroxides, two kinds of particle bound together, or an anion that pairs up. */
function isComplex({ ionPair, from }: FormedSpecies): boolean {
  if (ionPair) return false;
  const names = Object.keys(from).filter((name) => name !== 'H^+');
  const isMetal = names.some((name) => chargeOf(name) > 0 && name !== 'NH4^+');
  if (names.length > 1) return true;
  return isMetal
    ? (from['H^+'] ?? 0) < -2
    : Object.values(from).some((n) => n > 1) && (from[names[0] ?? ''] ?? 0) > 1;
}

/** The share of the scarcest partner that the complex holds after all. */
function shareOf(
  { from, formula }: FormedSpecies,
  amount: number,
  { settled, volumeMl }: Happening,
): number {
  const held = (settled.species[formula] ?? 0) * volumeMl;
  const others = Object.keys(from).filter((name) => name !== 'H^+');
  const free = Math.min(
    ...others.map((name) => ((settled.species[name] ?? 0) * volumeMl) / Math.abs(from[name] ?? 1)),
  );
  return Math.min(amount, held) / (free + held);
}
