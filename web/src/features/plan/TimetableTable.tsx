import { shortText } from '@stoichos/core/planning/procedure';
import type { TimetableRow } from '@stoichos/core/planning/procedure';
import classes from './TimetablePage.module.css';
import { atMostPlaces } from '@stoichos/core/common';

/** The timetable to read: every bench with its steps in the order of time. */
export function TimetableTable({ rows }: { rows: readonly TimetableRow[] }) {
  return (
    <table className={classes.table}>
      <thead>
        <tr>
          <th>Minute</th>
          <th>Bench</th>
          <th>Procedure</th>
          <th>Step</th>
        </tr>
      </thead>
      <tbody>
        {rows.flatMap((row) =>
          row.lanes
            .flatMap(({ bars }) => bars)
            .sort((one, other) => one.startMin - other.startMin)
            .map((bar) => (
              <tr key={bar.id}>
                <td>
                  {atMostPlaces(bar.startMin, 1)}–{atMostPlaces(bar.endMin, 1)}
                </td>
                <td>{row.name}</td>
                <td>{bar.procedureName}</td>
                <td>
                  {shortText(bar.origin.step)}
                  {!bar.origin.step.attended && <span className="quiet"> (by itself)</span>}
                </td>
              </tr>
            )),
        )}
      </tbody>
    </table>
  );
}
