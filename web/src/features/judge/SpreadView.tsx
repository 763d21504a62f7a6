import { Table, Text, Title } from '@mantine/core';
import { sourceText } from '@stoichos/core/matter/substances';
import { studentSource } from '@stoichos/core/measuring';
import type { ClassSpread } from '@stoichos/core/labday';
import { withPlaces } from '@stoichos/core/common';

/** Mean and spread over the class, and who stands out. */
export function SpreadView({ spreads }: { spreads: readonly ClassSpread[] }) {
  const several = spreads.filter(({ values }) => values.length > 1);
  if (several.length === 0) return null;
  return (
    <>
      <Title order={3} size="h5" mt="md">
        Over the class
      </Title>
      <Table.ScrollContainer minWidth={500}>
        <Table fz="sm" verticalSpacing={4} data-testid="class-spread">
          <Table.Thead>
            <Table.Tr>
              <Table.Th>Quantity</Table.Th>
              <Table.Th>Benches</Table.Th>
              <Table.Th>Mean ± 95 %</Table.Th>
              <Table.Th>Spread (s)</Table.Th>
              <Table.Th>Each bench</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {several.map(({ name, unit, values, spread, oddOnes }) => (
              <Table.Tr key={name}>
                <Table.Td>
                  {name}
                  {unit && <span className="quiet">, {unit}</span>}
                </Table.Td>
                <Table.Td>{spread.count}</Table.Td>
                <Table.Td>
                  {withPlaces(spread.mean, 2)}
                  {spread.confidence95 !== undefined && ` ± ${withPlaces(spread.confidence95, 2)}`}
                </Table.Td>
                <Table.Td>
                  {spread.deviation === undefined ? '–' : withPlaces(spread.deviation, 2)}
                </Table.Td>
                <Table.Td>
                  {values.map(({ bench, value }) => `${bench} ${withPlaces(value, 2)}`).join(', ')}
                  {oddOnes.length > 0 && (
                    <Text size="sm" fw={600}>
                      Stands out: {oddOnes.join(', ')}
                    </Text>
                  )}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </Table.ScrollContainer>
      <Text size="xs" className="quiet">
        {sourceText(studentSource)}
      </Text>
    </>
  );
}
