import { handbook } from '../matter/substances/source';
import { findSubstance } from '../matter/substances/findSubstance';
import type { Source } from '../matter/substances/source';
import { classification } from './classification';
import { pictogramsOf, signalWord, statementText } from './statements';
import type { HazardCode, Pictogram } from './statements';

export const hazardsSource = handbook(
  'EU CLP Regulation 1272/2008, Annex VI, and common supplier classifications',
  'classification of the substance as supplied',
);

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
 * The hazards of a shelf substance. Dilution lowers them, by how much the supplier's sheet says.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function hazardsOf(substance: string): HazardSheet {
  const { formula } = findSubstance(substance).substance;
  const codes = classification[formula];
  if (!codes) throw new Error(`No hazard row for ${formula}.`);
  const signal = signalWord(codes);
  return {
    formula,
    ...(signal && { signal }),
    pictograms: pictogramsOf(codes),
    statements: codes.map((code) => ({ code, text: statementText(code) })),
    source: hazardsSource,
  };
}
