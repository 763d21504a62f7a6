import type { Structure } from '../../../matter/structure/structure';
import type { ColourPhrase } from '../../../matter/substances/types';
import type { Expectation } from './expectation';

/** A candidate: its structure, and what is tabulated of it. */
export interface Compound {
  readonly name: string;
  readonly structure: Structure;
  readonly meltsC?: number;
  readonly boilsC?: number;
  readonly waterGPer100Ml?: number | 'miscible';
  readonly colour?: ColourPhrase;
}

/** What one test shows for a compound; undefined where the test says nothing of such compounds and nothing is known. */
export type OutcomeRule = (compound: Compound) => Expectation | undefined;
