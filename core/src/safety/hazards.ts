import { handbook } from '../substances/source';
import { findSubstance } from '../substances/findSubstance';
import type { Source } from '../substances/source';
import { hazardStatements, pictogramsOf, signalWord } from './statements';
import type { HazardCode, Pictogram } from './statements';

const source = handbook(
  'EU CLP Regulation 1272/2008, Annex VI, and common supplier classifications',
  'classification of the solid as supplied',
);

/** Hazard classification of each shelf solid. An empty list means: not classified as hazardous. */
const classified = {
  LiCl: ['H302', 'H315', 'H319'],
  NaCl: [],
  NaBr: [],
  NaF: ['H301', 'H315', 'H319'],
  NaOH: ['H290', 'H314'],
  NaNO3: ['H272', 'H319'],
  NaCH3COO: [],
  NaHCO3: [],
  Na2CO3: ['H319'],
  Na2SO4: [],
  Na2HPO4: [],
  Na3PO4: ['H315', 'H318', 'H335'],
  Na2C2O4: ['H302', 'H312'],
  KCl: [],
  KBr: ['H319'],
  KI: ['H372'],
  KOH: ['H290', 'H302', 'H314'],
  KNO3: ['H272'],
  KSCN: ['H302', 'H312', 'H332', 'H412'],
  K2SO4: [],
  K2CO3: ['H315', 'H319', 'H335'],
  K2CrO4: ['H315', 'H317', 'H319', 'H335', 'H340', 'H350', 'H410'],
  'K4Fe(CN)6': ['H412'],
  NH4Cl: ['H302', 'H319'],
  '(NH4)2SO4': [],
  AgNO3: ['H272', 'H290', 'H314', 'H410'],
  MgCl2: [],
  MgSO4: [],
  CaCl2: ['H319'],
  'Ca(NO3)2': ['H302', 'H318'],
  SrCl2: ['H318'],
  BaCl2: ['H301', 'H332'],
  'Ba(NO3)2': ['H272', 'H301', 'H319', 'H332'],
  MnSO4: ['H318', 'H373', 'H411'],
  FeSO4: ['H302', 'H315', 'H319'],
  FeCl3: ['H290', 'H302', 'H315', 'H318'],
  CoCl2: ['H302', 'H317', 'H334', 'H341', 'H350', 'H360', 'H410'],
  NiSO4: ['H302', 'H315', 'H317', 'H332', 'H334', 'H341', 'H350', 'H360', 'H372', 'H410'],
  CuSO4: ['H302', 'H318', 'H410'],
  'Cu(NO3)2': ['H272', 'H302', 'H314', 'H410'],
  CuCl2: ['H302', 'H312', 'H315', 'H318', 'H410'],
  ZnSO4: ['H302', 'H318', 'H410'],
  'Zn(NO3)2': ['H272', 'H302', 'H315', 'H319', 'H335', 'H410'],
  CdSO4: ['H301', 'H330', 'H340', 'H350', 'H360', 'H372', 'H410'],
  'Pb(NO3)2': ['H302', 'H318', 'H332', 'H360', 'H373', 'H410'],
  AlCl3: ['H290', 'H318'],
  'KAl(SO4)2': [],
} as const satisfies Record<string, readonly HazardCode[]>;

const byFormula = new Map<string, readonly HazardCode[]>(Object.entries(classified));

/** What is dangerous about a substance. */
export interface HazardSheet {
  readonly formula: string;
  readonly signal?: 'Danger' | 'Warning';
  readonly pictograms: readonly Pictogram[];
  readonly statements: readonly { readonly code: HazardCode; readonly text: string }[];
  readonly source: Source;
}

/** Shown wherever a hazard is shown. */
export const deferral =
  'Local rules, the supplier’s safety data sheet and licensed disposal decide; this list does not make a procedure safe.';

/**
 * The hazards of a shelf solid. Dilution lowers them, by how much the supplier's sheet says.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function hazardsOf(substance: string): HazardSheet {
  const { formula } = findSubstance(substance).substance;
  const codes = byFormula.get(formula);
  if (!codes) throw new Error(`No hazard row for ${formula}.`);
  const signal = signalWord(codes);
  return {
    formula,
    ...(signal && { signal }),
    pictograms: pictogramsOf(codes),
    statements: codes.map((code) => ({ code, text: hazardStatements[code] })),
    source,
  };
}
