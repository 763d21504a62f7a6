import { findSubstance } from '../substances/findSubstance';
import type { Portion } from './portion';

/** The portions poured together: volumes add (25 °C, dilute), and so do the ions each brings. */
export interface PouredTogether {
  readonly volumeMl: number;
  /** mol/L of each ion in the mixture. */
  readonly totalsM: Readonly<Record<string, number>>;
}

/** Pours portions together. @throws ChemistryError for an unknown substance. */
export function pourTogether(portions: readonly Portion[]): PouredTogether {
  const volumeMl = portions.reduce((sum, portion) => sum + portion.volumeMl, 0);
  const totalsM: Record<string, number> = {};
  for (const { substance, concentrationM, volumeMl: partMl } of portions)
    for (const [ion, count] of Object.entries(findSubstance(substance).substance.ions))
      totalsM[ion] = (totalsM[ion] ?? 0) + (count * concentrationM * partMl) / volumeMl;
  return { volumeMl, totalsM };
}
