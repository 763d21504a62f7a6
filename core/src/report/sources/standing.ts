import type { Source } from '../../matter/substances/source';
import type { AsRead } from '../../matter/substances/readSource';
import type { Standing } from './table';
import { readSource } from '../../matter/substances/readSource';
import { comparisonOf } from './comparison';
import { commonPractice } from '../../matter/substances/source';

export const own = <Row extends { readonly source: Source }>({ source }: Row): Source => source;
/** Of what a row says besides the value that was read. */
export const beside = ({
  source,
  beside: other = source,
}: AsRead<{ readonly source: Source }>): Source => other;
/** A field that was compared: the works that have it, or what the row says. */
export const readOr = <Row extends { readonly source: Source }>(
  table: string,
  of: (row: Row) => string,
  asTold?: (value: number, row: Row) => number,
): Standing<Row> => ({
  source: (row) => readSource(table, of(row)) ?? row.source,
  compared: (row) => comparisonOf(table, of(row), asTold && ((value) => asTold(value, row))),
});
/** The heat that stands beside a constant. */
export const heatOf = (
  table: string,
): Standing<AsRead<{ readonly source: Source; readonly formula: string }>> => ({
  source: (row) => readSource(`${table}Heat`, row.formula) ?? beside(row),
  compared: (row) => comparisonOf(`${table}Heat`, row.formula),
});
/** A field of a row that goes by its formula, and was compared. */
export const byFormula = (
  table: string,
  asTold?: (value: number) => number,
): Standing<{ readonly source: Source; readonly formula: string }> =>
  readOr(table, ({ formula: of }) => of, asTold);
/** Rows with two sources: the first is that of what is measured, the second of what is seen at the bench. */
export interface TwoSources {
  readonly sources: readonly Source[];
}
export const ofTheTrade = ({ sources }: TwoSources): Source => sources[1] ?? judged;
export const formula = ({ formula: of }: { readonly formula: string }): string => of;
export const together = (...parts: readonly (readonly string[])[]): string =>
  parts.map((part) => part.join(', ')).join(' with ');
export const judged = commonPractice('a judgement of this application, open to another');
