import { commonPractice } from '../source';

/** What nearly every teaching laboratory has in a jar or a bottle. */
export const commonReagents = {
  formulae: [
    ...['HCl', 'HNO3', 'H2SO4', 'CH3COOH', 'NaOH', 'NH3', 'Ca(OH)2', 'H2O2', 'H3C6H5O7'],
    ...['NaCl', 'NaBr', 'KBr', 'KI', 'NaNO3', 'KNO3', 'Na2SO4', 'K2SO4', 'NaHCO3', 'Na2CO3', 'K2CO3'],
    ...['Na2S2O3', 'Na2SO3', 'Na3PO4', 'Na2HPO4', 'NaCH3COO', 'Na2C2O4', 'NH4Cl', '(NH4)2SO4', '(NH4)2C2O4'],
    ...['KSCN', 'NH4SCN', 'K4Fe(CN)6', 'K3Fe(CN)6', 'KMnO4', 'KIO3', 'Na3C6H5O7', 'C6H12O6', 'C12H22O11'],
    ...['MgCl2', 'MgSO4', 'CaCl2', 'Ca(NO3)2', 'SrCl2', 'AlCl3', 'Al2(SO4)3', 'KAl(SO4)2'],
    ...['FeSO4', '(NH4)2Fe(SO4)2', 'FeCl3', 'Fe(NO3)3', 'CuSO4', 'CuCl2', 'ZnSO4', 'ZnCl2', 'MnSO4', 'AgNO3'],
    ...['Mg', 'Zn', 'Fe', 'Cu', 'Al', 'CaCO3', 'MgCO3', 'CuO', 'ZnO', 'MgO', 'MnO2', 'Fe2O3', 'Cu2(OH)2CO3'],
  ],
  source: commonPractice('reagents of a general teaching laboratory'),
} as const;
