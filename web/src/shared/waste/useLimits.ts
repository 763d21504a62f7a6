import { usualLimits } from '@stoichos/core/planning/waste';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';

/** What may stay dissolved, mg/L by element, as this browser has it set. */
export function useLimits() {
  return useKept('stoichos-discharge-limits', z.record(z.string(), z.number().min(0)), usualLimits);
}
