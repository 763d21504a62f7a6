import { diffuse } from './grid';
import type { Grid } from './grid';

/** What meets: two salts that spread and give up their ions to a solid, and the salt that the other two ions make. */
export interface Meeting {
  /** Diffusion coefficients of the first salt, the second and the one left over, mm²/s. */
  readonly diffusionMm2PerS: readonly [first: number, second: number, leftOver: number];
  /** Units of each salt that go into one unit of the solid. */
  readonly units: readonly [first: number, second: number];
  /** Ions that each salt unit brings to the solid, and how many of them one unit of the solid holds. */
  readonly ionsPerUnit: readonly [first: number, second: number];
  readonly inSolid: readonly [first: number, second: number];
  /** log10 of the solubility product in concentrations, mol/L. */
  readonly logProduct: number;
  /** Saturation of each salt, mol/L of its units. */
  readonly saturationM: readonly [first: number, second: number];
}

/** The fields of a dish at a moment, mol/L by cell (the solid too: per litre of the liquid it lies in). */
export interface Fields {
  readonly first: Float64Array;
  readonly second: Float64Array;
  readonly leftOver: Float64Array;
  readonly solid: Float64Array;
  /** Crystals not dissolved yet. */
  readonly crystals: readonly [Float64Array, Float64Array];
}

/** A dish that is stepped on. */
export interface Spreading {
  readonly fields: () => Fields;
  /** Pure diffusion time so far, s. */
  readonly timeS: () => number;
  readonly stepS: number;
  /** Goes on by so many steps. */
  readonly advance: (steps: number) => void;
}

/** Share of the way to the neighbours’ mean in one step, for the fastest salt; a quarter is the limit of stability. */
const largestShare = 0.24;
/** Agreement of the ion product with its constant, relative, and the passes of Newton’s rule it takes at most. */
const agreed = 1e-5;
const mostPasses = 40;

/** Fields with nothing in them. */
export function emptyFields({ inside }: Grid): Fields {
  const field = () => new Float64Array(inside.length);
  return {
    first: field(),
    second: field(),
    leftOver: field(),
    solid: field(),
    crystals: [field(), field()],
  };
}

/**
 * Lets two salts spread, dissolve and meet: in each step the crystals dissolve up to saturation, every salt diffuses with its
 * own coefficient, and where the ion product passes its constant the solid forms at once, or dissolves again where it falls
 * below. What one field loses another gains, so amounts are kept to rounding.
 */
export function spreading(grid: Grid, meeting: Meeting, start: Fields): Spreading {
  const { diffusionMm2PerS } = meeting;
  const size = grid.inside.length;
  const stepS = (largestShare * grid.cellMm ** 2) / Math.max(...diffusionMm2PerS);
  const shares = diffusionMm2PerS.map((d) => (d * stepS) / grid.cellMm ** 2);
  // The three salts now, the three salts after the step, the solid: all in one array.
  const memory = new Float64Array(7 * size);
  [start.first, start.second, start.leftOver].forEach((field, at) => {
    memory.set(field, at * size);
  });
  const solidAt = 6 * size;
  memory.set(start.solid, solidAt);
  const crystals = start.crystals.map((field) => new Float64Array(field)) as [
    Float64Array,
    Float64Array,
  ];
  const heaps = crystals.map((field) =>
    Int32Array.from([...field.keys()].filter((i) => (field[i] ?? 0) > 0)),
  );
  let [now, next] = [0, 3 * size];
  let steps = 0;
  const dissolve = (which: 0 | 1): void => {
    const heap = crystals[which];
    const saturation = meeting.saturationM[which];
    const field = now + which * size;
    for (const i of heaps[which] as Int32Array) {
      const there = memory[field + i] as number;
      const taken = Math.min(Math.max(0, saturation - there), heap[i] as number);
      memory[field + i] = there + taken;
      heap[i] = (heap[i] as number) - taken;
    }
  };
  const react = reaction(size, meeting);
  const field = (at: number) => memory.subarray(at, at + size);
  return {
    fields: () => ({
      first: field(now),
      second: field(now + size),
      leftOver: field(now + 2 * size),
      solid: field(solidAt),
      crystals,
    }),
    timeS: () => steps * stepS,
    stepS,
    advance: (count) => {
      for (let n = 0; n < count; n += 1) {
        dissolve(0);
        dissolve(1);
        for (let salt = 0; salt < 3; salt += 1)
          diffuse(grid, memory, now + salt * size, next + salt * size, shares[salt] as number);
        [now, next] = [next, now];
        react(memory, now, solidAt);
        steps += 1;
      }
    },
  };
}

/** Brings every cell to its ion product: forms solid where it is passed, dissolves it where it is not reached. */
function reaction(size: number, meeting: Meeting) {
  const { units, ionsPerUnit, inSolid, logProduct } = meeting;
  const [u1, u2] = units;
  const [n1, n2] = inSolid;
  // The product in units of the salts instead of ions.
  const target = 10 ** logProduct / (power(ionsPerUnit[0], n1) * power(ionsPerUnit[1], n2));
  const [low, high] = [target * (1 - agreed), target * (1 + agreed)];
  // Below these even a saturated solution of the other salt would make no solid.
  const [mostA, mostB] = meeting.saturationM;
  const leastA = root(target / power(mostB, n2), n1);
  const leastB = root(target / power(mostA, n1), n2);
  return (memory: Float64Array, now: number, solidAt: number): void => {
    const second = (now + size) | 0;
    const leftOver = (now + 2 * size) | 0;
    const toSolid = (solidAt - now) | 0;
    for (let i = now | 0; i < second; i = (i + 1) | 0) {
      const s = memory[(i + toSolid) | 0] as number;
      const a = memory[i] as number;
      if (a < leastA && s === 0) continue;
      const b = memory[(i + size) | 0] as number;
      if (b < leastB && s === 0) continue;
      // Written out for the coefficients that most solids have: this is asked of every cell in every step.
      const powerOfA = n1 === 1 ? a : n1 === 2 ? a * a : power(a, n1);
      const powerOfB = n2 === 1 ? b : n2 === 2 ? b * b : power(b, n2);
      const product = powerOfA * powerOfB;
      if (product <= high && (s === 0 || product >= low)) continue;
      const extent =
        a * u2 < b * u1
          ? extentOf(a, u1, n1, b, u2, n2, target, s)
          : extentOf(b, u2, n2, a, u1, n1, target, s);
      memory[i] = a - u1 * extent;
      memory[(i + size) | 0] = b - u2 * extent;
      const left = (i - now + leftOver) | 0;
      memory[left] = (memory[left] as number) + extent;
      memory[(i + toSolid) | 0] = s + extent;
    }
  };
}

/** A small whole power, which is what coefficients are. */
function power(base: number, count: number): number {
  switch (count) {
    case 1:
      return base;
    case 2:
      return base * base;
    case 3:
      return base * base * base;
    default:
      return base ** count;
  }
}

/**
 * How much solid forms (+) or dissolves (−) until the product is reached, at most `most` dissolving. The variable is what is left of
 * the scarcer salt, of which nearly all may be used. The product rises with it and ever faster, so that Newton’s rule, begun
 * above the root, comes down to it without passing.
 */
function extentOf(
  scarce: number,
  scarceUnits: number,
  scarcePower: number,
  plenty: number,
  plentyUnits: number,
  plentyPower: number,
  target: number,
  most: number,
): number {
  const ratio = plentyUnits / scarceUnits;
  const all = scarce + scarceUnits * most;
  const excess = plenty - ratio * scarce;
  // With much of the other salt beside it this is close above the root; from where the cell stands it is near in any case.
  const beside = power(Math.max(excess, 0), plentyPower);
  const above = beside > 0 ? root(target / beside, scarcePower) : all;
  if (above >= all && power(all, scarcePower) * power(excess + ratio * all, plentyPower) <= target)
    return -most;
  let left = Math.min(above, all);
  for (let pass = 0; pass < mostPasses; pass += 1) {
    const other = excess + ratio * left;
    const product = power(left, scarcePower) * power(other, plentyPower);
    const miss = product - target;
    if (miss <= agreed * target) break;
    left -= miss / (product * (scarcePower / left + (plentyPower * ratio) / other));
  }
  return (scarce - left) / scarceUnits;
}

function root(value: number, count: number): number {
  switch (count) {
    case 1:
      return value;
    case 2:
      return Math.sqrt(value);
    case 3:
      return Math.cbrt(value);
    default:
      return value ** (1 / count);
  }
}
