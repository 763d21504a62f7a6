import { handbook } from '../source';
import type { AbsorptionBand, Spectrum } from '../types';

const lever = handbook(
  'Lever, Inorganic Electronic Spectroscopy',
  'band maxima and absorptivities in water; widths chosen to match the published bands',
);
const band = (maximumNm: number, absorptivity: number, widthPerCm: number): AbsorptionBand => ({
  maximumNm,
  absorptivity,
  widthPerCm,
});

/** Absorption of coloured species in water between 350 and 850 nm. A species without a row is colourless. */
export const spectra: readonly Spectrum[] = [
  { formula: 'Cu^2+', bands: [band(810, 12, 4700)], source: lever },
  { formula: 'CuOH^+', bands: [band(780, 20, 4200)], source: lever },
  { formula: 'Cu(NH3)4^2+', bands: [band(600, 53, 5000)], source: lever },
  { formula: 'Cu(OH)4^2-', bands: [band(640, 35, 5500)], source: lever },
  { formula: 'Cu(C2O4)2^2-', bands: [band(700, 32, 5000)], source: lever },
  { formula: 'CuSCN^+', bands: [band(740, 30, 5000), band(350, 900, 5500)], source: lever },
  { formula: 'Co^2+', bands: [band(512, 4.8, 3300), band(470, 2.2, 3000)], source: lever },
  { formula: 'CoSCN^+', bands: [band(510, 12, 3300), band(470, 6, 3000)], source: lever },
  { formula: 'CoC2O4', bands: [band(520, 12, 3500)], source: lever },
  { formula: 'Co(OH)3^-', bands: [band(590, 60, 3500)], source: lever },
  {
    formula: 'Ni^2+',
    bands: [band(394, 5.2, 3300), band(656, 1.8, 2500), band(724, 2.1, 2800)],
    source: lever,
  },
  { formula: 'NiC2O4', bands: [band(390, 8, 3300), band(650, 5, 3500)], source: lever },
  { formula: 'Ni(C2O4)2^2-', bands: [band(385, 11, 3300), band(630, 7, 3500)], source: lever },
  { formula: 'Ni(NH3)4^2+', bands: [band(370, 6, 3300), band(600, 4.5, 3500)], source: lever },
  { formula: 'Ni(NH3)6^2+', bands: [band(357, 6.3, 3300), band(571, 4.8, 3300)], source: lever },
  { formula: 'Fe^2+', bands: [band(960, 1.1, 4500)], source: lever },
  { formula: 'Fe^3+', bands: [band(240, 4200, 7500)], source: lever },
  { formula: 'FeOH^2+', bands: [band(298, 2000, 8200)], source: lever },
  { formula: 'Fe(OH)2^+', bands: [band(300, 2200, 9000)], source: lever },
  { formula: 'Fe2(OH)2^4+', bands: [band(335, 3600, 6800)], source: lever },
  { formula: 'FeCl^2+', bands: [band(336, 1350, 6800)], source: lever },
  { formula: 'FeCl2^+', bands: [band(340, 1900, 6700)], source: lever },
  { formula: 'FeSO4^+', bands: [band(305, 2200, 7600)], source: lever },
  { formula: 'FeSCN^2+', bands: [band(450, 3800, 5200), band(520, 1600, 4000)], source: lever },
  { formula: 'Fe(SCN)2^+', bands: [band(480, 9800, 4300)], source: lever },
  { formula: 'Fe(C2O4)2^-', bands: [band(300, 3000, 7600)], source: lever },
  { formula: 'Fe(C2O4)3^3-', bands: [band(260, 6000, 7800), band(650, 0.4, 3500)], source: lever },
  { formula: 'Mn^2+', bands: [band(401, 0.03, 2000)], source: lever },
  { formula: 'Cr^3+', bands: [band(408, 15.6, 3600), band(575, 13.4, 3600)], source: lever },
  { formula: 'CrO4^2-', bands: [band(372, 4800, 4000)], source: lever },
  { formula: 'HCrO4^-', bands: [band(350, 1550, 4200), band(440, 180, 3600)], source: lever },
  { formula: 'Cr2O7^2-', bands: [band(352, 2900, 4200), band(440, 370, 3600)], source: lever },
  { formula: 'Fe(CN)6^4-', bands: [band(322, 320, 5000)], source: lever },
  { formula: 'HFe(CN)6^3-', bands: [band(322, 320, 5000)], source: lever },
];
