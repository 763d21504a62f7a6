import { Button, Group, Text } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { IconAlertTriangle, IconCloudOff, IconCloudUpload } from '@tabler/icons-react';
import { useAppSelector } from '../../data/store';
import { isOfSeat, seatOf } from '../../data/outbox/seat';
import { UnsentSheet } from './UnsentSheet';

/** Says when entries are not on the server yet, are set aside, or belong to another bench. Silent when all is well. */
export function OutboxNotice() {
  const { waiting, aside, online } = useAppSelector((state) => state.outbox);
  const seat = useAppSelector(seatOf);
  const [opened, sheet] = useDisclosure(false);
  const elsewhere = waiting.filter((one) => !isOfSeat(one, seat)).length;
  const onTheWay = waiting.length - elsewhere;
  const Icon = online ? IconCloudUpload : IconCloudOff;
  return (
    <>
      {(onTheWay > 0 || !online) && (
        <Group gap={6} role="status" wrap="nowrap">
          <Icon size={20} aria-hidden className="rigid" />
          <Text size="sm">{sending(onTheWay, online)}</Text>
        </Group>
      )}
      {aside.length + elsewhere > 0 && (
        <Group gap={6} role="alert" wrap="nowrap">
          <IconAlertTriangle size={20} aria-hidden className="rigid" />
          <Text size="sm">{told(aside.length, elsewhere)}</Text>
          <Button size="compact-md" flex="none" onClick={sheet.open}>
            Look at {aside.length + elsewhere === 1 ? 'it' : 'them'}
          </Button>
        </Group>
      )}
      <UnsentSheet opened={opened} close={sheet.close} seat={seat} />
    </>
  );
}

function sending(onTheWay: number, online: boolean): string {
  if (online) return `${onTheWay} not sent yet`;
  return onTheWay === 0
    ? 'The server does not answer. What you record is kept here and sent later.'
    : `${onTheWay} not sent yet – the server does not answer; kept here and tried again`;
}

function told(aside: number, elsewhere: number): string {
  const parts = [
    ...(aside > 0 ? [`${aside} not stored`] : []),
    ...(elsewhere > 0 ? [`${elsewhere} made at another bench`] : []),
  ];
  return parts.join(', ');
}
