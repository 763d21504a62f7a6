import type { HeldDay } from '@stoichos/contract';
import { useOutletContext } from 'react-router';

/** The open lab day, inside its frame. */
export function useLabDay(): HeldDay {
  return useOutletContext<HeldDay>();
}
