import { entropy, noneOfThese, posterior, weights } from './inference';
import type { TestResult } from './inference';
import type { Model } from './model';

/** What one result did to the candidates. */
export interface ReasoningStep extends TestResult {
  /** Uncertainty that was left before and after it, bits. */
  readonly bitsBefore: number;
  readonly bitsAfter: number;
  /** Candidates still worth thinking of after it: 2 to the power of the bits, at least one. */
  readonly left: number;
  readonly leading: string;
  readonly probability: number;
}

/** The flow of the reasoning: after each result what is left, and what leads. */
export function reasoningPath(model: Model, results: readonly TestResult[]): ReasoningStep[] {
  return results.map((result, at) => {
    const [bitsBefore, bitsAfter] = [at, at + 1].map((count) =>
      entropy(weights(model, results.slice(0, count))),
    ) as [number, number];
    const all = posterior(model, results.slice(0, at + 1));
    // While much is open, what is in no list leads by its share alone and says nothing.
    const first = all.find(
      ({ candidate, probability }) => candidate !== noneOfThese || probability > 0.5,
    );
    return {
      ...result,
      bitsBefore,
      bitsAfter,
      left: Math.max(1, Math.round(2 ** bitsAfter)),
      leading: first?.candidate ?? noneOfThese,
      probability: first?.probability ?? 1,
    };
  });
}

/** From here on an unknown is called identified; below, the report says what is open. */
export const identifiedFrom = 0.9;
/** Candidates this near to the leading one are open with it. */
const nearShare = 0.2;

/** What is concluded: one candidate, several that are open, or none of them. */
export interface Conclusion {
  readonly kind: 'identified' | 'open' | 'noneOfThese';
  /** The candidates that are meant, the likeliest first. */
  readonly candidates: readonly string[];
  /** Of the first, 0 to 1. */
  readonly probability: number;
}

/** What the results allow one to conclude. */
export function conclude(model: Model, results: readonly TestResult[]): Conclusion {
  const all = posterior(model, results);
  const none = all.find(({ candidate }) => candidate === noneOfThese)?.probability ?? 0;
  const first = all.find(({ candidate }) => candidate !== noneOfThese);
  // Among many that are open it leads now and then by its share alone; it is concluded only when it outweighs all of them.
  if (!first || none > 0.5) return { kind: 'noneOfThese', candidates: [], probability: none };
  if (first.probability >= identifiedFrom)
    return { kind: 'identified', candidates: [first.candidate], probability: first.probability };
  const near = all.filter(
    ({ candidate, probability }) =>
      candidate !== noneOfThese && probability >= nearShare * first.probability,
  );
  return {
    kind: 'open',
    candidates: near.map(({ candidate }) => candidate),
    probability: first.probability,
  };
}
