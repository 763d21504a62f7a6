import type { Settings } from '@stoichos/core';
import { useSettingsQuery } from '../api/api';

const untilLoaded: Settings = {
  naming: 'stock',
  reactionTypes: 'five',
  temperature: '°C',
  heating: 'constantMass',
  discharge: 'potentials',
  unknowns: 'mostInformative',
};

/** The chosen schools. */
export function useSettings(): Settings {
  const { data } = useSettingsQuery();
  return data ?? untilLoaded;
}
