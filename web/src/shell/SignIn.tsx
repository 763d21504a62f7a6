import { Anchor, Button, PasswordInput, Text, Title } from '@mantine/core';
import { Segments } from '../shared/parts/Segments';
import type { SessionState } from '@stoichos/core/labday/access';
import { signInSchema } from '@stoichos/core/labday/access';
import { useForm } from '@mantine/form';
import type * as z from 'zod';
import { schemaErrors } from '../shared/parts/schemaErrors';
import { Link } from 'react-router';
import { useSignInMutation } from '../data/api/api';
import { explainError } from '../data/api/explainError';

/** Where staff sign in; groups are shown the way to their own door. */
export function SignIn({ session }: { session: SessionState }) {
  const form = useForm<z.infer<typeof signInSchema>>({
    initialValues: { role: 'instructor', passphrase: '' },
    validate: (values) => schemaErrors(signInSchema, values),
  });
  const [signIn, { isLoading, error }] = useSignInMutation();
  const told = error ? explainError(error) : undefined;
  return (
    <section
      className="card"
      aria-label="Sign in"
      style={{ maxWidth: '26rem', margin: '3rem auto' }}
    >
      <Title order={1} size="h3" mb="md">
        Sign in
      </Title>
      <form onSubmit={form.onSubmit((values) => void signIn(values))}>
        {session.hasTechnician && (
          <Segments
            fullWidth
            mb="sm"
            label="Who signs in"
            value={form.values.role}
            of={{ instructor: 'Instructor', technician: 'Technician' }}
            onChange={(role) => form.setFieldValue('role', role)}
          />
        )}
        <PasswordInput
          label="Passphrase"
          autoComplete="current-password"
          {...form.getInputProps('passphrase')}
          error={told ? `${told.message} ${told.remedy}` : undefined}
        />
        <Button
          variant="filled"
          type="submit"
          mt="md"
          fullWidth
          loading={isLoading}
          disabled={form.values.passphrase === ''}
        >
          Sign in
        </Button>
      </form>
      <Text mt="lg">
        At a bench?{' '}
        <Anchor component={Link} to="/join">
          Join with the code on the wall
        </Anchor>
        .
      </Text>
      <Text size="sm" className="quiet" mt="sm">
        A lost passphrase is set anew on the machine itself, with <code>npm run passphrase</code>.
      </Text>
    </section>
  );
}
