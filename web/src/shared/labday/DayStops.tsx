import { Alert, Text } from '@mantine/core';
import type { LabDay } from '@stoichos/core/labday/day';
import { IconAlertOctagon } from '@tabler/icons-react';
import { Formula } from '../chemistry/Formula';
import { useAnswer } from '../../data/worker/useAnswer';

/** What must not happen on a day, calculated beside the page; nothing while there is nothing to say. */
export function useDayStops(day: LabDay): readonly string[] {
  const { value, failure } = useAnswer('safety', [day]);
  return failure
    ? [`What must not meet could not be calculated. ${failure.message}`]
    : (value?.stops ?? noStops);
}

const noStops: readonly string[] = [];

/** Says why a day must not be run as it is planned. */
export function DayStops({ stops }: { stops: readonly string[] }) {
  if (stops.length === 0) return null;
  return (
    <Alert
      role="alert"
      icon={<IconAlertOctagon size={24} />}
      title="This day must not be run as it is planned"
      mb="md"
    >
      {stops.map((line) => (
        <Text key={line}>
          <Formula text={line} wrap />
        </Text>
      ))}
    </Alert>
  );
}
