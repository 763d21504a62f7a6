import { shortText } from '@stoichos/core/planning/procedure';
import type { TimetableRow } from '@stoichos/core/planning/procedure';
import { atMostPlaces } from '@stoichos/core/common';
import { LineTable } from '../../shared/parts/LineTable';
import classes from './TimetablePage.module.css';

/** The timetable to read: every bench with its steps in the order of time. */
export function TimetableTable({ rows }: { rows: readonly TimetableRow[] }) {
  return (
    <LineTable
      className={classes.table ?? ''}
      head={['Minute', 'Bench', 'Procedure', 'Step']}
      words={[1, 2, 3]}
      rows={rows.flatMap((row) =>
        row.lanes
          .flatMap(({ bars }) => bars)
          .sort((one, other) => one.startMin - other.startMin)
          .map((bar) => [
            `${atMostPlaces(bar.startMin, 1)}–${atMostPlaces(bar.endMin, 1)}`,
            row.name,
            bar.procedureName,
            <>
              {shortText(bar.origin.step)}
              {!bar.origin.step.attended && <span className="quiet"> (by itself)</span>}
            </>,
          ]),
      )}
    />
  );
}
