import Papa from 'papaparse';
import { mostFigures } from './formatNumber';

/**
 * Rows as CSV (RFC 4180) with a head line of their keys, or without one where they follow others. Cells that look like formulae are defused; numbers keep the decimal
 * point and lose the noise of the arithmetic.
 */
export function csvOf(
  rows: readonly Readonly<Record<string, string | number>>[],
  { head = true }: { readonly head?: boolean } = {},
): string {
  const quiet = rows.map((row) =>
    Object.fromEntries(
      Object.entries(row).map(([name, cell]) => [
        name,
        typeof cell === 'number' ? Number(cell.toPrecision(mostFigures)) : cell,
      ]),
    ),
  );
  return Papa.unparse(quiet, { escapeFormulae: true, newline: '\r\n', header: head });
}
