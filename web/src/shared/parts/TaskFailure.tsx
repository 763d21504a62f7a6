import { Alert } from '@mantine/core';
import { Formula } from '../chemistry/Formula';
import type { Failure } from '../../data/worker/chemistry';

/** Why long work found nothing, and what to do about it; nothing while nothing failed. */
export function TaskFailure({ failure }: { failure: Failure | undefined }) {
  if (!failure) return null;
  return (
    <Alert color="red" role="alert" my="sm" title={<Formula text={failure.message} wrap />}>
      <Formula text={failure.remedy} wrap />
    </Alert>
  );
}
