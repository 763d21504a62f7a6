import { describe, expect, it } from 'vitest';
import { dryCombinations } from '../src/matter/substances/data/dryCombinations';
import { react } from '../src/vessel/react';
import { isBalanced, sorted } from './support/bench';

describe('dry substances brought together (Greenwood and Earnshaw; Zumdahl)', () => {
  it.each([
    [['Na', 'Cl2'], '2 Na(s) + Cl2(g) → 2 NaCl(s)', 'heated'],
    [['sodium', 'chlorine'], '2 Na(s) + Cl2(g) → 2 NaCl(s)', 'heated'],
    [['Fe', 'Cl2'], '2 Fe(s) + 3 Cl2(g) → 2 FeCl3(s)', 'heated'],
    [['Fe2O3', 'Al'], 'Fe2O3(s) + 2 Al(s) → 2 Fe(l) + Al2O3(s)', 'heated'],
    [['Mg', 'CO2'], '2 Mg(s) + CO2(g) → 2 MgO(s) + C(s)', 'heated'],
    [['N2', 'H2'], 'N2(g) + 3 H2(g) → 2 NH3(g)', 'catalyst'],
    [['SO2', 'O2'], '2 SO2(g) + O2(g) → 2 SO3(g)', 'catalyst'],
    [['H2', 'Cl2'], 'H2(g) + Cl2(g) → 2 HCl(g)', 'light'],
    [['SO3', 'water'], 'SO3(s) + H2O(l) → H2SO4(aq)', undefined],
    [['P4', 'O2'], '4 P(s) + 5 O2(g) → P4O10(s)', 'heated'],
    [['S', 'Fe'], 'Fe(s) + S(s) → FeS(s)', 'heated'],
  ])('%j: %s', (reactants, equation, under) => {
    const found = react({ reactants });
    expect(found.reactions.map((one) => sorted(one.equation))).toContain(sorted(equation));
    expect(found.under).toBe(under);
  });

  it('are balanced, each row', () => {
    for (const { equation } of dryCombinations) expect(isBalanced(equation), equation).toBe(true);
  });

  it('warn where the mixture is dangerous', () => {
    const [thermite] = react({ reactants: ['Fe2O3', 'Al'] }).reactions;
    expect(thermite?.why.map(({ text }) => text).join(' ')).toMatch(/white-hot/);
  });

  it('are not predicted where no table tells', () => {
    const found = react({ reactants: ['H2', 'N2O'], conditions: { heated: true } });
    expect(found.reactions).toEqual([]);
    expect(found.none).toMatch(/^Not predicted/);
  });

  it('leave solutions to the vessel', () => {
    expect(react({ reactants: ['Zn', 'HCl'] }).reactions[0]?.equation).toMatch(/ZnCl2\(aq\)/);
    expect(react({ reactants: ['NH3', 'HCl'] }).reactions[0]?.equation).toMatch(/NH4Cl\(aq\)/);
  });
});
