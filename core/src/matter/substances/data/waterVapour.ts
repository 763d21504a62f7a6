import { handbook } from '../source';

export const waterVapourSource = handbook('CRC Handbook of Chemistry and Physics', 'vapour pressure of water');

/** Vapour pressure of water in kPa by temperature in °C. */
export const waterVapour = [
  [0, 0.6113],
  [5, 0.8726],
  [10, 1.2281],
  [15, 1.7056],
  [20, 2.3388],
  [25, 3.169],
  [30, 4.2455],
  [35, 5.6267],
  [40, 7.3814],
  [45, 9.5898],
  [50, 12.344],
  [60, 19.932],
  [70, 31.176],
  [80, 47.373],
  [90, 70.182],
  [100, 101.42],
] as const satisfies readonly (readonly [temperatureC: number, kPa: number])[];
