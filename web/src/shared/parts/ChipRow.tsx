import { UnstyledButton } from '@mantine/core';
import type { ReactNode } from 'react';
import classes from '../recording/Bench.module.css';

/** One question at the bench with its answers as chips. */
export function Question({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className={classes.question}>
      <legend>{title}</legend>
      <div className={classes.chips}>{children}</div>
    </fieldset>
  );
}

interface ChipProps {
  readonly chosen: boolean;
  readonly onTap: () => void;
  /** The key that does the same. */
  readonly hotkey?: string;
  readonly children: ReactNode;
}

/** One answer; a tap records it, a second tap takes it back. */
export function Chip({ chosen, onTap, hotkey, children }: ChipProps) {
  return (
    <UnstyledButton className={`tappable ${classes.chip}`} aria-pressed={chosen} onClick={onTap}>
      {children}
      {hotkey && (
        <kbd className={classes.key} aria-hidden>
          {hotkey}
        </kbd>
      )}
    </UnstyledButton>
  );
}
