import { standingEntries } from '@stoichos/core';
import type { LabDay } from '@stoichos/core';
import classes from './TestTabs.module.css';

interface GroupTabsProps {
  readonly day: LabDay;
  readonly testId: string;
  readonly selected: string;
  readonly onSelect: (groupId: string) => void;
}

/** The groups in a row, each with how much it has recorded for the test. */
export function GroupTabs({ day, testId, selected, onSelect }: GroupTabsProps) {
  return (
    <div className={`${classes.row} no-print`} role="group" aria-label="Groups">
      {day.groups.map(({ id, name }) => {
        const count = standingEntries(day.entries, testId, id).length;
        return (
          <button
            key={id}
            type="button"
            className="tappable"
            aria-pressed={id === selected}
            onClick={() => onSelect(id)}
          >
            {name} <span className={classes.number}>{count === 0 ? '–' : `${count} recorded`}</span>
          </button>
        );
      })}
    </div>
  );
}
