import type { Source } from '../../matter/substances/source';
import type { Comparison } from './comparison';

/** One constant as the sources page lists it. */
export interface Constant {
  /** What it is of: a formula, a couple, a name. */
  readonly of: string;
  readonly quantity: string;
  readonly value: string;
  /** Empty for a number without one, and for words. */
  readonly unit: string;
  readonly source: Source;
  /** Left out where no open work has the value. */
  readonly compared?: Comparison;
}

/** Constants of one kind. */
export interface ConstantTable {
  readonly title: string;
  readonly rows: readonly Constant[];
}

/** A column of a data table: what it holds, and in which unit. */
export type Field<Row> = readonly [
  quantity: string,
  unit: string,
  value: (row: Row) => string | number | readonly string[] | undefined,
  /** Where that is not what the row says; and what it was compared with. */
  from?: ((row: Row) => Source) | Standing<Row>,
];

/** Where a value stands: what it was read in or comes from, and what open works say of it. */
export interface Standing<Row> {
  source(row: Row): Source;
  compared(row: Row): Comparison | undefined;
}

/** A data table as constants: one for each field that a row has. */
export function tableOf<Row>(
  title: string,
  rows: readonly Row[],
  of: (row: Row) => string,
  fields: readonly Field<NoInfer<Row>>[],
  sourceOf: (row: Row) => Source,
): ConstantTable {
  return {
    title,
    rows: rows.flatMap((row) =>
      fields.flatMap(([quantity, unit, valueOf, from = sourceOf]) => {
        const value = valueOf(row);
        if (value === undefined || value === '') return [];
        const told = Array.isArray(value) ? value.join(', ') : String(value);
        return told === ''
          ? []
          : [{ of: of(row), quantity, value: told, unit, ...standingOf(row, from) }];
      }),
    ),
  };
}

function standingOf<Row>(
  row: Row,
  from: ((row: Row) => Source) | Standing<Row>,
): Pick<Constant, 'source' | 'compared'> {
  if (typeof from === 'function') return { source: from(row) };
  const found = from.compared(row);
  return { source: from.source(row), ...(found && { compared: found }) };
}
