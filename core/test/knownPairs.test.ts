import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { everyPair, knownPair, pairsCsv } from '../src/solution/pairs';
import { lastOf } from './support/bench';

describe('what is known of a pair of ions', () => {
  // Solubility rules of any general chemistry text.
  it.each([
    ['Ag^+', 'Cl^-', 'solid'],
    ['Ba^2+', 'HSO4^-', 'solid'],
    ['Na^+', 'SiO3^2-', 'soluble'],
    ['Mg^2+', 'SO4^2-', 'soluble'],
    ['Fe^3+', 'SCN^-', 'complex'],
    ['Ni^2+', 'I^-', 'ground'],
    ['Pb^2+', 'Cr2O7^2-', 'solid'],
    ['Ni^2+', 'IO3^-', undefined],
    ['Ba^2+', 'B4O7^2-', undefined],
  ])('%s and %s: %s', (cation, anion, by) => expect(knownPair(cation, anion).by).toBe(by));

  it('covers two pairs in three of what stands on the shelf', () => {
    const pairs = everyPair();
    const known = pairs.filter(({ by }) => by !== undefined);
    expect(known.length / pairs.length).toBeGreaterThan(0.66);
  });

  it('is listed for the reader, and the list is up to date', () => {
    expect(readFileSync('docs/reference/pairs.csv', 'utf8')).toBe(pairsCsv());
  });
});

describe('that nothing happens', () => {
  it.each([
    ['BaCl2 0.1M', 'Na2B4O7 0.1M', /Ba\^2\+ with B\(OH\)4\^-.*not in the tables/],
    ['NiSO4 0.1M', 'KIO3 0.1M', /Ni\^2\+ with IO3\^-/],
    ['MnSO4 0.1M', 'NH4VO3 0.02M', /Mn\^2\+ with H2VO4\^-/],
  ])('is not told of %s and %s, of which nothing is known', (start, then, reason) =>
    expect(lastOf(start, then).notPredicted.join(' ')).toMatch(reason),
  );

  it.each([
    ['NaCl 0.1M', 'KNO3 0.1M'],
    ['MgSO4 0.1M', 'NaCl 0.1M'],
    ['ZnSO4 0.1M', 'KI 0.1M'],
  ])('is told of %s and %s, which stay dissolved', (start, then) => {
    const step = lastOf(start, then);
    expect(step.notPredicted).toEqual([]);
    expect(step.observations.map(({ kind }) => kind)).toContain('noChange');
  });

  it('is not asked again of what stood together before', () => {
    const step = lastOf('NiSO4 0.1M + KIO3 0.1M', 'water 2mL');
    expect(step.notPredicted).toEqual([]);
  });
});
