import { Button } from '@mantine/core';
import { useState } from 'react';
import type { ReactNode } from 'react';

interface RestOfListProps {
  /** The cursor after which the next page begins; nothing is offered where there is none. */
  readonly next: string | null;
  /** What the rest is called, as in “Earlier runs”. */
  readonly label: string;
  /** The page after a cursor, which ends with the rest of the list in turn. */
  readonly children: (after: string) => ReactNode;
}

/** The rest of a list: its next page, when it is asked for. */
export function RestOfList({ next, label, children }: RestOfListProps) {
  const [isAsked, setAsked] = useState(false);
  if (next === null) return null;
  return isAsked ? (
    children(next)
  ) : (
    <Button variant="subtle" onClick={() => setAsked(true)}>
      {label}
    </Button>
  );
}
