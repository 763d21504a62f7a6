import { daviesLimitM, logActivityCoefficient } from './activity';
import { minimise } from './minimise';
import type { MassActionSolution, PhaseLimit } from './minimise';
import type { System } from './system';

/** A solved system: activities and concentrations that agree with each other. */
export interface Speciation {
  /** mol/L, in the order of the system's species. */
  readonly concentrationsM: readonly number[];
  /** log10 of each component's activity. */
  readonly logActivities: readonly number[];
  readonly phaseAmountsM: readonly number[];
  readonly ionicStrengthM: number;
}

/** Passes between activities and concentrations; they agree to ten figures after about five. */
const mostActivityPasses = 100;
/** Relative agreement of the ionic strength between passes. */
const agreed = 1e-10;

/**
 * Solves a system with activity coefficients: mass action at a fixed ionic strength, repeated with the ionic strength
 * that comes out, by the secant rule, until both agree.
 *
 * @param fixedLogActivity activities held from outside, such as a buffered pH, log10 by component.
 * @returns undefined when no equilibrium was found.
 */
export function speciate(
  system: System,
  totalsM: readonly number[],
  limits: readonly PhaseLimit[],
  temperatureC: number,
  fixedLogActivity: Readonly<Record<string, number>> = {},
): Speciation | undefined {
  const { components, charges, species } = system;
  const fixed = components.map((name) => fixedLogActivity[name]);
  const open = components.flatMap((_, j) => (fixed[j] === undefined ? [j] : []));
  const pick = (counts: readonly number[]) => open.map((j) => counts[j] ?? 0);
  const heldPart = (counts: readonly number[]) =>
    counts.reduce((sum, n, j) => sum + n * (fixed[j] ?? 0), 0);

  let solved: MassActionSolution | undefined;
  const at = (strength: number) => {
    const gammaOfUnit = logActivityCoefficient(1, strength, temperatureC);
    const shift = (counts: readonly number[]) =>
      counts.reduce((sum, n, j) => {
        const charge = charges[j] ?? 0;
        return fixed[j] === undefined ? sum + n * charge * charge * gammaOfUnit : sum;
      }, 0);
    const terms = species.map((one) => ({
      logK:
        one.logK + shift(one.counts) + heldPart(one.counts) - one.charge * one.charge * gammaOfUnit,
      counts: pick(one.counts),
    }));
    solved = minimise(
      pick(totalsM),
      terms,
      limits.map(({ logProduct, counts }) => ({
        logProduct: logProduct - shift(counts) - heldPart(counts),
        counts: pick(counts),
      })),
      solved,
    );
    const { logFree } = solved;
    const concentrationsM = terms.map(
      ({ logK, counts }) => 10 ** counts.reduce((sum, n, k) => sum + n * (logFree[k] ?? 0), logK),
    );
    const logActivities = components.map(
      (_, j) => fixed[j] ?? (logFree[open.indexOf(j)] ?? 0) + (charges[j] ?? 0) ** 2 * gammaOfUnit,
    );
    const found =
      0.5 * concentrationsM.reduce((sum, c, i) => sum + c * (species[i]?.charge ?? 0) ** 2, 0);
    return { concentrationsM, logActivities, found };
  };

  let strength =
    0.5 * totalsM.reduce((sum, total, j) => sum + Math.abs(total) * (charges[j] ?? 0) ** 2, 0);
  let before: { strength: number; miss: number } | undefined;
  for (let pass = 0; pass < mostActivityPasses; pass += 1) {
    const { found, ...rest } = at(strength);
    const miss = found - strength;
    const bothHeld = found >= daviesLimitM && strength >= daviesLimitM;
    if (bothHeld || Math.abs(miss) <= agreed * Math.max(found, 1e-6)) {
      if (!solved?.converged) return undefined;
      return { ...rest, phaseAmountsM: solved.phaseAmountsM, ionicStrengthM: found };
    }
    const next = secant(before, { strength, miss }) ?? found;
    before = { strength, miss };
    strength = next;
  }
  return undefined;
}

/** The next ionic strength by the secant through two tries, when it lies where a step may be trusted. */
function secant(
  before: { strength: number; miss: number } | undefined,
  now: { strength: number; miss: number },
): number | undefined {
  if (!before || before.miss === now.miss) return undefined;
  const slope = (now.miss - before.miss) / (now.strength - before.strength);
  const next = now.strength - now.miss / slope;
  return next > 0 && Math.abs(next - now.strength) <= 2 * Math.abs(now.miss) ? next : undefined;
}
