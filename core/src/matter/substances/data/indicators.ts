import { commonPractice, handbook } from '../source';
import type { AbsorptionBand, Indicator } from '../types';

const bishop = handbook('Bishop, Indicators', 'transition pKa and band maxima of the forms; absorptivities and widths rounded');
const fittedToWords = handbook('Bishop, Indicators', 'transition pKa; the bands, and how much dye is in a drop, are set so that each form has its textbook colour and are not published values');
/** How much dye a drop brings. */
export const dropSource = commonPractice('a drop of 0.05 mL of the usual 0.02 to 0.1 % solution, set so that each form has its textbook colour');
const mixed = handbook('Kolthoff, Acid–Base Indicators', 'mixed universal indicator; the steps of its colours are placed at pH 3, 5, 6.6, 7.6, 8.9 and 10.6');
const band = (maximumNm: number, absorptivity: number, widthPerCm: number): AbsorptionBand => ({ maximumNm, absorptivity, widthPerCm });

/** Acid–base indicators; one drop is taken as 0.05 mL of the usual 0.02–0.1 % solution. */
export const indicators: readonly Indicator[] = [
  // Colourless until it has lost two protons, so that it is colourless in water and pink only from about pH 8.3.
  { name: 'phenolphthalein', pKa: [9.05, 9.5], forms: [[], [], [band(553, 27000, 2000), band(508, 20000, 3600), band(375, 13000, 7500)]], molPerDrop: 7.8e-8, source: fittedToWords },
  { name: 'methyl orange', pKa: [3.5], forms: [[band(504, 37100, 3850), band(430, 9050, 5100)], [band(446, 37300, 4850)]], molPerDrop: 6e-8, source: fittedToWords },
  { name: 'methyl red', pKa: [5], forms: [[band(518, 32000, 4600), band(440, 14000, 5000)], [band(428, 20000, 5400)]], molPerDrop: 7.4e-8, source: bishop },
  { name: 'bromothymol blue', pKa: [7.1], forms: [[band(434, 26700, 4150)], [band(619, 29900, 4900)]], molPerDrop: 6.4e-8, source: fittedToWords },
  { name: 'bromocresol green', pKa: [4.7], forms: [[band(443, 18000, 5000)], [band(616, 40000, 3500)]], molPerDrop: 5.7e-8, source: bishop },
  { name: 'bromophenol blue', pKa: [4], forms: [[band(436, 20000, 5000)], [band(592, 70000, 3000)]], molPerDrop: 5e-8, source: bishop },
  { name: 'thymol blue', pKa: [1.7, 8.9], forms: [[band(535, 22000, 4200), band(450, 14000, 5200)], [band(434, 16000, 5200)], [band(596, 32000, 3800)]], molPerDrop: 8.6e-8, source: bishop },
  { name: 'phenol red', pKa: [7.9], forms: [[band(433, 21000, 5000)], [band(558, 36000, 2200), band(515, 13000, 3200), band(375, 15000, 7500)]], molPerDrop: 5.6e-8, source: bishop },
  { name: 'cresol red', pKa: [8.3], forms: [[band(434, 18000, 5000)], [band(572, 38000, 2400), band(525, 11000, 3200), band(375, 12000, 7500)]], molPerDrop: 5.2e-8, source: bishop },
  { name: 'alizarin yellow', pKa: [11.1], forms: [[band(373, 15000, 5600)], [band(492, 18000, 4600)]], molPerDrop: 1.3e-7, source: bishop },
  { name: 'thymolphthalein', pKa: [9.9], forms: [[], [band(592, 38000, 3600)]], molPerDrop: 1e-7, source: bishop },
  { name: 'litmus', pKa: [6.5], forms: [[band(512, 12900, 4200), band(440, 7000, 5000)], [band(587, 11700, 4000)]], molPerDrop: 1e-7, source: fittedToWords },
  {
    name: 'universal indicator', pKa: [3, 5, 6.6, 7.6, 8.9, 10.6], source: mixed, molPerDrop: 7e-8,
    forms: [
      [band(510, 19600, 4100), band(442, 9840, 4550)], [band(483, 15500, 4250), band(435, 9000, 4800)], [band(435, 16000, 4600)], [band(434, 13000, 4800), band(622, 9000, 3400)],
      [band(430, 6000, 5000), band(618, 17000, 3500)], [band(604, 22000, 3600)], [band(560, 19100, 3000)],
    ],
  },
];
