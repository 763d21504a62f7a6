import { daviesLimitM, logActivityCoefficient, logChlorideExcess } from './activity';
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

/** A solid or gas that may leave a system. */
export interface LeavingPhase extends PhaseLimit {
  /** Crystals of a soluble salt: concentrated acid is taken to act on them by its ions alone, for their metals take chloride up. */
  readonly ofSalt?: true;
}

/** What a system does not decide itself. */
export interface HeldFromOutside {
  /** Activities such as a buffered pH, log10 by component. */
  readonly fixedLogActivity?: Readonly<Record<string, number>>;
  /** Ionic strength of ions that take no part, mol/L. */
  readonly heldStrengthM?: number;
}

/** Passes between activities and concentrations; they agree to ten figures after about five. */
const mostActivityPasses = 100;
/** Agreement of the excess of chloride between passes, in the logarithm. */
const agreedExcess = 1e-9;
/** Relative agreement of the ionic strength between passes. */
const agreed = 1e-10;

/**
 * Solves a system with activity coefficients: mass action at a fixed ionic strength, repeated with the ionic strength
 * that comes out, by the secant rule, until both agree.
 *
 * @param outside what is held from outside.
 * @returns undefined when no equilibrium was found.
 */
export function speciate(
  system: System,
  totalsM: readonly number[],
  limits: readonly LeavingPhase[],
  temperatureC: number,
  { fixedLogActivity = {}, heldStrengthM = 0 }: HeldFromOutside = {},
): Speciation | undefined {
  const { components, charges, species } = system;
  const fixed = components.map((name) => fixedLogActivity[name]);
  const open = components.flatMap((_, j) => (fixed[j] === undefined ? [j] : []));
  const pick = (counts: readonly number[]) => open.map((j) => counts[j] ?? 0);
  const heldPart = (counts: readonly number[]) =>
    counts.reduce((sum, n, j) => sum + n * (fixed[j] ?? 0), 0);

  let solved: MassActionSolution | undefined;
  const chloride = components.indexOf('Cl^-');
  const acid = components.indexOf('H^+');
  let excess = 0;
  const at = (strength: number) => {
    const gammaOfUnit = logActivityCoefficient(1, strength, temperatureC);
    const logGamma = (charge: number, component?: number) =>
      charge * charge * gammaOfUnit + (component === chloride && chloride >= 0 ? excess : 0);
    const shift = (counts: readonly number[], ofSalt = false) =>
      counts.reduce(
        (sum, n, j) =>
          fixed[j] === undefined
            ? sum + n * logGamma(charges[j] ?? 0, ofSalt ? undefined : j)
            : sum,
        0,
      );
    // The components stand first among the species, each as itself.
    const terms = species.map((one, i) => ({
      logK: one.logK + shift(one.counts) + heldPart(one.counts) - logGamma(one.charge, i),
      counts: pick(one.counts),
    }));
    solved = minimise(
      pick(totalsM),
      terms,
      limits.map(({ logProduct, counts, ofSalt }) => ({
        logProduct: logProduct - shift(counts, ofSalt) - heldPart(counts),
        counts: pick(counts),
      })),
      solved,
    );
    const { logFree } = solved;
    const concentrationsM = terms.map(
      ({ logK, counts }) => 10 ** counts.reduce((sum, n, k) => sum + n * (logFree[k] ?? 0), logK),
    );
    const logActivities = components.map(
      (_, j) => fixed[j] ?? (logFree[open.indexOf(j)] ?? 0) + logGamma(charges[j] ?? 0, j),
    );
    const found =
      heldStrengthM +
      0.5 * concentrationsM.reduce((sum, c, i) => sum + c * (species[i]?.charge ?? 0) ** 2, 0);
    return { concentrationsM, logActivities, found };
  };

  let strength =
    0.5 * totalsM.reduce((sum, total, j) => sum + Math.abs(total) * (charges[j] ?? 0) ** 2, 0);
  let last: { strength: number; miss: number } | undefined;
  for (let pass = 0; pass < mostActivityPasses; pass += 1) {
    const { found, ...rest } = at(strength);
    const miss = found - strength;
    const isHeld = found >= daviesLimitM && strength >= daviesLimitM;
    const before = excess;
    if (chloride >= 0) excess = logChlorideExcess(rest.concentrationsM[acid] ?? 0, found);
    const isSteady = Math.abs(excess - before) < agreedExcess;
    if (isSteady && (isHeld || Math.abs(miss) <= agreed * Math.max(found, 1e-6))) {
      if (!solved?.converged) return undefined;
      return { ...rest, phaseAmountsM: solved.phaseAmountsM, ionicStrengthM: found };
    }
    const next = secant(last, { strength, miss }) ?? found;
    last = { strength, miss };
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
