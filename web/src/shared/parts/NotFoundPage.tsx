import { Button, Stack, Text, Title } from '@mantine/core';
import { Link } from 'react-router';

export function NotFoundPage() {
  return (
    <Stack align="flex-start" py="xl">
      <Title order={1} size="h1">
        There is no such page
      </Title>
      <Text>The address may be mistyped, or the lab day was never here.</Text>
      <Button variant="filled" component={Link} to="/">
        Go to the lab days
      </Button>
    </Stack>
  );
}
