import { useLocalStorage } from '@mantine/hooks';
import { usualLimits } from '@stoichos/core/planning/waste';
import type { Limits } from '@stoichos/core/planning/waste';

/** What may stay dissolved, mg/L by element, as this browser has it set. */
export function useLimits() {
  return useLocalStorage<Limits>({
    key: 'stoichos-discharge-limits',
    defaultValue: usualLimits,
    getInitialValueInEffect: false,
  });
}
