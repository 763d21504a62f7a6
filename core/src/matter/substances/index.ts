/** The tables of substances and ions with their sources, and how a substance is found by any of its names. */
export { recalledMark, recalledMeans, sourceAtLength, sourceText } from './source';
export type { Source } from './source';
export { densityAgainstAir, gasDensityGPerL } from './gas';
export type { FormulaDescription } from './describeFormula';
export { findSubstance, searchNames, shelfSubstances, solubleSubstances } from './findSubstance';
export { nameIn, nameOnShelf, namesOf } from './naming';
export type { Names } from './naming';
export type {
  Clarity,
  ColourDepth,
  ColourPhrase,
  ColourWord,
  NamingSchool,
  Substance,
  SparinglySoluble,
  Texture,
  ElectrodeMaterial,
  UnknownTest,
} from './types';
export { melts } from './data/melts';
export { referenceElectrodes } from './data/referenceElectrodes';
export type { ReferenceElectrodeId } from './data/referenceElectrodes';
export { organicTests } from './data/organicTests';
export { derivatives } from './data/derivatives';
export { issuedAnions, issuedCations, issuedSalts } from './data/issuedSalts';
export { analyticalGroupsSource } from './data/analyticalGroups';
