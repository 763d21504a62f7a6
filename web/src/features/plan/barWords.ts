import { shortText } from '@stoichos/core/planning/procedure';
import type { TimetableBar } from '@stoichos/core/planning/procedure';

/** When a task runs, in minutes from the start. */
export const clock = ({ startMin, endMin }: TimetableBar): string =>
  `minute ${Number(startMin.toFixed(1))} to ${Number(endMin.toFixed(1))}`;

/** What a bar says when there is no room for it. */
export const barName = (bar: TimetableBar): string =>
  `${bar.procedureName}: ${shortText(bar.origin.step)}, ${clock(bar)}`;
