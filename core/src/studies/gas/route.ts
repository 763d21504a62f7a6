import type { RouteReagent } from './attempt';
import type { Pace } from './pace';

/** Whether a route is one to take. */
export type Verdict = 'valid' | 'poor' | 'refused' | 'notPredicted';

/** How good a route is, each 0 (bad) to 3 (good). */
export interface Grades {
  readonly safety: number;
  readonly rate: number;
  readonly purity: number;
  readonly cost: number;
}

/** One way to make a gas, or one that does not go, with the reason. */
export interface Route {
  readonly id: string;
  readonly gas: string;
  readonly reagents: readonly RouteReagent[];
  /** °C; in the cold when left out. */
  readonly heatedToC?: number;
  /** Done with a current, not in a generator. */
  readonly electrolysis?: true;
  readonly equation?: string;
  readonly verdict: Verdict;
  /** Why, the gravest first; what is good of it where nothing is against it. */
  readonly why: readonly string[];
  readonly pace: Pace;
  /** Other gases that come with it, by their share of all of it, without steam. */
  readonly otherGases: readonly { readonly formula: string; readonly share: number }[];
  /** Whether steam comes along. */
  readonly steam: boolean;
  /** Whether fumes of a volatile acid come along. */
  readonly fumes?: string;
  /** What stays behind, with states. */
  readonly leftBehind: readonly string[];
  /** Share of the gas that leaves, 0 to 1; the rest stays in the liquid. */
  readonly leaves: number;
  readonly grades: Grades;
  readonly cautions: readonly string[];
  /** Computed by the engine, or written down in a table with its source. */
  readonly from: { readonly kind: 'engine' } | { readonly kind: 'table'; readonly source: string };
}
