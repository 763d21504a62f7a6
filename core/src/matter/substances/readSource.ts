import { readIn } from './data/readIn';
import { isWork } from './data/works';
import type { Source } from './source';

const byTable = new Map(
  Object.entries(readIn).map(([table, groups]) => [
    table,
    new Map(
      Object.entries(groups).flatMap(([codes, names]) => {
        const source: Source = { kind: 'read', works: codes.split(' ').filter(isWork) };
        return names.map((of) => [of, source] as const);
      }),
    ),
  ]),
);

/**
 * The works in which a value was read, as its source; undefined where none has it.
 *
 * @param table name of the table in `docs/reference/`.
 */
export const readSource = (table: string, of: string): Source | undefined =>
  byTable.get(table)?.get(of);

/** A row whose value was read: `source` is of that value, `beside` of what else the row says. */
export type AsRead<Row> = Row & { readonly beside?: Source };

/** Rows of a table, each with the works its value was read in as its source; where none has it, with the source it came with. */
export const asRead = <Row extends { readonly source: Source }>(
  table: string,
  rows: readonly Row[],
  nameOf: (row: Row) => string,
): readonly AsRead<Row>[] =>
  rows.map((row) => {
    const source = readSource(table, nameOf(row));
    return source ? { ...row, source, beside: row.source } : row;
  });
