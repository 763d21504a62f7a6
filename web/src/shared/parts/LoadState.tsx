import { Alert, Button, Center, Loader, Stack, Text } from '@mantine/core';
import { explainError } from '../../data/api/explainError';

/** While something loads, and when it could not be loaded: what is wrong and what to do. */
export function LoadState({ error, retry }: { error: unknown; retry: () => void }) {
  if (!error) return <Loading />;
  const { message, remedy } = explainError(error);
  return (
    <Alert title={message} my="md" role="alert">
      <Text mb="sm">{remedy}</Text>
      <Button onClick={retry}>Try again</Button>
    </Alert>
  );
}

/** Something is on its way. */
export function Loading() {
  return (
    <Center py="xl">
      <Stack align="center" gap="xs">
        <Loader size="sm" />
        <Text className="quiet">Loading…</Text>
      </Stack>
    </Center>
  );
}
