import { Button, Group, Text, TextInput, Title } from '@mantine/core';
import type { Group as Bench, Oversight, SealedUnknown } from '@stoichos/core';
import { useState } from 'react';
import { useAssignUnknownMutation, useKeysQuery, useSessionQuery } from '../api/api';
import { explainError } from '../api/explainError';
import { useLabDay } from '../days/DayFrame';

/** Which jar each bench has to identify. What is in it stays sealed until the instructor asks for it, and that is written down. */
export function Unknowns({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const { data: session } = useSessionQuery();
  const [shown, setShown] = useState(false);
  const { data: keys } = useKeysQuery(day.id, { skip: !shown });
  if (session?.role !== 'instructor') return null;
  return (
    <section className="card no-print" aria-label="Unknowns" style={{ marginTop: '1rem' }}>
      <Group justify="space-between">
        <Title order={2} size="h4">
          Unknowns
        </Title>
        <Button size="md" variant="default" aria-pressed={shown} onClick={() => setShown(!shown)}>
          {shown ? 'Seal the keys' : 'Show the keys'}
        </Button>
      </Group>
      <Text size="sm" className="quiet">
        A bench sees the code on its jar and never the key.
      </Text>
      {day.groups.map((bench) => (
        <OneUnknown
          key={bench.id}
          bench={bench}
          code={oversight.unknowns.find(({ groupId }) => groupId === bench.id)?.code ?? ''}
          sealed={shown ? keys?.find(({ groupId }) => groupId === bench.id) : undefined}
        />
      ))}
    </section>
  );
}

interface OneUnknownProps {
  readonly bench: Bench;
  readonly code: string;
  readonly sealed: SealedUnknown | undefined;
}

function OneUnknown({ bench, code, sealed }: OneUnknownProps) {
  const day = useLabDay();
  const [typed, setTyped] = useState(code);
  const [key, setKey] = useState('');
  const [assign, { error, isLoading }] = useAssignUnknownMutation();
  const submit = async () => {
    const unknown = { groupId: bench.id, code: typed, key };
    const done = await assign({ dayId: day.id, unknown });
    if (!done.error) setKey('');
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Group mt="xs" align="flex-end">
        <Text w="8rem" pb={10}>
          {bench.name}
        </Text>
        <TextInput
          label={`Code for ${bench.name}`}
          size="md"
          w="9rem"
          maxLength={20}
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
          error={error ? explainError(error).message : undefined}
        />
        <TextInput
          label={`Sealed key for ${bench.name}`}
          size="md"
          type="password"
          autoComplete="off"
          maxLength={120}
          placeholder={code === '' ? '' : 'sealed'}
          value={key}
          onChange={(event) => setKey(event.currentTarget.value)}
        />
        <Button
          type="submit"
          size="md"
          variant="default"
          loading={isLoading}
          disabled={typed.trim() === '' || key.trim() === ''}
        >
          Assign
        </Button>
        {sealed && (
          <Text pb={10} data-testid={`key-${bench.name}`}>
            {sealed.code}: {sealed.key}
          </Text>
        )}
      </Group>
    </form>
  );
}
