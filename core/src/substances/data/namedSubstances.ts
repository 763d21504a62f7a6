import { handbook } from '../source';
import type { Source } from '../source';

/** A substance whose name is not built from its ions. */
export interface NamedSubstance {
  readonly formula: string;
  readonly stock: string;
  readonly common?: string;
  readonly oxo?: string;
  readonly source: Source;
}

const redBook = handbook(
  'IUPAC Nomenclature of Inorganic Chemistry (Red Book 2005)',
  'accepted names',
);
const row = (formula: string, stock: string, common?: string, oxo?: string): NamedSubstance => ({
  formula,
  stock,
  ...(common && { common }),
  ...(oxo && { oxo }),
  source: redBook,
});

/** Acids, molecules and elements by name. */
export const namedSubstances: readonly NamedSubstance[] = [
  row('H2O', 'water'),
  row('H2O2', 'hydrogen peroxide'),
  row('NH3', 'ammonia'),
  row('CO2', 'carbon dioxide', 'carbonic acid gas', 'carbon(IV) oxide'),
  row('CO', 'carbon monoxide', undefined, 'carbon(II) oxide'),
  row('SO2', 'sulfur dioxide', undefined, 'sulfur(IV) oxide'),
  row('SO3', 'sulfur trioxide', undefined, 'sulfur(VI) oxide'),
  row('NO2', 'nitrogen dioxide', undefined, 'nitrogen(IV) oxide'),
  row('NO', 'nitrogen monoxide', 'nitric oxide', 'nitrogen(II) oxide'),
  row('HCl', 'hydrogen chloride', 'hydrochloric acid'),
  row('HBr', 'hydrogen bromide', 'hydrobromic acid'),
  row('HI', 'hydrogen iodide', 'hydriodic acid'),
  row('HF', 'hydrogen fluoride', 'hydrofluoric acid'),
  row('HNO3', 'nitric acid', 'aqua fortis', 'trioxonitric(V) acid'),
  row('H2SO4', 'sulfuric acid', 'oil of vitriol', 'tetraoxosulfuric(VI) acid'),
  row('H3PO4', 'phosphoric acid', undefined, 'tetraoxophosphoric(V) acid'),
  row('H2CO3', 'carbonic acid', undefined, 'trioxocarbonic(IV) acid'),
  row('HClO4', 'perchloric acid', undefined, 'tetraoxochloric(VII) acid'),
  row('CH3COOH', 'acetic acid', 'vinegar acid', 'ethanoic acid'),
  row('H2C2O4', 'oxalic acid', undefined, 'ethanedioic acid'),
  row('CH4', 'methane'),
  row('C3H8', 'propane'),
  row('C2H5OH', 'ethanol', 'alcohol'),
  row('C6H12O6', 'glucose', 'grape sugar'),
  row('C12H22O11', 'sucrose', 'cane sugar'),
  row('H2', 'hydrogen'),
  row('O2', 'oxygen'),
  row('N2', 'nitrogen'),
  row('Cl2', 'chlorine'),
  row('Br2', 'bromine'),
  row('I2', 'iodine'),
];

const solubility = handbook(
  'CRC Handbook of Chemistry and Physics',
  'freely soluble in water, strong electrolyte',
);

/** Strong electrolytes that equations use though the shelf does not keep them as solids. */
export const strongElectrolytes = {
  source: solubility,
  formulae: [
    'HCl',
    'HBr',
    'HI',
    'HNO3',
    'H2SO4',
    'HClO4',
    'HClO3',
    'LiOH',
    'LiNO3',
    'Li2SO4',
    'NaI',
    'NaNO2',
    'NaSCN',
    'Na2S',
    'Na2SO3',
    'Na2S2O3',
    'Na2CrO4',
    'Na2Cr2O7',
    'NaClO3',
    'K2S',
    'KNO2',
    'KF',
    'KMnO4',
    'K2Cr2O7',
    'K3PO4',
    'KHCO3',
    'K2C2O4',
    'NH4NO3',
    'NH4Br',
    'NH4I',
    '(NH4)2CO3',
    '(NH4)2S',
    'AgClO4',
    'Mg(NO3)2',
    'MgBr2',
    'CaBr2',
    'Sr(NO3)2',
    'BaBr2',
    'Ba(OH)2',
    'MnCl2',
    'FeCl2',
    'Fe(NO3)3',
    'Fe2(SO4)3',
    'CoSO4',
    'Co(NO3)2',
    'NiCl2',
    'Ni(NO3)2',
    'CuBr2',
    'Cu(CH3COO)2',
    'ZnCl2',
    'ZnBr2',
    'CdCl2',
    'Cd(NO3)2',
    'Pb(CH3COO)2',
    'Al2(SO4)3',
    'Al(NO3)3',
    'CrCl3',
    'Cr(NO3)3',
    'Cr2(SO4)3',
  ],
} as const;
