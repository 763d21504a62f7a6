import type { PlannedTest } from '@stoichos/core/labday';
import { IconPlus } from '@tabler/icons-react';
import { Formula } from '../chemistry/Formula';
import classes from './TestTabs.module.css';

interface TestTabsProps {
  readonly tests: readonly PlannedTest[];
  readonly selected: string | undefined;
  readonly onSelect: (id: string) => void;
  /** Offers a new test where tests can be added. */
  readonly onNew?: () => void;
}

/** The tests of the day in a row; one tap switches. */
export function TestTabs({ tests, selected, onSelect, onNew }: TestTabsProps) {
  return (
    <div className={`${classes.row} no-print`} role="group" aria-label="Tests of the day">
      {tests.map(({ id, a, b }, index) => (
        <button
          key={id}
          type="button"
          className="tappable"
          aria-pressed={id === selected}
          onClick={() => onSelect(id)}
        >
          <span className={classes.number}>{index + 1}</span>
          <span>
            <Formula text={a.substance} /> + <Formula text={b.substance} />
          </span>
        </button>
      ))}
      {onNew && (
        <button
          type="button"
          className="tappable"
          aria-pressed={selected === undefined}
          onClick={onNew}
        >
          <IconPlus size={18} aria-hidden /> New test
        </button>
      )}
    </div>
  );
}
