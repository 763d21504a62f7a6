import { molarMassOf } from '../../matter/formula/molarMass';
import { visibleMgPerL } from '../../vessel/rules/rule';
import type { Dish } from './dish';
import { gridOf } from './grid';
import { emptyFields, spreading } from './spreading';
import type { Meeting } from './spreading';

/** What the place of the first line would be if only one thing told the two salts apart. */
export interface Nearness {
  /** Fractions of the gap from the first heap, in a straight channel between two heaps that do not run out. */
  readonly allTogether: number;
  readonly speedsAlone: number;
  readonly amountsAlone: number;
  readonly coefficientsAlone: number;
}

/** Cells along the channel. */
const cells = 120;
/** Steps after which a channel without a line is given up. */
const mostSteps = 40_000;
/** Steps between looks for the line. */
const looksEvery = 10;

/**
 * Why the first line stands nearer to one side: the two salts as they are, and then alike in everything but their speeds, but how
 * much of them dissolves, or but how many ions of each the solid takes. Each is run in a narrow channel, where a second suffices.
 */
export function whyNearer(dish: Dish): Nearness {
  const { meeting } = dish;
  const [d1, d2, rest] = meeting.diffusionMm2PerS;
  const meanSpeed = Math.sqrt(d1 * d2);
  const [s1, s2] = meeting.saturationM;
  const [u1, u2] = meeting.units;
  // Supply is counted in units of the solid that a litre of saturated solution could make.
  const meanSupply = Math.sqrt((s1 / u1) * (s2 / u2));
  const sameSpeed = [meanSpeed, meanSpeed, rest] as const;
  const sameSupply = [meanSupply * u1, meanSupply * u2] as const;
  const oneToOne: Pick<Meeting, 'units' | 'ionsPerUnit' | 'inSolid' | 'logProduct'> = {
    units: [1, 1],
    ionsPerUnit: [1, 1],
    inSolid: [1, 1],
    logProduct: alike(meeting),
  };
  const place = (change: Partial<Meeting>) => lineIn(dish, { ...meeting, ...change });
  return {
    allTogether: place({}),
    speedsAlone: place({ ...oneToOne, saturationM: [meanSupply, meanSupply] }),
    amountsAlone: place({
      ...oneToOne,
      diffusionMm2PerS: sameSpeed,
      saturationM: [s1 / u1, s2 / u2],
    }),
    coefficientsAlone: place({ diffusionMm2PerS: sameSpeed, saturationM: sameSupply }),
  };
}

/** The product of a solid of one ion each that would begin at the same concentrations as this one does where both meet evenly. */
function alike({
  units: [u1, u2],
  inSolid: [n1, n2],
  ionsPerUnit: [i1, i2],
  logProduct,
}: Meeting): number {
  const perUnit = n1 * Math.log10(u1 * i1) + n2 * Math.log10(u2 * i2);
  return (2 * (logProduct - perUnit)) / (n1 + n2);
}

/** Where the first visible solid forms in a channel fed from both ends, as a fraction of its length. */
function lineIn({ solid, gapMm }: Dish, meeting: Meeting): number {
  const grid = gridOf(cells, 1, gapMm / cells, () => true);
  const start = emptyFields(grid);
  const plenty = 1e6;
  start.crystals[0][0] = plenty;
  start.crystals[1][cells - 1] = plenty;
  const run = spreading(grid, meeting, start);
  const visible = visibleMgPerL.precipitate / (1000 * molarMassOf(solid.formula));
  for (let steps = 0; steps < mostSteps; steps += looksEvery) {
    run.advance(looksEvery);
    const field = run.fields().solid;
    let [weight, sum] = [0, 0];
    field.forEach((one, at) => {
      if (one < visible) return;
      weight += one;
      sum += one * (at + 0.5);
    });
    if (weight > 0) return sum / weight / cells;
  }
  return NaN;
}
