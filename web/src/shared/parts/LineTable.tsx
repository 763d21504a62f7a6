import { Table, type TableProps } from '@mantine/core';
import type { ReactNode } from 'react';

interface LineTableProps extends Omit<TableProps, 'data' | 'children'> {
  /** What it is a table of, said to those who hear the page. */
  readonly caption?: string;
  /** Above the columns; left out where the lines speak for themselves. */
  readonly head?: readonly ReactNode[];
  /** The cells of each line, the first of which says what the line is of. */
  readonly rows: readonly (readonly ReactNode[])[];
  /** Columns of words among columns of numbers, from 0. */
  readonly words?: readonly number[];
  readonly 'data-testid'?: string;
}

/** A table to read: a head, and a line for each thing. */
export function LineTable({ caption, head, rows, words = [], ...look }: LineTableProps) {
  const mod = (column: number) => ({ words: words.includes(column) });
  return (
    <Table fz="sm" verticalSpacing={4} {...look}>
      {caption && <Table.Caption className="visually-hidden">{caption}</Table.Caption>}
      {head && (
        <Table.Thead>
          <Table.Tr>
            {head.map((cell, column) => (
              <Table.Th key={column} scope="col" mod={mod(column)}>
                {cell}
              </Table.Th>
            ))}
          </Table.Tr>
        </Table.Thead>
      )}
      <Table.Tbody>
        {rows.map((cells, at) => (
          <Table.Tr key={at}>
            {cells.map((cell, column) =>
              column === 0 ? (
                <Table.Th key={column} scope="row" fw="normal" mod={mod(column)}>
                  {cell}
                </Table.Th>
              ) : (
                <Table.Td key={column} mod={mod(column)}>
                  {cell}
                </Table.Td>
              ),
            )}
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}
