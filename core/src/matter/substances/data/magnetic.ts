import { handbook } from '../source';

/** Where it is from, that a hand magnet lifts these. */
export const magnetSource = handbook(
  'CRC Handbook of Chemistry and Physics',
  'ferromagnetic elements and magnetite, by their Curie temperatures',
);

/** Solids a hand magnet lifts at room temperature. */
export const magneticSolids: readonly string[] = ['Fe', 'Co', 'Ni', 'Fe3O4'];
