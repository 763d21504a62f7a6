import { standingEntries } from '@stoichos/core/labday';
import type { Bench, LabDay } from '@stoichos/core/labday';
import { shortName } from '../../shared/parts/shortNames';
import classes from '../../shared/parts/Strip.module.css';

interface BenchTabsProps {
  readonly day: LabDay;
  readonly workId: string;
  readonly benches: readonly Bench[];
  readonly selected: Bench;
  readonly onSelect: (id: string | null) => void;
}

/** The benches in a row, each with how much it has recorded of the work at hand. */
export function BenchTabs({ day, workId, benches, selected, onSelect }: BenchTabsProps) {
  return (
    <div className={`${classes.row} no-print`} role="group" aria-label="Groups">
      {benches.map(({ id, name }) => {
        const count = standingEntries(day.entries, { workId, groupId: id }).filter(
          ({ record }) => record.kind !== 'step',
        ).length;
        return (
          <button
            key={id ?? 'all'}
            type="button"
            className="tappable"
            aria-pressed={id === selected.id}
            aria-label={`${name} ${count === 0 ? 'nothing' : count} recorded`}
            onClick={() => onSelect(id)}
          >
            {shortName(name, benches)}{' '}
            <span className={classes.number}>{count === 0 ? '–' : count}</span>
          </button>
        );
      })}
    </div>
  );
}
