import { unitOf } from './stress';
import type { Stress, StressUnit } from './stress';
import type { Stretch } from './sweep';

/** Steps in which amounts are measured out, largest first. */
const measuredIn = {
  mL: [10, 5, 1, 0.5, 0.1, 0.05],
  g: [1, 0.5, 0.1, 0.05, 0.01],
  mmol: [1, 0.5, 0.1, 0.05, 0.01],
  '°C': [5, 1],
} as const satisfies Record<StressUnit, readonly number[]>;

/** A stretch that ends with what there is room for must be this long, of its end, to be worth trying. */
const leastOfEnd = 0.05;

/**
 * An amount inside a stretch that can be measured out, in the coarsest steps that stay well inside it; undefined where the stretch
 * is shorter than the finest.
 */
export function measuredAmount(stress: Stress, stretch: Stretch, part: number): number | undefined {
  const { low, high, open, openBelow } = stretch;
  if (open && high - low < leastOfEnd * high) return undefined;
  // Of a long stretch only the beginning is used: more would do, but costs.
  const inside = Math.min(high, open ? low * 1.6 : openBelow ? high : low * 3);
  const wanted = low + part * (inside - low);
  const slack = 0.15 * (inside - low);
  const [from, to] = [openBelow ? low : low + slack, open ? inside : inside - slack];
  const steps = measuredIn[unitOf(stress)];
  for (const step of steps) {
    const rounded = Number((Math.round(wanted / step) * step).toFixed(2));
    if (rounded > 0 && rounded >= from - 1e-9 && rounded <= to + 1e-9) return rounded;
  }
  const finest = steps[steps.length - 1] ?? 1;
  const up = Number((Math.ceil(from / finest - 1e-9) * finest).toFixed(2));
  return up <= to + 1e-9 || open ? up : undefined;
}
