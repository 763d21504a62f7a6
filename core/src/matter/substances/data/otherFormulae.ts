/**
 * Other ways in which the formula of a molecule is written. A molecule is not known by its composition alone: `CH3OCH3` has that
 * of ethanol and is another substance.
 */
export const otherFormulae: Readonly<Record<string, readonly string[]>> = {
  CH3COOH: ['HCH3COO', 'HC2H3O2', 'C2H4O2', 'CH3CO2H', 'H3CCOOH'],
  HCOOH: ['HCHO2', 'HCO2H', 'CH2O2', 'H2CO2'],
  H2C2O4: ['(COOH)2', 'HOOCCOOH', 'C2H2O4', 'H2(COO)2'],
  H3C6H5O7: ['C6H8O7'],
  H2C4H4O6: ['C4H6O6'],
  HC6H7O6: ['C6H8O6'],
  C6H5COOH: ['C7H6O2', 'HC7H5O2', 'C6H5CO2H'],
  C17H35COOH: ['C18H36O2', 'CH3(CH2)16COOH'],
  C2H5OH: ['CH3CH2OH', 'C2H6O'],
  C3H6O: ['CH3COCH3', '(CH3)2CO'],
  C3H8O3: ['C3H5(OH)3', 'HOCH2CHOHCH2OH'],
  C6H5OH: ['C6H6O'],
  'CO(NH2)2': ['(NH2)2CO', 'NH2CONH2', 'CH4N2O'],
  'B(OH)3': ['H3BO3'],
  C6H14: ['CH3(CH2)4CH3'],
  C8H18: ['CH3(CH2)6CH3'],
  C16H34: ['CH3(CH2)14CH3'],
  C2H4: ['CH2CH2', 'H2CCH2'],
  C2H2: ['HCCH'],
  C2H6: ['CH3CH3'],
  C3H8: ['CH3CH2CH3'],
  C3H6: ['CH3CHCH2', 'CH2CHCH3'],
  C4H8N2O2: ['(CH3CNOH)2'],
  KHC8H4O4: ['C8H5KO4', 'KC8H5O4'],
};
