import { Card } from '../../shared/parts/Card';
import { Button, Group, Text } from '@mantine/core';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';
import { useTour } from './useTour';

/** Asks somebody who is here for the first time whether to be shown around; once answered, never again in this browser. */
export function Welcome() {
  const [seen, setSeen] = useKept('stoichos.welcomed', z.boolean(), false);
  const { start } = useTour();
  if (seen) return null;
  return (
    <Card label="Welcome">
      <Group justify="space-between" gap="md">
        <Text>New here? A look around takes a minute.</Text>
        <Group gap="sm">
          <Button onClick={() => setSeen(true)}>Not now</Button>
          <Button
            variant="filled"
            onClick={() => {
              setSeen(true);
              void start();
            }}
          >
            Show me around
          </Button>
        </Group>
      </Group>
    </Card>
  );
}
