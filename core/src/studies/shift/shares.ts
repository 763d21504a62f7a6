import { colourOfBands, colourOfSpecies } from '../../seeing/appearance/ownColour';
import { formShares } from '../../seeing/appearance/solutionColour';
import { solidLook } from '../../seeing/appearance/solidLook';
import { componentsOfSolid, componentsOfSpecies } from '../../matter/substances/componentsOf';
import { indicators } from '../../matter/substances/data/indicators';
import type { ColourPhrase } from '../../matter/substances/types';
import type { EventResult } from '../../vessel/eventResult';
import type { WatchedEquilibrium } from './watched';

/** How much of what is watched is in one form. */
export interface Share {
  /** A formula, with `(s)` when it is a solid, or the form of an indicator. */
  readonly form: string;
  /** 0 to 1; the shares of all forms add up to 1, but for traces that are left out. */
  readonly share: number;
  /** Its own colour, where it has one. */
  readonly colour?: ColourPhrase;
}

/** Shares below this are left out. */
const leastShare = 0.001;

/**
 * The component whose forms a watched equilibrium shifts: of those that stand on both sides the one that comes in the smallest
 * numbers, a positive ion before a molecule before a negative one.
 */
function centreOf({ terms }: WatchedEquilibrium): string | undefined {
  const own = terms
    .filter(({ kind }) => kind === 'dissolved' || kind === 'solid')
    .map(({ formula, kind, count }) => ({
      count,
      parts: (kind === 'solid' ? componentsOfSolid(formula) : componentsOfSpecies(formula)) ?? {},
    }));
  const there = new Map<string, { left: boolean; right: boolean; most: number }>();
  for (const { count, parts } of own)
    for (const [name, n] of Object.entries(parts)) {
      if (name === 'H^+' || name === 'H2O') continue;
      const seen = there.get(name) ?? { left: false, right: false, most: 0 };
      there.set(name, {
        left: seen.left || count < 0,
        right: seen.right || count > 0,
        most: Math.max(seen.most, n),
      });
    }
  // What one formula holds fewest of is the metal or the molecule; ligands come in numbers.
  return [...there]
    .filter(([, { left, right }]) => left && right)
    .sort(([a, x], [b, y]) => x.most - y.most || rank(a) - rank(b))[0]?.[0];
}

/** Positive ions stand in the middle of a complex before molecules and negative ones. */
const rank = (formula: string): number =>
  formula.endsWith('+') ? 0 : formula.endsWith('-') ? 2 : 1;

/** How what is watched is shared among its forms in a vessel, largest first; empty when there is none of it. */
export function sharesOf(
  step: Pick<EventResult, 'vessel' | 'equilibrium'>,
  watched: WatchedEquilibrium,
): Share[] {
  const { vessel, equilibrium } = step;
  if (!equilibrium) return [];
  if (watched.indicator !== undefined) return indicatorShares(watched.indicator, equilibrium.pH);
  const centre = centreOf(watched);
  if (centre === undefined) return [];
  const dissolved = Object.entries(equilibrium.species).map(([formula, one]) => ({
    form: formula,
    amount: one * vessel.volumeMl * (componentsOfSpecies(formula)?.[centre] ?? 0),
    colour: colourOfSpecies(formula),
  }));
  const settled = Object.entries(vessel.phases.solids).map(([formula, amount]) => ({
    form: `${formula}(s)`,
    amount: amount * (componentsOfSolid(formula)?.[centre] ?? 0),
    colour: solidLook(formula)?.colour,
  }));
  const all = [...dissolved, ...settled];
  const total = all.reduce((sum, { amount }) => sum + amount, 0);
  if (total <= 0) return [];
  return all
    .map(({ form, amount, colour }) => ({ form, share: amount / total, ...(colour && { colour }) }))
    .filter(({ share }) => share >= leastShare)
    .sort((a, b) => b.share - a.share);
}

function indicatorShares(name: string, pH: number): Share[] {
  const row = indicators.find((one) => one.name === name);
  if (!row) return [];
  return formShares(row.pKa, pH).map((share, at) => {
    const colour = colourOfBands(row.forms[at] ?? []) ?? 'colourless';
    return { form: `${formName(at, row.pKa.length)} form`, share, colour };
  });
}

const formName = (at: number, last: number): string =>
  at === 0 ? 'acid' : at === last ? 'alkaline' : `middle${last > 2 ? ` ${at}` : ''}`;
