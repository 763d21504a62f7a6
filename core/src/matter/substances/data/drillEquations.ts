import { commonPractice } from '../source';

/** Equations to balance and to classify; coefficients and types are computed, none is written here. */
export const drillEquations = {
  equations: [
    'Mg + O2 -> MgO',
    'Na + Cl2 -> NaCl',
    'H2O2 -> H2O + O2',
    'KClO3 -> KCl + O2',
    'CaCO3 -> CaO + CO2',
    'Zn + HCl -> ZnCl2 + H2',
    'Fe + CuSO4 -> FeSO4 + Cu',
    'Al + CuCl2 -> AlCl3 + Cu',
    'AgNO3 + NaCl -> AgCl + NaNO3',
    'Pb(NO3)2 + KI -> PbI2 + KNO3',
    'BaCl2 + Na2SO4 -> BaSO4 + NaCl',
    'HCl + NaOH -> NaCl + H2O',
    'CH4 + O2 -> CO2 + H2O',
    'C3H8 + O2 -> CO2 + H2O',
    'C2H5OH + O2 -> CO2 + H2O',
    'Fe2O3 + CO -> Fe + CO2',
    'NH3 + O2 -> NO + H2O',
    'CaCO3 + HCl -> CaCl2 + H2O + CO2',
    'Na2CO3 + HCl -> NaCl + H2O + CO2',
    'Cl2 + KBr -> KCl + Br2',
    'Cu(OH)2 -> CuO + H2O',
    'P4O10 + H2O -> H3PO4',
  ],
  source: commonPractice('equations that first courses balance and classify'),
} as const;

/** Solutions that are poured together in the drill of precipitates; what comes down is computed. */
export const drillPairs = {
  pairs: [
    ['AgNO3', 'NaCl'],
    ['AgNO3', 'KI'],
    ['AgNO3', 'KBr'],
    ['Pb(NO3)2', 'KI'],
    ['Pb(NO3)2', 'K2CrO4'],
    ['Pb(NO3)2', 'Na2SO4'],
    ['BaCl2', 'Na2SO4'],
    ['BaCl2', 'K2CrO4'],
    ['CuSO4', 'NaOH'],
    ['FeCl3', 'NaOH'],
    ['FeSO4', 'NaOH'],
    ['NiSO4', 'NaOH'],
    ['MgSO4', 'NaOH'],
    ['CaCl2', 'Na2CO3'],
    ['ZnSO4', 'Na2CO3'],
    ['NaCl', 'KNO3'],
    ['CuSO4', 'NaCl'],
    ['NH4Cl', 'Na2SO4'],
    ['FeCl3', 'K4Fe(CN)6'],
    ['CuSO4', 'K4Fe(CN)6'],
  ],
  source: commonPractice('pairs of solutions that first courses pour together'),
} as const;
