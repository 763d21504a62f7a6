import { Table } from '@mantine/core';
import { testLabels } from '@stoichos/core/seeing/rack';
import type { ComparedItem } from '@stoichos/core/seeing/judgement';
import { Mark } from '../../shared/parts/Mark';

/** Expected against seen, item by item. */
export function ComparisonTable({ items }: { items: readonly ComparedItem[] }) {
  return (
    <Table verticalSpacing={6} horizontalSpacing={6} fz="sm" data-testid="comparison">
      <Table.Thead>
        <Table.Tr>
          <Table.Th>Item</Table.Th>
          <Table.Th>Expected</Table.Th>
          <Table.Th>Seen</Table.Th>
          <Table.Th>
            <span className="visually-hidden">Outcome</span>
          </Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {items.map(({ item, expected, seen, outcome, note }, index) => (
          <Table.Tr key={index}>
            <Table.Td>{testLabels[item] ?? item}</Table.Td>
            <Table.Td>{expected}</Table.Td>
            <Table.Td>
              {seen ?? '–'}
              {note && <span className="quiet"> ({note})</span>}
            </Table.Td>
            <Table.Td>
              <Mark of={outcome} />
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}
