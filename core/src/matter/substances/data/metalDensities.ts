import { handbook } from '../source';

export const metalDensitySource = handbook('CRC Handbook of Chemistry and Physics', 'density of the element at 20–25 °C, rounded');

/** Density of metals that current deposits, g/cm³. */
export const metalDensities: Readonly<Record<string, number>> = {
  Cu: 8.96, Ag: 10.5, Zn: 7.14, Ni: 8.9, Pb: 11.3, Sn: 7.29, Fe: 7.87, Co: 8.86, Cd: 8.65, Bi: 9.79, Hg: 13.5,
};
