import { Card } from '../../shared/parts/Card';
import { Box, Text } from '@mantine/core';
import type { Departure } from '@stoichos/core/planning/procedure';
import { Formula } from '../../shared/chemistry/Formula';

/** In what an adapted procedure differs from the one it came from. */
export function DepartureList({
  title,
  departures,
}: {
  title: string;
  departures: readonly Departure[];
}) {
  return (
    <Card label="Departures" mb="sm">
      <Text fw={600}>{title}</Text>
      {departures.length === 0 ? (
        <Text className="quiet">Nothing differs yet.</Text>
      ) : (
        <Box component="ul" my={0} mt={4} data-testid="departures">
          {departures.map(({ stepId, message }) => (
            <li key={`${stepId ?? ''} ${message}`}>
              <Formula text={message} wrap />
            </li>
          ))}
        </Box>
      )}
    </Card>
  );
}
