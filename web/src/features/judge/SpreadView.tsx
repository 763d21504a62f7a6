import { LineTable } from '../../shared/parts/LineTable';
import { Table, Text, Title } from '@mantine/core';
import { studentSource } from '@stoichos/core/measuring';
import type { ClassSpread } from '@stoichos/core/labday/judge';
import { withPlaces } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

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
        <LineTable
          data-testid="class-spread"
          head={['Quantity', 'Benches', 'Mean ± 95 %', 'Spread (s)', 'Each bench']}
          rows={several.map(({ name, unit, values, spread, oddOnes }) => [
            <>
              {name}
              {unit && <span className="quiet">, {unit}</span>}
            </>,
            spread.count,
            <>
              {withPlaces(spread.mean, 2)}
              {spread.confidence95 !== undefined && ` ± ${withPlaces(spread.confidence95, 2)}`}
            </>,
            spread.deviation === undefined ? '–' : withPlaces(spread.deviation, 2),
            <>
              {values.map(({ bench, value }) => `${bench} ${withPlaces(value, 2)}`).join(', ')}
              {oddOnes.length > 0 && (
                <Text size="sm" fw={600}>
                  Stands out: {oddOnes.join(', ')}
                </Text>
              )}
            </>,
          ])}
        />
      </Table.ScrollContainer>
      <Text size="xs" className="quiet">
        <Cited source={studentSource} />
      </Text>
    </>
  );
}
