import { Matrix, solve } from 'ml-matrix';

/** One dissolved species: log10 of its formation product and how many of each component it holds. */
export interface MassActionTerm {
  readonly logK: number;
  readonly counts: readonly number[];
}

/** One phase outside the solution (a solid, or bubbles of gas): it is absent while Σ counts·log10 a < logProduct. */
export interface PhaseLimit {
  readonly logProduct: number;
  readonly counts: readonly number[];
}

/** Equilibrium: log10 of the free components, and how much of each phase has left the solution (mol/L). */
export interface MassActionSolution {
  readonly logFree: readonly number[];
  readonly phaseAmountsM: readonly number[];
  readonly converged: boolean;
}

const ln10 = Math.LN10;
const mostNewtonSteps = 200;
const mostPhaseChanges = 80;
/** Relative error of every component's mass balance at which a solution is accepted. */
const balanced = 1e-12;
/** How near to saturation (natural logarithm) a phase that is there must be held. */
const onLimit = 1e-10;
/** A Newton step (natural logarithm of concentration) below which nothing changes any more. */
const tinyStep = 1e-11;
/** Steps this short lie where Newton's method converges by itself and Φ no longer resolves the gain. */
const shortStep = 1e-3;
/** Exponents are held below this, so that a wild trial step stays a finite number. */
const largestExponent = 60;

/** The problem with its numbers laid out for speed: terms row by row, only the components each holds. */
interface Problem {
  readonly totals: readonly number[];
  readonly lnK: Float64Array;
  readonly which: readonly Int32Array[];
  readonly count: readonly Float64Array[];
}

/**
 * Chemical equilibrium as a convex problem. With x the natural logarithms of the free components, the function
 * Φ(x) = Σ c_i(x) − Σ T_j x_j is convex and its minimum is the mass balance; a solid or gas adds the linear limit
 * Σ a_j x_j ≤ ln K, whose multiplier is the amount of that phase. Newton steps with a line search find the minimum;
 * an active set decides which phases are there, so they both appear and redissolve.
 *
 * @param totals of each component, mol/L; a proton total may be negative (excess of base).
 */
export function minimise(
  totals: readonly number[],
  species: readonly MassActionTerm[],
  phases: readonly PhaseLimit[],
  start?: MassActionSolution,
): MassActionSolution {
  const problem = layOut(totals, species);
  let x = totals.map((total, j) =>
    start ? (start.logFree[j] ?? 0) * ln10 : Math.log(Math.max(Math.abs(total) * 0.5, 1e-7)),
  );
  let active: number[] = phases.flatMap((_, s) => ((start?.phaseAmountsM[s] ?? 0) > 0 ? [s] : []));
  for (let round = 0; round < mostPhaseChanges; round += 1) {
    const step = solveWithPhases(x, problem, phases, active);
    const { amounts } = step;
    x = step.x;
    const gone = smallest(amounts);
    if (gone !== undefined && (amounts[gone] ?? 0) < -1e-14) {
      active = active.filter((_, index) => index !== gone);
      continue;
    }
    const next = mostSupersaturated(x, phases, active);
    if (next === undefined) {
      return {
        logFree: x.map((value) => value / ln10),
        phaseAmountsM: phases.map((_, s) => Math.max(0, amounts[active.indexOf(s)] ?? 0)),
        converged: step.converged,
      };
    }
    active = [...exchange(active, amounts, next, phases), next];
  }
  return {
    logFree: x.map((value) => value / ln10),
    phaseAmountsM: phases.map(() => 0),
    converged: false,
  };
}

function layOut(totals: readonly number[], species: readonly MassActionTerm[]): Problem {
  const held = species.map(({ counts }) => counts.flatMap((n, j) => (n === 0 ? [] : [j])));
  return {
    totals,
    lnK: Float64Array.from(species, ({ logK }) => logK * ln10),
    which: held.map((indices) => Int32Array.from(indices)),
    count: species.map(({ counts }, i) =>
      Float64Array.from((held[i] ?? []).map((j) => counts[j] ?? 0)),
    ),
  };
}

function smallest(values: readonly number[]): number | undefined {
  return values.length === 0 ? undefined : values.indexOf(Math.min(...values));
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, index) => sum + value * (b[index] ?? 0), 0);

function mostSupersaturated(
  x: readonly number[],
  phases: readonly PhaseLimit[],
  active: readonly number[],
): number | undefined {
  let worst: number | undefined;
  let excess = 1e-9;
  phases.forEach(({ logProduct, counts }, s) => {
    if (active.includes(s)) return;
    // Per ion, so that a solid of many ions is not preferred for its size alone.
    const over =
      (dot(counts, x) - logProduct * ln10) / counts.reduce((sum, n) => sum + Math.abs(n), 0);
    if (over > excess) [worst, excess] = [s, over];
  });
  return worst;
}

/** When the new phase is a combination of active ones, the one it uses up first must give way (phase rule). */
function exchange(
  active: readonly number[],
  amounts: readonly number[],
  next: number,
  phases: readonly PhaseLimit[],
): number[] {
  if (active.length === 0) return [];
  const rows = active.map((s) => [...(phases[s]?.counts ?? [])]);
  const target = phases[next]?.counts ?? [];
  const weights = leastSquares(
    rows,
    rows.map((a) => dot(a, target)),
  );
  const reached = target.map((_, j) =>
    rows.reduce((sum, row, i) => sum + (weights[i] ?? 0) * (row[j] ?? 0), 0),
  );
  const independent = reached.some((value, j) => Math.abs(value - (target[j] ?? 0)) > 1e-9);
  if (independent) return [...active];
  let leaving = -1;
  let ratio = Infinity;
  weights.forEach((weight, index) => {
    if (weight > 1e-9 && (amounts[index] ?? 0) / weight < ratio)
      [leaving, ratio] = [index, (amounts[index] ?? 0) / weight];
  });
  return active.filter((_, index) => index !== leaving);
}

/** Weights of the rows whose products with every row are as given (normal equations). */
function leastSquares(rows: readonly (readonly number[])[], products: readonly number[]): number[] {
  const gram = rows.map((a) => rows.map((b) => dot(a, b)));
  return solve(new Matrix(gram), Matrix.columnVector([...products])).to1DArray();
}

interface NewtonResult {
  x: number[];
  amounts: number[];
  converged: boolean;
}

/** Newton's method on the conditions of the minimum with the active phases held at saturation. */
function solveWithPhases(
  from: readonly number[],
  problem: Problem,
  phases: readonly PhaseLimit[],
  active: readonly number[],
): NewtonResult {
  const n = problem.totals.length;
  const held = active.map((s) => phases[s]).filter((phase) => phase !== undefined);
  let x = ontoLimits([...from], held);
  let amounts: number[] = held.map(() => 0);
  for (let step = 0; step < mostNewtonSteps; step += 1) {
    const { gradient, hessian, scale } = derivatives(x, problem);
    const size = n + held.length;
    const kkt = Matrix.zeros(size, size);
    const right = new Array<number>(size).fill(0);
    for (let j = 0; j < n; j += 1) {
      for (let k = 0; k < n; k += 1) kkt.set(j, k, hessian[j * n + k] ?? 0);
      // A trace of damping keeps a component that is wholly bound in solids from making the matrix singular.
      kkt.set(j, j, kkt.get(j, j) * (1 + 1e-12) + 1e-30);
      right[j] = -(gradient[j] ?? 0);
    }
    held.forEach(({ counts, logProduct }, s) => {
      counts.forEach((count, j) => {
        kkt.set(n + s, j, count);
        kkt.set(j, n + s, count);
      });
      right[n + s] = logProduct * ln10 - dot(counts, x);
    });
    const solution = scaledSolve(kkt, right, n);
    const direction = solution.slice(0, n);
    amounts = solution.slice(n);
    const reach = Math.max(0, ...direction.map(Math.abs));
    let error = 0;
    for (let j = 0; j < n; j += 1) {
      const bound = held.reduce(
        (sum, { counts }, s) => sum + (counts[j] ?? 0) * (amounts[s] ?? 0),
        gradient[j] ?? 0,
      );
      error = Math.max(error, Math.abs(bound) / (scale[j] ?? 1));
    }
    const offLimit = Math.max(0, ...right.slice(n).map(Math.abs));
    if ((error < balanced && offLimit < onLimit) || reach < tinyStep)
      return { x, amounts, converged: true };
    x = lineSearch(x, direction, reach, problem, gradient);
  }
  return { x, amounts, converged: false };
}

/** The nearest point on the saturation limits, so that each Newton step may keep to them. */
function ontoLimits(x: number[], held: readonly PhaseLimit[]): number[] {
  if (held.length === 0) return x;
  const rows = held.map(({ counts }) => counts);
  const weights = leastSquares(
    rows,
    held.map(({ counts, logProduct }) => logProduct * ln10 - dot(counts, x)),
  );
  return x.map(
    (value, j) => value + rows.reduce((sum, row, s) => sum + (weights[s] ?? 0) * (row[j] ?? 0), 0),
  );
}

/** Concentration of term i, mol/L. */
function concentration({ lnK, which, count }: Problem, i: number, x: readonly number[]): number {
  let exponent = lnK[i] ?? 0;
  const indices = which[i] as Int32Array;
  const counts = count[i] as Float64Array;
  for (let k = 0; k < indices.length; k += 1)
    exponent += (counts[k] as number) * (x[indices[k] as number] as number);
  return Math.exp(Math.min(largestExponent, exponent));
}

/** Gradient and Hessian (row by row) of Φ, and the size of the terms of each balance. */
function derivatives(x: readonly number[], problem: Problem) {
  const { totals, which, count, lnK } = problem;
  const n = totals.length;
  const gradient = Float64Array.from(totals, (total) => -total);
  const scale = Float64Array.from(totals, Math.abs);
  const hessian = new Float64Array(n * n);
  for (let i = 0; i < lnK.length; i += 1) {
    const c = concentration(problem, i, x);
    const indices = which[i] as Int32Array;
    const counts = count[i] as Float64Array;
    for (let p = 0; p < indices.length; p += 1) {
      const j = indices[p] as number;
      const amount = (counts[p] as number) * c;
      gradient[j] = (gradient[j] as number) + amount;
      scale[j] = (scale[j] as number) + Math.abs(amount);
      for (let q = 0; q < indices.length; q += 1) {
        const at = j * n + (indices[q] as number);
        hessian[at] = (hessian[at] as number) + amount * (counts[q] as number);
      }
    }
  }
  return { gradient, hessian, scale };
}

function potential(x: readonly number[], problem: Problem): number {
  let sum = -dot(problem.totals, x);
  for (let i = 0; i < problem.lnK.length; i += 1) sum += concentration(problem, i, x);
  return sum;
}

/** Halves the step until Φ has fallen enough (Armijo); steps longer than a factor e⁸ are cut first. */
function lineSearch(
  x: readonly number[],
  direction: readonly number[],
  reach: number,
  problem: Problem,
  gradient: Float64Array,
): number[] {
  const moved = (t: number) => x.map((value, j) => value + t * (direction[j] ?? 0));
  if (reach < shortStep) return moved(1);
  const before = potential(x, problem);
  const slope = direction.reduce((sum, value, j) => sum + value * (gradient[j] ?? 0), 0);
  let t = Math.min(1, 8 / reach);
  for (let halving = 0; halving < 40; halving += 1) {
    const trial = moved(t);
    if (potential(trial, problem) - before <= 1e-4 * t * slope + 1e-15 * Math.abs(before))
      return trial;
    t /= 2;
  }
  return moved(t);
}

/** Solves the symmetric system after scaling rows and columns by 1/√diagonal, which evens out amounts from 1 to 1e-30. */
function scaledSolve(kkt: Matrix, right: readonly number[], components: number): number[] {
  const factor = right.map((_, j) => {
    const own = j < components ? Math.abs(kkt.get(j, j)) : 0;
    return own > 0 ? 1 / Math.sqrt(own) : 1;
  });
  right.forEach((_, j) => {
    right.forEach((__, k) => kkt.set(j, k, kkt.get(j, k) * (factor[j] ?? 1) * (factor[k] ?? 1)));
  });
  const b = Matrix.columnVector(right.map((value, j) => value * (factor[j] ?? 1)));
  return solve(kkt, b)
    .to1DArray()
    .map((value, j) => value * (factor[j] ?? 1));
}
