import { planned } from '@stoichos/core/studies/gas';
import type { Route } from '@stoichos/core/studies/gas';
import { useMemo } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { useGas } from './useGas';

/** The preparation that is set, by the route that is taken. */
export function usePlanned(route: Route | undefined) {
  const { dropsPerMl } = useSettings();
  const { state } = useGas();
  return useMemo(() => route && planned(state, route, dropsPerMl), [state, route, dropsPerMl]);
}
