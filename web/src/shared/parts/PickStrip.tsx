import { UnstyledButton } from '@mantine/core';
import type { ReactNode } from 'react';
import classes from './Strip.module.css';

/** One of those in a row. */
export interface Pick<K> {
  readonly id: K;
  readonly shown: ReactNode;
  /** Said in place of what is shown. */
  readonly said?: string;
}

interface PickStripProps<K> {
  readonly label: string;
  readonly of: readonly Pick<K>[];
  readonly picked: K;
  readonly onPick: (id: K) => void;
}

/** Several in a row, of which one is at hand; one tap switches. */
export function PickStrip<K extends string | null>({
  label,
  of,
  picked,
  onPick,
}: PickStripProps<K>) {
  return (
    <div className={`${classes.row} no-print`} role="group" aria-label={label}>
      {of.map(({ id, shown, said }) => (
        <UnstyledButton
          key={id ?? 'all'}
          className="tappable"
          aria-pressed={id === picked}
          aria-label={said}
          onClick={() => onPick(id)}
        >
          {shown}
        </UnstyledButton>
      ))}
    </div>
  );
}
