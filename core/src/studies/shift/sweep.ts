import { hexDistance } from '../../seeing/appearance/colourWords';
import { unitOf } from './stress';
import type { After, Stress, StressUnit } from './stress';
import { lookAt } from './mixture';
import type { Mixture } from './mixture';
import { fulfils, sightOf } from './target';
import type { Sight, Target } from './target';

/** How a mixture looks after so much of a stress. */
export interface SweepPoint {
  readonly amount: number;
  readonly sight: Sight;
}

/** A stretch of amounts over which a target is fulfilled. */
export interface Stretch {
  readonly low: number;
  readonly high: number;
  /** It begins with the least that was looked at, or goes on to the most. */
  readonly openBelow: boolean;
  readonly open: boolean;
  /** How far the colour at its middle stands from those at its edges, in OKLab. */
  readonly clearness: number;
}

const leastOf = { mL: 0.05, g: 0.01, mmol: 0.02, '°C': 2 } as const satisfies Record<
  StressUnit,
  number
>;
/** The most that is looked at of what is not bounded by the vessel: grams of a solid, mmol of a gas, and °C. */
const mostOf = { mL: Infinity, g: 10, mmol: 10, '°C': 95 } as const satisfies Record<
  StressUnit,
  number
>;
const pointsOf = { mL: 20, g: 18, mmol: 18, '°C': 14 } as const satisfies Record<
  StressUnit,
  number
>;

/** A look that is kept by amount, because searches come back to the same ones. */
export type Along = (amount: number) => Sight;

/** Looks along the amounts of a stress. */
export function along(mixture: Mixture, after: After): Along {
  const kept = new Map<number, Sight>();
  return (amount) => {
    const known = kept.get(amount) ?? sightOf(lookAt(after(mixture, amount)).view);
    kept.set(amount, known);
    return known;
  };
}

/** Amounts of a stress to look at, up to the most there is room for: by equal factors, temperatures by equal steps. */
export function amountsOf(stress: Stress, roomMl: number): number[] {
  const unit = unitOf(stress);
  const [least, most] = [leastOf[unit], Math.min(mostOf[unit], unit === 'mL' ? roomMl : Infinity)];
  if (most < least) return [];
  const count = pointsOf[unit];
  return Array.from({ length: count }, (_, at) => {
    const part = at / (count - 1);
    return unit === '°C' ? least + part * (most - least) : least * (most / least) ** part;
  });
}

/** Neighbours further apart than this in OKLab may have a colour between them, and are looked between this often. */
const leapt = 0.09;
const mostLooksBetween = 4;

/** A sweep of looks over amounts, closer where the colour leaps. */
export function sweep(look: Along, amounts: readonly number[]): SweepPoint[] {
  const points = amounts.map((amount) => ({ amount, sight: look(amount) }));
  return points.flatMap((point, at) => {
    const before = points[at - 1];
    return before ? [...between(look, before, point, mostLooksBetween), point] : [point];
  });
}

function between(look: Along, one: SweepPoint, other: SweepPoint, looks: number): SweepPoint[] {
  const same = one.sight.cloudy === other.sight.cloudy;
  if (looks === 0 || (same && hexDistance(one.sight.hex, other.sight.hex) < leapt)) return [];
  const amount = (one.amount + other.amount) / 2;
  const middle = { amount, sight: look(amount) };
  return [
    ...between(look, one, middle, looks - 1),
    middle,
    ...between(look, middle, other, looks - 1),
  ];
}

/** Halvings with which the edge of a stretch is found. */
const halvings = 5;

/** The stretches of a sweep that fulfil a target, with their edges found by halving. */
export function stretches(look: Along, points: readonly SweepPoint[], target: Target): Stretch[] {
  const found: Stretch[] = [];
  let from = -1;
  points.forEach(({ sight }, at) => {
    const isIt = fulfils(sight, target);
    if (isIt && from < 0) from = at;
    const isLast = at === points.length - 1;
    if (from < 0 || (isIt && !isLast)) return;
    const to = isIt ? at : at - 1;
    const [first, last] = [points[from], points[to]];
    const [before, after] = [points[from - 1], points[to + 1]];
    from = -1;
    if (!first || !last) return;
    const low = before ? edge(look, first.amount, before.amount, target) : first.amount;
    const high = after ? edge(look, last.amount, after.amount, target) : last.amount;
    const middle = look((low + high) / 2).hex;
    found.push({
      low,
      high,
      openBelow: !before,
      open: !after,
      clearness: Math.min(
        before ? hexDistance(middle, look(before.amount).hex) : 1,
        after ? hexDistance(middle, look(after.amount).hex) : 1,
      ),
    });
  });
  return found;
}

/** The outermost amount that still fulfils a target between one that does and one that does not. */
function edge(look: Along, inside: number, outside: number, target: Target): number {
  let [good, bad] = [inside, outside];
  for (let n = 0; n < halvings; n += 1) {
    const middle = (good + bad) / 2;
    if (fulfils(look(middle), target)) good = middle;
    else bad = middle;
  }
  return good;
}
