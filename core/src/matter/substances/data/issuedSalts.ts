import { commonPractice } from '../source';

/** Salts that are commonly issued as single unknowns, by the formula of the shelf. */
export const issuedSalts = {
  formulae: [
    'LiCl', 'NaCl', 'NaBr', 'NaI', 'NaNO3', 'NaHCO3', 'Na2CO3', 'Na2SO4', 'Na2SO3', 'Na2S2O3', 'NaCH3COO', 'Na3PO4',
    'KCl', 'KBr', 'KI', 'KNO3', 'KSCN', 'NH4Cl', '(NH4)2SO4', 'NH4NO3',
    'MgCl2', 'MgSO4', 'CaCl2', 'CaCO3', 'SrCl2', 'BaCl2', 'Al2(SO4)3', 'Al(NO3)3', 'KAl(SO4)2',
    'MnSO4', 'MnCl2', 'FeSO4', 'FeCl3', 'Fe(NO3)3', 'CoCl2', 'CoSO4', 'NiSO4', 'NiCl2', 'CuSO4', 'CuCl2', 'Cu(NO3)2', 'CuO',
    'ZnSO4', 'ZnCl2', 'Zn(NO3)2', 'ZnCO3', 'AgNO3', 'Pb(NO3)2', 'CrCl3', 'KCr(SO4)2',
  ],
  source: commonPractice('salts that teaching laboratories issue as single unknowns'),
} as const;

/** Cations issued in mixtures, as their nitrates. */
export const issuedCations = ['Ag^+', 'Pb^2+', 'Cu^2+', 'Fe^2+', 'Fe^3+', 'Al^3+', 'Cr^3+', 'Zn^2+', 'Mn^2+', 'Co^2+', 'Ni^2+', 'Ca^2+', 'Sr^2+', 'Ba^2+', 'Mg^2+', 'Na^+', 'K^+', 'NH4^+'] as const;
/** Anions issued in mixtures, as their sodium salts. */
export const issuedAnions = ['Cl^-', 'Br^-', 'I^-', 'SO4^2-', 'CO3^2-', 'SO3^2-', 'S2O3^2-', 'PO4^3-', 'NO3^-', 'CH3COO^-', 'SCN^-', 'S^2-'] as const;
