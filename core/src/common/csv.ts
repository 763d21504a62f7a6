import Papa from 'papaparse';

/** Rows as CSV (RFC 4180) with a head line of their keys. Cells that look like formulae are defused. */
export function csvOf(rows: readonly Readonly<Record<string, string | number>>[]): string {
  return Papa.unparse([...rows], { escapeFormulae: true, newline: '\r\n' });
}
