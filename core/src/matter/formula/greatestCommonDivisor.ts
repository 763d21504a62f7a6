/** Greatest common divisor of two whole numbers, not negative (Euclid). */
export function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}
