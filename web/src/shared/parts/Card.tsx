import { Box, Title, type BoxProps } from '@mantine/core';
import type { ReactNode, Ref } from 'react';

interface CardProps extends BoxProps {
  /** What the part is called; without a title it is said to those who hear the page. */
  readonly label: string;
  /** Whether the label stands above the part. */
  readonly titled?: boolean;
  readonly role?: 'status';
  readonly ref?: Ref<HTMLElement> | undefined;
  readonly children: ReactNode;
}

/** A part of a page on its own ground. */
export function Card({ label, titled = false, className = '', children, ...box }: CardProps) {
  return (
    <Box component="section" aria-label={label} className={`card ${className}`} {...box}>
      {titled && <Title mb="sm">{label}</Title>}
      {children}
    </Box>
  );
}
