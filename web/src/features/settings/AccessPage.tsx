import { Card } from '../../shared/parts/Card';
import { LineTable } from '../../shared/parts/LineTable';
import { Button, Group, PasswordInput, Switch, Text, Title } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { shortestPassphrase } from '@stoichos/core/labday/access';
import { useState } from 'react';
import { longTime } from '../../shared/parts/dates';
import {
  useAuditQuery,
  useSessionQuery,
  useSetPassphraseMutation,
  useSignOutMutation,
} from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { Fold } from '../../shared/parts/Fold';
import { LoadState } from '../../shared/parts/LoadState';

/** Passphrases, signing out, and the list of who went through which door. */
export function AccessPage() {
  const { data: session, error, refetch } = useSessionQuery();
  const [signOut] = useSignOutMutation();
  if (!session) return <LoadState error={error} retry={() => void refetch()} />;
  return (
    <div style={{ maxWidth: '48rem', margin: '0 auto' }}>
      <Title order={1} size="h1" my="md">
        Who may come in
      </Title>
      <Card label="Signed in">
        <Text>
          {session.open
            ? 'This machine stands open: whoever sits at it is the instructor. Nobody else can reach it until an instructor’s passphrase is set.'
            : `You are signed in as the ${session.role}.`}
        </Text>
        {!session.open && (
          <Group mt="sm">
            <Button onClick={() => void signOut({ everywhere: false })}>Sign out</Button>
            <Button onClick={() => void signOut({ everywhere: true })}>Sign out everywhere</Button>
          </Group>
        )}
      </Card>
      {session.role === 'instructor' && (
        <>
          <PassphraseForm role="instructor" isThere={session.hasPassphrase} />
          <PassphraseForm role="technician" isThere={session.hasTechnician} />
          <Card label="Doors and keys" mt="md">
            <Fold title="Who went through which door">
              <Audit />
            </Fold>
          </Card>
        </>
      )}
    </div>
  );
}

function PassphraseForm({
  role,
  isThere,
}: {
  role: 'instructor' | 'technician';
  isThere: boolean;
}) {
  const [passphrase, setPassphrase] = useState('');
  const [openHere, setOpenHere] = useState(true);
  const [save, { isLoading, error }] = useSetPassphraseMutation();
  const told = error ? explainError(error) : undefined;
  const submit = async () => {
    const done = await save({ role, passphrase, ...(role === 'instructor' && { openHere }) });
    if (done.error) return;
    setPassphrase('');
    notifications.show({
      title: 'The passphrase is set',
      message: 'Sessions begun with the old one have ended.',
    });
  };
  return (
    <Card label={`Passphrase of the ${role}`} mt="md">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <Text fw={600}>Passphrase of the {role}</Text>
        <Text size="sm" className="quiet" mb="xs">
          {isThere ? 'One is set; a new one replaces it.' : 'None is set.'} At least{' '}
          {shortestPassphrase} characters; a few words do well.
        </Text>
        <PasswordInput
          label="New passphrase"
          autoComplete="new-password"
          value={passphrase}
          onChange={(event) => setPassphrase(event.currentTarget.value)}
          error={told ? `${told.message} ${told.remedy}` : undefined}
        />
        {role === 'instructor' && (
          <Switch
            mt="sm"
            label="At this machine itself nobody has to sign in"
            checked={openHere}
            onChange={(event) => setOpenHere(event.currentTarget.checked)}
          />
        )}
        <Button
          type="submit"
          mt="sm"
          loading={isLoading}
          disabled={passphrase.length < shortestPassphrase}
        >
          Set the passphrase
        </Button>
      </form>
    </Card>
  );
}

function Audit() {
  const { data = [] } = useAuditQuery();
  if (data.length === 0) return <Text>Nothing yet.</Text>;
  return (
    <LineTable
      head={['When', 'Who', 'What', 'About']}
      rows={data.map(({ at, role, what, about }) => [longTime(at), role, what, about])}
    />
  );
}
