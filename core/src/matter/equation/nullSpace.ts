import Fraction from 'fraction.js';

const zero = new Fraction(0);

/**
 * A basis of the null space of an integer matrix, exactly, by rational Gauss–Jordan elimination.
 * Each basis vector is returned as the smallest whole numbers in its direction.
 */
export function nullSpace(matrix: readonly (readonly number[])[], columns: number): number[][] {
  const rows = matrix.map((row) => row.map((value) => new Fraction(value)));
  const pivots: number[] = [];
  for (let column = 0; column < columns; column += 1) {
    const rank = pivots.length;
    const pivotRow = rows.findIndex((row, index) => index >= rank && !at(row, column).equals(0));
    if (pivotRow < 0) continue;
    [rows[rank], rows[pivotRow]] = [rows[pivotRow] ?? [], rows[rank] ?? []];
    const pivot = at(rows[rank] ?? [], column);
    rows[rank] = (rows[rank] ?? []).map((value) => value.div(pivot));
    for (let other = 0; other < rows.length; other += 1) {
      const factor = at(rows[other] ?? [], column);
      if (other === rank || factor.equals(0)) continue;
      rows[other] = (rows[other] ?? []).map((value, index) =>
        value.sub(factor.mul(at(rows[rank] ?? [], index))),
      );
    }
    pivots.push(column);
  }
  return Array.from({ length: columns }, (_, index) => index)
    .filter((column) => !pivots.includes(column))
    .map((free) => {
      const vector = Array.from({ length: columns }, () => zero);
      vector[free] = new Fraction(1);
      pivots.forEach((column, row) => {
        vector[column] = at(rows[row] ?? [], free).neg();
      });
      return toWholeNumbers(vector);
    });
}

const at = (row: readonly Fraction[], index: number): Fraction => row[index] ?? zero;

function toWholeNumbers(vector: readonly Fraction[]): number[] {
  const denominator = vector.reduce((lcm, value) => {
    const next = value.d;
    return (lcm / gcd(lcm, next)) * next;
  }, 1n);
  const whole = vector.map((value) => BigInt(value.mul(denominator.toString()).toFraction()));
  const divisor = whole.reduce((common, value) => gcd(common, value), 0n);
  return whole.map((value) => Number(divisor === 0n ? value : value / divisor));
}

function gcd(a: bigint, b: bigint): bigint {
  const [x, y] = [a < 0n ? -a : a, b < 0n ? -b : b];
  return y === 0n ? x : gcd(y, x % y);
}
