import { shown } from '../shown';
import { handbook } from '../source';
import type { Shown, ThermalChange } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'physical constants of inorganic and organic compounds: temperatures at which water is lost, or at which the compound decomposes, sublimes or catches fire');
const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'reaction on heating; the temperature is that of the bench, rounded');

/** A stage in which crystal water goes, and which water turns back. */
const hydrate = (equation: string, atC: number, shows?: Shown): ThermalChange => ({ equation, atC, rewets: true, ...(shows && { shows }), source: crc });
const decomposes = (equation: string, atC: number, shows?: Shown): ThermalChange => ({ equation, atC, ...(shows && { shows }), source: crc });
const together = (equation: string, atC: number, shows: Shown): ThermalChange => ({ equation, atC, shows, source: text });

/** Stages of hydrates, lowest first. */
const hydrates = [
  hydrate('CuSO4·5H2O(s) → CuSO4·3H2O(s) + 2 H2O(g)', 95),
  hydrate('CuSO4·3H2O(s) → CuSO4·H2O(s) + 2 H2O(g)', 120),
  hydrate('CuSO4·H2O(s) → CuSO4(s) + H2O(g)', 250),
  hydrate('CoCl2·6H2O(s) → CoCl2·2H2O(s) + 4 H2O(g)', 52),
  hydrate('CoCl2·2H2O(s) → CoCl2(s) + 2 H2O(g)', 140),
  hydrate('MgCO3·3H2O(s) → MgCO3(s) + 3 H2O(g)', 165),
  hydrate('MgSO4·7H2O(s) → MgSO4·6H2O(s) + H2O(g)', 50),
  hydrate('MgSO4·6H2O(s) → MgSO4·H2O(s) + 5 H2O(g)', 150),
  hydrate('MgSO4·H2O(s) → MgSO4(s) + H2O(g)', 200),
  hydrate('FeSO4·7H2O(s) → FeSO4·4H2O(s) + 3 H2O(g)', 60),
  hydrate('FeSO4·4H2O(s) → FeSO4·H2O(s) + 3 H2O(g)', 90),
  hydrate('FeSO4·H2O(s) → FeSO4(s) + H2O(g)', 300),
  hydrate('KAl(SO4)2·12H2O(s) → KAl(SO4)2·3H2O(s) + 9 H2O(g)', 92, shown('melts in its own water, swells and foams', 'melts')),
  hydrate('KAl(SO4)2·3H2O(s) → KAl(SO4)2(s) + 3 H2O(g)', 200),
  hydrate('2 CaSO4·2H2O(s) → 2 CaSO4·0.5H2O(s) + 3 H2O(g)', 128, shown('the powder heaves as steam leaves it')),
  hydrate('2 CaSO4·0.5H2O(s) → 2 CaSO4(s) + H2O(g)', 163),
  hydrate('BaCl2·2H2O(s) → BaCl2·H2O(s) + H2O(g)', 60),
  hydrate('BaCl2·H2O(s) → BaCl2(s) + H2O(g)', 113),
  hydrate('Na2CO3·10H2O(s) → Na2CO3·H2O(s) + 9 H2O(g)', 34, shown('melts in its own water, then dries', 'melts')),
  hydrate('Na2CO3·H2O(s) → Na2CO3(s) + H2O(g)', 100),
  hydrate('Na2SO4·10H2O(s) → Na2SO4(s) + 10 H2O(g)', 100, shown('melts in its own water at 32 °C, then dries', 'melts')),
  hydrate('Na2S2O3·5H2O(s) → Na2S2O3(s) + 5 H2O(g)', 100, shown('melts in its own water at 48 °C, then dries', 'melts')),
  hydrate('NiSO4·7H2O(s) → NiSO4·6H2O(s) + H2O(g)', 53),
  hydrate('NiSO4·6H2O(s) → NiSO4·H2O(s) + 5 H2O(g)', 140),
  hydrate('NiSO4·H2O(s) → NiSO4(s) + H2O(g)', 280),
  hydrate('NiCl2·6H2O(s) → NiCl2·2H2O(s) + 4 H2O(g)', 65),
  hydrate('NiCl2·2H2O(s) → NiCl2(s) + 2 H2O(g)', 180),
  hydrate('CoSO4·7H2O(s) → CoSO4·6H2O(s) + H2O(g)', 42),
  hydrate('CoSO4·6H2O(s) → CoSO4·H2O(s) + 5 H2O(g)', 120),
  hydrate('CoSO4·H2O(s) → CoSO4(s) + H2O(g)', 250),
  hydrate('ZnSO4·7H2O(s) → ZnSO4·6H2O(s) + H2O(g)', 39),
  hydrate('ZnSO4·6H2O(s) → ZnSO4·H2O(s) + 5 H2O(g)', 100),
  hydrate('ZnSO4·H2O(s) → ZnSO4(s) + H2O(g)', 280),
  hydrate('CuCl2·2H2O(s) → CuCl2(s) + 2 H2O(g)', 100),
  hydrate('CaCl2·6H2O(s) → CaCl2·2H2O(s) + 4 H2O(g)', 45, shown('melts in its own water at 30 °C', 'melts')),
  hydrate('CaCl2·2H2O(s) → CaCl2(s) + 2 H2O(g)', 200),
  hydrate('MgCl2·6H2O(s) → MgCl2·4H2O(s) + 2 H2O(g)', 100),
  hydrate('MgCl2·4H2O(s) → MgCl2·2H2O(s) + 2 H2O(g)', 150),
  hydrate('MnSO4·4H2O(s) → MnSO4·H2O(s) + 3 H2O(g)', 100),
  hydrate('MnSO4·H2O(s) → MnSO4(s) + H2O(g)', 280),
  hydrate('SrCl2·6H2O(s) → SrCl2·2H2O(s) + 4 H2O(g)', 61),
  hydrate('SrCl2·2H2O(s) → SrCl2(s) + 2 H2O(g)', 150),
  hydrate('LiOH·H2O(s) → LiOH(s) + H2O(g)', 100),
  hydrate('H2C2O4·2H2O(s) → H2C2O4(s) + 2 H2O(g)', 101, shown('melts in its own water', 'melts')),
  hydrate('Na2HPO4·12H2O(s) → Na2HPO4·2H2O(s) + 10 H2O(g)', 45, shown('melts in its own water', 'melts')),
  hydrate('Na2HPO4·2H2O(s) → Na2HPO4(s) + 2 H2O(g)', 95),
  hydrate('Ba(OH)2·8H2O(s) → Ba(OH)2·H2O(s) + 7 H2O(g)', 78, shown('melts in its own water', 'melts')),
  hydrate('Al2(SO4)3·18H2O(s) → Al2(SO4)3(s) + 18 H2O(g)', 250, shown('melts in its own water and swells', 'melts')),
  hydrate('Na2B4O7·10H2O(s) → Na2B4O7(s) + 10 H2O(g)', 320, shown('swells to a white froth')),
  hydrate('NaCH3COO·3H2O(s) → NaCH3COO(s) + 3 H2O(g)', 120, shown('melts in its own water at 58 °C', 'melts')),
  hydrate('Pb(CH3COO)2·3H2O(s) → Pb(CH3COO)2(s) + 3 H2O(g)', 75),
  hydrate('K2C2O4·H2O(s) → K2C2O4(s) + H2O(g)', 160),
  hydrate('Ca(NO3)2·4H2O(s) → Ca(NO3)2(s) + 4 H2O(g)', 132, shown('melts in its own water', 'melts')),
  hydrate('Mg(NO3)2·6H2O(s) → Mg(NO3)2(s) + 6 H2O(g)', 330, shown('melts in its own water', 'melts')),
  hydrate('Zn(NO3)2·6H2O(s) → Zn(NO3)2(s) + 6 H2O(g)', 131, shown('melts in its own water', 'melts')),
  hydrate('Cu(NO3)2·3H2O(s) → Cu(NO3)2(s) + 3 H2O(g)', 114, shown('melts in its own water', 'melts')),
  hydrate('CaC2O4·H2O(s) → CaC2O4(s) + H2O(g)', 200),
] as const;

/** Carbonates, in the order in which their metals hold on to carbon dioxide. */
const carbonates = [
  decomposes('2 Ag2CO3(s) → 4 Ag(s) + 2 CO2(g) + O2(g)', 220),
  decomposes('Cu2(OH)2CO3(s) → 2 CuO(s) + CO2(g) + H2O(g)', 290),
  decomposes('ZnCO3(s) → ZnO(s) + CO2(g)', 300),
  decomposes('PbCO3(s) → PbO(s) + CO2(g)', 315),
  decomposes('MgCO3(s) → MgO(s) + CO2(g)', 400),
  decomposes('CaC2O4(s) → CaCO3(s) + CO(g)', 480),
  decomposes('CaCO3(s) → CaO(s) + CO2(g)', 840, shown('glows brightly; slow even where it is hottest', 'glows')),
  decomposes('SrCO3(s) → SrO(s) + CO2(g)', 1200),
  decomposes('BaCO3(s) → BaO(s) + CO2(g)', 1400),
  decomposes('2 NaHCO3(s) → Na2CO3(s) + CO2(g) + H2O(g)', 110),
  decomposes('2 KHCO3(s) → K2CO3(s) + CO2(g) + H2O(g)', 150),
  decomposes('NH4HCO3(s) → NH3(g) + CO2(g) + H2O(g)', 60, shown('goes away without a rest')),
  decomposes('(NH4)2CO3(s) → 2 NH3(g) + CO2(g) + H2O(g)', 58, shown('goes away without a rest')),
] as const;

const hydroxides = [
  decomposes('Cu(OH)2(s) → CuO(s) + H2O(g)', 80),
  decomposes('Zn(OH)2(s) → ZnO(s) + H2O(g)', 125),
  decomposes('Co(OH)2(s) → CoO(s) + H2O(g)', 170),
  decomposes('Ni(OH)2(s) → NiO(s) + H2O(g)', 230),
  decomposes('2 Al(OH)3(s) → Al2O3(s) + 3 H2O(g)', 300),
  decomposes('2 Fe(OH)3(s) → Fe2O3(s) + 3 H2O(g)', 300),
  decomposes('Mg(OH)2(s) → MgO(s) + H2O(g)', 350),
  { ...hydrate('Ca(OH)2(s) → CaO(s) + H2O(g)', 580), rewetsTo: 'swells, crumbles and steams as it is slaked' },
] as const;

const nitrates = [
  decomposes('2 KNO3(s) → 2 KNO2(s) + O2(g)', 400, shown('melts at 334 °C, then bubbles', 'melts')),
  decomposes('2 NaNO3(s) → 2 NaNO2(s) + O2(g)', 380, shown('melts at 307 °C, then bubbles', 'melts')),
  decomposes('2 Cu(NO3)2(s) → 2 CuO(s) + 4 NO2(g) + O2(g)', 180),
  decomposes('2 AgNO3(s) → 2 Ag(s) + 2 NO2(g) + O2(g)', 440, shown('melts at 212 °C', 'melts')),
  decomposes('2 Pb(NO3)2(s) → 2 PbO(s) + 4 NO2(g) + O2(g)', 470, shown('crackles')),
  decomposes('2 Zn(NO3)2(s) → 2 ZnO(s) + 4 NO2(g) + O2(g)', 350),
  decomposes('2 Mg(NO3)2(s) → 2 MgO(s) + 4 NO2(g) + O2(g)', 420),
  decomposes('2 Ca(NO3)2(s) → 2 CaO(s) + 4 NO2(g) + O2(g)', 560),
  decomposes('2 Sr(NO3)2(s) → 2 SrO(s) + 4 NO2(g) + O2(g)', 600),
  decomposes('2 Ba(NO3)2(s) → 2 BaO(s) + 4 NO2(g) + O2(g)', 620),
  decomposes('4 Fe(NO3)3·9H2O(s) → 2 Fe2O3(s) + 12 NO2(g) + 3 O2(g) + 36 H2O(g)', 125),
  decomposes('4 Al(NO3)3·9H2O(s) → 2 Al2O3(s) + 12 NO2(g) + 3 O2(g) + 36 H2O(g)', 150),
  decomposes('2 Co(NO3)2·6H2O(s) → 2 CoO(s) + 4 NO2(g) + O2(g) + 12 H2O(g)', 110),
] as const;

const ammoniumSalts = [
  { ...decomposes('NH4NO3(s) → N2O(g) + 2 H2O(g)', 210, shown('melts at 170 °C, then bubbles', 'melts')), caution: 'Ammonium nitrate can explode when heated strongly, shut in or dirty: a small amount, gently, behind a screen, or not at all.' },
  { ...decomposes('(NH4)2Cr2O7(s) → Cr2O3(s) + N2(g) + 4 H2O(g)', 180, shown('glows and throws up a green cone by itself', 'glows')), lights: true, caution: 'Dichromate dust causes cancer and flies about: many schools no longer allow it. In the hood behind glass, or not at all.' },
] as const;

const otherDecompositions = [
  decomposes('2 KMnO4(s) → K2MnO4(s) + MnO2(s) + O2(g)', 240, shown('crackles')),
  { ...decomposes('2 KClO3(s) → 2 KCl(s) + 3 O2(g)', 250, shown('melts, then bubbles', 'melts')), catalyst: ['MnO2', 'CuO', 'Fe2O3'], caution: 'Chlorate with anything that burns explodes: no paper, carbon, sulfur or dirt in the tube.' },
  { ...decomposes('2 KClO3(s) → 2 KCl(s) + 3 O2(g)', 400, shown('melts at 356 °C, then bubbles', 'melts')), caution: 'Chlorate with anything that burns explodes: no paper, carbon, sulfur or dirt in the tube.' },
  decomposes('KClO4(s) → KCl(s) + 2 O2(g)', 600),
  decomposes('2 HgO(s) → 2 Hg(l) + O2(g)', 500, shown('turns black while hot; a mirror of mercury forms on the cooler part')),
  decomposes('2 Ag2O(s) → 4 Ag(s) + O2(g)', 230),
  decomposes('2 PbO2(s) → 2 PbO(s) + O2(g)', 300),
  decomposes('CuSO4(s) → CuO(s) + SO3(g)', 650),
  decomposes('2 FeSO4(s) → Fe2O3(s) + SO2(g) + SO3(g)', 680),
  decomposes('ZnSO4(s) → ZnO(s) + SO3(g)', 740),
  decomposes('Al2(SO4)3(s) → Al2O3(s) + 3 SO3(g)', 770),
  decomposes('MgCl2·2H2O(s) → MgO(s) + 2 HCl(g) + H2O(g)', 500),
  decomposes('2 FeCl3·6H2O(s) → Fe2O3(s) + 6 HCl(g) + 9 H2O(g)', 250),
  decomposes('2 AlCl3·6H2O(s) → Al2O3(s) + 6 HCl(g) + 9 H2O(g)', 180),
  decomposes('2 CuCl2(s) → 2 CuCl(s) + Cl2(g)', 550),
  decomposes('4 K2Cr2O7(s) → 4 K2CrO4(s) + 2 Cr2O3(s) + 3 O2(g)', 600, shown('melts at 398 °C', 'melts')),
  decomposes('H2C2O4(s) → CO(g) + CO2(g) + H2O(g)', 190),
  { ...decomposes('C12H22O11(s) → 12 C(s) + 11 H2O(g)', 250, shown('melts near 186 °C, browns to caramel, swells, chars and smokes', 'melts', 'browns or chars')), caution: 'Stop at brown: charred sugar does not come out of the tube.' },
  { ...decomposes('C6H12O6(s) → 6 C(s) + 6 H2O(g)', 250, shown('melts near 150 °C, browns, swells and chars', 'melts', 'browns or chars')), caution: 'Stop at brown: charred sugar does not come out of the tube.' },
  { ...together('C16H34(l) → C8H18(l) + 4 C2H4(g)', 450, shown('the vapour is cracked on the hot catalyst', 'turns to vapour')), catalyst: ['Al2O3', 'SiO2'], caution: 'Lift the delivery tube out before the flame goes, or water sucks back onto hot glass.' },
] as const;

/** Solids that react with one another, or with the air, once they are hot enough. */
const combinations = [
  { ...together('Fe(s) + S(s) → FeS(s)', 250, shown('glows, and the glow runs on through the mixture by itself', 'glows')), lights: true, caution: 'Sulfur vapour catches fire and gives sulfur dioxide: a plug of mineral wool in the tube, in the hood.' },
  { ...together('2 NH4Cl(s) + Ca(OH)2(s) → CaCl2(s) + 2 NH3(g) + 2 H2O(g)', 100, shown('ammonia and steam; the mouth of the tube points down')), caution: 'Ammonia stings: hood, and water runs back if the tube points up.' },
  { ...together('(NH4)2SO4(s) + Ca(OH)2(s) → CaSO4(s) + 2 NH3(g) + 2 H2O(g)', 120, shown('ammonia and steam; the mouth of the tube points down')), caution: 'Ammonia stings: hood, and water runs back if the tube points up.' },
  { ...together('2 NH4Cl(s) + CaO(s) → CaCl2(s) + 2 NH3(g) + H2O(g)', 100, shown('ammonia and steam; the mouth of the tube points down')), caution: 'Ammonia stings: hood, and water runs back if the tube points up.' },
  { ...together('Zn(s) + S(s) → ZnS(s)', 300, shown('a flash and smoke', 'burns', 'glows')), lights: true, caution: 'Zinc and sulfur react violently: a spatula tip, on a mat in the hood, from a distance.' },
  { ...together('Cu(s) + S(s) → CuS(s)', 300, shown('glows', 'glows')), caution: 'Sulfur vapour catches fire and gives sulfur dioxide: work in the hood.' },
  { ...together('2 Mg(s) + O2(g) → 2 MgO(s)', 470, shown('burns with a dazzling white flame and white smoke', 'burns')), lights: true, caution: 'Do not look at burning magnesium; water and carbon dioxide do not put it out.' },
  { ...together('S(s) + O2(g) → SO2(g)', 250, shown('melts at 115 °C, darkens, and burns with a blue flame', 'melts', 'burns')), lights: true, caution: 'Sulfur dioxide: in the hood only.' },
  { ...together('C(s) + O2(g) → CO2(g)', 900, shown('glows and burns away slowly', 'burns', 'glows')), lights: true },
  together('2 CuO(s) + C(s) → 2 Cu(s) + CO2(g)', 600, shown('glows', 'glows')),
  together('2 PbO(s) + C(s) → 2 Pb(l) + CO2(g)', 600, shown('beads of metal')),
  { ...together('CuO(s) + H2(g) → Cu(s) + H2O(g)', 250, shown('glows and turns red-brown', 'glows')), caution: 'Drive out the air and test a tube of the gas with a lit splint before lighting: hydrogen with air explodes.' },
  { ...together('PbO(s) + H2(g) → Pb(l) + H2O(g)', 350, shown('beads of metal')), caution: 'Drive out the air and test a tube of the gas with a lit splint before lighting: hydrogen with air explodes.' },
  { ...together('CuO(s) + CO(g) → Cu(s) + CO2(g)', 250, shown('turns red-brown')), caution: 'Carbon monoxide kills without a smell: hood, and the tail gas burned.' },
  { ...together('Fe2O3(s) + 3 CO(g) → 2 Fe(s) + 3 CO2(g)', 600, shown('turns grey-black')), caution: 'Carbon monoxide kills without a smell: hood, and the tail gas burned.' },
  together('2 Cu(s) + O2(g) → 2 CuO(s)', 350, shown('a black skin forms')),
  { ...together('3 Fe(s) + 2 O2(g) → Fe3O4(s)', 550, shown('powder and wool throw sparks; a lump only gets a black skin', 'burns')), lights: true },
  together('2 Zn(s) + O2(g) → 2 ZnO(s)', 800, shown('melts at 420 °C, then burns with a bluish flame and white wisps', 'melts', 'burns')),
  together('2 Pb(s) + O2(g) → 2 PbO(s)', 500, shown('melts at 327 °C under a yellow skin', 'melts')),
  together('2 Ca(s) + O2(g) → 2 CaO(s)', 600, shown('burns with a brick-red flame', 'burns')),
] as const;

/** What heat does to substances, in the order in which a rising temperature brings it on; temperatures are those at which the bench sees it run, °C. */
export const thermalChanges: readonly ThermalChange[] = [...hydrates, ...carbonates, ...hydroxides, ...nitrates, ...ammoniumSalts, ...otherDecompositions, ...combinations];
