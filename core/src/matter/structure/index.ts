/** Structures of organic compounds, read from SMILES. */
export { drawStructure } from './readStructure';
export type { Structure } from './structure';
