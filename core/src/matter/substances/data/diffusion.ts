import { readSource } from '../readSource';
import { handbook } from '../source';
import type { IonicDiffusion } from '../types';

const crc = handbook(
  'CRC Handbook of Chemistry and Physics',
  'ionic conductivity and diffusion at infinite dilution, 25 °C; D = RTλ/(z²F²) from the molar conductivity',
);
const ion = (formula: string, coefficient: number): IonicDiffusion => ({ formula, coefficient, source: readSource('diffusion', formula) ?? crc });

/** Diffusion coefficients of ions in water at 25 °C and infinite dilution, in 1e-9 m²/s. */
export const ionicDiffusion: readonly IonicDiffusion[] = [
  ion('H^+', 9.311), ion('Li^+', 1.029), ion('Na^+', 1.334), ion('K^+', 1.957), ion('NH4^+', 1.957), ion('Ag^+', 1.648),
  ion('Mg^2+', 0.706), ion('Ca^2+', 0.792), ion('Sr^2+', 0.791), ion('Ba^2+', 0.847), ion('Mn^2+', 0.712), ion('Fe^2+', 0.719),
  ion('Co^2+', 0.732), ion('Ni^2+', 0.661), ion('Cu^2+', 0.714), ion('Zn^2+', 0.703), ion('Cd^2+', 0.719), ion('Pb^2+', 0.945),
  ion('Hg^2+', 0.847), ion('Al^3+', 0.541), ion('Fe^3+', 0.604), ion('Cr^3+', 0.595), ion('Ce^3+', 0.62),
  ion('OH^-', 5.273), ion('F^-', 1.475), ion('Cl^-', 2.032), ion('Br^-', 2.08), ion('I^-', 2.045), ion('NO3^-', 1.902), ion('NO2^-', 1.912),
  ion('ClO3^-', 1.72), ion('ClO4^-', 1.792), ion('BrO3^-', 1.483), ion('IO3^-', 1.078), ion('SCN^-', 1.758), ion('CN^-', 2.077), ion('MnO4^-', 1.632),
  ion('CH3COO^-', 1.089), ion('HCOO^-', 1.454), ion('HCO3^-', 1.185), ion('H2PO4^-', 0.959), ion('HSO4^-', 1.385),
  ion('SO4^2-', 1.065), ion('CO3^2-', 0.923), ion('CrO4^2-', 1.132), ion('C2O4^2-', 0.987), ion('HPO4^2-', 0.759), ion('S2O3^2-', 1.132), ion('SO3^2-', 1.064),
  ion('PO4^3-', 0.824), ion('Fe(CN)6^3-', 0.896), ion('Fe(CN)6^4-', 0.735), ion('C6H5O7^3-', 0.623),
];
