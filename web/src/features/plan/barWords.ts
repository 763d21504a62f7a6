import { shortText } from '@stoichos/core/planning/procedure';
import type { TimetableBar } from '@stoichos/core/planning/procedure';
import { atMostPlaces } from '@stoichos/core/common';

/** When a task runs, in minutes from the start. */
export const clock = ({ startMin, endMin }: TimetableBar): string =>
  `minute ${atMostPlaces(startMin, 1)} to ${atMostPlaces(endMin, 1)}`;

/** What a bar says when there is no room for it. */
export const barName = (bar: TimetableBar): string =>
  `${bar.procedureName}: ${shortText(bar.origin.step)}, ${clock(bar)}`;
