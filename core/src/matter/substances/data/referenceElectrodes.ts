import { handbook } from '../source';
import type { Source } from '../source';

/** An electrode that others are read against. */
export interface ReferenceElectrode {
  readonly name: string;
  /** Against the standard hydrogen electrode at 25 °C, V. */
  readonly potentialV: number;
  readonly source: Source;
}

const bard = handbook('Bard and Faulkner, Electrochemical Methods', 'potential of the reference electrode against the standard hydrogen electrode, 25 °C');

/** Reference electrodes by a short name. */
export const referenceElectrodes = {
  silverChloride: { name: 'silver/silver chloride, saturated KCl', potentialV: 0.197, source: bard },
  silverChloride3M: { name: 'silver/silver chloride, 3 mol/L KCl', potentialV: 0.21, source: bard },
  calomel: { name: 'saturated calomel', potentialV: 0.241, source: bard },
  copperSulfate: { name: 'copper/copper(II) sulfate, saturated', potentialV: 0.316, source: bard },
  hydrogen: { name: 'standard hydrogen', potentialV: 0, source: bard },
} as const satisfies Record<string, ReferenceElectrode>;

/** The short name of a reference electrode. */
export type ReferenceElectrodeId = keyof typeof referenceElectrodes;
