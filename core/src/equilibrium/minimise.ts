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
const mostPhaseChanges = 60;
/** Relative error of every component's mass balance at which a solution is accepted. */
const balanced = 1e-12;
/** How near to saturation (natural logarithm) a phase that is there must be held. */
const onLimit = 1e-10;
/** A Newton step (natural logarithm of concentration) below which nothing changes any more. */
const tinyStep = 1e-11;
/** Steps this short lie where Newton's method converges by itself and Φ no longer resolves the gain. */
const shortStep = 1e-3;

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
  let x = totals.map((total, j) =>
    start ? (start.logFree[j] ?? 0) * ln10 : Math.log(Math.max(Math.abs(total) * 0.5, 1e-7)),
  );
  let active: number[] = phases.flatMap((_, s) => ((start?.phaseAmountsM[s] ?? 0) > 0 ? [s] : []));
  let amounts: number[] = [];
  for (let round = 0; round < mostPhaseChanges; round += 1) {
    const step = solveWithPhases(x, totals, species, phases, active);
    x = step.x;
    amounts = step.amounts;
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
  const gram = rows.map((a) => rows.map((b) => dot(a, b)));
  const target = phases[next]?.counts ?? [];
  const weights = solve(
    new Matrix(gram),
    Matrix.columnVector(rows.map((a) => dot(a, target))),
  ).to1DArray();
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

interface NewtonResult {
  x: number[];
  amounts: number[];
  converged: boolean;
}

/** Newton's method on the conditions of the minimum with the active phases held at saturation. */
function solveWithPhases(
  from: readonly number[],
  totals: readonly number[],
  species: readonly MassActionTerm[],
  phases: readonly PhaseLimit[],
  active: readonly number[],
): NewtonResult {
  const n = totals.length;
  const held = active.map((s) => phases[s]).filter((phase) => phase !== undefined);
  let x = ontoLimits([...from], held);
  let amounts: number[] = held.map(() => 0);
  for (let step = 0; step < mostNewtonSteps; step += 1) {
    const { gradient, hessian, scale } = derivatives(x, totals, species);
    const size = n + held.length;
    const kkt = Matrix.zeros(size, size);
    const right = new Array<number>(size).fill(0);
    for (let j = 0; j < n; j += 1) {
      for (let k = 0; k < n; k += 1) kkt.set(j, k, hessian[j]?.[k] ?? 0);
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
    const solution = scaledSolve(kkt, right, scale);
    const direction = solution.slice(0, n);
    amounts = solution.slice(n);
    const reach = Math.max(...direction.map(Math.abs));
    const balance = gradient.map(
      (g, j) =>
        g + held.reduce((sum, { counts }, s) => sum + (counts[j] ?? 0) * (amounts[s] ?? 0), 0),
    );
    const error = Math.max(...balance.map((value, j) => Math.abs(value) / (scale[j] ?? 1)));
    const offLimit = Math.max(0, ...right.slice(n).map(Math.abs));
    if ((error < balanced && offLimit < onLimit) || reach < tinyStep)
      return { x, amounts, converged: true };
    x = lineSearch(x, direction, reach, totals, species, gradient);
  }
  return { x, amounts, converged: false };
}

/** The nearest point on the saturation limits, so that each Newton step may keep to them. */
function ontoLimits(x: number[], held: readonly PhaseLimit[]): number[] {
  if (held.length === 0) return x;
  const rows = held.map(({ counts }) => counts);
  const gram = rows.map((a) => rows.map((b) => dot(a, b)));
  const miss = held.map(({ counts, logProduct }) => logProduct * ln10 - dot(counts, x));
  const weights = solve(new Matrix(gram), Matrix.columnVector(miss)).to1DArray();
  return x.map(
    (value, j) => value + rows.reduce((sum, row, s) => sum + (weights[s] ?? 0) * (row[j] ?? 0), 0),
  );
}

function concentration(term: MassActionTerm, x: readonly number[]): number {
  return Math.exp(Math.min(60, term.logK * ln10 + dot(term.counts, x)));
}

function derivatives(
  x: readonly number[],
  totals: readonly number[],
  species: readonly MassActionTerm[],
) {
  const n = totals.length;
  const gradient = totals.map((total) => -total);
  const scale = totals.map((total) => Math.abs(total));
  const hessian = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  for (const term of species) {
    const c = concentration(term, x);
    for (let j = 0; j < n; j += 1) {
      const a = term.counts[j] ?? 0;
      if (a === 0) continue;
      gradient[j] = (gradient[j] ?? 0) + a * c;
      scale[j] = (scale[j] ?? 0) + Math.abs(a) * c;
      const row = hessian[j] ?? [];
      for (let k = 0; k < n; k += 1) row[k] = (row[k] ?? 0) + a * (term.counts[k] ?? 0) * c;
    }
  }
  return { gradient, hessian, scale };
}

function potential(
  x: readonly number[],
  totals: readonly number[],
  species: readonly MassActionTerm[],
): number {
  return species.reduce((sum, term) => sum + concentration(term, x), 0) - dot(totals, x);
}

/** Halves the step until Φ has fallen enough (Armijo); steps longer than a factor e⁸ are cut first. */
function lineSearch(
  x: readonly number[],
  direction: readonly number[],
  reach: number,
  totals: readonly number[],
  species: readonly MassActionTerm[],
  gradient: readonly number[],
): number[] {
  if (reach < shortStep) return x.map((value, j) => value + (direction[j] ?? 0));
  const before = potential(x, totals, species);
  const slope = dot(gradient, direction);
  let t = Math.min(1, 8 / reach);
  for (let halving = 0; halving < 40; halving += 1) {
    const trial = x.map((value, j) => value + t * (direction[j] ?? 0));
    const change = potential(trial, totals, species) - before;
    if (change <= 1e-4 * t * slope + 1e-15 * Math.abs(before)) return trial;
    t /= 2;
  }
  return x.map((value, j) => value + t * (direction[j] ?? 0));
}

/** Solves a symmetric system after scaling its rows and columns by 1/√scale, which evens out amounts from 1 to 1e-30. */
function scaledSolve(kkt: Matrix, right: readonly number[], scale: readonly number[]): number[] {
  const size = right.length;
  const factor = Array.from({ length: size }, (_, j) => {
    const own = j < scale.length ? Math.abs(kkt.get(j, j)) : 0;
    return own > 0 ? 1 / Math.sqrt(own) : 1;
  });
  const scaled = Matrix.zeros(size, size);
  for (let j = 0; j < size; j += 1)
    for (let k = 0; k < size; k += 1)
      scaled.set(j, k, kkt.get(j, k) * (factor[j] ?? 1) * (factor[k] ?? 1));
  const b = Matrix.columnVector(right.map((value, j) => value * (factor[j] ?? 1)));
  return solve(scaled, b)
    .to1DArray()
    .map((value, j) => value * (factor[j] ?? 1));
}
