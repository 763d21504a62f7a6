import { expect, test } from 'vitest';
import { pKaOf } from '../src/matter/substances/acidity';

// CRC Handbook, dissociation constants of inorganic and organic acids in water at 25 °C; cations: Baes and Mesmer.
test.each([
  ['CH3COOH', 4.76],
  ['H3PO4', 2.15],
  ['H2PO4^-', 7.2],
  ['HPO4^2-', 12.35],
  ['H2C2O4', 1.25],
  ['H3C6H5O7', 3.13],
  ['HSO4^-', 1.99],
  ['NH4^+', 9.25],
  ['H2O2', 11.65],
  ['Al^3+', 5.0],
  ['Fe^3+', 2.19],
])('%s has pKa %d', (species, pKa) => {
  expect(pKaOf(species)).toBeCloseTo(pKa, 1);
});

test.each(['Na^+', 'Cl^-', 'H^+', 'CH4'])('%s has none', (species) => {
  expect(pKaOf(species)).toBeUndefined();
});
