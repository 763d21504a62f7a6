import { molarMassOf } from '../../matter/formula/molarMass';
import { visibleMgPerL } from '../../vessel/rules/rule';
import { dishOf } from './dish';
import type { Dish, DishRequest } from './dish';
import { spreading } from './spreading';
import type { Fields, Spreading } from './spreading';

/** A picture of the dish: how much of each salt and of the solid every cell holds, 0 to 255 of the scale of the run. */
export interface DishFrame {
  /** Time if ions only diffused, s. */
  readonly pureS: number;
  readonly first: Uint8Array;
  readonly second: Uint8Array;
  readonly solid: Uint8Array;
}

/** How far the solid has grown. */
export interface Growth {
  readonly pureS: number;
  readonly solidMg: number;
  /** Length of the line across the axis between the heaps, mm. */
  readonly lengthMm: number;
  /** Middle of the solid along the axis, as a fraction of the gap from the first heap. */
  readonly atFraction: number;
}

/** The first line. */
export interface FirstLine {
  /** Fraction of the gap from the edge of the first heap to that of the second. */
  readonly atFraction: number;
  readonly pureS: number;
  /** Where it shows, mm from the left and upper edge. */
  readonly atMm: readonly [x: number, y: number];
}

/** A dish that has been run. */
export interface DishRun {
  readonly line?: FirstLine;
  readonly growth: readonly Growth[];
  readonly frames: readonly DishFrame[];
  /** Concentration that is 255 of a frame, mol/L, for the salts; mg/L for the solid. */
  readonly full: { readonly saltM: number; readonly solidMgPerL: number };
  readonly pureS: number;
  /** Largest relative error in the amounts, which should be rounding. */
  readonly massError: number;
  /** Dissolved ions that go into the solid at the end of the run, mol/L on average over the dish. */
  readonly endM: readonly [first: number, second: number];
  /** It was stopped before it was done. */
  readonly stopped: boolean;
}

/** What a watcher is told on the way; answering false stops the run. */
export type WatchDish = (share: number) => boolean;

/** Frames kept; when there are more every second is let go. */
const mostFrames = 90;
/** Steps between looks at the beginning. */
const looksEvery = 8;
/** A dish whose line has not come after this many times the square of the gap over the coefficient is not followed further. */
const longest = 4;

/**
 * Runs a dish until its first line has come and grown on, in the time that pure diffusion would take.
 *
 * @throws ChemistryError as {@link dishOf}.
 */
export function runDish(request: DishRequest, watch: WatchDish = () => true): DishRun {
  const dish = dishOf(request);
  const { grid, meeting, start, gapMm, depthMm } = dish;
  const run = spreading(grid, meeting, start);
  const before = totals(run.fields());
  const slowest = Math.min(...meeting.diffusionMm2PerS);
  const giveUpS = (longest * gapMm ** 2) / slowest;
  const full = scales(dish);
  let frames: DishFrame[] = [frameOf(run, full, dish)];
  const growth: Growth[] = [];
  let line: FirstLine | undefined;
  let endS = giveUpS;
  let every = looksEvery;
  let stopped = false;
  while (run.timeS() < endS) {
    run.advance(every);
    const found = grownTo(dish, run.fields(), run.timeS(), depthMm);
    if (found && !line) {
      line = { atFraction: found.atFraction, pureS: run.timeS(), atMm: found.atMm };
      endS = request.follows * run.timeS();
    }
    if (found) growth.push(found);
    frames.push(frameOf(run, full, dish));
    if (frames.length > mostFrames) {
      frames = frames.filter((_, at) => at % 2 === 0);
      // Until the line has come looks stay close enough to time it.
      if (line) every *= 2;
    }
    // Before the line nobody knows how long it will be: the share then is that of its likely time.
    const share = line ? run.timeS() / endS : 0.4 * Math.min(1, (20 * run.timeS()) / giveUpS);
    if (!watch(share)) {
      stopped = true;
      break;
    }
  }
  const after = totals(run.fields());
  return {
    ...(line && { line }),
    growth: thinned(growth),
    frames,
    full: { saltM: full.saltM, solidMgPerL: full.solidMgPerL },
    pureS: run.timeS(),
    massError: massError(dish, before, after),
    endM: endOf(dish, run.fields()),
    stopped,
  };
}

interface Scales {
  readonly saltM: number;
  readonly solidMgPerL: number;
  readonly massMgPerMmol: number;
}

/** The full of a frame: what each salt would come to if it spread over a fifth of the dish; solid that hides what is behind it. */
function scales({ salts, solid, volumeMl }: Dish): Scales {
  const most = Math.max(...salts.map(({ amountMmol }) => amountMmol));
  return {
    saltM: (5 * most) / volumeMl,
    solidMgPerL: 20 * visibleMgPerL.precipitate,
    massMgPerMmol: molarMassOf(solid.formula),
  };
}

function frameOf(run: Spreading, full: Scales, { grid, mirrored }: Dish): DishFrame {
  const { first, second, solid } = run.fields();
  // The square root lets the thin front of a spreading salt be seen.
  const salt = (field: Float64Array) => shaded(field, 1 / full.saltM, Math.sqrt);
  return {
    pureS: run.timeS(),
    first: salt(first),
    second: salt(second),
    solid: shaded(solid, (1000 * full.massMgPerMmol) / full.solidMgPerL, (one) => one),
  };
  function shaded(field: Float64Array, scale: number, curve: (one: number) => number): Uint8Array {
    const { width, height } = grid;
    const out = new Uint8Array(width * width);
    for (let i = 0; i < field.length; i += 1) {
      const value = (field[i] as number) * scale;
      if (value <= 0) continue;
      const shade = Math.round(255 * curve(Math.min(1, value)));
      out[i] = shade;
      if (mirrored && height < width)
        out[(width - 1 - Math.floor(i / width)) * width + (i % width)] = shade;
    }
    return out;
  }
}

/** How far the visible solid has grown; undefined while none is visible. */
function grownTo(
  { grid, salts, solid, gapMm, mirrored, diameterMm }: Dish,
  { solid: field }: Fields,
  pureS: number,
  depthMm: number,
): (Growth & { atMm: readonly [number, number] }) | undefined {
  const perL = 1000 * molarMassOf(solid.formula);
  const visible = visibleMgPerL.precipitate / perL;
  const [from, to] = salts.map(({ atMm }) => atMm) as [
    readonly [number, number],
    readonly [number, number],
  ];
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const along = [(to[0] - from[0]) / length, (to[1] - from[1]) / length] as const;
  let [mass, weight, sumX, sumY, left, right] = [0, 0, 0, 0, Infinity, -Infinity];
  for (let i = 0; i < field.length; i += 1) {
    const one = field[i] as number;
    if (one <= 0) continue;
    mass += one;
    if (one < visible) continue;
    const x = ((i % grid.width) + 0.5) * grid.cellMm;
    const y = (Math.floor(i / grid.width) + 0.5) * grid.cellMm;
    weight += one;
    sumX += one * x;
    sumY += one * y;
    const across = (x - from[0]) * along[1] - (y - from[1]) * along[0];
    left = Math.min(left, across);
    right = Math.max(right, across);
  }
  if (weight === 0) return undefined;
  const [x, y] = [sumX / weight, mirrored ? diameterMm / 2 : sumY / weight];
  const distance = (x - from[0]) * along[0] + (y - from[1]) * along[1];
  const cellMl = (grid.cellMm ** 2 * depthMm) / 1000;
  return {
    pureS,
    solidMg: (mirrored ? 2 : 1) * mass * cellMl * molarMassOf(solid.formula),
    lengthMm: (mirrored ? 2 * Math.max(right, -left) : right - left) + grid.cellMm,
    atFraction: (distance - (salts[0]?.heapMm ?? 0)) / gapMm,
    atMm: [x, y],
  };
}

/** No more points of growth than a chart can show. */
function thinned(growth: readonly Growth[]): Growth[] {
  const step = Math.max(1, Math.ceil(growth.length / mostFrames));
  return growth.filter((_, at) => at % step === 0 || at === growth.length - 1);
}

interface Totals {
  readonly first: number;
  readonly second: number;
  readonly leftOver: number;
  readonly solid: number;
}

function totals({ first, second, leftOver, solid, crystals }: Fields): Totals {
  return {
    first: total(first) + total(crystals[0]),
    second: total(second) + total(crystals[1]),
    leftOver: total(leftOver),
    solid: total(solid),
  };
}

/** A sum that keeps what rounding drops (Kahan). */
function total(field: Float64Array): number {
  let [sum, lost] = [0, 0];
  for (let i = 0; i < field.length; i += 1) {
    const one = (field[i] as number) - lost;
    const next = sum + one;
    lost = next - sum - one;
    sum = next;
  }
  return sum;
}

/** Largest relative change of the units of the two salts, dissolved, in crystals and in the solid. */
function massError({ meeting: { units } }: Dish, before: Totals, after: Totals): number {
  const off = (one: number, other: number, unit: number) =>
    Math.abs(other + unit * after.solid - one) / one;
  return Math.max(
    off(before.first, after.first, units[0]),
    off(before.second, after.second, units[1]),
  );
}

function endOf(
  { meeting: { ionsPerUnit }, grid }: Dish,
  { first, second }: Fields,
): [number, number] {
  return [
    (ionsPerUnit[0] * total(first)) / grid.cells,
    (ionsPerUnit[1] * total(second)) / grid.cells,
  ];
}
