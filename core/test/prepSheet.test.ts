import { describe, expect, it } from 'vitest';
import { labelSheets, labelsFor, printedStatements } from '../src/labday/prep/labels';
import { otherNeeds, solutionsNeeded } from '../src/labday/day/solutionsNeeded';
import { weighingEffects } from '../src/labday/prep/weighingEffects';
import { howItKeeps } from '../src/planning/prep/keeping';
import {
  isMeasurable,
  measureMl,
  roundToBalance,
  worstMeasurePercent,
} from '../src/planning/prep/measuring';
import { prepSheet } from '../src/planning/prep/prepSheet';
import { procedureOfMixing } from '../src/planning/procedure/mixing';
import { molarMassOf } from '../src/matter/formula/molarMass';
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
  prepSheet(needs, { forms: { CuSO4: 'CuSO4·5H2O' }, balanceG: 0.01, pipettes: true });
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
    const [line] = prepSheet([need('MgSO4', 0.3, 50)], {
      forms: {},
      balanceG: 0.01,
      pipettes: true,
    });
    // 0.015 mol of 246.47 and of 120.37 g/mol (CRC Handbook).
    expect(line?.making).toEqual({
      kind: 'askForm',
      forms: ['MgSO4·7H2O', 'MgSO4'],
      massG: { 'MgSO4·7H2O': 3.7, MgSO4: 1.81 },
    });
  });

  it('rounds to the balance at hand', () => {
    const { making } = only(need('CuSO4', 0.12, 50));
    // 0.12 mol/L × 0.05 L × 249.68 g/mol
    expect(making).toMatchObject({ kind: 'weigh', form: 'CuSO4·5H2O', roundedG: 1.5 });
    expect(roundToBalance(1.498, 0.1)).toBe(1.5);
    expect(roundToBalance(0.002, 0.01)).toBe(0.01);
  });

  it('takes the finest pipette or cylinder that holds it', () => {
    const [fine, coarse] = [{ pipettes: true }, { pipettes: false }];
    expect(measureMl(8.333, fine)).toMatchObject({ roundedMl: 8.3, kind: 'pipette', sizeMl: 10 });
    expect(measureMl(8.333, coarse)).toMatchObject({
      roundedMl: 8.3,
      kind: 'cylinder',
      sizeMl: 10,
    });
    expect(measureMl(61.2, fine)).toMatchObject({ roundedMl: 61, kind: 'cylinder', sizeMl: 100 });
    expect(measureMl(0.314, fine)).toMatchObject({ roundedMl: 0.31, kind: 'pipette', sizeMl: 1 });
    // Half a division of a 10 mL cylinder is 0.05 mL, which is 2 % of 2.5 mL.
    expect([isMeasurable(2.5, coarse), isMeasurable(2.4, coarse)]).toEqual([true, false]);
    expect([isMeasurable(0.25, fine), isMeasurable(0.24, fine)]).toEqual([true, false]);
  });

  it('dilutes the weaker solutions of the day from the strongest, and makes more of that', () => {
    const lines = sheet(need('KSCN', 0.2, 100), need('KSCN', 0.002, 50));
    const weak = lines.find(({ concentrationM }) => concentrationM === 0.002);
    const strong = lines.find(({ concentrationM }) => concentrationM === 0.2);
    expect(weak?.making).toMatchObject({
      kind: 'fromOther',
      otherKey: 'KSCN 0.2',
      measured: { roundedMl: 0.5, kind: 'pipette' },
    });
    expect(strong?.totalMl).toBe(110);
    expect(lines.indexOf(strong as PrepLine)).toBeLessThan(lines.indexOf(weak as PrepLine));
  });

  it('makes a solution to dilute from when there is none, and weaker strengths share it', () => {
    const lines = sheet(need('KMnO4', 0.0005, 50), need('KMnO4', 0.0002, 50));
    const mother = lines.find(({ isIntermediate }) => isIntermediate);
    expect(mother?.making).toMatchObject({ kind: 'weigh' });
    expect(lines.filter(({ making }) => making.kind === 'weigh')).toHaveLength(1);
    expect(lines.filter(({ making }) => making.kind === 'fromOther')).toHaveLength(2);
  });

  it.each([
    ['silver nitrate at five strengths', 'AgNO3', [0.2, 0.1, 0.05, 0.02, 0.01]],
    ['one alkali at three', 'NaOH', [2, 0.5, 0.1]],
    ['one acid at three', 'HCl', [6, 2, 0.5]],
  ] as const)('weighs or pours %s once', (_, substance, strengths) => {
    const lines = sheet(...strengths.map((one) => need(substance, one, 60)));
    const fromJar = lines.filter(
      ({ making }) => making.kind === 'weigh' || making.kind === 'stock',
    );
    expect(fromJar).toHaveLength(1);
    expect(fromJar[0]?.concentrationM).toBe(strengths[0]);
    for (const { offPercent } of lines) expect(Math.abs(offPercent)).toBeLessThanOrEqual(2);
  });

  it('never dilutes from what cannot be made or does not dissolve', () => {
    const lines = sheet(
      need('HCl', 14, 50),
      need('HCl', 1, 50),
      need('KNO3', 6, 50),
      need('KNO3', 0.5, 50),
    );
    const of = (key: string) => lines.find((line) => line.key === key)?.making.kind;
    expect([of('HCl 14'), of('HCl 1'), of('KNO3 0.5')]).toEqual(['impossible', 'stock', 'weigh']);
  });

  it('says how many bottles of which size, one for each bench', () => {
    const [line] = prepSheet([need('NaCl', 0.1, 240)], {
      forms: {},
      balanceG: 0.01,
      pipettes: true,
      groups: 8,
    });
    expect(line?.bottles).toEqual({ count: 8, sizeMl: 30 });
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

describe('recipes that can be carried out', () => {
  // Amounts that teaching classes ask for, the small and weak ones among them; masses are checked against c·V·M elsewhere.
  const wanted = [
    ['H2SO4', 0.1, 10],
    ['H3PO4', 0.1, 10],
    ['HCl', 0.1, 10],
    ['HNO3', 0.1, 20],
    ['CH3COOH', 0.1, 10],
    ['H2SO4', 0.5, 20],
    ['NH3', 0.1, 10],
    ['NH3', 2, 100],
    ['HCl', 6, 50],
    ['H2SO4', 3, 100],
    ['H2O2', 0.3, 10],
    ['HCl', 0.01, 10],
    ['HCl', 0.001, 50],
    ['H3PO4', 0.5, 30],
    ['HClO4', 0.1, 10],
    ['NaOH', 0.1, 10],
    ['NaOH', 0.01, 50],
    ['NaOH', 6, 20],
    ['KOH', 0.5, 30],
    ['AgNO3', 0.1, 10],
    ['AgNO3', 0.02, 20],
    ['AgNO3', 0.001, 100],
    ['KMnO4', 0.0002, 50],
    ['KMnO4', 0.02, 30],
    ['K2Cr2O7', 0.05, 20],
    ['Pb(NO3)2', 0.1, 40],
    ['KI', 0.1, 10],
    ['KSCN', 0.002, 10],
    ['CuSO4', 0.5, 100],
    ['CuSO4', 0.001, 10],
    ['NaCl', 0.1, 10],
    ['NaCl', 1, 500],
    ['Na2S2O3', 0.1, 10],
    ['K3Fe(CN)6', 0.01, 10],
    ['C6H12O6', 0.1, 20],
    ['NH4Cl', 0.1, 10],
    ['KBr', 0.05, 10],
    ['K2CrO4', 0.02, 10],
    ['Na2SO4', 1, 500],
    ['KCl', 0.0001, 50],
    ['LiCl', 0.1, 10],
    ['NH4VO3', 0.005, 50],
    ['NaF', 0.01, 10],
  ] as const;

  it.each(
    wanted.flatMap(([substance, concentrationM, makeMl]) =>
      [true, false].map((pipettes) => ({ substance, concentrationM, makeMl, pipettes })),
    ),
  )(
    '$makeMl mL of $concentrationM M $substance, pipettes: $pipettes',
    ({ substance, concentrationM, makeMl, pipettes }) => {
      const lines = prepSheet([need(substance, concentrationM, makeMl)], {
        forms: { CuSO4: 'CuSO4·5H2O', NaOH: 'NaOH', Na2SO4: 'Na2SO4' },
        balanceG: 0.01,
        pipettes,
      });
      const wantedLine = lines.find(
        ({ key }) => key === `${substance} ${concentrationM}`,
      ) as PrepLine;
      expect(wantedLine.totalMl).toBeGreaterThanOrEqual(makeMl);
      for (const { making, key } of lines) {
        expect(['weigh', 'stock', 'fromOther'], key).toContain(making.kind);
        if (making.kind === 'weigh')
          expect(making.roundingPercent, key).toBeLessThanOrEqual(worstMeasurePercent + 1e-6);
        else if ('measured' in making)
          expect(making.measured.uncertainPercent, key).toBeLessThanOrEqual(
            worstMeasurePercent + 0.1,
          );
      }
      // What was asked, from the amounts that are really measured, link by link.
      const strength = (line: PrepLine): number => {
        const { making, totalMl } = line;
        if (making.kind === 'weigh')
          return making.roundedG / molarMassOf(making.form) / (totalMl / 1000);
        if (making.kind === 'stock')
          return (
            ((((stockOf(substance)?.percentWW ?? 0) *
              10 *
              (stockOf(substance)?.densityGPerMl ?? 0)) /
              molarMassOf(substance)) *
              making.measured.roundedMl) /
            totalMl
          );
        if (making.kind !== 'fromOther') return NaN;
        return (
          (strength(lines.find(({ key }) => key === making.otherKey) as PrepLine) *
            making.measured.roundedMl) /
          totalMl
        );
      };
      expect(strength(wantedLine) / concentrationM).toBeGreaterThan(0.98);
      expect(strength(wantedLine) / concentrationM).toBeLessThan(1.02);
      // What the mother solutions hold is there to be poured out.
      for (const { making, totalMl } of lines)
        if (making.kind === 'fromOther')
          expect(making.measured.roundedMl).toBeLessThanOrEqual(
            lines.find(({ key }) => key === making.otherKey)?.totalMl ?? 0,
          );
        else expect(totalMl).toBeGreaterThan(0);
    },
  );
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
  const leadWithIodide = procedureOfMixing(anyId(), {
    container: 'testTube',
    a: { substance: 'Pb(NO3)2', concentrationM: 0.1, volumeMl: 2 },
    b: { substance: 'KI', concentrationM: 0.2, volumeMl: 2 },
  });

  it('carry name, strength as made, hazards and how long it keeps', () => {
    const day = dayOf(['three-halides', 'blue-white-blue'], 2, { staff: ['A. Maker'] });
    const labels = labelsFor(day, 'stock');
    expect(labels.find(({ key }) => key === 'AgNO3 0.05')).toMatchObject({
      name: 'silver nitrate',
      strength: '0.05 mol/L',
      // 0.85 %: under 1 % for skin and eyes, and 1000 × 0.85 for waters (CLP Annex I, 3.2.3.3 and 4.1.3.5.5).
      signal: 'Warning',
      maker: 'A. Maker',
      pictograms: ['environment'],
      keeps: expect.stringContaining('amber'),
    });
    expect(labels.find(({ formula }) => formula === 'CuSO4·5H2O')?.strength).toBe('solid');
  });

  it('put the worst in words on the smallest label, and leave nothing out', () => {
    const [label] = labelsFor(dayOf([leadWithIodide], 2), 'stock').filter(({ formula }) =>
      formula.startsWith('Pb'),
    );
    if (!label) throw new Error('There is no lead in that procedure.');
    for (const sheetOf of Object.values(labelSheets)) {
      const { words, codes } = printedStatements(label, sheetOf);
      expect(words[0]).toMatch(/unborn child/);
      for (const { code, text } of [...label.statements, ...label.precautions])
        expect(words.includes(text) || codes.includes(code), code).toBe(true);
    }
    expect(printedStatements(label, labelSheets['letter-6']).codes).toEqual([]);
  });

  it('are there for the dropping bottles, which burn where the dye is in ethanol', () => {
    const labels = labelsFor(dayOf(['metals-on-water'], 4), 'stock');
    expect(labels.find(({ name }) => name === 'phenolphthalein')).toMatchObject({
      strength: '0.05 % w/v in 50 % ethanol',
      signal: 'Warning',
      pictograms: ['flame'],
    });
  });

  it.each(Object.entries(labelSheets))('fit on the paper: %s', (_, sheetOf) => {
    const paper = { A4: [210, 297], Letter: [215.9, 279.4] }[sheetOf.paper] as [number, number];
    expect(sheetOf.leftMm * 2 + sheetOf.columns * sheetOf.widthMm).toBeLessThanOrEqual(
      paper[0] + 0.1,
    );
    expect(sheetOf.topMm + sheetOf.rows * sheetOf.heightMm).toBeLessThanOrEqual(paper[1]);
  });
});
