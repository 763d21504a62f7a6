import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { runProcedure } from '../src/planning/procedure/runProcedure';
import { currentSeries } from '../src/studies/electrolysis/currentSeries';
import { depositMetals, planDeposit, plateAreaCm2 } from '../src/studies/electrolysis/deposit';
import { spotEffects } from '../src/studies/electrolysis/drop';
import { efficiency } from '../src/studies/electrolysis/efficiency';
import { electrolysisProcedure } from '../src/studies/electrolysis/electrolysisProcedure';
import { planGas, tubeSchedule, tubeVolumeMl, twoToOne } from '../src/studies/electrolysis/gasPlan';
import { roomConditions } from '../src/studies/electrolysis/gasVolume';
import { hookWear } from '../src/studies/electrolysis/hooks';
import { impurityHints } from '../src/studies/electrolysis/impurities';
import { predictCell } from '../src/studies/electrolysis/predictCell';
import { chargeOfLog, summariseLog, theoryAlong } from '../src/studies/electrolysis/runLog';
import { estimateCurrent } from '../src/studies/electrolysis/supply';
import { voltageBalance } from '../src/studies/electrolysis/voltageBalance';
import { voltagesOf } from '../src/studies/electrolysis/voltages';
import { findElectrode } from '../src/vessel/electrolysis/findElectrode';
import type { CellRequest } from '../src/studies/electrolysis/cellRequest';
import type { EfficiencyRequest } from '../src/studies/electrolysis/efficiency';
import { lineThroughOrigin } from '../src/measuring/straightLine';

const cellOf = (request: CellRequest, currentA?: number, timeS?: number) =>
  predictCell(request, {
    ...(currentA !== undefined && { currentA }),
    ...(timeS !== undefined && { timeS }),
    school: 'potentials',
    conditions: roomConditions,
  });
const sulfate: CellRequest = {
  electrolyte: [{ substance: 'Na2SO4', concentrationM: 0.5 }],
  cathode: 'graphite',
  anode: 'graphite',
  volumeMl: 150,
  areaCm2: 8,
};
const shapeOf = (request: CellRequest, gapCm = 4) => {
  const cell = cellOf(request);
  return {
    liquid: cell.liquid,
    cathode: cell.cathode.electrode,
    anode: cell.anode.electrode,
    areaCm2: cell.areaCm2,
    gapCm,
  };
};

describe('gas in tubes', () => {
  it('needs 2·96 485 C for 22.4 L of hydrogen at 0 °C and 1 atm (Faraday, Avogadro)', () => {
    const plan = planGas({
      gas: 'H2',
      volumeMl: 224.14,
      conditions: { temperatureC: 0, pressureKPa: 101.325, overWater: false },
      currentA: 1,
    });
    expect(plan.chargeC).toBeCloseTo(0.01 * 2 * 96485.33, -1);
    expect(plan.timeS).toBeCloseTo(1929.7, -1);
  });

  it('gives the time at a current and the current for a time', () => {
    const wanted = { gas: 'O2', volumeMl: 20, conditions: roomConditions } as const;
    const { timeS = 0 } = planGas({ ...wanted, currentA: 0.3 });
    expect(planGas({ ...wanted, timeS }).currentA).toBeCloseTo(0.3, 6);
  });

  it('counts water vapour, and what dissolves at first', () => {
    const dry = planGas({ gas: 'H2', volumeMl: 50, conditions: roomConditions });
    const wet = planGas({
      gas: 'H2',
      volumeMl: 50,
      conditions: { ...roomConditions, overWater: true },
    });
    // 3.169 kPa of 101.325 is water at 25 °C.
    expect(wet.chargeC / dry.chargeC).toBeCloseTo(1 - 3.169 / 101.325, 4);
    expect(dry.lostMl).toBeCloseTo(0.95, 2);
  });

  it('sees two to one, and a little less oxygen at first', () => {
    const { hydrogenMl, oxygenMl, ratio, ratioMost } = twoToOne(1000, roomConditions);
    expect(hydrogenMl / oxygenMl).toBeCloseTo(2, 9);
    expect(ratio).toBeCloseTo(2, 9);
    expect(ratioMost).toBeGreaterThan(2.03);
    expect(ratioMost).toBeLessThan(2.2);
  });

  it('measures a tube by a ruler', () => {
    // π r² h for a flat end; half a ball for a round one.
    expect(tubeVolumeMl({ innerDiameterMm: 20, lengthMm: 100, round: false })).toBeCloseTo(
      31.416,
      2,
    );
    expect(tubeVolumeMl({ innerDiameterMm: 20, lengthMm: 100, round: true })).toBeCloseTo(
      Math.PI * 9 + (2 / 3) * Math.PI,
      2,
    );
    expect(tubeVolumeMl({ volumeMl: 25 })).toBe(25);
  });

  it('plans swapping and emptying between classes, and says when it does not fit', () => {
    const easy = tubeSchedule({ startsMin: [0, 60, 120], fillMin: 20 });
    expect(easy.clashes).toEqual([]);
    expect(easy.lines.filter(({ what }) => /Do not swap the leads/.test(what))).toHaveLength(3);
    const tight = tubeSchedule({ startsMin: [0, 30], fillMin: 28, renewAfterMin: 20 });
    expect(tight.clashes[0]).toMatch(/Class 2 begins 3 min before/);
    expect(tight.lines.some(({ what }) => /taken up metal/.test(what))).toBe(true);
  });
});

describe('a supply', () => {
  it('cuts an hour at one 9 V block to about a third with three in series (common practice)', () => {
    const shape = shapeOf({
      ...sulfate,
      electrolyte: [{ substance: 'Na2SO4', concentrationM: 0.1 }],
      areaCm2: 2,
    });
    const at = (cells: number) => estimateCurrent(shape, { cells, eachV: 9, eachOhm: 2 });
    const ratio = at(3).currentA / at(1).currentA;
    expect(ratio).toBeGreaterThan(2.5);
    expect(ratio).toBeLessThan(4.5);
    const { lowA, currentA, highA } = at(1);
    expect(lowA).toBeLessThan(currentA);
    expect(highA).toBeGreaterThan(currentA);
  });

  it('is answered by Ohm’s law where nothing but the solution counts', () => {
    // Copper in copper sulfate needs hardly any voltage of its own: V ≈ I (d/κA + leads).
    const shape = shapeOf({
      electrolyte: [{ substance: 'CuSO4', concentrationM: 0.5 }],
      cathode: 'copper',
      anode: 'copper',
      areaCm2: 10,
    });
    const { currentA, voltages } = estimateCurrent(shape, { supplyV: 2 });
    expect(voltages.equilibriumV).toBeCloseTo(0, 2);
    const ohmic = 2 / (voltages.solutionOhm + 0.2);
    expect(currentA).toBeLessThan(ohmic);
    expect(currentA).toBeGreaterThan(0.6 * ohmic);
  });

  it('gives nothing below the voltage at which water comes apart', () =>
    expect(estimateCurrent(shapeOf(sulfate), { supplyV: 1 }).currentA).toBeLessThan(1e-4));

  it('holds its limit', () => {
    const { currentA, limited } = estimateCurrent(shapeOf(sulfate), { supplyV: 30, limitA: 0.1 });
    expect(currentA).toBeCloseTo(0.1, 6);
    expect(limited).toBe(true);
  });
});

describe('a deposit', () => {
  it('takes 4.49 A at 500 A/m² on 10.7 cm × 8.4 cm, and 82 % of theory is 9.0 g in two hours (common practice)', () => {
    const areaCm2 = plateAreaCm2({ widthCm: 10.7, heightCm: 8.4, faces: 1 });
    const plan = planDeposit({
      metal: 'Zn',
      areaCm2,
      densityAPerM2: 500,
      timeS: 7200,
      share: 0.82,
      everyS: 600,
    });
    expect(plan.currentA).toBeCloseTo(4.49, 2);
    expect(plan.expectedG).toBeCloseTo(9.0, 1);
    expect(plan.along).toHaveLength(13);
    expect(plan.thicknessUm).toBeCloseTo((9 / 7.14 / 89.88) * 1e4, -1);
  });

  it('is refused for what does not come down', () =>
    expect(() =>
      planDeposit({ metal: 'Na', areaCm2: 1, densityAPerM2: 1, timeS: 1, share: 1, everyS: 1 }),
    ).toThrow(/Na/));

  it('knows the electrons of each metal', () =>
    expect(
      Object.fromEntries(depositMetals.map(({ metal, electrons }) => [metal, electrons])),
    ).toMatchObject({
      Ag: 1,
      Cu: 2,
      Zn: 2,
      Bi: 3,
    }));
});

describe('a log', () => {
  it('is integrated, not multiplied', () => {
    expect(
      chargeOfLog([
        { timeS: 0, currentA: 2 },
        { timeS: 60, currentA: 1 },
        { timeS: 180, currentA: 1 },
      ]),
    ).toBe(210);
    expect(
      theoryAlong(
        [
          { timeS: 0, currentA: 2 },
          { timeS: 60, currentA: 1 },
        ],
        1e-3,
      ).map(({ massG }) => massG),
    ).toEqual([0, 0.09]);
  });

  it('agrees with the closed form for any straight fall of the current', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        fc.integer({ min: 2, max: 40 }),
        (startA, lines) => {
          const log = Array.from({ length: lines }, (_, at) => ({
            timeS: at * 30,
            currentA: startA * (1 - at / (2 * lines)),
          }));
          const last = log.at(-1) ?? { timeS: 0, currentA: 0 };
          expect(chargeOfLog(log)).toBeCloseTo(((startA + last.currentA) / 2) * last.timeS, 6);
        },
      ),
    ));

  it('tells energy where voltages were read, between them where one is missing', () => {
    const { energyJ, meanCellV, longestGapS } = summariseLog([
      { timeS: 0, currentA: 1, cellV: 4 },
      { timeS: 100, currentA: 1 },
      { timeS: 300, currentA: 1, cellV: 4.6 },
    ]);
    expect(energyJ).toBeCloseTo(1290, 6);
    expect(meanCellV).toBeCloseTo(4.3, 6);
    expect(longestGapS).toBe(200);
  });

  it('is refused when its times fall', () =>
    expect(() =>
      chargeOfLog([
        { timeS: 0, currentA: 1 },
        { timeS: 0, currentA: 1 },
      ]),
    ).toThrow(/Line 2/));
});

describe('current efficiency', () => {
  const copper = (more: Partial<EfficiencyRequest>): EfficiencyRequest => ({
    metal: 'Cu',
    electrons: 2,
    chargeC: 240,
    timeS: 1200,
    ammeterShare: 0.02,
    clockS: 5,
    balanceG: 0.005,
    ...more,
  });

  it('challenges the class set of copper electrodes: 0.2 A for 20 min, −0.12 g and +0.10 g for a theory of 0.079 g (common practice)', () => {
    const found = efficiency(
      copper({ anode: { beforeG: 12, afterG: 11.88 }, cathode: { beforeG: 11, afterG: 11.1 } }),
    );
    expect(found.theoryG.value).toBeCloseTo(0.079, 4);
    expect(found.anode?.efficiency.value).toBeCloseTo(1.52, 2);
    expect(found.anode?.impossible).toBe(true);
    expect(found.causes.slice(0, 3).map(({ cause }) => cause)).toEqual(
      expect.arrayContaining(['ammeter', 'setting time']),
    );
    expect(found.causes.map(({ cause }) => cause)).toEqual(
      expect.arrayContaining(['clock', 'wet electrode']),
    );
    expect(found.causes.reduce((sum, { likelihood }) => sum + likelihood, 0)).toBeCloseTo(1, 1);
  });

  it('puts the zinc run at about 82 % and 4.1 kWh/kg (common practice)', () => {
    const chargeC = 4.49 * 7200;
    const found = efficiency({
      metal: 'Zn',
      electrons: 2,
      chargeC,
      timeS: 7200,
      ammeterShare: 0.01,
      clockS: 5,
      balanceG: 0.01,
      cathode: { beforeG: 95.1, afterG: 104.1 },
      energyJ: 4.15 * chargeC,
    });
    expect(found.cathode?.efficiency.value).toBeCloseTo(0.82, 2);
    expect(found.cathode?.impossible).toBe(false);
    expect(found.causes).toEqual([]);
    expect(found.kWhPerKg?.value).toBeCloseTo(4.1, 1);
  });

  it.each([
    ['minutes read as seconds', { chargeC: 4 }, { beforeG: 10, afterG: 10.079 }],
    ['seconds read as minutes', { chargeC: 14_400 }, { beforeG: 10, afterG: 10.079 }],
    [
      'a unit a thousand times too large (mA read as A, kg for g)',
      {},
      { beforeG: 0.01, afterG: 0.010079 },
    ],
    ['leads swapped', {}, { beforeG: 10, afterG: 9.92 }],
  ] as const)('finds %s', (cause, more, cathode) => {
    const found = efficiency(copper({ ...more, balanceG: 1e-6, cathode }));
    expect(found.causes[0]?.cause).toBe(cause);
    expect(found.causes[0]?.remedy).not.toBe('');
  });

  it('suspects a wet electrode first where only minus is above theory', () => {
    const found = efficiency(
      copper({ cathode: { beforeG: 10, afterG: 10.12 }, anode: { beforeG: 10, afterG: 9.921 } }),
    );
    expect(found.causes[0]?.cause).toBe('wet electrode');
    expect(found.mismatch).toMatch(/not quite dry/);
  });

  it('explains why plus loses more than minus gains', () => {
    const { mismatch } = efficiency(
      copper({
        balanceG: 0.001,
        cathode: { beforeG: 10, afterG: 10.07 },
        anode: { beforeG: 10, afterG: 9.92 },
      }),
    );
    expect(mismatch).toMatch(/sludge/);
  });

  it('is content where the result lies within its uncertainty', () => {
    const found = efficiency(
      copper({ cathode: { beforeG: 10, afterG: 10.08 }, anode: { beforeG: 10, afterG: 9.92 } }),
    );
    expect(found.causes).toEqual([]);
    expect(found.mismatch).toBeUndefined();
  });

  it.each([[{ chargeC: 0 }], [{ timeS: -1 }], [{ cathode: { beforeG: 0, afterG: 1 } }]])(
    'refuses %j',
    (more) => expect(() => efficiency(copper(more))).toThrow(/outside/),
  );
});

describe('a current series', () => {
  // A class set of copper electrodes, 20 minutes each (common practice).
  const classSet = [
    [0.2, -0.12, 0.1],
    [0.3, -0.18, 0.15],
    [0.4, -0.23, 0.19],
    [0.5, -0.29, 0.24],
  ] as const;
  const rows = classSet.map(([currentA, anodeChangeG, cathodeChangeG]) => ({
    name: `${currentA} A`,
    currentA,
    timeS: 1200,
    anodeChangeG,
    cathodeChangeG,
  }));
  const request = { metal: 'Cu', electrons: 2, rows, through: 'origin' as const };

  it('is proportional, and challenged: above 100 % at every current', () => {
    const { electrodes, conclusion, rows: told } = currentSeries(request);
    const [minus, plus] = electrodes;
    expect(minus?.line.r2).toBeGreaterThan(0.99);
    expect(minus?.ofTheory.value).toBeCloseTo(1.22, 1);
    expect(plus?.ofTheory.value).toBeCloseTo(1.48, 1);
    expect(told.map(({ theoryG }) => Number(theoryG.toFixed(3)))).toEqual([
      0.079, 0.119, 0.158, 0.198,
    ]);
    expect(conclusion).toMatch(/ammeter/);
  });

  it('gives the Faraday constant and two electrons from good numbers', () => {
    const good = [0.1, 0.2, 0.3, 0.4, 0.5].map((currentA) => ({
      name: String(currentA),
      currentA,
      timeS: 1200,
      cathodeChangeG: Number(((63.546 * currentA * 1200) / 2 / 96485.33).toFixed(3)),
    }));
    const [minus] = currentSeries({ ...request, rows: good }).electrodes;
    expect(minus?.impliedElectrons.value).toBeCloseTo(2, 1);
    expect(Math.abs((minus?.impliedFaraday.value ?? 0) / 96485 - 1)).toBeLessThan(0.01);
    expect(minus?.outliers).toEqual([]);
    expect(currentSeries({ ...request, rows: good }).conclusion).toMatch(/agrees/);
  });

  it('finds the run that stands out, and leaves it out of the line', () => {
    const odd = [
      ...rows,
      { name: 'Stint', currentA: 0.6, timeS: 1200, cathodeChangeG: 0.12, anodeChangeG: -0.35 },
    ];
    const [minus, plus] = currentSeries({ ...request, rows: odd }).electrodes;
    expect(minus?.outliers).toEqual(['Stint']);
    expect(plus?.outliers).toEqual([]);
  });

  it('names the row that cannot be', () =>
    expect(() =>
      currentSeries({
        ...request,
        rows: [...rows, { name: 'x', currentA: -0.2, timeS: 60, cathodeChangeG: 0.1 }],
      }),
    ).toThrow(/swapped leads/));

  it('draws a line through the origin as the closed form has it', () => {
    const line = lineThroughOrigin([
      { x: 1, y: 2.1 },
      { x: 2, y: 3.9 },
      { x: 3, y: 6.1 },
    ]);
    expect(line.slope).toBeCloseTo((2.1 + 7.8 + 18.3) / 14, 9);
    expect(line.at(0)).toBe(0);
  });
});

describe('where the volts go', () => {
  const request: CellRequest = {
    electrolyte: [{ substance: 'ZnSO4', concentrationM: 0.8 }],
    cathode: 'steel',
    anode: 'zinc',
    areaCm2: 40,
    volumeMl: 400,
  };
  const computed = voltagesOf(shapeOf(request, 5))(2);

  it('adds up to the cell voltage, computed or measured, for any readings', () =>
    fc.assert(
      fc.property(
        fc.record({
          cellV: fc.option(fc.double({ min: 0.5, max: 8, noNaN: true }), { nil: undefined }),
          cathodeNearV: fc.option(fc.double({ min: -2, max: 0, noNaN: true }), { nil: undefined }),
          cathodeFarV: fc.option(fc.double({ min: -2, max: 0, noNaN: true }), { nil: undefined }),
          anodeNearV: fc.option(fc.double({ min: -1, max: 2, noNaN: true }), { nil: undefined }),
        }),
        (readings) => {
          const { parts, cellV } = voltageBalance(computed, {
            reference: 'silverChloride',
            ...readings,
          });
          expect(parts.reduce((sum, { volts }) => sum + volts, 0)).toBeCloseTo(cellV, 9);
          if (readings.cellV !== undefined) expect(cellV).toBe(readings.cellV);
        },
      ),
    ));

  it('takes the drop in the solution from near and far', () => {
    const { parts } = voltageBalance(computed, {
      reference: 'silverChloride',
      cellV: 4.1,
      cathodeNearV: -1.1,
      cathodeFarV: -2.6,
      anodeNearV: -0.85,
      anodeFarV: 0.6,
    });
    const solution = parts.find(({ name }) => name === 'solution');
    expect(solution).toMatchObject({ from: 'measured' });
    expect(solution?.volts).toBeCloseTo(1.475, 3);
    expect(parts.find(({ name }) => name === 'cathode overpotential')?.from).toBe('measured');
    // Against silver chloride, −1.1 V is −0.903 V, which is 0.12 V below zinc in this solution.
    expect(parts.find(({ name }) => name === 'cathode overpotential')?.volts).toBeCloseTo(0.12, 1);
  });

  it('says so where readings contradict each other', () => {
    const { remarks } = voltageBalance(computed, {
      reference: 'hydrogen',
      cellV: 0.2,
      cathodeNearV: 0.5,
      anodeNearV: -0.5,
      cathodeFarV: 1.5,
      anodeFarV: -0.6,
    });
    expect(remarks.join(' ')).toMatch(/swapped/);
    expect(remarks.join(' ')).toMatch(/did not stand in the same places/);
  });

  it('rises with the current, part by part', () => {
    const at = voltagesOf(shapeOf(sulfate));
    const [low, high] = [at(0.02), at(0.2)];
    expect(low.equilibriumV).toBeCloseTo(1.23, 1);
    expect(high.equilibriumV).toBeCloseTo(low.equilibriumV, 2);
    expect(high.anodeOverpotentialV).toBeGreaterThan(low.anodeOverpotentialV);
    expect(high.solutionV / low.solutionV).toBeCloseTo(10, 6);
  });
});

describe('a drop under a lid', () => {
  const drop = (substance: string) =>
    cellOf(
      {
        electrolyte: [{ substance, concentrationM: 3 }],
        cathode: 'graphite',
        anode: 'graphite',
        volumeMl: 0.2,
        areaCm2: 0.2,
      },
      0.02,
      30,
    );
  const placed = [
    { spot: 'bromide', distanceMm: 10 },
    { spot: 'starchIodide', distanceMm: 10 },
    { spot: 'blueLitmus', distanceMm: 10 },
    { spot: 'iodide', distanceMm: 20 },
  ] as const;

  it('frees iodine first, reddens and bleaches litmus, and turns bromide last', () => {
    const effects = spotEffects(drop('NaCl'), placed);
    const found = (spot: string) => effects.find((one) => one.spot === spot);
    expect(found('starchIodide')).toMatchObject({ order: 1 });
    expect(found('blueLitmus')?.seen).toEqual(['turns red', 'is bleached white']);
    expect(found('iodide')?.seen[0]).toMatch(/→ .*(yellow|orange|brown|red)/);
    expect(found('bromide')?.because).toMatch(/Br/);
    expect(effects.map(({ order }) => order)).toEqual([1, 2, 3, 4]);
  });

  it('lets bromine free iodine and leave bromide alone', () => {
    const effects = spotEffects(drop('KBr'), placed);
    expect(effects.find(({ spot }) => spot === 'iodide')?.because).toMatch(/I/);
  });

  it('has no vapour over sulfate', () =>
    expect(spotEffects(drop('Na2SO4'), placed).every(({ seen }) => seen[0] === 'nothing')).toBe(
      true,
    ));
});

describe('hooks', () => {
  const wear = (anode: string, substance = 'Na2SO4') => {
    const cell = cellOf(
      {
        electrolyte: [{ substance, concentrationM: 0.4 }],
        cathode: anode,
        anode,
        volumeMl: 100,
        areaCm2: 4,
      },
      0.1,
      600,
    );
    return hookWear({ liquid: cell.liquid, cathode: anode, anode, currentA: 0.1, areaCm2: 4 });
  };
  it('of stainless steel yellow the solution with metal from the electrode (common practice)', () => {
    const { showsAtMin = 0, words, points } = wear('stainless steel');
    expect(showsAtMin).toBeGreaterThan(0);
    expect(words).toMatch(/not the water/);
    expect(points.at(-1)?.metalMg).toBeGreaterThan(points[0]?.metalMg ?? 0);
  });
  it('of graphite give nothing off', () =>
    expect(wear('graphite').words).toMatch(/Nothing leaves this electrode/));
  it('of nickel in base give nothing off', () =>
    expect(wear('nickel', 'NaOH').words).toMatch(/covered/));
});

describe('into a lab day', () => {
  it.each([
    [
      {
        electrolyte: [{ substance: 'CuSO4', concentrationM: 0.5 }],
        cathode: 'copper',
        anode: 'copper',
        volumeMl: 80,
      },
    ],
    [
      {
        electrolyte: [{ substance: 'NaCl', concentrationM: 3 }],
        cathode: 'graphite',
        anode: 'graphite',
        volumeMl: 60,
        indicator: 'phenolphthalein',
      },
    ],
    [{ ...sulfate, indicator: 'bromothymol blue' }],
  ] as const)('%j is a procedure that runs to its end', (request) => {
    const cell = cellOf(request as CellRequest, 0.25, 600);
    const procedure = electrolysisProcedure({
      id: 'x',
      name: 'A current',
      request: request as CellRequest,
      cell,
      currentA: 0.25,
      minutes: 10,
    });
    const run = runProcedure(procedure);
    expect(run.refused).toBeUndefined();
    const did = run.steps.find(({ step }) => step.id === 'run')?.did[0];
    expect(did?.told.observations.length).toBeGreaterThan(2);
    expect(procedure.steps.find(({ id }) => id === 'run')?.caution).toMatch(/Switch off/);
  });
});

it('has a hint for pink, sludge and yellow, each with a proof', () => {
  expect(impurityHints.find(({ id }) => id === 'pink-plus')?.means).toMatch(/permanganate/);
  expect(impurityHints.find(({ id }) => id === 'grey-sludge')?.proof).not.toBe('');
  expect(impurityHints.find(({ id }) => id === 'yellow')?.means).toMatch(/iron/);
  expect(findElectrode('graphite').inert).toBe(true);
});
