import { Button, Text, TextInput, Title } from '@mantine/core';
import { useForm } from '@mantine/form';
import { joinCodeLength, readJoinCode } from '@stoichos/core/labday/access';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useJoinMutation, useJoinableQuery } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { longDate } from '../../shared/parts/dates';
import classes from './Groups.module.css';

/** A tablet joins a lab day: the code, then which bench it stands at. */
export function JoinPage() {
  const { code: inAddress = '' } = useParams();
  const form = useForm({ initialValues: { code: inAddress } });
  const [code, setCode] = useState(readJoinCode(inAddress));
  const navigate = useNavigate();
  const { currentData: data, error, isFetching } = useJoinableQuery(code, { skip: code === '' });
  const [join, joining] = useJoinMutation();
  const failure = joining.error ?? error;
  const told = failure ? explainError(failure) : undefined;
  const enter = async (groupId: string) => {
    const done = await join({ code, groupId });
    if (!done.error) await navigate('/group', { replace: true });
  };
  return (
    <main className={classes.join}>
      <Title order={1} size="h1">
        Join the lab day
      </Title>
      <form onSubmit={form.onSubmit((typed) => setCode(readJoinCode(typed.code)))}>
        <TextInput
          label="Code on the wall"
          size="lg"
          autoCapitalize="characters"
          autoComplete="off"
          spellCheck={false}
          {...form.getInputProps('code')}
          error={told ? `${told.message} ${told.remedy}` : undefined}
        />
        {!data && (
          <Button
            variant="filled"
            type="submit"
            size="lg"
            mt="md"
            fullWidth
            loading={isFetching}
            disabled={readJoinCode(form.values.code).length < joinCodeLength}
          >
            Go on
          </Button>
        )}
      </form>
      {data && (
        <section aria-label="Which bench">
          <Text size="lg" fw={600} mt="lg">
            {data.dayName}
          </Text>
          <Text className="quiet">{longDate(data.date)}</Text>
          <Text mt="md">Which bench is this tablet at?</Text>
          <div className={classes.benches}>
            {data.groups.map(({ id, name }) => (
              <Button key={id} size="xl" loading={joining.isLoading} onClick={() => void enter(id)}>
                {name}
              </Button>
            ))}
          </div>
        </section>
      )}
    </main>
  );
}
