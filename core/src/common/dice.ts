/** Where the sequence begins when nobody says otherwise (Marsaglia’s own seed). */
const usualSeed = 2_463_534_242;

/**
 * A sequence of numbers from 0 to below 1 that is the same every time for the same seed (xorshift, Marsaglia 2003).
 *
 * @param seed any whole number.
 */
export function dice(seed: number = usualSeed): () => number {
  // A state of zero would stay zero; near seeds are spread by a multiplication (Knuth’s golden ratio hash).
  let state = seed === usualSeed ? usualSeed : Math.imul(seed | 0, 2_654_435_761) ^ usualSeed || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 2 ** 32;
  };
}
