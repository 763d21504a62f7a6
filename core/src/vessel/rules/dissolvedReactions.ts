import { formatEquation, withState } from '../../equation/formatEquation';
import type { Term } from '../../equation/formatEquation';
import type { DrivingForce } from '../../equation/reactionType';
import type { Equilibrium } from '../../equilibrium/equilibrate';
import { formedSpecies } from '../../substances/data/formedSpecies';
import { sourceText } from '../../substances/source';
import type { FormedSpecies } from '../../substances/types';

/** A species that formed in solution on mixing, without leaving it. */
export interface DissolvedReaction {
  readonly formula: string;
  readonly netIonic: string;
  readonly drivingForce: DrivingForce;
  /** Share of the scarcest ion that went into it, 0 to 1. */
  readonly share: number;
  /** The constant that decides it, with its source. */
  readonly why: string;
}

/** Share of an ion below which a new species is not worth a line (common practice). */
const worthTelling = 0.2;

/**
 * What forms in solution when two solutions meet: complexes, and bases set free by hydroxide. Loose ion pairs and the
 * protonation that only shifts a little are left out.
 *
 * @param dilutedM what each species would be by dilution alone, mol/L.
 */
export function dissolvedReactions(
  { species }: Equilibrium,
  dilutedM: Readonly<Record<string, number>>,
  totalsM: Readonly<Record<string, number>>,
): DissolvedReaction[] {
  return formedSpecies
    .filter(({ ionPair, from }) => !ionPair && Object.keys(from).some((name) => name !== 'H^+'))
    .filter(({ from }) => (from['H^+'] ?? 0) <= 0 && bindsSomething(from))
    .filter((row) => row.formula in species && scarcest(row, totalsM) > 0)
    .flatMap((row) => {
      const gained = (species[row.formula] ?? 0) - (dilutedM[row.formula] ?? 0);
      const share = gained / scarcest(row, totalsM);
      return share < worthTelling ? [] : [describe(row, share)];
    })
    .sort((one, other) => other.share - one.share);
}

/** A complex of two kinds of ion, a hydroxo complex beyond the first step, or ammonia from ammonium. */
function bindsSomething(from: Readonly<Record<string, number>>): boolean {
  const partners = Object.keys(from).filter((name) => name !== 'H^+').length;
  return partners > 1 || (from['H^+'] ?? 0) < -1 || 'NH4^+' in from;
}

function scarcest({ from }: FormedSpecies, totalsM: Readonly<Record<string, number>>): number {
  const reach = Object.entries(from)
    .filter(([name]) => name !== 'H^+')
    .map(([name, count]) => (totalsM[name] ?? 0) / count);
  return Math.min(...reach);
}

function describe(row: FormedSpecies, share: number): DissolvedReaction {
  const hydroxides = -(row.from['H^+'] ?? 0);
  // What lost protons without binding hydroxide gave them to it, and water came of that.
  const keepsHydroxide = row.formula.includes('OH');
  const aqueous = (formula: string, count: number): Term => [
    withState({ formula, state: 'aq' }),
    count,
  ];
  const ions = Object.entries(row.from)
    .filter(([name]) => name !== 'H^+')
    .map(([name, count]) => aqueous(name, count));
  return {
    formula: row.formula,
    netIonic: formatEquation(hydroxides > 0 ? [...ions, aqueous('OH^-', hydroxides)] : ions, [
      aqueous(row.formula, 1),
      ...(hydroxides > 0 && !keepsHydroxide ? [['H2O(l)', hydroxides] as const] : []),
    ]),
    drivingForce: Object.keys(row.from).every((name) => name === 'NH4^+' || name === 'H^+')
      ? 'acid–base'
      : 'complexation',
    share,
    why: `log β = ${row.logBeta.toFixed(2)} (${sourceText(row.source)})`,
  };
}
