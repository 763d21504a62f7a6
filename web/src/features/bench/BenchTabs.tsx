import { standingEntries } from '@stoichos/core/labday/day';
import type { Bench, LabDay } from '@stoichos/core/labday/day';
import { PickStrip } from '../../shared/parts/PickStrip';
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
    <PickStrip
      label="Groups"
      picked={selected.id}
      onPick={onSelect}
      of={benches.map(({ id, name }) => {
        const count = standingEntries(day.entries, { workId, groupId: id }).filter(
          ({ record }) => record.kind !== 'step',
        ).length;
        return {
          id,
          said: `${name} ${count === 0 ? 'nothing' : count} recorded`,
          shown: (
            <>
              {shortName(name, benches)}{' '}
              <span className={classes.number}>{count === 0 ? '–' : count}</span>
            </>
          ),
        };
      })}
    />
  );
}
