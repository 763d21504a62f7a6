import { Card } from '../../shared/parts/Card';
import { LineTable } from '../../shared/parts/LineTable';
import { Button, Group, Table, Text, Title } from '@mantine/core';
import { showJoinCode } from '@stoichos/core/labday/access';
import { stepsRecorded } from '@stoichos/core/labday/day';
import type { Oversight } from '@stoichos/core/labday/access';
import { useMemo } from 'react';
import { renderSVG } from 'uqr';
import { clockTime, longTime } from '../../shared/parts/dates';
import { usePutOutMutation, useRenewCodeMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { useLabDay } from '../../data/useLabDay';
import { PrintButton } from '../../shared/parts/PrintButton';
import classes from './Groups.module.css';

export function JoinCard({ dayId, joining }: { dayId: string; joining: Oversight['joining'] }) {
  const [renew, { isLoading, error }] = useRenewCodeMutation();
  const { code, endsAt } = joining;
  const address = code === null ? '' : `${window.location.origin}/join/${code}`;
  const picture = useMemo(
    () =>
      address === '' ? '' : `data:image/svg+xml;utf8,${encodeURIComponent(renderSVG(address))}`,
    [address],
  );
  return (
    <Card label="Joining">
      <Group justify="space-between">
        <Title>Groups join with a code</Title>
        <Group gap="xs" className="no-print">
          {code !== null && <PrintButton />}
          <Button
            variant={code === null ? 'filled' : 'default'}
            loading={isLoading}
            onClick={() => void renew(dayId)}
          >
            {code === null ? 'Make the code' : 'A new code'}
          </Button>
        </Group>
      </Group>
      {error && <Text role="alert">{explainError(error).message}</Text>}
      {code === null ? (
        <Text mt="sm">
          No code opens this lab day now. Make one, and let every tablet open it: it ends with the
          day, and a new one shuts out whoever has only the old one.
        </Text>
      ) : (
        <div className={classes.joining}>
          <img className={classes.qr} src={picture} alt={`QR picture of ${address}`} />
          <div>
            <Text>
              Open <strong>{window.location.origin}/join</strong> and type
            </Text>
            <div className={classes.code} data-testid="join-code">
              {showJoinCode(code)}
            </div>
            <Text className="quiet" size="sm">
              until {endsAt === null ? '' : longTime(endsAt)}
            </Text>
            {['127.0.0.1', 'localhost'].includes(window.location.hostname) && (
              <Text size="sm" mt="xs">
                This address is only of this machine: start with HOST set, or open Stoichos by the
                name tablets can reach, before you show the picture.
              </Text>
            )}
          </div>
        </div>
      )}
    </Card>
  );
}

export function Tablets({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const [putOut] = usePutOutMutation();
  return (
    <Card label="Benches" mt="md" titled>
      <Table.ScrollContainer minWidth={460}>
        <LineTable
          verticalSpacing="xs"
          data-testid="benches"
          head={['Bench', 'Steps recorded', 'Entries', 'Tablets']}
          rows={day.groups.map((group) => {
            const { all, recorded } = stepsRecorded(day, group.id);
            const entries = day.entries.filter(({ groupId }) => groupId === group.id).length;
            const tablets = oversight.joining.tablets.filter(({ groupId }) => groupId === group.id);
            return [
              group.name,
              <>
                {recorded} of {all}
              </>,
              entries,
              <>
                {tablets.length === 0 && <span className="quiet">none has joined</span>}
                {tablets.map(({ id, joinedAt }, at) => (
                  <Group key={id} gap="xs">
                    <Text size="sm">joined {clockTime(joinedAt)}</Text>
                    <Button
                      size="compact-md"
                      className="no-print"
                      aria-label={`Put out tablet ${at + 1} of ${group.name}`}
                      onClick={() => void putOut({ dayId: day.id, tabletId: id })}
                    >
                      Put out
                    </Button>
                  </Group>
                ))}
              </>,
            ];
          })}
        />
      </Table.ScrollContainer>
    </Card>
  );
}
