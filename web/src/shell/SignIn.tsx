import { Anchor, Button, PasswordInput, Text, Title } from '@mantine/core';
import { Segments } from '../shared/parts/Segments';
import type { SessionState } from '@stoichos/core/labday/access';
import { useState } from 'react';
import { Link } from 'react-router';
import { useSignInMutation } from '../data/api/api';
import { explainError } from '../data/api/explainError';

/** Where staff sign in; groups are shown the way to their own door. */
export function SignIn({ session }: { session: SessionState }) {
  const [role, setRole] = useState<'instructor' | 'technician'>('instructor');
  const [passphrase, setPassphrase] = useState('');
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
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void signIn({ role, passphrase });
        }}
      >
        {session.hasTechnician && (
          <Segments
            fullWidth
            mb="sm"
            label="Who signs in"
            value={role}
            of={{ instructor: 'Instructor', technician: 'Technician' }}
            onChange={setRole}
          />
        )}
        <PasswordInput
          label="Passphrase"
          autoComplete="current-password"
          value={passphrase}
          onChange={(event) => setPassphrase(event.currentTarget.value)}
          error={told ? `${told.message} ${told.remedy}` : undefined}
        />
        <Button
          variant="filled"
          type="submit"
          mt="md"
          fullWidth
          loading={isLoading}
          disabled={passphrase === ''}
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
