import { Alert, Text } from '@mantine/core';
import { Formula } from './Formula';

/** Stands where a prediction would: that there is none, and why. */
export function NotPredicted({ reasons }: { reasons: readonly string[] }) {
  return (
    <Alert title="Not predicted" mt="md">
      {reasons.map((reason) => (
        <Text key={reason} size="sm">
          <Formula text={reason} wrap />
        </Text>
      ))}
    </Alert>
  );
}
