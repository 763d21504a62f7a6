import type { Told, contracts } from '@stoichos/contract';
import { Card } from '../../shared/parts/Card';
import { LineTable } from '../../shared/parts/LineTable';
import { Button, Container, Group, PasswordInput, Switch, Text, Title } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { newPassphraseSchema, shortestPassphrase } from '@stoichos/core/labday/access';
import { longTime } from '../../shared/parts/dates';
import {
  useAuditQuery,
  useSessionQuery,
  useSetPassphraseMutation,
  useSignOutEverywhereMutation,
  useSignOutMutation,
} from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { Fold } from '../../shared/parts/Fold';
import { schemaErrors } from '../../shared/parts/schemaErrors';
import { LoadState } from '../../shared/parts/LoadState';
import { RestOfList } from '../../shared/parts/RestOfList';

/** Passphrases, signing out, and the list of who went through which door. */
export function AccessPage() {
  const { data: session, error, refetch } = useSessionQuery();
  const [signOut] = useSignOutMutation();
  const [signOutEverywhere] = useSignOutEverywhereMutation();
  if (!session) return <LoadState error={error} retry={() => void refetch()} />;
  return (
    <Container size="48rem" p={0}>
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
            <Button onClick={() => void signOut()}>Sign out</Button>
            <Button onClick={() => void signOutEverywhere()}>Sign out everywhere</Button>
          </Group>
        )}
      </Card>
      {session.role === 'instructor' && (
        <>
          <PassphraseForm
            role="instructor"
            isThere={session.hasPassphrase}
            asksCurrent={session.hasPassphrase}
          />
          <PassphraseForm
            role="technician"
            isThere={session.hasTechnician}
            asksCurrent={session.hasPassphrase}
          />
          <Card label="Doors and keys" mt="md">
            <Fold title="Who went through which door">
              <Audit />
            </Fold>
          </Card>
        </>
      )}
    </Container>
  );
}

function PassphraseForm({
  role,
  isThere,
  asksCurrent,
}: {
  role: 'instructor' | 'technician';
  isThere: boolean;
  /** The instructor has a passphrase, and says it before another is set. */
  asksCurrent: boolean;
}) {
  const form = useForm({
    initialValues: {
      current: '',
      passphrase: '',
      ...(role === 'instructor' && { openHere: true }),
    },
    validate: (values) => schemaErrors(newPassphraseSchema, values),
  });
  const [save, { isLoading, error }] = useSetPassphraseMutation();
  const told = error ? explainError(error) : undefined;
  const submit = form.onSubmit(async (values) => {
    const { current, ...rest } = values;
    const done = await save({ role, ...rest, ...(asksCurrent && { current }) });
    if (done.error) return;
    form.setValues({ passphrase: '', current: '' });
    notifications.show({
      title: 'The passphrase is set',
      message: 'Sessions begun with the old one have ended.',
    });
  });
  return (
    <Card label={`Passphrase of the ${role}`} mt="md">
      <form onSubmit={submit}>
        <Text fw={600}>Passphrase of the {role}</Text>
        <Text size="sm" className="quiet" mb="xs">
          {isThere ? 'One is set; a new one replaces it.' : 'None is set.'} At least{' '}
          {shortestPassphrase} characters; a few words do well.
        </Text>
        {asksCurrent && (
          <PasswordInput
            label="The instructor’s passphrase now"
            autoComplete="current-password"
            mb="sm"
            {...form.getInputProps('current')}
            error={told?.field === 'current' ? `${told.message} ${told.remedy}` : undefined}
          />
        )}
        <PasswordInput
          label="New passphrase"
          autoComplete="new-password"
          {...form.getInputProps('passphrase')}
          error={told && told.field !== 'current' ? `${told.message} ${told.remedy}` : undefined}
        />
        {role === 'instructor' && (
          <Switch
            mt="sm"
            label="At this machine itself nobody has to sign in"
            {...form.getInputProps('openHere', { type: 'checkbox' })}
          />
        )}
        <Button
          type="submit"
          mt="sm"
          loading={isLoading}
          disabled={
            form.values.passphrase.length < shortestPassphrase ||
            (asksCurrent && form.values.current === '')
          }
        >
          Set the passphrase
        </Button>
      </form>
    </Card>
  );
}

type AuditPage = Told<typeof contracts.audit>;

function Audit() {
  const { currentData: page } = useAuditQuery(undefined);
  if (!page || page.items.length === 0) return <Text>Nothing yet.</Text>;
  return <AuditLines page={page} />;
}

/** A page of the list, and the way to the next one. */
function AuditLines({ page: { items, next } }: { readonly page: AuditPage }) {
  return (
    <>
      <LineTable
        head={['When', 'Who', 'What', 'About']}
        rows={items.map(({ at, role, what, about }) => [longTime(at), role, what, about])}
      />
      <RestOfList next={next} label="Earlier lines">
        {(after) => <NextLines after={after} />}
      </RestOfList>
    </>
  );
}

function NextLines({ after }: { readonly after: string }) {
  const { currentData, error, refetch } = useAuditQuery(after);
  return currentData ? (
    <AuditLines page={currentData} />
  ) : (
    <LoadState error={error} retry={() => void refetch()} />
  );
}
