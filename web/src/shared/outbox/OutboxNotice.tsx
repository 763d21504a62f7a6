import { Button, Group, Text } from '@mantine/core';
import { IconCloudOff, IconCloudUpload } from '@tabler/icons-react';
import { useAppDispatch, useAppSelector } from '../../data/store';
import { outboxSlice } from '../../data/outbox/outboxSlice';

/** Says when entries are not on the server yet, or were refused. Silent when all is well. */
export function OutboxNotice() {
  const { waiting, refused, online } = useAppSelector((state) => state.outbox);
  const dispatch = useAppDispatch();
  if (refused.length > 0)
    return (
      <Group gap="xs" role="alert">
        <Text size="sm">
          {refused.length} {refused.length === 1 ? 'entry was' : 'entries were'} refused:{' '}
          {refused[0]?.reason}
        </Text>
        <Button size="compact-md" onClick={() => dispatch(outboxSlice.actions.dismissed())}>
          Understood
        </Button>
      </Group>
    );
  if (waiting.length === 0) return null;
  const Icon = online ? IconCloudUpload : IconCloudOff;
  return (
    <Group gap={6} role="status" wrap="nowrap">
      <Icon size={20} aria-hidden />
      <Text size="sm">
        {waiting.length} not sent yet
        {online ? '' : ' – the server does not answer; kept here and tried again'}
      </Text>
    </Group>
  );
}
