import { isMixing } from '@stoichos/core/labday/day';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import type { BenchProgress } from '@stoichos/core/labday/bench';
import type { Work } from '@stoichos/core/labday/day';
import { PickStrip } from '../../shared/parts/PickStrip';
import classes from '../../shared/parts/Strip.module.css';

interface WorkTabsProps {
  readonly works: readonly Work[];
  readonly progress: BenchProgress;
  readonly selected: string;
  readonly onSelect: (id: string) => void;
}

/** What the bench has to do today, each with how far it is; one tap switches. */
export function WorkTabs({ works, progress, selected, onSelect }: WorkTabsProps) {
  return (
    <PickStrip
      label="Work of the day"
      picked={selected}
      onPick={onSelect}
      of={works.map((work) => {
        const steps = progress.steps.filter((one) => one.work.id === work.id);
        const over = steps.filter(({ state }) => state === 'done' || state === 'skipped').length;
        return {
          id: work.id,
          shown: (
            <>
              <span className={classes.number}>{work.number}</span>
              <span className={classes.name} title={work.procedure.name}>
                <ProcedureName procedure={work.procedure} />
              </span>
              {!isMixing(work) && (
                <span className={classes.number}>
                  {over}/{steps.length}
                </span>
              )}
            </>
          ),
        };
      })}
    />
  );
}
