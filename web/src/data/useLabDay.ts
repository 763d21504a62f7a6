import type { LabDay } from '@stoichos/core/labday/day';
import { useOutletContext } from 'react-router';

/** The open lab day, inside its frame. */
export function useLabDay(): LabDay {
  return useOutletContext<LabDay>();
}
