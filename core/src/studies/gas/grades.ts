import { hazardsOf } from '../../safety/hazards';
import { wasteRoute } from '../../safety/wasteRoute';
import { commonPractice } from '../../matter/substances/source';
import type { RouteReagent } from './attempt';
import type { Pace } from './pace';
import type { Grades } from './route';

export const gradesSource = commonPractice(
  'how an instructor weighs routes to a gas: safety first, then a steady stream, then a pure gas, then cost and waste',
);

/** How much each counts in the ranking. */
const weights = { safety: 4, rate: 2, purity: 2, cost: 1 } as const;

/** A number to rank routes by, 0 to 27; the higher the better. */
export function rankOf({ safety, rate, purity, cost }: Grades): number {
  return (
    weights.safety * safety + weights.rate * rate + weights.purity * purity + weights.cost * cost
  );
}

/** What every preparation room has, the most usual first (common practice). */
const usual = [
  'H2O',
  'HCl',
  'CaCO3',
  'Zn',
  'H2O2',
  'MnO2',
  'H2SO4',
  'NH4Cl',
  'Ca(OH)2',
  'NaHCO3',
  'Na2SO3',
  'FeS',
  'Cu',
  'HNO3',
  'NaCl',
  'Mg',
  'NaOH',
  'Na2CO3',
  'CH3COOH',
  'KMnO4',
  'NaClO',
  'CaC2',
  'Al',
  'Fe',
  'C2H5OH',
  'HCOOH',
  'NaNO2',
  'NaCH3COO',
  'Al2O3',
  '(NH4)2SO4',
  'NaNO3',
  'CuO',
  'NH3',
  'Na2S2O3',
  'S',
  'Na2SO4',
];

/** How unusual the reagents of a route are, 0 for the most usual: it decides between routes of one rank. */
export function unusualness(reagents: readonly RouteReagent[]): number {
  return reagents.reduce((sum, { substance }) => {
    const at = usual.indexOf(substance);
    return sum + (at < 0 ? 2 * usual.length : at);
  }, 0);
}

/** Whether all reagents are in every preparation room. */
const isUsual = (reagents: readonly RouteReagent[]): boolean =>
  reagents.every(({ substance }) => usual.includes(substance));

const paceGrades: Readonly<Record<Pace, number>> = {
  steady: 3,
  brisk: 2,
  slow: 1,
  violent: 0,
  stops: 0,
};
/** Metals and salts that a school does not spend on a gas. */
const dear = new Set(['Ag', 'Ag2O', 'Ag2CO3', 'AgNO3', 'Au', 'Pt', 'Li', 'Co', 'CoCO3', 'Cr']);

/** Health hazard of a reagent as supplied: 3 kills in small amounts or may cause cancer, 2 toxic or burns, 1 harmful, 0 none. */
export function healthHazard(substance: string): number {
  const codes = hazardsOf(substance).statements.map(({ code }) => code);
  const has = (pattern: RegExp): boolean => codes.some((code) => pattern.test(code));
  if (has(/^H(300|310|330|340|350|360)/)) return 3;
  if (has(/^H(301|311|331|314|334|341|351|361|370|372)/)) return 2;
  return has(/^H3/) ? 1 : 0;
}

/** Heat above which a route is graded down for it, °C: a flame and hard glass. */
const hotC = 120;

/** Up to this strength acids and alkalis of the bench irritate rather than burn, mol/L (common practice; the supplier’s sheet decides). */
const dilutedM = 2;

interface Graded {
  readonly reagents: readonly RouteReagent[];
  readonly heatedToC?: number;
  readonly pace: Pace;
  /** Share of other gases, 0 to 1. */
  readonly otherShare: number;
  readonly steam: boolean;
  readonly fumes: boolean;
  readonly leaves: number;
}

/** Grades a route on what is known of it. */
export function gradesOf(route: Graded): Grades {
  const real = route.reagents.filter(({ substance }) => substance !== 'H2O');
  const hazard = Math.max(
    0,
    ...real.map(({ substance, use, concentrationM = 0 }) => {
      const milder = use !== 'solution' ? 0 : concentrationM <= dilutedM ? 2 : 1;
      return Math.max(0, healthHazard(substance) - milder);
    }),
  );
  const isHot = (route.heatedToC ?? 0) > hotC;
  const trouble = Math.max(0, ...real.map(({ substance }) => wasteRoute([substance]).trouble));
  const isDear = real.some(({ substance }) => dear.has(substance));
  return {
    safety: Math.max(0, 3 - hazard - (isHot ? 1 : 0)),
    rate: Math.max(0, paceGrades[route.pace] - (route.leaves < 0.5 ? 1 : 0)),
    purity:
      route.otherShare > 0.3 ? 0 : route.otherShare > 0.02 ? 1 : route.fumes || route.steam ? 2 : 3,
    cost: Math.max(0, 3 - Math.max(0, trouble - 1) - (isDear ? 2 : isUsual(real) ? 0 : 1)),
  };
}
