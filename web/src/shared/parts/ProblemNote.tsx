import { Alert } from '@mantine/core';
import { explainError } from '../../data/api/explainError';

/** What went wrong with a request, and what to do; nothing while nothing did. */
export function ProblemNote({ error }: { error: unknown }) {
  if (!error) return null;
  const { message, remedy } = explainError(error);
  return (
    <Alert role="alert" title={message}>
      {remedy}
    </Alert>
  );
}
