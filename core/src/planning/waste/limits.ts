import { handbook } from '../../matter/substances/source';
import type { Source } from '../../matter/substances/source';

const toxicity = handbook(
  'US Code of Federal Regulations, 40 CFR 261.24, Table 1',
  'maximum concentration of contaminants for the toxicity characteristic, mg/L; local limits may be lower',
);

/** How much of an element may be left dissolved. */
export interface DischargeLimit {
  readonly element: string;
  readonly name: string;
  readonly mgPerL: number;
  readonly source: Source;
}

/** Elements for which that table has no limit, and many a sewer has one of its own. */
export const unlimitedElements = [
  { element: 'Co', name: 'cobalt' },
  { element: 'Cu', name: 'copper' },
  { element: 'Ni', name: 'nickel' },
  { element: 'Zn', name: 'zinc' },
] as const;

/** Limits that count unless a school sets its own. */
export const dischargeLimits = [
  { element: 'Ag', name: 'silver', mgPerL: 5, source: toxicity },
  { element: 'As', name: 'arsenic', mgPerL: 5, source: toxicity },
  { element: 'Ba', name: 'barium', mgPerL: 100, source: toxicity },
  { element: 'Cd', name: 'cadmium', mgPerL: 1, source: toxicity },
  { element: 'Cr', name: 'chromium', mgPerL: 5, source: toxicity },
  { element: 'Hg', name: 'mercury', mgPerL: 0.2, source: toxicity },
  { element: 'Pb', name: 'lead', mgPerL: 5, source: toxicity },
  { element: 'Se', name: 'selenium', mgPerL: 1, source: toxicity },
] as const satisfies readonly DischargeLimit[];
