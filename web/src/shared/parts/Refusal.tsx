import { Alert } from '@mantine/core';
import type { AlertProps } from '@mantine/core';
import type { Failure } from '../../data/worker/chemistry';
import { Formula } from '../chemistry/Formula';

interface RefusalProps extends Omit<AlertProps, 'children'> {
  /** What did not come about. */
  readonly title: string;
  readonly of: Failure | undefined;
}

/** What was not done, why, and what to do about it; nothing while nothing was refused. */
export function Refusal({ of, ...look }: RefusalProps) {
  if (!of) return null;
  return (
    <Alert color="red" role="alert" mt="sm" {...look}>
      <Formula text={`${of.message} ${of.remedy}`} wrap />
    </Alert>
  );
}
