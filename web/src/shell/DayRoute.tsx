import { useEffect } from 'react';
import { DayFrame } from '../features/labday/DayFrame';
import { bringStagesAlong } from './stagePages';

/** A lab day, with its other stages brought along in a quiet moment. */
export function DayRoute() {
  useEffect(bringStagesAlong, []);
  return <DayFrame />;
}
