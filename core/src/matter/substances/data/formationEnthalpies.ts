import { asRead } from '../readSource';
import { handbook } from '../source';
import type { FormationEnthalpy } from '../types';

const nbs = handbook('NBS Tables of Chemical Thermodynamic Properties', 'ΔfH° at 25 °C, kJ/mol; ions against ΔfH°(H⁺, aq) = 0; ±1 kJ/mol for most, ±5 for hydrates of many waters');

const rows = (state: FormationEnthalpy['state'], values: Readonly<Record<string, number>>): FormationEnthalpy[] =>
  Object.entries(values).map(([formula, kJPerMol]) => ({ formula, state, kJPerMol, source: nbs }));

/** Dissolved ions, molecules and complexes. */
const dissolved = rows('aq', {
  'H^+': 0, 'Li^+': -278.5, 'Na^+': -240.1, 'K^+': -252.4, 'Rb^+': -251.2, 'Cs^+': -258.3, 'NH4^+': -132.5, 'Ag^+': 105.6, 'Mg^2+': -466.9, 'Ca^2+': -542.8, 'Sr^2+': -545.8, 'Ba^2+': -537.6,
  'Mn^2+': -220.8, 'Fe^2+': -89.1, 'Fe^3+': -48.5, 'Co^2+': -58.2, 'Ni^2+': -54, 'Cu^+': 71.7, 'Cu^2+': 64.8, 'Zn^2+': -153.9, 'Cd^2+': -75.9, 'Pb^2+': -1.7, 'Al^3+': -531, 'Sn^2+': -8.8, 'Hg^2+': 171.1, 'Hg2^2+': 172.4,
  'OH^-': -230, 'F^-': -332.6, 'Cl^-': -167.2, 'Br^-': -121.6, 'I^-': -55.2, 'S^2-': 33.1, 'HS^-': -17.6, 'SCN^-': 76.4, 'CN^-': 150.6, 'NO3^-': -207.4, 'NO2^-': -104.6, 'ClO^-': -107.1, 'ClO3^-': -104, 'ClO4^-': -129.3,
  'BrO^-': -94.1, 'BrO3^-': -67.1, 'IO^-': -107.5, 'IO3^-': -221.3, 'I3^-': -51.5, 'MnO4^-': -541.4, 'MnO4^2-': -653, 'CrO4^2-': -881.2, 'Cr2O7^2-': -1490.3, 'HCO3^-': -692, 'CO3^2-': -677.1, 'HSO4^-': -887.3, 'SO4^2-': -909.3,
  'SO3^2-': -635.5, 'HSO3^-': -626.2, 'S2O3^2-': -652.3, 'S4O6^2-': -1224.2, 'S2O8^2-': -1344.7, 'PO4^3-': -1277.4, 'HPO4^2-': -1292.1, 'H2PO4^-': -1296.3, 'C2O4^2-': -825.1, 'HC2O4^-': -818.4, 'HCOO^-': -425.6,
  'CH3COO^-': -486, 'N3^-': 275.1, 'B(OH)4^-': -1344, 'Fe(CN)6^3-': 561.9, 'Fe(CN)6^4-': 455.6, 'Ag(NH3)2^+': -111.3, 'Cu(NH3)4^2+': -348.5, 'Al(OH)4^-': -1502.5, 'Ag(CN)2^-': 270.3,
  H2O2: -191.2, NH3: -81.3, CO2: -413.8, SO2: -323, H2S: -37.7, HF: -321.5, HCN: 107.1, HNO2: -119.2, CH3COOH: -485.8, HCOOH: -425.4, H3PO4: -1288.3, Cl2: -23.4, Br2: -2.6, I2: 22.6, HClO: -120.9, HBrO: -113, HIO: -138.1,
  'B(OH)3': -1074.5, C2H5OH: -288.3, C6H12O6: -1262.2, C12H22O11: -2215.9, 'CO(NH2)2': -318.4,
});

const oxidesAndHydroxides = rows('s', {
  Li2O: -597.9, Na2O: -414.2, K2O: -361.5, Na2O2: -510.9, MgO: -601.6, CaO: -634.9, SrO: -592, BaO: -548, Al2O3: -1675.7, SiO2: -910.7, TiO2: -944, Cr2O3: -1139.7, MnO: -385.2, MnO2: -520, Mn3O4: -1384.5, FeO: -272, Fe2O3: -824.2,
  Fe3O4: -1118.4, CoO: -237.9, NiO: -239.7, Cu2O: -168.6, CuO: -157.3, ZnO: -350.5, CdO: -258.4, Ag2O: -31.1, HgO: -90.8, PbO: -217.3, PbO2: -277.4, Pb3O4: -718.4, SnO: -280.7, SnO2: -577.6, Bi2O3: -573.9, B2O3: -1273.5, P4O10: -2984, V2O5: -1550.6,
  LiOH: -487.5, NaOH: -425.8, KOH: -424.6, 'Mg(OH)2': -924.5, 'Ca(OH)2': -985.2, 'Sr(OH)2': -959, 'Ba(OH)2': -944.7, 'Ba(OH)2·8H2O': -3341.6, 'Al(OH)3': -1277.6, 'Fe(OH)2': -569, 'Fe(OH)3': -823, 'Co(OH)2': -539.7, 'Ni(OH)2': -529.7,
  'Cu(OH)2': -449.8, 'Zn(OH)2': -641.9, 'Cd(OH)2': -560.7, 'Mn(OH)2': -695.4, 'Pb(OH)2': -514.8, 'B(OH)3': -1094.3,
});

const halides = rows('s', {
  LiF: -616, LiCl: -408.6, NaF: -576.6, NaCl: -411.2, NaBr: -361.1, NaI: -287.8, KF: -567.3, KCl: -436.5, KBr: -393.8, KI: -327.9, NH4Cl: -314.4, NH4Br: -270.8, NH4I: -201.4, MgF2: -1124.2, MgCl2: -641.3, 'MgCl2·6H2O': -2499, CaF2: -1228,
  'CoCl2·2H2O': -923, 'MgSO4·6H2O': -3087, 'MgSO4·H2O': -1602.1, 'FeSO4·4H2O': -2126.8, 'FeSO4·H2O': -1242.8, 'BaCl2·H2O': -1160.6, 'NiCl2·2H2O': -922.2, 'CoSO4·6H2O': -2683.6, 'CoSO4·7H2O': -2979.9,
  'ZnSO4·H2O': -1304.5, 'MgCl2·4H2O': -1900.2, 'MgCl2·2H2O': -1280.9, 'MnSO4·H2O': -1376.5, 'MnSO4·4H2O': -2258.1, 'SrCl2·2H2O': -1433.1, 'LiOH·H2O': -788, Na2B4O7: -3291.1, 'Na2B4O7·10H2O': -6288.6,
  'H2C2O4·2H2O': -1422, 'Na2HPO4·2H2O': -2346, 'Na2HPO4·12H2O': -5297.8, 'Al2(SO4)3·18H2O': -8878.9, 'Pb(CH3COO)2·3H2O': -1851.5, 'Cu(NO3)2·3H2O': -1217.1, 'KAl(SO4)2·3H2O': -3381.1, K2C2O4: -1346,
  CaCl2: -795.4, 'CaCl2·2H2O': -1404.1, 'CaCl2·6H2O': -2606.2, SrCl2: -828.9, 'SrCl2·6H2O': -2618.9, BaF2: -1207.1, BaCl2: -855, 'BaCl2·2H2O': -1460.1, MnCl2: -481.3, FeCl2: -341.8, FeCl3: -399.5, CoCl2: -312.5, 'CoCl2·6H2O': -2115.4,
  NiCl2: -305.3, 'NiCl2·6H2O': -2103.2, CuCl: -137.2, CuCl2: -220.1, 'CuCl2·2H2O': -821.3, CuBr: -104.6, CuI: -67.8, ZnCl2: -415.1, ZnBr2: -328.7, CdCl2: -391.5, AgCl: -127, AgBr: -100.4, AgI: -61.8, AlCl3: -704.2, 'AlCl3·6H2O': -2691.6,
  PbF2: -664, PbCl2: -359.4, PbBr2: -278.7, PbI2: -175.5, HgCl2: -224.3, Hg2Cl2: -265.4, HgI2: -105.4, SnCl2: -325.1, CrCl3: -556.5,
});

const sulfatesAndSulfides = rows('s', {
  Li2SO4: -1436.5, Na2SO4: -1387.1, 'Na2SO4·10H2O': -4327.3, NaHSO4: -1125.5, K2SO4: -1437.8, KHSO4: -1160.6, '(NH4)2SO4': -1180.9, MgSO4: -1284.9, 'MgSO4·7H2O': -3388.7, CaSO4: -1434.5, 'CaSO4·0.5H2O': -1576.7, 'CaSO4·2H2O': -2022.6,
  SrSO4: -1453.1, BaSO4: -1473.2, MnSO4: -1065.3, FeSO4: -928.4, 'FeSO4·7H2O': -3011.7, 'Fe2(SO4)3': -2582.9, CoSO4: -888.3, NiSO4: -872.9, 'NiSO4·6H2O': -2682.8, 'NiSO4·7H2O': -2976.3, CuSO4: -771.4, 'CuSO4·H2O': -1085.8,
  'CuSO4·3H2O': -1684.3, 'CuSO4·5H2O': -2279.7, ZnSO4: -982.8, 'ZnSO4·6H2O': -2777.5, 'ZnSO4·7H2O': -3077.8, CdSO4: -933.3, Ag2SO4: -715.9, PbSO4: -920, 'Al2(SO4)3': -3440.8, 'KAl(SO4)2': -2470.2, 'KAl(SO4)2·12H2O': -6061.8,
  Na2S: -364.8, FeS: -100, ZnS: -206, CuS: -53.1, Cu2S: -79.5, PbS: -100.4, HgS: -58.2, Ag2S: -31.6, CdS: -161.9, MnS: -214.2, SnS: -100, NiS: -82, Na2SO3: -1100.8, Na2S2O3: -1123, 'Na2S2O3·5H2O': -2607.9,
});

const nitratesAndCarbonates = rows('s', {
  LiNO3: -483.1, NaNO3: -467.9, NaNO2: -358.7, KNO3: -494.6, KNO2: -369.8, NH4NO3: -365.6, AgNO3: -124.4, 'Mg(NO3)2': -790.7, 'Mg(NO3)2·6H2O': -2613.3, 'Ca(NO3)2': -938.2, 'Ca(NO3)2·4H2O': -2132.3, 'Sr(NO3)2': -978.2, 'Ba(NO3)2': -988,
  'Pb(NO3)2': -451.9, 'Cu(NO3)2': -302.9, 'Zn(NO3)2': -483.7, 'Zn(NO3)2·6H2O': -2306.6, Li2CO3: -1215.9, Na2CO3: -1130.7, 'Na2CO3·H2O': -1431.3, 'Na2CO3·10H2O': -4081.3, NaHCO3: -950.8, K2CO3: -1151, KHCO3: -963.2, MgCO3: -1095.8,
  CaCO3: -1207.6, SrCO3: -1220.1, BaCO3: -1213, MnCO3: -894.1, FeCO3: -740.6, ZnCO3: -812.8, CdCO3: -750.6, PbCO3: -699.1, Ag2CO3: -505.8, 'Cu2(OH)2CO3': -1051.4,
});

const otherSolids = rows('s', {
  KMnO4: -837.2, K2CrO4: -1403.7, Na2CrO4: -1342.2, K2Cr2O7: -2062.1, '(NH4)2Cr2O7': -1806.7, PbCrO4: -930.9, BaCrO4: -1444.7, Ag2CrO4: -731.7, NaClO3: -365.8, KClO3: -397.7, NaClO4: -383.3, KClO4: -432.8, KBrO3: -360.2, KIO3: -501.4,
  NaCH3COO: -708.8, 'NaCH3COO·3H2O': -1603.3, NH4CH3COO: -616.1, NaCN: -87.5, KCN: -113, NaSCN: -170.5, KSCN: -200.2, NH4SCN: -78.7, Na2C2O4: -1318, H2C2O4: -829.9, CaC2O4: -1360.6, 'CaC2O4·H2O': -1674.9, Na3PO4: -1917.4, Na2HPO4: -1748.1,
  NaH2PO4: -1536.8, KH2PO4: -1568.3, 'Ca3(PO4)2': -4120.8, 'K3Fe(CN)6': -249.8, 'K4Fe(CN)6': -594.1, CaC2: -59.8, CaH2: -181.5, NH4HCO3: -849.4, RbCl: -435.4, CsCl: -443, C6H12O6: -1273.3, C12H22O11: -2226.1, 'CO(NH2)2': -333.1, C6H5COOH: -385.2, H3C6H5O7: -1543.8, 'Pb(CH3COO)2': -964,
});

const gases = rows('g', {
  H2: 0, O2: 0, N2: 0, Cl2: 0, H2O: -241.8, CO2: -393.5, CO: -110.5, SO2: -296.8, SO3: -395.7, NO: 91.3, NO2: 33.2, N2O: 81.6, NH3: -45.9, HCl: -92.3, HBr: -36.3, HI: 26.5, HF: -273.3, H2S: -20.6, HCN: 135.1, O3: 142.7, Br2: 30.9, I2: 62.4,
  CH4: -74.6, C2H6: -84, C2H4: 52.4, C2H2: 227.4, C3H8: -103.8, C3H6: 20, C4H10: -125.7,
});

const liquids = rows('l', {
  H2O: -285.8, Hg: 0, Br2: 0, H2O2: -187.8, HNO3: -174.1, H2SO4: -814, CH3COOH: -484.3, HCOOH: -425, C2H5OH: -277.6, C3H6O: -248.4, C3H8O3: -669.6, C6H12: -156.4, C6H14: -198.7, C8H18: -250.1, C16H34: -456.1, CH2Cl2: -124.2,
});

/** Standard enthalpies of formation. Elements as they are at 25 °C are zero and have no row unless they are a gas or a liquid. */
export const formationEnthalpies = asRead(
  'formationEnthalpies',
  [...dissolved, ...oxidesAndHydroxides, ...halides, ...sulfatesAndSulfides, ...nitratesAndCarbonates, ...otherSolids, ...gases, ...liquids],
  ({ formula, state }) => `${formula}(${state})`,
);
