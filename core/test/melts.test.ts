import { describe, expect, it } from 'vitest';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { melts } from '../src/matter/substances/data/melts';
import { predictMelt } from '../src/studies/electrolysis/melt';
import { findElectrode } from '../src/vessel/electrolysis/findElectrode';

const graphite = findElectrode('graphite');
const melt = (formula: string) => predictMelt(formula, graphite);

// Brown, Chemistry: The Central Science, ch. 20; Zumdahl, ch. 18; the usual school tables of electrolysis (recalled from memory).
describe('molten salts, against textbooks', () => {
  it.each([
    ['NaCl', 'Na', 'Cl2', '2NaCl(l) → 2Na(l) + Cl2(g)'],
    ['KBr', 'K', 'Br2', '2KBr(l) → 2K(l) + Br2(g)'],
    ['PbBr2', 'Pb', 'Br2', 'PbBr2(l) → Pb(l) + Br2(g)'],
    ['MgCl2', 'Mg', 'Cl2', 'MgCl2(l) → Mg(l) + Cl2(g)'],
    ['CaCl2', 'Ca', 'Cl2', 'CaCl2(l) → Ca(l) + Cl2(g)'],
    ['KI', 'K', 'I2', '2KI(l) → 2K(l) + I2(g)'],
    ['Al2O3', 'Al', 'O2', '2Al2O3(l) → 4Al(l) + 3O2(g)'],
    ['NaOH', 'Na', 'O2', '4NaOH(l) → 4Na(l) + O2(g) + 2H2O(g)'],
    ['ZnCl2', 'Zn', 'Cl2', 'ZnCl2(l) → Zn(l) + Cl2(g)'],
  ])('%s gives %s at minus and %s at plus', (formula, metal, element, equation) => {
    const { cathode, anode, overall } = melt(formula);
    expect(cathode.product).toBe(metal);
    expect(anode.product).toBe(element);
    expect(overall).toBe(equation);
  });

  it.each([
    ['NaCl', 'Na^+(l) + e^- → Na(l)', '2Cl^-(l) → Cl2(g) + 2e^-'],
    ['PbBr2', 'Pb^2+(l) + 2e^- → Pb(l)', '2Br^-(l) → Br2(g) + 2e^-'],
    ['Al2O3', 'Al^3+(l) + 3e^- → Al(l)', '2O^2-(l) → O2(g) + 4e^-'],
  ])('%s has the half-equations of the books', (formula, minus, plus) => {
    expect(melt(formula).cathode.halfEquation).toBe(minus);
    expect(melt(formula).anode.halfEquation).toBe(plus);
  });

  // CRC Handbook, physical constants of inorganic compounds (recalled from memory), °C.
  it.each([
    ['NaCl', 801],
    ['PbBr2', 371],
    ['MgCl2', 714],
    ['CaCl2', 775],
  ])('%s melts at about %d °C', (formula, meltsC) =>
    expect(Math.abs((melt(formula).meltsC ?? 0) - meltsC)).toBeLessThan(6),
  );

  it('alumina is dissolved in cryolite, and burns the graphite (Hall and Héroult)', () => {
    const { dissolvedIn, anode } = melt('Al2O3');
    expect(dissolvedIn).toMatch(/cryolite/i);
    expect(anode.seen).toMatch(/carbon dioxide/);
    expect(predictMelt('Al2O3', findElectrode('platinum')).anode.seen).toBe('colourless gas');
  });

  it('has every equation balanced, for all the melts there are', () => {
    for (const { formula } of melts) {
      const { overall } = melt(formula);
      const count = (side: string) => {
        const total: Record<string, number> = {};
        for (const term of side.split(' + ')) {
          const [, n = '', what = ''] = /^(\d*)(.+?)\([lgs]\)$/.exec(term) ?? [];
          for (const [symbol, atoms] of Object.entries(parseFormula(what).elements))
            total[symbol] = (total[symbol] ?? 0) + atoms * Number(n || 1);
        }
        return total;
      };
      const [left = '', right = ''] = overall.split(' → ');
      expect(count(left), overall).toEqual(count(right));
    }
  });

  it('gives a mole of product for its electrons (Faraday)', () => {
    expect(melt('NaCl').cathode.perElectron).toBe(1);
    expect(melt('PbBr2').cathode.perElectron).toBe(1 / 2);
    expect(melt('Al2O3').cathode.perElectron).toBe(1 / 3);
    expect(melt('NaCl').anode.perElectron).toBe(1 / 2);
    expect(melt('Al2O3').anode.perElectron).toBe(1 / 4);
  });

  it('may go by a name, and need not stand on the shelf', () => {
    expect(melt('sodium chloride').formula).toBe('NaCl');
    expect(melt('CdI2').cathode.product).toBe('Cd');
  });

  it.each(['Na2SO4', 'KNO3', 'NH4Cl', 'CH3COONa', 'Na2CO3'])('does not follow %s', (formula) =>
    expect(() => melt(formula)).toThrowError(expect.objectContaining({ code: 'notMelted' })),
  );

  it('refuses what is no salt', () => {
    expect(() => melt('C12H22O11')).toThrow();
    expect(() => melt('no such thing')).toThrow();
  });
});
