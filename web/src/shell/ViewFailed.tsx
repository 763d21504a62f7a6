import { Alert, Button, Text } from '@mantine/core';
import { useRouteError } from 'react-router';

/** Stands where a view would that could not be loaded or shown. What was recorded is kept apart from it. */
export function ViewFailed() {
  const error = useRouteError();
  return (
    <Alert title="This view could not be shown" my="md" mx="md" role="alert">
      <Text mb="sm">
        Either the server is away or something in it went wrong. What you recorded is kept.
        {error instanceof Error && ` (${error.message})`}
      </Text>
      <Button onClick={() => location.reload()}>Load it again</Button>
    </Alert>
  );
}
