import * as z from 'zod';
import { ChemistryError, inField } from '../common/errors';
import { hazardsOf, hazardsOfPure } from './hazards';
import type { HazardSheet } from './hazards';
import { pictogramCodes } from './statements';

/** A bottle that is to be labelled: one strength, or the pure substance. */
export const labelSchema = z.object({
  substance: z.string().min(1).max(100),
  concentrationM: z.number().positive().max(60).optional(),
  percentWW: z.number().positive().max(100).optional(),
  pure: z.boolean().optional(),
  volumeMl: z.number().positive().max(1_000_000).optional(),
});
export type LabelRequest = z.infer<typeof labelSchema>;

/** What the rules put on a label. */
export interface HazardLabel {
  readonly formula: string;
  readonly percentWW: number;
  readonly signal: 'danger' | 'warning' | null;
  /** Numbers of the pictograms in the standard, the worst first. */
  readonly pictograms: readonly string[];
  readonly statements: HazardSheet['statements'];
  readonly precautions: HazardSheet['precautions'];
  readonly basis: readonly string[];
}

/**
 * What the rules for mixtures put on the label of a bottle.
 *
 * @throws ChemistryError for an unknown substance, or where not exactly one strength is given.
 * @example label({ substance: 'HCl', concentrationM: 4 }).statements[0].code // 'H335'
 */
export function label({ substance, concentrationM, percentWW, pure }: LabelRequest): HazardLabel {
  const given = [concentrationM, percentWW, pure === true ? true : undefined].filter(
    (one) => one !== undefined,
  );
  if (given.length !== 1) throw ChemistryError.of('oneStrength').in('concentrationM');
  const sheet = inField('substance', () =>
    pure === true ? hazardsOfPure(substance) : hazardsOf({ substance, concentrationM, percentWW }),
  );
  return {
    formula: sheet.formula,
    percentWW: sheet.percentWW,
    signal: sheet.signal === undefined ? null : sheet.signal === 'Danger' ? 'danger' : 'warning',
    pictograms: sheet.pictograms.map((one) => pictogramCodes[one]),
    statements: sheet.statements,
    precautions: sheet.precautions,
    basis: sheet.basis,
  };
}
