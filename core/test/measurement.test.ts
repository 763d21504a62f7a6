import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ChemistryError } from '../src/common/errors';
import { compareDrops, concentrationByDrops } from '../src/measuring/dropCounts';
import { hydrate } from '../src/measuring/hydrate';
import { spreadOf } from '../src/measuring/readings';
import { density, recovery } from '../src/measuring/separation';
import { straightLine } from '../src/measuring/straightLine';
import { filmFreezing, readTemperatureLog } from '../src/measuring/temperatureLog';
import { fromCelsius, toCelsius } from '../src/common/temperature';
import { inWords } from '../src/measuring/uncertainty';
import { studentT95 } from '../src/measuring/uncertainty';

const refusal = (work: () => unknown): ChemistryError => {
  try {
    work();
  } catch (error) {
    if (error instanceof ChemistryError) return error;
  }
  throw new Error('It was not refused.');
};

describe('water of crystallisation', () => {
  // Glencoe Chemistry: Matter and Change, example “Determining the formula of a hydrate”: 2.50 g of the blue salt leave 1.59 g.
  it('is that of the textbook for copper(II) sulfate', () => {
    const result = hydrate({
      anhydrous: 'CuSO4',
      dishG: 30,
      withHydrateG: 32.5,
      weighingsG: [31.6, 31.59],
      literatureX: 5,
    });
    expect(result.x).toBeCloseTo(5.07, 2);
    expect(result).toMatchObject({ nearestWhole: 5, constantMass: true, verdict: 'agrees' });
    expect(result.formula).toBe('CuSO4·5H2O');
    expect(result.errorPercent).toBeCloseTo(1.4, 1);
  });

  // Glencoe, practice problem: 11.75 g of a cobalt(II) chloride hydrate leave 0.0712 mol, 9.25 g, of the salt.
  it('is that of the textbook for cobalt(II) chloride', () => {
    const { x, nearestWhole } = hydrate({
      anhydrous: 'cobalt(II) chloride',
      dishG: 20,
      withHydrateG: 31.75,
      weighingsG: [29.25],
    });
    expect([nearestWhole, Math.round(10 * x) / 10]).toEqual([2, 1.9]);
  });

  // OpenStax Chemistry 2e, percent composition: water in BaCl2·2H2O is 14.75 % by its molar masses.
  it('gives the share of water by mass', () => {
    const { waterPercent } = hydrate({
      anhydrous: 'BaCl2',
      dishG: 10,
      withHydrateG: 14,
      weighingsG: [14 - 4 * 0.1475],
    });
    expect(waterPercent).toBeCloseTo(14.75, 6);
  });

  const base = { anhydrous: 'MgSO4', dishG: 18, withHydrateG: 21, literatureX: 7 };
  const after = (...weighingsG: number[]) => hydrate({ ...base, weighingsG });

  it('wants a second weighing, and another heating while the mass falls (common practice: 0.02 g)', () => {
    expect(after(19.6).advice.join()).toContain('one weighing cannot show');
    expect(after(19.6, 19.55).advice.join()).toContain(
      'Heat again: the mass still fell by 0.050 g',
    );
    expect(after(19.48, 19.47).constantMass).toBe(true);
    expect(after(19.47, 19.55).advice.join()).toContain('taken up from the air');
  });
  it('leaves fixed times their single weighing', () =>
    expect(hydrate({ ...base, weighingsG: [19.465], school: 'fixedTimes' }).advice).toEqual([]));
  it('tells what makes it low and what makes it high', () => {
    expect(after(20, 20).verdict).toBe('low');
    expect(after(20, 20).advice.join()).toContain('under-heated');
    expect(after(19.3, 19.3).verdict).toBe('high');
    expect(after(19.3, 19.3).advice.join()).toContain('weighed hot');
  });
  it('carries the balance through: ten times finer, ten times surer', () => {
    const coarse = hydrate({ ...base, weighingsG: [19.47], balanceUncertaintyG: 0.01 });
    const fine = hydrate({ ...base, weighingsG: [19.47], balanceUncertaintyG: 0.001 });
    expect(coarse.xUncertainty / fine.xUncertainty).toBeCloseTo(10, 6);
  });
  it('agrees with a simulated spread of weighings', () => {
    // The first-order uncertainty against 4000 drawn weighings (GUM Supplement 1).
    let seed = 7;
    const random = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647;
    const normal = () => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
    const xs = Array.from(
      { length: 4000 },
      () =>
        hydrate({
          ...base,
          dishG: 18 + 0.01 * normal(),
          withHydrateG: 21 + 0.01 * normal(),
          weighingsG: [19.47 + 0.01 * normal()],
        }).x,
    );
    expect(spreadOf(xs).deviation ?? 0).toBeCloseTo(after(19.47).xUncertainty, 1);
  });
  it.each([
    ['withHydrateG', { ...base, withHydrateG: 17, weighingsG: [19] }],
    ['weighingsG.0', { ...base, weighingsG: [17.9] }],
    ['weighingsG.1', { ...base, weighingsG: [20, 21.5] }],
    ['anhydrous', { ...base, anhydrous: 'Xx', weighingsG: [20] }],
  ])('refuses %s that cannot be', (field, request) =>
    expect(refusal(() => hydrate(request)).field).toBe(field),
  );
});

describe('a temperature log', () => {
  const log = (...pairs: [number, number][]) =>
    pairs.map(([timeS, temperatureC]) => ({ timeS, temperatureC }));

  // OpenStax Chemistry 2e, example 5.5: 100 g of solution from 22.0 to 28.9 °C; −2.9 kJ.
  it('is that of the textbook for an acid and a base', () => {
    const { heatJ, direction } = readTemperatureLog({
      readings: log([0, 22], [60, 28.9]),
      massG: 100,
    });
    expect((heatJ ?? 0) / 1000).toBeCloseTo(-2.9, 1);
    expect(direction).toBe('exothermic');
  });
  // OpenStax Chemistry 2e, example 5.6: 3.21 g of ammonium nitrate in 50.0 g of water, 24.9 to 20.3 °C; +1.0 kJ.
  it('is that of the textbook for the instant ice pack', () => {
    const { heatJ, enthalpyKJPerMol, direction } = readTemperatureLog({
      readings: log([0, 24.9], [60, 20.3]),
      massG: 53.21,
      amountMol: 3.21 / 80.04,
    });
    expect((heatJ ?? 0) / 1000).toBeCloseTo(1.02, 1);
    // CRC Handbook (recalled): enthalpy of solution of ammonium nitrate 25.7 kJ/mol.
    expect(Math.abs((enthalpyKJPerMol ?? 0) - 25.7)).toBeLessThan(1);
    expect(direction).toBe('endothermic');
  });
  it('takes the loss to the room out by the line of return', () => {
    const readings = log(
      [0, 20],
      [30, 20],
      [60, 20],
      [90, 29],
      [120, 28.5],
      [150, 28],
      [180, 27.5],
    );
    const { deltaC, readDeltaC, mixedAtS } = readTemperatureLog({ readings });
    expect(mixedAtS).toBe(60);
    expect(readDeltaC).toBeCloseTo(9, 6);
    expect(deltaC).toBeCloseTo(9.5, 6);
  });
  it('follows the line before mixing where it drifts', () => {
    const readings = log([0, 20], [30, 20.2], [60, 20.4], [90, 26], [120, 26]);
    expect(readTemperatureLog({ readings, mixedAtS: 60 }).startC).toBeCloseTo(20.4, 6);
  });
  it('says when nothing happened, and what was not read', () => {
    expect(readTemperatureLog({ readings: log([0, 20], [60, 20.3]) }).direction).toBe('neither');
    const { advice } = readTemperatureLog({ readings: log([0, 20], [60, 12]) });
    expect(advice.join()).toContain('Only one reading before mixing');
    expect(advice.join()).toContain('Go on reading');
  });
  it('wants two readings that are numbers', () => {
    expect(refusal(() => readTemperatureLog({ readings: log([0, 20]) })).field).toBe('readings');
    expect(
      refusal(() => readTemperatureLog({ readings: log([0, 20], [1, Number.NaN]) })).field,
    ).toBe('readings.1');
  });

  // Common practice: a strong solid base with an ammonium salt goes from 21 °C (70 °F) to 7 °C (44 °F), then below freezing.
  it('freezes a film under what goes below 0 °C, and not above', () => {
    expect(filmFreezing(2, 7, 180).freezes).toBe('no');
    expect(filmFreezing(2, -15, 180).freezes).toBe('yes');
    const { freezes, frozenG } = filmFreezing(20, -15, 180);
    expect(freezes).toBe('in part');
    expect(frozenG).toBeLessThan(20);
  });
  it('reads both scales', () => {
    expect(fromCelsius(21, '°F')).toBeCloseTo(69.8, 6);
    expect(toCelsius(44, '°F')).toBeCloseTo(6.67, 2);
    expect(toCelsius(-40, '°F')).toBeCloseTo(-40, 9);
  });
});

describe('drops', () => {
  const compare = (one: number[], other: number[]) =>
    compareDrops([
      { name: 'first', drops: one },
      { name: 'second', drops: other },
    ])[0];

  // Common practice: 15 against 16 drops for two diprotic acids is agreement within a drop.
  it('agree within one', () => {
    expect(compare([15], [16])).toMatchObject({ withinOneDrop: true, times: 1 });
    expect(compare([15], [18])).toMatchObject({ withinOneDrop: false });
  });
  it('twice as many are two protons', () => {
    expect(compare([15], [30])).toMatchObject({ times: 2 });
    expect(compare([15], [31])?.words).toContain('2 protons');
    expect(compare([15], [24])?.words).toContain('repeat both counts');
  });
  it('too few tell nothing', () => expect(compare([1], [2])?.words).toContain('count more'));
  it('carry one drop of doubt each into the ratio', () => {
    const { ratio } = compare([20], [40]) ?? { ratio: { value: 0, uncertainty: 0 } };
    expect(ratio.value).toBe(2);
    expect(ratio.uncertainty).toBeCloseTo(2 * Math.hypot(1 / 20, 1 / 40), 9);
  });
  it('give a concentration: 20 drops of 0.1 M on 1 mL make 0.1 M', () => {
    const found = concentrationByDrops({ name: 'acid', drops: [20], sampleMl: 1 }, 0.1);
    expect(found.value).toBeCloseTo(0.1, 9);
    expect(found.uncertainty).toBeCloseTo(0.005, 9);
    expect(
      concentrationByDrops({ name: 'acid', drops: [20], sampleMl: 1 }, 0.1, 2).value,
    ).toBeCloseTo(0.05, 9);
  });
  it('are whole and at least one', () => {
    expect(refusal(() => compare([0], [3])).field).toBe('drops');
    expect(refusal(() => compare([], [3])).message).toContain('No drops');
  });
});

describe('lines, spreads, densities', () => {
  // NIST Statistical Reference Datasets, Norris: certified slope 1.00211681802045, intercept −0.262323073774029.
  it('fit the certified line of NIST', () => {
    const xs = [
      0.2, 337.4, 118.2, 884.6, 10.1, 226.5, 666.3, 996.3, 448.6, 777, 558.2, 0.4, 0.6, 775.5,
      666.9, 338, 447.5, 11.6, 556, 228.1, 995.8, 887.6, 120.2, 0.3, 0.3, 556.8, 339.1, 887.2, 999,
      779, 11.1, 118.3, 229.2, 669.1, 448.9, 0.5,
    ];
    const ys = [
      0.1, 338.8, 118.1, 888, 9.2, 228.1, 668.5, 998.5, 449.1, 778.9, 559.2, 0.3, 0.1, 778.1, 668.8,
      339.3, 448.9, 10.8, 557.7, 228.3, 998, 888.8, 119.6, 0.3, 0.6, 557.6, 339.3, 888, 998.5,
      778.9, 10.2, 117.6, 228.9, 668.4, 449.2, 0.2,
    ];
    const line = straightLine(xs.map((x, at) => ({ x, y: ys[at] ?? 0 })));
    expect(line.slope).toBeCloseTo(1.00211681802045, 9);
    expect(line.intercept).toBeCloseTo(-0.262323073774029, 8);
    // Certified standard deviations: slope 0.000429796848199937, with 34 degrees of freedom.
    expect((line.slope95 ?? 0) / studentT95(34)).toBeCloseTo(0.000429796848199937, 9);
    expect(line.r2).toBeCloseTo(0.999993745883712, 9);
  });
  it('need two places', () => {
    expect(refusal(() => straightLine([{ x: 1, y: 2 }])).field).toBe('points');
    expect(
      refusal(() =>
        straightLine([
          { x: 1, y: 2 },
          { x: 1, y: 3 },
        ]),
      ).field,
    ).toBe('points');
  });
  // NIST/SEMATECH e-Handbook: t for 10 degrees of freedom 2.228; for 60, 2.000; for 100, 1.984.
  it('know Student’s t', () =>
    expect([10, 60, 100].map((n) => Number(studentT95(n).toFixed(3)))).toEqual([2.228, 2, 1.984]));
  it('name the reading that stands out, and none of three', () => {
    expect(spreadOf([6.9, 7, 6.95, 7.02, 3]).oddOnes).toEqual([4]);
    expect(spreadOf([6.9, 7, 3]).oddOnes).toEqual([]);
    expect(spreadOf([5]).deviation).toBeUndefined();
    expect(refusal(() => spreadOf([])).field).toBe('readings');
  });
  it('carry both uncertainties into a density', () => {
    const found = density({ value: 27, uncertainty: 0.27 }, { value: 10, uncertainty: 0.1 });
    expect(found.value).toBeCloseTo(2.7, 9);
    expect(found.uncertainty).toBeCloseTo(2.7 * Math.hypot(0.01, 0.01), 9);
    expect(
      refusal(() => density({ value: 1, uncertainty: 0 }, { value: 0, uncertainty: 0 })).field,
    ).toBe('volume');
  });
  it('challenge what is more than there was', () => {
    const there = { value: 2, uncertainty: 0.01 };
    expect(recovery({ value: 2.3, uncertainty: 0.01 }, there).words).toContain('still wet');
    expect(recovery({ value: 1.9, uncertainty: 0.01 }, there).words).toContain('as good as');
    expect(recovery({ value: 1, uncertainty: 0.01 }, there).words).toContain('was lost');
  });
  it('round to their uncertainty', () => {
    expect(inWords({ value: 6.9412, uncertainty: 0.0631 })).toBe('6.94 ± 0.06');
    expect(inWords({ value: 6.9412, uncertainty: 0.0131 })).toBe('6.941 ± 0.013');
    expect(inWords({ value: 1234, uncertainty: 25 })).toBe('1234 ± 25');
  });

  it('answer any log in numbers or in words', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.double(), fc.double()), { maxLength: 12 }), (pairs) => {
        try {
          const { extremeC } = readTemperatureLog({
            readings: pairs.map(([timeS, temperatureC]) => ({ timeS, temperatureC })),
          });
          expect(Number.isNaN(extremeC)).toBe(false);
        } catch (error) {
          expect(error).toBeInstanceOf(ChemistryError);
        }
      }),
    );
  });
});
