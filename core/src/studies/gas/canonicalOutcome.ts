import { testOutcomes } from '../../seeing/benchTests/outcomes';

/** The words of a test’s own list that a told result comes to; the result itself where the list has none. */
export function canonicalOutcome(test: string, result: string): string {
  const found = [...(testOutcomes[test] ?? [])]
    .sort((one, other) => other.length - one.length)
    .find((one) => result.includes(one));
  return found ?? result;
}
