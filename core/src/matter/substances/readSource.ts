import { readIn } from './data/readIn';
import { isWork } from './data/works';
import type { Source } from './source';

const byTable = new Map(
  Object.entries(readIn).map(([table, groups]) => [
    table,
    new Map(
      Object.entries(groups).flatMap(([codes, names]) => {
        const works = codes.split(' ').filter(isWork);
        return names.map((of) => [of, works] as const);
      }),
    ),
  ]),
);

/**
 * Rows of a table, each with the works in which its value was read as its source; where none has it, with the source it came with.
 *
 * @param table name of the table in `docs/reference/`.
 */
export function asRead<Row extends { readonly source: Source }>(
  table: string,
  rows: readonly Row[],
  nameOf: (row: Row) => string,
): readonly Row[] {
  const known = byTable.get(table);
  return rows.map((row) => {
    const works = known?.get(nameOf(row));
    return works === undefined ? row : { ...row, source: { kind: 'read', works } };
  });
}
