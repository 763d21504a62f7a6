import type { Dish } from '@stoichos/core/studies/dish';

/**
 * The dish as one would first write it, for comparison: the same scheme on nested arrays, a new array for every field in every
 * step, each neighbour asked whether it lies inside, and the solid found by halving. It is told the whole dish.
 */
export interface NestedDish {
  readonly advance: (steps: number) => void;
  /** The first salt, mol/L row by row, to compare with the fast one. */
  readonly first: () => readonly (readonly number[])[];
}

const halvings = 50;

export function nestedDish(
  { grid, meeting, start, mirrored }: Dish,
  largestShare: number,
): NestedDish {
  const { width } = grid;
  const { units, saturationM, diffusionMm2PerS } = meeting;
  const radius = width / 2;
  const isInside = (x: number, y: number): boolean =>
    x >= 0 &&
    y >= 0 &&
    x < width &&
    y < width &&
    (x + 0.5 - radius) ** 2 + (y + 0.5 - radius) ** 2 <= radius * radius;
  const nested = (flat: Float64Array): number[][] =>
    Array.from({ length: width }, (_, y) =>
      Array.from({ length: width }, (__, x) => {
        const row = mirrored && y >= grid.height ? width - 1 - y : y;
        return flat[row * width + x] ?? 0;
      }),
    );
  let first = nested(start.first);
  let second = nested(start.second);
  let leftOver = nested(start.leftOver);
  let solid = nested(start.solid);
  const heaps = start.crystals.map(nested);
  const stepS = (largestShare * grid.cellMm ** 2) / Math.max(...diffusionMm2PerS);
  const shares = diffusionMm2PerS.map((one) => (one * stepS) / grid.cellMm ** 2);

  const dissolve = (field: number[][], which: 0 | 1): number[][] =>
    field.map((row, y) =>
      row.map((one, x) => {
        const heap = heaps[which]?.[y]?.[x] ?? 0;
        const taken = Math.min(Math.max(0, saturationM[which] - one), heap);
        const line = heaps[which]?.[y];
        if (taken > 0 && line) line[x] = heap - taken;
        return one + taken;
      }),
    );
  const spread = (field: number[][], share: number): number[][] =>
    field.map((row, y) =>
      row.map((own, x) => {
        if (!isInside(x, y)) return 0;
        const at = (nx: number, ny: number): number =>
          isInside(nx, ny) ? (field[ny]?.[nx] ?? 0) : own;
        return own + share * (at(x - 1, y) + at(x + 1, y) + at(x, y - 1) + at(x, y + 1) - 4 * own);
      }),
    );
  const extentIn = extentsIn(meeting);
  return {
    advance: (steps) => {
      for (let n = 0; n < steps; n += 1) {
        first = spread(dissolve(first, 0), shares[0] ?? 0);
        second = spread(dissolve(second, 1), shares[1] ?? 0);
        leftOver = spread(leftOver, shares[2] ?? 0);
        const extents = first.map((row, y) =>
          row.map((a, x) => extentIn(a, second[y]?.[x] ?? 0, solid[y]?.[x] ?? 0)),
        );
        const moved = (field: number[][], times: number): number[][] =>
          field.map((row, y) => row.map((one, x) => one + times * (extents[y]?.[x] ?? 0)));
        first = moved(first, -units[0]);
        second = moved(second, -units[1]);
        leftOver = moved(leftOver, 1);
        solid = moved(solid, 1);
      }
    },
    first: () => first,
  };
}

/** How much solid comes out of a cell, or goes back into solution, found by halving. */
function extentsIn({ units, ionsPerUnit, inSolid, logProduct }: Dish['meeting']) {
  const product = 10 ** logProduct;
  return (a: number, b: number, s: number): number => {
    const over = (extent: number): boolean =>
      (ionsPerUnit[0] * (a - units[0] * extent)) ** inSolid[0] *
        (ionsPerUnit[1] * (b - units[1] * extent)) ** inSolid[1] >
      product;
    if (s === 0 && !over(0)) return 0;
    let [low, high] = [-s, Math.min(a / units[0], b / units[1])];
    if (!over(low)) return low;
    for (let n = 0; n < halvings; n += 1) {
      const middle = (low + high) / 2;
      if (over(middle)) low = middle;
      else high = middle;
    }
    return low;
  };
}
