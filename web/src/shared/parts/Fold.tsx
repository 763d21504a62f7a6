import { useState } from 'react';
import type { ReactNode } from 'react';
import classes from './Fold.module.css';

interface FoldProps {
  readonly title: string;
  /** Stands open to begin with, or as soon as this becomes true. */
  readonly open?: boolean;
  /** What it holds is heavy, and made when it is first opened. */
  readonly lazy?: boolean;
  readonly children: ReactNode;
}

/** Something that is asked for less often, folded away until it is. */
export function Fold({ title, open = false, lazy = false, children }: FoldProps) {
  // Once open it stays, so that nothing jumps away under a finger.
  const [shown, setShown] = useState(open);
  return (
    <details
      className={classes.fold}
      open={shown || open}
      onToggle={(event) => setShown(event.currentTarget.open)}
    >
      <summary>{title}</summary>
      {(!lazy || shown || open) && children}
    </details>
  );
}
