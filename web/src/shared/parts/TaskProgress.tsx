import { Button, Group, Progress, Text } from '@mantine/core';
import { formatNumber } from '@stoichos/core/common';

/** How far long work has come, and a way to stop it; nothing while none is under way. */
export function TaskProgress({
  what,
  share,
  cancel,
}: {
  what: string;
  share: number | undefined;
  cancel?: () => void;
}) {
  if (share === undefined) return null;
  const percent = Math.round(100 * Math.min(1, share));
  return (
    <Group gap="sm" wrap="nowrap" role="status" my="sm">
      <Text size="sm" miw={0}>
        {what}… {formatNumber(percent)} %
      </Text>
      <Progress value={percent} aria-label={what} flex={1} />
      {cancel && <Button onClick={cancel}>Stop</Button>}
    </Group>
  );
}
