import { commonPractice, handbook } from '../source';
import type { AbsorptionBand, BoundAsMade, Spectrum } from '../types';

const lever = handbook('Lever, Inorganic Electronic Spectroscopy', 'band maxima and absorptivities in water; widths chosen to match the published bands');
const halogens = handbook('Awtrey and Connick; Troy and Margerum (halogens in water)', 'band maxima and absorptivities; widths chosen to match the published bands');
const analysis = handbook('Sandell, Colorimetric Determination of Traces of Metals', 'maximum and absorptivity of the coloured complex, rounded; widths chosen');
const dyes = handbook('Bishop, Indicators', 'band maxima of redox dyes and their reduced forms, rounded; absorptivities and widths set so that each form has its known colour');
/** Values of our own: moved until the colour has the words that textbooks use for it. */
const fittedToWords = commonPractice('position, height and width of bands set so that the solution has its textbook colour; not a published spectrum');
const estimated = handbook('Lever, Inorganic Electronic Spectroscopy', 'estimated from the neighbouring complexes of the same metal, absorptivity ±40 %');
const band = (maximumNm: number, absorptivity: number, widthPerCm: number): AbsorptionBand => ({ maximumNm, absorptivity, widthPerCm });
const spectrum = (formula: string, source: Spectrum['source'], ...bands: AbsorptionBand[]): Spectrum => ({ formula, bands, source });

/** Absorption of coloured species in water between 350 and 850 nm. A species without a row is colourless. */
export const spectra: readonly Spectrum[] = [
  // Copper(II)
  spectrum('Cu^2+', fittedToWords, band(810, 12, 5400)),
  spectrum('CuOH^+', lever, band(780, 20, 4200)),
  spectrum('Cu2(OH)2^2+', estimated, band(740, 40, 5000)),
  spectrum('Cu(OH)4^2-', lever, band(640, 35, 5500)),
  spectrum('Cu(NH3)^2+', lever, band(745, 20, 5000)),
  spectrum('Cu(NH3)2^2+', lever, band(680, 32, 5000)),
  spectrum('Cu(NH3)3^2+', lever, band(640, 43, 5000)),
  spectrum('Cu(NH3)4^2+', lever, band(600, 53, 5000)),
  spectrum('CuCl^+', lever, band(820, 22, 4900)),
  spectrum('CuCl2', fittedToWords, band(830, 45, 5200), band(385, 4.5, 5400), band(290, 2500, 6000)),
  spectrum('CuCl4^2-', lever, band(384, 2300, 5200), band(1150, 90, 5500)),
  spectrum('CuBr^+', estimated, band(800, 22, 4900), band(345, 800, 6000)),
  spectrum('CuSCN^+', lever, band(740, 30, 5000), band(350, 900, 5500)),
  spectrum('Cu(C2O4)2^2-', lever, band(700, 32, 5000)),
  spectrum('CuCH3COO^+', lever, band(760, 28, 5000)),
  spectrum('CuC4H4O6', estimated, band(730, 38, 5200)),
  spectrum('CuC6H5O7^-', estimated, band(740, 40, 5200)),
  spectrum('CuC10H12N2O8^2-', analysis, band(734, 90, 5200)),
  // Cobalt
  spectrum('Co^2+', lever, band(512, 4.8, 3300), band(470, 2.2, 3000)),
  spectrum('CoCl^+', estimated, band(520, 6, 3300), band(475, 3, 3000)),
  spectrum('CoCl4^2-', lever, band(690, 400, 1500), band(660, 280, 1600), band(625, 230, 2000)),
  spectrum('CoSCN^+', lever, band(510, 12, 3300), band(470, 6, 3000)),
  spectrum('Co(SCN)4^2-', analysis, band(620, 1700, 2200), band(580, 700, 2400)),
  spectrum('CoC2O4', lever, band(520, 12, 3500)),
  spectrum('Co(OH)3^-', lever, band(590, 60, 3500)),
  spectrum('Co(NH3)2^2+', estimated, band(500, 8, 3500)),
  spectrum('Co(NH3)4^2+', estimated, band(490, 9, 3500)),
  spectrum('Co(NH3)6^2+', lever, band(474, 10, 3600)),
  spectrum('CoC10H12N2O8^2-', analysis, band(500, 14, 3500), band(465, 11, 3000)),
  spectrum('Co^3+', lever, band(605, 35, 3400), band(400, 40, 3500)),
  // Nickel
  spectrum('Ni^2+', lever, band(394, 5.2, 3300), band(656, 1.8, 2500), band(724, 2.1, 2800)),
  spectrum('NiC2O4', lever, band(390, 8, 3300), band(650, 5, 3500)),
  spectrum('Ni(C2O4)2^2-', lever, band(385, 11, 3300), band(630, 7, 3500)),
  spectrum('Ni(NH3)2^2+', estimated, band(382, 5.6, 3300), band(635, 3.2, 3400)),
  spectrum('Ni(NH3)4^2+', lever, band(370, 6, 3300), band(600, 4.5, 3500)),
  spectrum('Ni(NH3)6^2+', lever, band(357, 6.3, 3300), band(571, 4.8, 3300)),
  spectrum('Ni(CN)4^2-', lever, band(330, 700, 5400)),
  spectrum('NiC10H12N2O8^2-', analysis, band(382, 11, 3300), band(590, 7, 3400)),
  // Iron
  spectrum('Fe^2+', fittedToWords, band(930, 1.1, 5500), band(330, 3, 7600)),
  spectrum('Fe^3+', lever, band(240, 4200, 7500)),
  spectrum('FeOH^2+', lever, band(298, 2000, 8200)),
  spectrum('Fe(OH)2^+', lever, band(300, 2200, 9000)),
  spectrum('Fe2(OH)2^4+', lever, band(335, 3600, 6800)),
  spectrum('FeCl^2+', lever, band(336, 1350, 6800)),
  spectrum('FeCl2^+', lever, band(340, 1900, 6700)),
  spectrum('FeCl4^-', lever, band(363, 6000, 4800), band(315, 6500, 5000)),
  spectrum('FeSO4^+', lever, band(305, 2200, 7600)),
  spectrum('FeSCN^2+', lever, band(450, 3800, 5200), band(520, 1600, 4000)),
  spectrum('Fe(SCN)2^+', lever, band(480, 9800, 4300)),
  spectrum('FeC2O4^+', estimated, band(300, 2000, 7600)),
  spectrum('Fe(C2O4)2^-', lever, band(300, 3000, 7600)),
  spectrum('Fe(C2O4)3^3-', lever, band(260, 6000, 7800), band(650, 0.4, 3500)),
  spectrum('FeCH3COO^2+', estimated, band(340, 1500, 7000), band(460, 200, 5500)),
  spectrum('Fe(CH3COO)2^+', estimated, band(340, 2200, 7000), band(470, 450, 5500)),
  spectrum('FeC6H5O^2+', analysis, band(560, 1700, 5200)),
  spectrum('FeC6H5O7', estimated, band(310, 1800, 7800)),
  spectrum('FeC4H4O6^+', estimated, band(310, 1800, 7800)),
  spectrum('FeS2O3^+', analysis, band(540, 560, 5000)),
  spectrum('FeC10H12N2O8^-', analysis, band(258, 8300, 8200)),
  spectrum('Fe(CN)6^4-', lever, band(322, 320, 5900)),
  spectrum('HFe(CN)6^3-', lever, band(322, 320, 5900)),
  spectrum('Fe(CN)6^3-', lever, band(420, 1040, 3600), band(305, 1600, 4500)),
  // Manganese
  spectrum('Mn^2+', lever, band(401, 0.03, 2000)),
  spectrum('MnO4^-', lever, band(525, 2350, 2900), band(310, 1800, 5000)),
  spectrum('MnO4^2-', lever, band(606, 1700, 3600), band(439, 1150, 3600), band(347, 1500, 4000)),
  // Chromium
  spectrum('Cr^2+', lever, band(714, 4.8, 4500)),
  spectrum('Cr^3+', lever, band(408, 15.6, 3600), band(580, 9.3, 2900), band(545, 5.4, 3800)),
  spectrum('CrOH^2+', estimated, band(420, 20, 4000), band(588, 16, 3900)),
  spectrum('Cr(OH)2^+', estimated, band(425, 24, 4000), band(592, 20, 3900)),
  spectrum('Cr(OH)4^-', lever, band(428, 27, 4200), band(600, 26, 3800)),
  spectrum('CrCl^2+', lever, band(428, 20, 3800), band(609, 16, 3800)),
  spectrum('CrSO4^+', lever, band(416, 18, 3800), band(584, 17, 3800)),
  spectrum('CrSCN^2+', lever, band(410, 34, 3800), band(570, 31, 3700)),
  spectrum('Cr(C2O4)3^3-', lever, band(420, 94, 3800), band(571, 75, 3600)),
  spectrum('CrO4^2-', lever, band(372, 4800, 4300)),
  spectrum('HCrO4^-', lever, band(350, 1550, 4200), band(440, 250, 3500)),
  spectrum('Cr2O7^2-', lever, band(352, 2900, 4200), band(440, 520, 3500)),
  // Vanadium, titanium, cerium
  spectrum('V^2+', lever, band(850, 4.7, 3800), band(558, 6.5, 3800), band(370, 9, 4000)),
  spectrum('V^3+', lever, band(585, 4, 3900), band(400, 9, 4600), band(300, 60, 7500)),
  spectrum('VO^2+', lever, band(763, 17, 3800), band(625, 7.5, 3000)),
  spectrum('VO2^+', lever, band(340, 520, 7000)),
  spectrum('VO(O2)^+', analysis, band(455, 290, 4600)),
  spectrum('Ti^3+', lever, band(492, 4, 3400), band(575, 2.4, 3400)),
  spectrum('TiO(H2O2)^2+', analysis, band(410, 720, 5000)),
  spectrum('Ce^4+', lever, band(320, 5600, 6400)),
  spectrum('CeOH^3+', lever, band(325, 5600, 6400)),
  // Halogens and other coloured molecules and ions
  spectrum('Cl2', halogens, band(325, 70, 6600)),
  spectrum('Br2', halogens, band(393, 175, 6000), band(490, 22, 5200)),
  spectrum('Br3^-', halogens, band(266, 35000, 6500), band(390, 860, 5800)),
  spectrum('I2', halogens, band(460, 746, 4300)),
  spectrum('I3^-', halogens, band(353, 25500, 5200), band(430, 700, 6500)),
  spectrum('NO2^-', halogens, band(355, 23, 5200)),
  spectrum('HNO2', halogens, band(372, 46, 5000)),
  // Redox dyes
  spectrum('C16H18N3S^+', dyes, band(664, 82000, 1600), band(610, 48000, 2600)),
  spectrum('C16H8N2O8S2^2-', dyes, band(610, 20000, 2500)),
  spectrum('C16H7N2O8S2^3-', dyes, band(425, 9000, 3600)),
  spectrum('C16H8N2O8S2^3-', dyes, band(515, 6000, 2800), band(430, 4000, 4500)),
  spectrum('C16H10N2O8S2^2-', dyes, band(405, 8000, 3600)),
  // Bismuth and lead iodides in excess iodide
  spectrum('BiI4^-', analysis, band(460, 9000, 4600), band(337, 12000, 5000)),
  spectrum('BiI6^3-', analysis, band(465, 9500, 4600), band(337, 12000, 5000)),
  spectrum('PbI3^-', analysis, band(360, 2800, 4600)),
  spectrum('PbI4^2-', analysis, band(366, 3200, 4600)),
];

/**
 * Ions that keep another bound when they are made beside it, and look otherwise for weeks than the same ion dissolved from its salt:
 * chromium(III) from chromium(VI) in sulfuric acid is green, chrome alum dissolved in the cold is violet.
 */
export const boundAsMade = [
  {
    ion: 'Cr^3+', from: ['K2Cr2O7', 'Na2Cr2O7', '(NH4)2Cr2O7', 'K2CrO4', 'Na2CrO4'], beside: ['SO4^2-', 'HSO4^-'],
    bands: [band(440, 24, 4800), band(612, 19, 3600)],
    source: handbook('Cotton and Wilkinson, Advanced Inorganic Chemistry', 'sulfatochromium(III) ions are green and change slowly; maxima near 430 and 600 nm, widths chosen so that the solution is as green as at the bench'),
  },
  {
    ion: 'Cr^3+', from: ['CrCl3'], beside: ['Cl^-'],
    bands: [band(450, 28, 4200), band(635, 25, 3800)],
    source: handbook('Elving and Zemel, J. Am. Chem. Soc. 79 (1957) 1281', 'dichlorotetraaquachromium(III), the green ion of the green chloride: maxima at 450 and 635 nm'),
  },
] as const satisfies readonly BoundAsMade[];
