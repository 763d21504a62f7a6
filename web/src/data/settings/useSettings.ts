import { firstSettings } from '@stoichos/core/labday/settings';
import type { Settings } from '@stoichos/core/labday/settings';
import { useSettingsQuery } from '../api/api';

/** The chosen schools, units and habits of the school; those of a new one until they are there. */
export function useSettings(): Settings {
  const { data } = useSettingsQuery();
  return data ?? firstSettings;
}
