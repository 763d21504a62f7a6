import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { Button, Group, SegmentedControl, Table, Text, TextInput, Title } from '@mantine/core';
import { showJoinCode, stepsRecorded, worksAsMade } from '@stoichos/core/labday';
import type { MessageInput, Oversight } from '@stoichos/core/labday';
import { useMemo, useState } from 'react';
import { renderSVG } from 'uqr';
import { clockTime, longTime } from '../../shared/parts/dates';
import {
  useOversightQuery,
  usePutOutMutation,
  useReleaseMutation,
  useRenewCodeMutation,
  useSendMessageMutation,
} from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { useLabDay } from '../../data/useLabDay';
import { Unknowns } from './Unknowns';
import { LoadState } from '../../shared/parts/LoadState';
import { PrintButton } from '../../shared/parts/PrintButton';
import classes from './Groups.module.css';

/** How groups come to this lab day, who is there, what they may see, and what is said to them. */
export function GroupsPage() {
  const day = useLabDay();
  const { data, error, refetch } = useOversightQuery(day.id);
  if (!data) return <LoadState error={error} retry={() => void refetch()} />;
  return (
    <>
      <JoinCard dayId={day.id} joining={data.joining} />
      <Tablets oversight={data} />
      <Releases oversight={data} />
      <Messages oversight={data} />
      <Unknowns oversight={data} />
    </>
  );
}

function JoinCard({ dayId, joining }: { dayId: string; joining: Oversight['joining'] }) {
  const [renew, { isLoading, error }] = useRenewCodeMutation();
  const { code, endsAt } = joining;
  const address = code === null ? '' : `${window.location.origin}/join/${code}`;
  const picture = useMemo(
    () =>
      address === '' ? '' : `data:image/svg+xml;utf8,${encodeURIComponent(renderSVG(address))}`,
    [address],
  );
  return (
    <section className="card" aria-label="Joining">
      <Group justify="space-between">
        <Title order={2} size="h4">
          Groups join with a code
        </Title>
        <Group gap="xs" className="no-print">
          {code !== null && <PrintButton />}
          <Button
            size="md"
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
    </section>
  );
}

function Tablets({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const [putOut] = usePutOutMutation();
  return (
    <section className="card" aria-label="Benches" style={{ marginTop: '1rem' }}>
      <Title order={2} size="h4">
        Benches
      </Title>
      <Table.ScrollContainer minWidth={460}>
        <Table verticalSpacing="xs" data-testid="benches">
          <Table.Thead>
            <Table.Tr>
              <Table.Th>Bench</Table.Th>
              <Table.Th>Steps recorded</Table.Th>
              <Table.Th>Entries</Table.Th>
              <Table.Th>Tablets</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {day.groups.map((group) => {
              const { all, recorded } = stepsRecorded(day, group.id);
              const entries = day.entries.filter(({ groupId }) => groupId === group.id).length;
              const tablets = oversight.joining.tablets.filter(
                ({ groupId }) => groupId === group.id,
              );
              return (
                <Table.Tr key={group.id}>
                  <Table.Th scope="row">{group.name}</Table.Th>
                  <Table.Td>
                    {recorded} of {all}
                  </Table.Td>
                  <Table.Td>{entries}</Table.Td>
                  <Table.Td>
                    {tablets.length === 0 && <span className="quiet">none has joined</span>}
                    {tablets.map(({ id, joinedAt }, at) => (
                      <Group key={id} gap="xs">
                        <Text size="sm">joined {clockTime(joinedAt)}</Text>
                        <Button
                          size="compact-md"
                          variant="default"
                          className="no-print"
                          aria-label={`Put out tablet ${at + 1} of ${group.name}`}
                          onClick={() => void putOut({ dayId: day.id, tabletId: id })}
                        >
                          Put out
                        </Button>
                      </Group>
                    ))}
                  </Table.Td>
                </Table.Tr>
              );
            })}
          </Table.Tbody>
        </Table>
      </Table.ScrollContainer>
    </section>
  );
}

function Releases({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const [release] = useReleaseMutation();
  const works = useMemo(
    () => worksAsMade(day).filter(({ manner }) => manner !== 'demonstration'),
    [day],
  );
  return (
    <section className="card no-print" aria-label="Released" style={{ marginTop: '1rem' }}>
      <Title order={2} size="h4">
        When groups see what is expected
      </Title>
      {works.length === 0 && (
        <Text className="quiet" size="sm" mt="xs">
          Nothing is planned yet. Of every test and procedure you choose whether a bench sees what
          is expected never, after it has recorded, or always.
        </Text>
      )}
      {works.map((work) => (
        <Group key={work.id} justify="space-between" mt="xs">
          <Text>
            {work.number} <ProcedureName procedure={work.procedure} />
          </Text>
          <SegmentedControl
            size="md"
            aria-label={`Expected of ${work.procedure.name} is shown`}
            value={oversight.releases.find(({ workId }) => workId === work.id)?.when ?? 'never'}
            data={[
              { value: 'never', label: 'Never' },
              { value: 'afterRecording', label: 'After recording' },
              { value: 'always', label: 'Always' },
            ]}
            onChange={(when) =>
              void release({
                dayId: day.id,
                release: { workId: work.id, when: when },
              })
            }
          />
        </Group>
      ))}
    </section>
  );
}

const kindWords = { message: 'Words', flag: 'Look again at', checked: 'Checked' } as const;

function Messages({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const works = useMemo(() => worksAsMade(day), [day]);
  const [send, { error }] = useSendMessageMutation();
  const [groupId, setGroupId] = useState('all');
  const [kind, setKind] = useState<MessageInput['kind']>('message');
  const [place, setPlace] = useState('');
  const [text, setText] = useState('');
  const places = works.flatMap((work) =>
    work.procedure.steps.map((step, at) => ({
      value: `${work.id} ${step.id}`,
      label: `${work.number} ${work.procedure.name}, step ${at + 1}`,
    })),
  );
  const submit = async () => {
    const [workId = null, stepId = null] =
      kind === 'message' || place === '' ? [] : place.split(' ');
    const message = {
      id: crypto.randomUUID(),
      groupId: groupId === 'all' ? null : groupId,
      kind,
      workId,
      stepId,
      text: text.trim(),
    };
    const done = await send({ dayId: day.id, message });
    if (!done.error) setText('');
  };
  const nameOf = (id: string | null) =>
    id === null ? 'all' : (day.groups.find((one) => one.id === id)?.name ?? '');
  return (
    <section className="card no-print" aria-label="Messages" style={{ marginTop: '1rem' }}>
      <Title order={2} size="h4">
        Say something to a bench
      </Title>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <Group mt="xs" align="flex-end">
          <label>
            To{' '}
            <select
              className="tappable"
              value={groupId}
              onChange={(event) => setGroupId(event.currentTarget.value)}
            >
              <option value="all">all benches</option>
              {day.groups.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <SegmentedControl
            size="md"
            aria-label="What is sent"
            value={kind}
            data={Object.entries(kindWords).map(([value, label]) => ({ value, label }))}
            onChange={(next) => setKind(next as MessageInput['kind'])}
          />
        </Group>
        {kind !== 'message' && (
          <label style={{ display: 'block', marginTop: '0.6rem' }}>
            Step{' '}
            <select
              className="tappable"
              value={place}
              onChange={(event) => setPlace(event.currentTarget.value)}
            >
              <option value="">choose</option>
              {places.map(({ value, label }) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </select>
          </label>
        )}
        <TextInput
          label="Words"
          size="md"
          mt="xs"
          maxLength={400}
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
          error={error ? explainError(error).message : undefined}
        />
        <Button
          type="submit"
          size="md"
          mt="sm"
          disabled={kind === 'message' ? text.trim() === '' : place === ''}
        >
          Send
        </Button>
      </form>
      <ul aria-label="Sent">
        {oversight.messages.slice(-6).map(({ id, groupId: to, kind: what, text: words }) => (
          <li key={id}>
            <span className="quiet">To {nameOf(to)}:</span>{' '}
            {what === 'message' ? '' : kindWords[what]} {words}
          </li>
        ))}
      </ul>
    </section>
  );
}
