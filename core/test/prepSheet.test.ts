import { describe, expect, it } from 'vitest';
import { labelSheets, labelsFor } from '../src/labday/prep/labels';
import { otherNeeds, solutionsNeeded } from '../src/labday/day/solutionsNeeded';
import { weighingEffects } from '../src/labday/prep/weighingEffects';
import { howItKeeps } from '../src/planning/prep/keeping';
import { measureMl, roundToBalance } from '../src/planning/prep/measuring';
import { prepSheet } from '../src/planning/prep/prepSheet';
import { prepare, stockOf } from '../src/solution/preparation/prepare';
import { judgeWeighing } from '../src/solution/preparation/weighing';
import type { PrepLine, SolutionNeed } from '../src/planning/prep/prepSheet';
import { anyId, dayOf } from './support/day';

const need = (substance: string, concentrationM: number, makeMl: number): SolutionNeed => ({
  key: `${substance} ${concentrationM}`,
  substance,
  concentrationM,
  usedMl: makeMl,
  makeMl,
});
const sheet = (...needs: SolutionNeed[]): PrepLine[] =>
  prepSheet(needs, { forms: { CuSO4: 'CuSO4·5H2O' }, balanceG: 0.01 });
const only = (one: SolutionNeed): PrepLine => sheet(one)[0] as PrepLine;

describe('concentrated reagents', () => {
  // Strengths as they stand in Lange’s Handbook and on common bottles (recalled): mass percentage × density × 10 / M.
  it.each([
    ['HCl', 12.0],
    ['HNO3', 15.8],
    ['H2SO4', 18.0],
    ['CH3COOH', 17.4],
    ['NH3', 14.8],
    ['H3PO4', 14.7],
    ['HClO4', 11.7],
  ])('%s is about %f mol/L by its percentage and density', (formula, strengthM) => {
    const stock = stockOf(formula);
    const working = prepare({
      substance: formula,
      concentrationM: 1,
      volumeMl: 1000,
      from: {
        stockPercentWW: stock?.percentWW ?? 0,
        densityGPerMl: stock?.densityGPerMl ?? 0,
      },
    });
    expect(1000 / (working.stockVolumeMl ?? 0)).toBeCloseTo(strengthM, 0);
    expect(stock?.concentrationM).toBeCloseTo(strengthM, 1);
  });

  it('are measured by volume with a caution about water, and the pure mass stands beside', () => {
    const recipe = prepare({ substance: 'H2SO4', concentrationM: 1, volumeMl: 20 });
    expect(recipe.massG).toBeCloseTo(1.96, 2);
    expect(recipe.stockVolumeMl).toBeCloseTo(1.11, 2);
    expect(recipe.cautions.join()).toMatch(/acid to most of the water/);
    expect(recipe.working.join('\n')).toMatch(/96 % w\/w × 1.84 g\/mL/);
  });

  it('cannot be made stronger than they are', () => {
    expect(only(need('HCl', 14, 50)).making).toMatchObject({
      kind: 'impossible',
      problem: expect.stringContaining('14 mol/L cannot be made'),
    });
  });
});

describe('worked problems', () => {
  // Textbook examples of molarity (Zumdahl, Chemistry, chapter 4; Brown and LeMay, Chemistry, chapter 4; recalled).
  it.each([
    ['11.5 g NaOH in 1.50 L is 0.192 M', 'NaOH', 0.1917, 1500, 11.5],
    ['23.4 g Na2SO4 in 125 mL is 1.32 M', 'Na2SO4', 1.318, 125, 23.4],
    ['1.00 L of 0.200 M K2Cr2O7 needs 58.8 g', 'K2Cr2O7', 0.2, 1000, 58.8],
  ])('%s', (_, substance, concentrationM, volumeMl, massG) => {
    const { massG: found } = prepare({ substance, concentrationM, volumeMl, form: 'anhydrous' });
    expect((found ?? 0) / massG).toBeCloseTo(1, 2);
  });

  it('1.5 L of 0.10 M H2SO4 from 16 M takes 9.4 mL (Zumdahl, chapter 4)', () => {
    const { stockVolumeMl } = prepare({
      substance: 'H2SO4',
      concentrationM: 0.1,
      volumeMl: 1500,
      from: { stockM: 16 },
    });
    expect(stockVolumeMl).toBeCloseTo(9.4, 1);
  });
});

describe('the prep sheet', () => {
  it('asks which form is in the jar where there are several', () => {
    const [line] = prepSheet([need('MgSO4', 0.3, 50)], { forms: {}, balanceG: 0.01 });
    expect(line?.making).toEqual({ kind: 'askForm', forms: ['MgSO4·7H2O', 'MgSO4'] });
  });

  it('rounds to the balance at hand', () => {
    const { making } = only(need('CuSO4', 0.12, 50));
    // 0.12 mol/L × 0.05 L × 249.68 g/mol
    expect(making).toMatchObject({ kind: 'weigh', form: 'CuSO4·5H2O', roundedG: 1.5 });
    expect(roundToBalance(1.498, 0.1)).toBe(1.5);
    expect(roundToBalance(0.002, 0.01)).toBe(0.01);
  });

  it('takes the smallest cylinder that holds it, or counts drops', () => {
    expect(measureMl(8.333)).toEqual({ roundedMl: 8.3, cylinderMl: 10 });
    expect(measureMl(61.2)).toEqual({ roundedMl: 61, cylinderMl: 100 });
    expect(measureMl(0.31)).toEqual({ roundedMl: 0.3, drops: 6 });
  });

  it('dilutes a stronger solution of the day when there is too little to weigh, and makes more of that', () => {
    const lines = sheet(need('KSCN', 0.2, 100), need('KSCN', 0.002, 50));
    const weak = lines.find(({ concentrationM }) => concentrationM === 0.002);
    const strong = lines.find(({ concentrationM }) => concentrationM === 0.2);
    expect(weak?.making).toMatchObject({
      kind: 'fromOther',
      otherKey: 'KSCN 0.2',
      measured: { roundedMl: 0.5 },
    });
    expect(strong?.totalMl).toBe(110);
    expect(lines.indexOf(strong as PrepLine)).toBeLessThan(lines.indexOf(weak as PrepLine));
  });

  it('makes a mother solution when there is none', () => {
    const { making } = only(need('KMnO4', 0.0005, 50));
    expect(making).toMatchObject({ kind: 'chain' });
    if (making.kind !== 'chain') return;
    // KMnO4 is 158.034 g/mol (CRC Handbook); a tenth of a gram is the least that is weighed to 5 %.
    expect(making.motherG).toBeLessThan(0.2);
    const madeM = making.motherG / 158.034 / (making.motherMl / 1000);
    expect((madeM * making.measured.roundedMl) / 50).toBeCloseTo(0.0005, 4);
    expect(making.working.at(-1)).toMatch(/made up to 50 mL/);
  });

  it('begins with slow dissolvers and ends with what does not keep', () => {
    const order = sheet(need('FeSO4', 0.1, 50), need('NaCl', 0.1, 50), need('K2SO4', 0.5, 50)).map(
      ({ substance }) => substance,
    );
    expect(order).toEqual(['K2SO4', 'NaCl', 'FeSO4']);
    expect(howItKeeps('FeSO4')).toMatchObject({ fresh: true });
    expect(howItKeeps('AgNO3').words).toMatch(/amber/);
    expect(howItKeeps('starch').fresh).toBe(true);
    expect(howItKeeps('phenolphthalein').fresh).toBe(false);
  });

  it('says when more is wanted than dissolves', () => {
    expect(prepare({ substance: 'KNO3', concentrationM: 6, volumeMl: 50 }).cautions.join()).toMatch(
      /more than dissolves/,
    );
  });
});

describe('what a day needs', () => {
  it('sums procedures and groups, and a demonstration once', () => {
    const day = dayOf(['clear-pairs', 'five-kinds-of-reaction'], 8, { sparePercent: 25 });
    const sodium = solutionsNeeded(day).find(({ key }) => key === 'NaOH 0.4');
    // 2.5 mL and 2 mL for each of 8 groups, a quarter more, to the next 10 mL.
    expect(sodium).toMatchObject({ usedMl: 36, makeMl: 50, for: ['Six clear pairs'] });
    const shown = {
      ...day,
      procedures: day.procedures.map((one) => ({ ...one, manner: 'demonstration' as const })),
    };
    expect(solutionsNeeded(shown).find(({ key }) => key === 'NaOH 0.4')?.usedMl).toBe(4.5);
  });

  it('lists solids, concentrated reagents, drops and water as they are set out', () => {
    const day = dayOf(['copper-blue-to-green', 'blue-white-blue', 'metals-on-water'], 4);
    const found = otherNeeds(day);
    expect(found.find(({ key }) => key === 'liquid HCl')).toMatchObject({ amountMl: 28 });
    expect(found.find(({ key }) => key === 'solid CuSO4·5H2O')).toMatchObject({ amountG: 6 });
    expect(found.find(({ key }) => key === 'drops phenolphthalein')).toMatchObject({ drops: 48 });
    expect(found.some(({ kind }) => kind === 'water')).toBe(true);
  });
});

describe('weighing out', () => {
  const forms = ['MgSO4·7H2O', 'MgSO4'];
  const weigh = (actualG: number, targetG: number, form = 'MgSO4·7H2O') =>
    judgeWeighing(actualG, targetG, form, forms, 50).challenge?.kind;

  it('challenges the wrong hydrate, a factor of ten, nonsense, and more than dissolves', () => {
    const targetG =
      prepare({ substance: 'MgSO4', form: 'MgSO4·7H2O', concentrationM: 0.3, volumeMl: 50 })
        .massG ?? 0;
    expect(weigh(targetG, targetG)).toBeUndefined();
    expect(weigh(targetG * 0.488, targetG)).toBe('wrongForm');
    expect(weigh(targetG / 10, targetG)).toBe('factorOfTen');
    expect(weigh(targetG * 10.3, targetG)).toBe('factorOfTen');
    expect(weigh(targetG * 60, targetG)).toBe('implausible');
    expect(judgeWeighing(9, 6, 'KNO3', ['KNO3'], 25).challenge?.kind).toBe('aboveSolubility');
    expect(weigh(targetG * 1.3, targetG)).toBe('outsideTolerance');
  });

  it('tells which expectations change with what was really made', () => {
    const day = dayOf(['three-halides'], 2);
    const weighing = (actualG: number) => ({
      id: anyId(),
      substance: 'NH3',
      concentrationM: 2,
      volumeMl: 60,
      form: 'NH3',
      purityPercent: 100,
      actualG,
      recordedAt: '2027-02-02T10:00:00.000Z',
    });
    expect(weighingEffects(day, [weighing(2.05)])).toEqual([]);
    const effects = weighingEffects(day, [weighing(0.02)]);
    expect(effects).toContainEqual(
      expect.objectContaining({
        where: expect.stringContaining('ammonia'),
        planned: expect.stringContaining('the solid dissolves'),
      }),
    );
  });
});

describe('labels', () => {
  it('carry name, strength as made, hazards and how long it keeps', () => {
    const day = dayOf(['three-halides', 'blue-white-blue'], 2, { staff: ['A. Maker'] });
    const labels = labelsFor(day, 'stock');
    expect(labels.find(({ key }) => key === 'AgNO3 0.05')).toMatchObject({
      name: 'silver nitrate',
      strength: '0.05 mol/L',
      signal: 'Danger',
      maker: 'A. Maker',
      pictograms: expect.arrayContaining(['corrosion']),
      keeps: expect.stringContaining('amber'),
    });
    expect(labels.find(({ formula }) => formula === 'CuSO4·5H2O')?.strength).toBe('solid');
  });

  it.each(Object.entries(labelSheets))('fit on the paper: %s', (_, sheetOf) => {
    const paper = { A4: [210, 297], Letter: [215.9, 279.4] }[sheetOf.paper] as [number, number];
    expect(sheetOf.leftMm * 2 + sheetOf.columns * sheetOf.widthMm).toBeLessThanOrEqual(
      paper[0] + 0.1,
    );
    expect(sheetOf.topMm + sheetOf.rows * sheetOf.heightMm).toBeLessThanOrEqual(paper[1]);
  });
});
