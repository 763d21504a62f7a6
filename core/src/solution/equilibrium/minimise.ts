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
/** A trace on the scaled diagonal, so that two components that only occur together do not make it singular. */
const damping = 1e-13;
/** A Newton step (natural logarithm of concentration) below which nothing changes any more. */
const tinyStep = 1e-11;
/** Steps this short lie where Newton's method converges by itself and Φ no longer resolves the gain. */
const shortStep = 1e-3;
/** Exponents are held below this, so that a wild trial step stays a finite number. */
const largestExponent = 300;

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
  let x = start ? start.logFree.map((log) => log * ln10) : firstGuess(problem);
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

/** Passes in which a first guess is brought down; each mends the worst species. */
const guessPasses = 60;

/**
 * A first guess: every component half free, then brought down wherever a species would hold far more than there is of
 * anything, as a very stable complex does.
 */
function firstGuess(problem: Problem): number[] {
  const { totals, which, count, lnK } = problem;
  const x = totals.map((total) => Math.log(Math.max(Math.abs(total) * 0.5, 1e-7)));
  const most = Math.log(Math.max(1e-7, ...totals.map(Math.abs)));
  for (let pass = 0; pass < guessPasses; pass += 1) {
    let worst = -1;
    let excess = 1;
    for (let i = 0; i < lnK.length; i += 1) {
      const over = exponent(problem, i, x) - most;
      if (over > excess) [worst, excess] = [i, over];
    }
    if (worst < 0) break;
    const indices = which[worst] as Int32Array;
    const counts = count[worst] as Float64Array;
    const held = counts.reduce((sum, n) => sum + n * n, 0);
    indices.forEach((j, k) => (x[j] = (x[j] ?? 0) - (excess * (counts[k] ?? 0)) / held));
  }
  return x;
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

function dot(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let j = 0; j < a.length; j += 1) sum += (a[j] as number) * (b[j] as number);
  return sum;
}

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

/**
 * The minimum with the active phases held at saturation. Each phase gives up one component, whose logarithm follows from
 * the others by the saturation product; what is left is a smaller problem of the same kind, in which the traces that a
 * very insoluble solid leaves in solution are not lost beside the amount of the solid.
 */
function solveWithPhases(
  from: readonly number[],
  problem: Problem,
  phases: readonly PhaseLimit[],
  active: readonly number[],
): NewtonResult {
  const held = active.map((s) => phases[s]).filter((phase) => phase !== undefined);
  const elimination = eliminate(held, problem.totals);
  const { pivots, free } = elimination;
  const reduced = reduce(problem, elimination);
  const { y, converged } = newton(
    free.map((j) => from[j] ?? 0),
    reduced,
  );
  const x = new Array<number>(from.length).fill(0);
  free.forEach((j, k) => (x[j] = y[k] ?? 0));
  pivots.forEach((j, r) => {
    const row = elimination.rows[r] ?? [];
    x[j] = free.reduce((sum, f, k) => sum - (row[f] ?? 0) * (y[k] ?? 0), elimination.right[r] ?? 0);
  });
  return { x, amounts: phaseAmounts(x, problem, held, pivots), converged };
}

/** Saturation as equations for one component each: x_pivot = right − Σ row·x over the free components. */
interface Elimination {
  readonly pivots: readonly number[];
  readonly free: readonly number[];
  readonly rows: readonly (readonly number[])[];
  readonly right: readonly number[];
}

/** Gauss–Jordan elimination of the saturation limits, giving up the component that each phase uses up first. */
function eliminate(held: readonly PhaseLimit[], totals: readonly number[]): Elimination {
  const rows = held.map(({ counts }) => [...counts]);
  const right = held.map(({ logProduct }) => logProduct * ln10);
  const pivots: number[] = [];
  rows.forEach((row, r) => {
    let pivot = -1;
    let least = Infinity;
    row.forEach((count, j) => {
      const reach = Math.abs(totals[j] ?? 0) / Math.abs(count);
      if (Math.abs(count) > 1e-9 && (reach < least || pivot < 0)) [pivot, least] = [j, reach];
    });
    pivots.push(pivot);
    const scale = row[pivot] ?? 1;
    row.forEach((count, j) => (row[j] = count / scale));
    right[r] = (right[r] ?? 0) / scale;
    rows.forEach((other, o) => {
      const times = other[pivot] ?? 0;
      if (o === r || times === 0) return;
      row.forEach((count, j) => (other[j] = (other[j] ?? 0) - times * count));
      right[o] = (right[o] ?? 0) - times * (right[r] ?? 0);
    });
  });
  const free = totals.map((_, j) => j).filter((j) => !pivots.includes(j));
  return { pivots, free, rows, right };
}

/** The problem in the free components alone. */
function reduce(problem: Problem, { pivots, free, rows, right }: Elimination): Problem {
  if (pivots.length === 0) return problem;
  const { totals, lnK, which, count } = problem;
  const at = new Map(free.map((j, k) => [j, k]));
  const own = free.map((j) =>
    pivots.reduce((sum, p, r) => sum - (totals[p] ?? 0) * (rows[r]?.[j] ?? 0), totals[j] ?? 0),
  );
  const terms = which.map((indices, i) => {
    const counts = new Map<number, number>();
    let k = lnK[i] ?? 0;
    indices.forEach((j, position) => {
      const n = count[i]?.[position] ?? 0;
      const r = pivots.indexOf(j);
      if (r < 0) counts.set(j, (counts.get(j) ?? 0) + n);
      else {
        k += n * (right[r] ?? 0);
        free.forEach((f) => {
          const shared = rows[r]?.[f] ?? 0;
          if (shared !== 0) counts.set(f, (counts.get(f) ?? 0) - n * shared);
        });
      }
    });
    const kept = [...counts].filter(([, n]) => Math.abs(n) > 1e-12);
    return { k, kept };
  });
  return {
    totals: own,
    lnK: Float64Array.from(terms, ({ k }) => k),
    which: terms.map(({ kept }) => Int32Array.from(kept, ([j]) => at.get(j) ?? 0)),
    count: terms.map(({ kept }) => Float64Array.from(kept, ([, n]) => n)),
  };
}

/** Newton's method with a line search on a problem without limits. */
function newton(
  from: readonly number[],
  problem: Problem,
): { readonly y: number[]; readonly converged: boolean } {
  const n = problem.totals.length;
  let y = [...from];
  for (let step = 0; step < mostNewtonSteps; step += 1) {
    const { value, gradient, hessian, scale } = derivatives(y, problem);
    const direction = newtonStep(hessian, gradient, n);
    let error = 0;
    let reach = 0;
    for (let j = 0; j < n; j += 1) {
      error = Math.max(error, Math.abs(gradient[j] as number) / (scale[j] as number));
      reach = Math.max(reach, Math.abs(direction[j] as number));
    }
    if (error < balanced || reach < tinyStep) return { y, converged: true };
    y = lineSearch(y, direction, reach, problem, { value, gradient });
  }
  return { y, converged: false };
}

/** What of each pivot component the solution does not hold is in the phases. */
function phaseAmounts(
  x: readonly number[],
  problem: Problem,
  held: readonly PhaseLimit[],
  pivots: readonly number[],
): number[] {
  if (held.length === 0) return [];
  const { gradient } = derivatives(x, problem);
  const matrix = pivots.map((p) => held.map(({ counts }) => counts[p] ?? 0));
  const missing = pivots.map((p) => -(gradient[p] ?? 0));
  return solve(new Matrix(matrix), Matrix.columnVector(missing)).to1DArray();
}

/** Natural logarithm of the concentration of term i. */
function exponent({ lnK, which, count }: Problem, i: number, x: readonly number[]): number {
  let sum = lnK[i] ?? 0;
  const indices = which[i] as Int32Array;
  const counts = count[i] as Float64Array;
  for (let k = 0; k < indices.length; k += 1)
    sum += (counts[k] as number) * (x[indices[k] as number] as number);
  return sum;
}

/** Concentration of term i, mol/L. */
function concentration(problem: Problem, i: number, x: readonly number[]): number {
  return Math.exp(Math.min(largestExponent, exponent(problem, i, x)));
}

/** Φ with its gradient and Hessian (row by row), and the size of the terms of each balance. */
function derivatives(x: readonly number[], problem: Problem) {
  const { totals, which, count, lnK } = problem;
  const n = totals.length;
  const gradient = Float64Array.from(totals, (total) => -total);
  const scale = Float64Array.from(totals, Math.abs);
  const hessian = new Float64Array(n * n);
  let value = -dot(totals, x);
  for (let i = 0; i < lnK.length; i += 1) {
    const c = concentration(problem, i, x);
    value += c;
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
  return { value, gradient, hessian, scale };
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
  { value, gradient }: { readonly value: number; readonly gradient: Float64Array },
): number[] {
  const moved = (t: number) => x.map((one, j) => one + t * (direction[j] as number));
  if (reach < shortStep) return moved(1);
  const slope = direction.reduce((sum, one, j) => sum + one * (gradient[j] as number), 0);
  let t = Math.min(1, 8 / reach);
  for (let halving = 0; halving < 40; halving += 1) {
    const trial = moved(t);
    if (potential(trial, problem) - value <= 1e-4 * t * slope + 1e-15 * Math.abs(value))
      return trial;
    t /= 2;
  }
  return moved(t);
}

/**
 * The Newton step by Cholesky’s decomposition. The Hessian is scaled to ones on its diagonal first, which evens out
 * amounts from 1 to 1e-30. Written out and not taken from the matrix library because it is the innermost loop of
 * everything: a few components, solved tens of thousands of times.
 */
function newtonStep(hessian: Float64Array, gradient: Float64Array, n: number): number[] {
  const factor = new Float64Array(n);
  for (let j = 0; j < n; j += 1) {
    const own = hessian[j * n + j] as number;
    factor[j] = own > 0 ? 1 / Math.sqrt(own) : 1;
  }
  const lower = new Float64Array(n * n);
  const step = new Array<number>(n);
  for (let j = 0; j < n; j += 1) {
    let right = -(gradient[j] as number) * (factor[j] as number);
    for (let k = 0; k <= j; k += 1) {
      let sum = (hessian[j * n + k] as number) * (factor[j] as number) * (factor[k] as number);
      for (let m = 0; m < k; m += 1)
        sum -= (lower[j * n + m] as number) * (lower[k * n + m] as number);
      lower[j * n + k] =
        j === k ? Math.sqrt(Math.max(sum, 0) + damping) : sum / (lower[k * n + k] as number);
    }
    for (let m = 0; m < j; m += 1) right -= (lower[j * n + m] as number) * (step[m] as number);
    step[j] = right / (lower[j * n + j] as number);
  }
  for (let j = n - 1; j >= 0; j -= 1) {
    let value = step[j] as number;
    for (let m = j + 1; m < n; m += 1) value -= (lower[m * n + j] as number) * (step[m] as number);
    step[j] = value / (lower[j * n + j] as number);
  }
  return step.map((value, j) => value * (factor[j] as number));
}
