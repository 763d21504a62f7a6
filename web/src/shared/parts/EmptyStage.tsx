import { Button, Text, Title } from '@mantine/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** A stage with nothing in it yet: what will stand there, and the way to what fills it. */
export function EmptyStage({
  title,
  children,
  to,
  label,
}: {
  title: string;
  children: ReactNode;
  to: string;
  label: string;
}) {
  return (
    <>
      <Title>{title}</Title>
      <Text my="sm">{children}</Text>
      <Button variant="filled" component={Link} to={to}>
        {label}
      </Button>
    </>
  );
}
