/** The cells of a vessel seen from above, as a square grid; everything is laid out once, so that a step only adds and multiplies. */
export interface Grid {
  /** Cells along each side of the square. */
  readonly width: number;
  readonly height: number;
  /** Side of a cell, mm. */
  readonly cellMm: number;
  /** 1 for a cell of the liquid, 0 outside the wall. */
  readonly inside: Uint8Array;
  /** For each row, first and end of the stretch of cells with liquid on all four sides. */
  readonly spans: Int32Array;
  /** Cells at the wall, and their four neighbours; the cell itself stands for a neighbour behind the wall. */
  readonly wall: Int32Array;
  readonly wallNeighbours: Int32Array;
  /** Cells with liquid. */
  readonly cells: number;
}

/** A grid for a shape: `isInside` is asked at the middle of each cell, in cells from the corner. */
export function gridOf(
  width: number,
  height: number,
  cellMm: number,
  isInside: (x: number, y: number) => boolean,
): Grid {
  const inside = new Uint8Array(width * height);
  let cells = 0;
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1)
      if (isInside(x + 0.5, y + 0.5)) {
        inside[y * width + x] = 1;
        cells += 1;
      }
  const has = (x: number, y: number): boolean =>
    x >= 0 && y >= 0 && x < width && y < height && inside[y * width + x] === 1;
  const spans = new Int32Array(2 * height);
  const wall: number[] = [];
  const wallNeighbours: number[] = [];
  for (let y = 0; y < height; y += 1) {
    let [first, end] = [-1, -1];
    for (let x = 0; x < width; x += 1) {
      if (!has(x, y)) continue;
      const free = has(x - 1, y) && has(x + 1, y) && has(x, y - 1) && has(x, y + 1);
      // The free cells of a row of a round or rectangular vessel are one stretch; a gap in it is left to the wall list.
      if (free && (first < 0 || end === x)) {
        if (first < 0) first = x;
        end = x + 1;
        continue;
      }
      const at = y * width + x;
      wall.push(at);
      for (const [dx, dy] of around) {
        const there = has(x + dx, y + dy);
        wallNeighbours.push(there ? (y + dy) * width + x + dx : at);
      }
    }
    spans[2 * y] = Math.max(0, first);
    spans[2 * y + 1] = Math.max(0, end);
  }
  return {
    width,
    height,
    cellMm,
    inside,
    spans,
    wall: Int32Array.from(wall),
    wallNeighbours: Int32Array.from(wallNeighbours),
    cells,
  };
}

const around = [
  [-1, 0],
  [1, 0],
  [0, -1],
  [0, 1],
] as const;

/** A round dish, `across` cells wide. */
export function roundGrid(diameterMm: number, across: number): Grid {
  const radius = across / 2;
  return gridOf(
    across,
    across,
    diameterMm / across,
    (x, y) => (x - radius) ** 2 + (y - radius) ** 2 <= radius * radius,
  );
}

/** The upper half of a round dish, for what lies evenly on both sides of its diameter: the diameter is a wall that nothing passes. */
export function halfRoundGrid(diameterMm: number, across: number): Grid {
  const radius = across / 2;
  return gridOf(
    across,
    Math.ceil(radius),
    diameterMm / across,
    (x, y) => y <= radius && (x - radius) ** 2 + (y - radius) ** 2 <= radius * radius,
  );
}

/**
 * One step of diffusion, explicit and centred: each cell moves towards the mean of its neighbours, and nothing passes the wall.
 * All fields lie in one array, one after the other, which the machine goes through fastest; two cells are done at a time, so that
 * what was read for one serves the next.
 *
 * @param from where the field begins in the memory, and `to` where its next state goes.
 * @param share D Δt / h², at most 1/4.
 */
export function diffuse(
  { width, height, spans, wall, wallNeighbours }: Grid,
  memory: Float64Array,
  from: number,
  to: number,
  share: number,
): void {
  const keeps = 1 - 4 * share;
  // Places are kept as whole numbers of 32 bits, which saves the machine a check at each.
  const on = (to - from) | 0;
  const w = width | 0;
  for (let y = 0; y < height; y += 1) {
    const row = (y * w + from) | 0;
    const end = (row + (spans[2 * y + 1] as number)) | 0;
    let i = (row + (spans[2 * y] as number)) | 0;
    if (i >= end) continue;
    let left = memory[i - 1] as number;
    let own = memory[i] as number;
    for (; i < end - 1; i = (i + 2) | 0) {
      const right = memory[(i + 1) | 0] as number;
      const beyond = memory[(i + 2) | 0] as number;
      const aboveAndBelow = (memory[(i - w) | 0] as number) + (memory[(i + w) | 0] as number);
      const next = (memory[(i + 1 - w) | 0] as number) + (memory[(i + 1 + w) | 0] as number);
      memory[(i + on) | 0] = keeps * own + share * (left + right + aboveAndBelow);
      memory[(i + 1 + on) | 0] = keeps * right + share * (own + beyond + next);
      left = right;
      own = beyond;
    }
    if (i < end)
      memory[(i + on) | 0] =
        keeps * own +
        share *
          (left +
            (memory[(i + 1) | 0] as number) +
            (memory[(i - w) | 0] as number) +
            (memory[(i + w) | 0] as number));
  }
  for (let n = 0; n < wall.length; n += 1) {
    const i = from + (wall[n] as number);
    const at = 4 * n;
    memory[i + on] =
      keeps * (memory[i] as number) +
      share *
        ((memory[from + (wallNeighbours[at] as number)] as number) +
          (memory[from + (wallNeighbours[at + 1] as number)] as number) +
          (memory[from + (wallNeighbours[at + 2] as number)] as number) +
          (memory[from + (wallNeighbours[at + 3] as number)] as number));
  }
}
