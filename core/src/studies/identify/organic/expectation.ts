/** What a test is expected to show for a compound, and why. */
export interface Expectation {
  readonly outcome: string;
  /** How sure the chemistry is of it before anybody misreads it, 0.5 to 1. */
  readonly chance: number;
  readonly why: string;
}

/** An expectation that the chemistry is sure of. */
export const shows = (outcome: string, why: string): Expectation => ({ outcome, chance: 1, why });

/** An expectation that often turns out otherwise: slow, borderline or an exception that is not always seen. */
export const rather = (outcome: string, chance: number, why: string): Expectation => ({
  outcome,
  chance,
  why,
});
