import { describe, expect, it } from 'vitest';
import { prepare } from '../src/solution/preparation/prepare';
import { judgeWeighing } from '../src/solution/preparation/weighing';

describe('making up a solution', () => {
  // Worked values of common practice.
  it.each([
    ['20 mL of 0.4 M NaOH', { substance: 'NaOH', concentrationM: 0.4, volumeMl: 20 }, 0.32],
    [
      '20 mL of 1 M H2SO4, pure acid',
      { substance: 'H2SO4', concentrationM: 1, volumeMl: 20 },
      1.96,
    ],
    ['20 mL of 1 M FeSO4·7H2O', { substance: 'FeSO4·7H2O', concentrationM: 1, volumeMl: 20 }, 5.56],
    ['20 mL of 10 % w/v', { substance: 'NaCl', percentWV: 10, volumeMl: 20 }, 2],
    ['20 mL of 2 % w/v', { substance: 'NaCl', percentWV: 2, volumeMl: 20 }, 0.4],
    [
      '500 mL of 1.0 M MgSO4, anhydrous',
      { substance: 'MgSO4', form: 'anhydrous', concentrationM: 1, volumeMl: 500 },
      60.2,
    ],
    [
      '500 mL of 0.49 M MgSO4 from heptahydrate',
      { substance: 'MgSO4', form: 'MgSO4·7H2O', concentrationM: 0.487, volumeMl: 500 },
      60.0,
    ],
  ])('%s', (_, request, massG) =>
    expect(prepare(request).massG).toBeCloseTo(massG, massG > 10 ? 1 : 2),
  );

  it('corrects for purity and shows the working', () => {
    const { massG, working } = prepare({
      substance: 'KOH',
      concentrationM: 0.5,
      volumeMl: 100,
      purityPercent: 85,
    });
    expect(massG).toBeCloseTo(3.3, 2);
    expect(working.join('\n')).toMatch(/M\(KOH\) = 56\.1.*\n.*\n.*85 % purity/);
  });

  it('asks which form is meant when there are several', () => {
    expect(
      prepare({ substance: 'copper(II) sulfate', concentrationM: 0.1, volumeMl: 50 }).cautions[0],
    ).toContain('Which form');
  });

  it('warns of the anhydrous solid only where the shelf keeps it', () => {
    const cautions = (substance: string) =>
      prepare({ substance, concentrationM: 0.1, volumeMl: 50 }).cautions.join(' ');
    expect(cautions('CuSO4·5H2O')).toContain('anhydrous solid would need 0.798 g');
    expect(cautions('K4Fe(CN)6·3H2O')).not.toContain('anhydrous');
  });

  // Concentrated acids: Lange’s Handbook (recalled): 37 % HCl, 1.18 g/mL, is 12.0 M; 96 % H2SO4, 1.84 g/mL, is 18.0 M.
  it.each([
    ['HCl', 37, 1.18, 12.0],
    ['H2SO4', 96, 1.84, 18.0],
    ['HNO3', 68, 1.41, 15.2],
  ])('dilutes concentrated %s', (substance, stockPercentWW, densityGPerMl, stockM) => {
    const recipe = prepare({
      substance,
      concentrationM: 1,
      volumeMl: 100,
      from: { stockPercentWW, densityGPerMl },
    });
    expect(recipe.stockVolumeMl).toBeCloseTo(100 / stockM, 1);
    expect(recipe.cautions.join()).toContain('never water to acid');
  });

  it.each([
    [{ substance: 'NaCl', volumeMl: 20 }, 'missingAmount', 'concentrationM'],
    [
      { substance: 'NaCl', concentrationM: 1, percentWV: 2, volumeMl: 20 },
      'severalAmounts',
      'percentWV',
    ],
    [{ substance: 'NaCl', concentrationM: -1, volumeMl: 20 }, 'outOfRange', 'concentrationM'],
    [{ substance: 'NaCl', concentrationM: 500, volumeMl: 20 }, 'outOfRange', 'concentrationM'],
    [{ substance: 'NaCl', concentrationM: 1, volumeMl: Number.NaN }, 'outOfRange', 'volumeMl'],
    [
      { substance: 'salt of nowhere', concentrationM: 1, volumeMl: 20 },
      'unknownSubstance',
      'substance',
    ],
    [{ substance: 'NaCl', form: 'KCl', concentrationM: 1, volumeMl: 20 }, 'unknownForm', 'form'],
    [
      { substance: 'HCl', concentrationM: 12, volumeMl: 20, from: { stockM: 6 } },
      'stockTooWeak',
      'from',
    ],
    [
      { substance: 'HCl', concentrationM: 1, volumeMl: 20, from: { stockPercentWW: 37 } },
      'missingDensity',
      'from.densityGPerMl',
    ],
  ])('refuses %o', (request, code, field) =>
    expect(() => prepare(request)).toThrowError(expect.objectContaining({ code, field })),
  );
});

describe('an actual mass', () => {
  const judge = (actual: number) =>
    judgeWeighing(actual, 1, 'CuSO4·5H2O', ['CuSO4·5H2O', 'CuSO4'], 40);

  it('near the target passes: 1.07 g for “about 1 g” (common practice)', () =>
    expect(judge(1.07).challenge).toBeUndefined());
  it('gives the concentration really made', () =>
    expect(judge(1.07).concentrationM).toBeCloseTo(0.1071, 3));
  it.each([
    [10, 'factorOfTen'],
    [0.1, 'factorOfTen'],
    [9.2, 'factorOfTen'],
    [0.64, 'wrongForm'],
    [1.3, 'outsideTolerance'],
    [0.8, 'outsideTolerance'],
  ])('%d g is challenged as %s', (actual, kind) =>
    expect(judge(actual).challenge?.kind).toBe(kind),
  );
});
