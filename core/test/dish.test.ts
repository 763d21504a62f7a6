import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ionicDiffusion } from '../src/matter/substances/data/diffusion';
import { chargeOf } from '../src/matter/substances/ionsOf';
import { ChemistryError } from '../src/common/errors';
import { runProcedure } from '../src/planning/procedure/runProcedure';
import { dishOf, dishSchema } from '../src/studies/dish/dish';
import { dishClearUp, dishProcedure } from '../src/studies/dish/dishProcedure';
import { diffuse, gridOf, halfRoundGrid, roundGrid } from '../src/studies/dish/grid';
import { classAgainstDish, dishMarkSchema, mixingFactor } from '../src/studies/dish/mixingFactor';
import { effusionWords, nearReasons, sideOf } from '../src/studies/dish/nearWords';
import { diffusionOf, saltDiffusion } from '../src/studies/dish/nernstHartley';
import { runDish } from '../src/studies/dish/runDish';
import { substitutes } from '../src/studies/dish/substitutes';
import { hazardRank } from '../src/safety/hazardRank';
import { emptyFields, spreading } from '../src/studies/dish/spreading';
import type { Meeting } from '../src/studies/dish/spreading';
import { whyNearer } from '../src/studies/dish/whyNearer';

const dish = (one: string, other: string, change: Record<string, unknown> = {}) =>
  dishSchema.parse({
    diameterMm: 60,
    depthMm: 4,
    across: 60,
    follows: 2,
    heaps: [
      { substance: one, massG: 0.1, angleDeg: 180 },
      { substance: other, massG: 0.1, angleDeg: 0 },
    ],
    ...change,
  });

describe('how fast ions and salts spread', () => {
  it.each([
    // Molar conductivities at infinite dilution, S cm²/mol of charge (CRC Handbook): D = RTλ/(|z|F²).
    ['H^+', 349.65],
    ['Na^+', 50.08],
    ['K^+', 73.48],
    ['Ag^+', 61.9],
    ['Mg^2+', 53.0],
    ['Ca^2+', 59.47],
    ['Ba^2+', 63.6],
    ['Cu^2+', 53.6],
    ['Pb^2+', 71],
    ['OH^-', 198],
    ['Cl^-', 76.31],
    ['I^-', 76.8],
    ['NO3^-', 71.42],
    ['SO4^2-', 80],
    ['CO3^2-', 69.3],
    ['CrO4^2-', 85],
  ])('%s agrees with its conductivity', (ion, conductivity) => {
    const [gas, temperatureK, faraday] = [8.314462618, 298.15, 96485.33212];
    const computed =
      (gas * temperatureK * conductivity * 1e-4) / (Math.abs(chargeOf(ion)) * faraday ** 2);
    expect(Math.abs((diffusionOf(ion).coefficient * 1e-9) / computed - 1)).toBeLessThan(0.01);
  });

  it.each([
    // Cussler, Diffusion; Robinson and Stokes, Electrolyte Solutions: limiting coefficients, 1e-9 m²/s.
    ['Na^+', 'Cl^-', 1.61],
    ['K^+', 'Cl^-', 1.993],
    ['K^+', 'NO3^-', 1.929],
    ['Ag^+', 'NO3^-', 1.765],
    ['Li^+', 'Cl^-', 1.366],
    ['H^+', 'Cl^-', 3.336],
    ['Na^+', 'OH^-', 2.129],
    ['Ca^2+', 'Cl^-', 1.335],
    ['Ba^2+', 'Cl^-', 1.385],
    ['Mg^2+', 'SO4^2-', 0.849],
    ['Cu^2+', 'SO4^2-', 0.855],
    ['Na^+', 'SO4^2-', 1.23],
  ])('%s and %s keep pace as tabulated (Nernst–Hartley)', (cation, anion, tabulated) => {
    expect(Math.abs(saltDiffusion(cation, anion) / tabulated - 1)).toBeLessThan(0.01);
  });

  it('lies between its two ions, and every row has a charge', () => {
    for (const { formula, coefficient } of ionicDiffusion) {
      expect(chargeOf(formula)).not.toBe(0);
      expect(coefficient).toBeGreaterThan(0.3);
    }
    expect(saltDiffusion('Pb^2+', 'NO3^-')).toBeGreaterThan(diffusionOf('Pb^2+').coefficient);
    expect(saltDiffusion('Pb^2+', 'NO3^-')).toBeLessThan(diffusionOf('NO3^-').coefficient);
    expect(() => diffusionOf('XeF^+')).toThrow(ChemistryError);
  });
});

/** A straight channel of so many cells, 1 mm long in all. */
const channel = (cells: number) => gridOf(cells, 1, 1 / cells, () => true);

/** The error function, by its series and continued fraction (Abramowitz and Stegun 7.1.5 and 7.1.14). */
function erf(x: number): number {
  if (Math.abs(x) < 3) {
    let [term, sum] = [x, x];
    for (let n = 1; n < 80; n += 1) {
      term *= (-x * x) / n;
      sum += term / (2 * n + 1);
    }
    return (2 / Math.sqrt(Math.PI)) * sum;
  }
  let fraction = 0;
  for (let n = 60; n > 0; n -= 1) fraction = n / 2 / (x + fraction);
  return Math.sign(x) * (1 - Math.exp(-x * x) / (Math.sqrt(Math.PI) * (x + fraction)));
}

describe('diffusion on the grid', () => {
  /** Largest deviation from the error function of a step that spreads in a channel. */
  const errorAt = (cells: number): number => {
    const grid = channel(cells);
    const memory = new Float64Array(2 * cells);
    for (let i = 0; i < cells / 2; i += 1) memory[i] = 1;
    const share = 0.2;
    // So many steps that 4 Dt = 0.01 mm².
    const steps = Math.round(0.0025 / (share * grid.cellMm ** 2));
    for (let n = 0; n < steps; n += 1)
      diffuse(grid, memory, n % 2 === 0 ? 0 : cells, n % 2 === 0 ? cells : 0, share);
    const at = steps % 2 === 0 ? 0 : cells;
    const spread = 2 * Math.sqrt(steps * share) * grid.cellMm;
    let worst = 0;
    for (let i = 0; i < cells; i += 1) {
      const x = (i + 0.5) * grid.cellMm - 0.5;
      worst = Math.max(worst, Math.abs((memory[at + i] ?? 0) - 0.5 * (1 - erf(x / spread))));
    }
    return worst;
  };

  it('follows the error function, better as the grid is refined', () => {
    // Crank, The Mathematics of Diffusion: two half-spaces.
    const errors = [40, 80, 160].map(errorAt);
    expect(errors[2]).toBeLessThan(1e-4);
    expect((errors[0] ?? 0) / (errors[1] ?? 1)).toBeGreaterThan(3);
    expect((errors[1] ?? 0) / (errors[2] ?? 1)).toBeGreaterThan(3);
  });

  it('keeps what is in a dish, whatever is in it, and lets nothing pass the wall', () => {
    const grid = roundGrid(50, 41);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 5, noNaN: true }), { maxLength: 300 }),
        (values) => {
          const size = grid.inside.length;
          const memory = new Float64Array(2 * size);
          let put = 0;
          values.forEach((value, n) => {
            const i = (n * 37) % size;
            if (grid.inside[i] !== 1) return;
            put += value - (memory[i] ?? 0);
            memory[i] = value;
          });
          for (let n = 0; n < 20; n += 1)
            diffuse(grid, memory, n % 2 === 0 ? 0 : size, n % 2 === 0 ? size : 0, 0.24);
          const left = memory.subarray(0, size);
          expect(left.reduce((sum, one) => sum + one, 0)).toBeCloseTo(put, 9);
          expect(left.every((one, i) => grid.inside[i] === 1 || one === 0)).toBe(true);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('makes of half a dish what the whole one makes', () => {
    const [whole, half] = [roundGrid(40, 40), halfRoundGrid(40, 40)];
    const run = (grid: typeof whole) => {
      const size = grid.inside.length;
      const memory = new Float64Array(2 * size);
      for (let x = 4; x < 8; x += 1) {
        memory[19 * 40 + x] = 1;
        if (grid === whole) memory[20 * 40 + x] = 1;
      }
      for (let n = 0; n < 200; n += 1)
        diffuse(grid, memory, n % 2 === 0 ? 0 : size, n % 2 === 0 ? size : 0, 0.24);
      return memory;
    };
    const [all, upper] = [run(whole), run(half)];
    for (let i = 0; i < 20 * 40; i += 1) expect(upper[i]).toBeCloseTo(all[i] ?? NaN, 12);
  });
});

describe('the front of a reaction', () => {
  const meeting = (change: Partial<Meeting> = {}): Meeting => ({
    diffusionMm2PerS: [2e-3, 1e-3, 1e-3],
    units: [1, 1],
    ionsPerUnit: [1, 1],
    inSolid: [1, 1],
    logProduct: -14,
    saturationM: [10, 10],
    ...change,
  });

  /**
   * Where two solutions that react at once and completely meet: x = 2α√t with
   * √D₁ a exp(−α²/D₁)/(1 + erf(α/√D₁)) = √D₂ b exp(−α²/D₂)/(1 − erf(α/√D₂)), after Danckwerts and after Gálfi and Rácz (1988).
   */
  const alphaOf = (d1: number, d2: number, a: number, b: number): number => {
    const [r1, r2] = [Math.sqrt(d1), Math.sqrt(d2)];
    const off = (x: number) =>
      (r1 * a * Math.exp(-((x / r1) ** 2))) / (1 + erf(x / r1)) -
      (r2 * b * Math.exp(-((x / r2) ** 2))) / (1 - erf(x / r2));
    let [low, high] = [-0.1, 0.1];
    for (let n = 0; n < 100; n += 1) {
      const middle = (low + high) / 2;
      if (off(middle) > 0) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  };

  /** The place where the two salts are equally gone, mm from the middle of a 20 mm channel after 600 s. */
  const frontAt = (cells: number, a: number, b: number): { x: number; timeS: number } => {
    const grid = gridOf(cells, 1, 20 / cells, () => true);
    const start = emptyFields(grid);
    start.first.fill(a, 0, cells / 2);
    start.second.fill(b, cells / 2);
    const run = spreading(grid, meeting(), start);
    run.advance(Math.round(600 / run.stepS));
    const { first, second } = run.fields();
    let at = 0;
    for (let i = 0; i < cells - 1; i += 1)
      if ((first[i] ?? 0) >= (second[i] ?? 0) && (first[i + 1] ?? 0) < (second[i + 1] ?? 0)) at = i;
    const [here, next] = [at, at + 1].map((i) => (first[i] ?? 0) - (second[i] ?? 0)) as [
      number,
      number,
    ];
    return { x: (at + 0.5 + here / (here - next)) * grid.cellMm - 10, timeS: run.timeS() };
  };

  it.each([
    [1, 1],
    [1, 0.5],
    [0.4, 1],
  ])('moves as the analytical solution does, %s against %s mol/L', (a, b) => {
    const alpha = alphaOf(2e-3, 1e-3, a, b);
    const fine = frontAt(400, a, b);
    expect(Math.abs(fine.x - 2 * alpha * Math.sqrt(fine.timeS))).toBeLessThan(0.05);
    const coarse = frontAt(100, a, b);
    expect(Math.abs(coarse.x - 2 * alpha * Math.sqrt(coarse.timeS))).toBeLessThan(0.2);
  });

  it('rests at the ion product wherever solid lies, and dissolves it where water takes the ions away', () => {
    const grid = gridOf(60, 1, 0.2, () => true);
    const start = emptyFields(grid);
    start.first.fill(0.2, 0, 30);
    start.second.fill(0.1, 30);
    const salt = meeting({ logProduct: -4, inSolid: [1, 2], units: [1, 2] });
    const run = spreading(grid, salt, start);
    run.advance(400);
    const { first, second, solid } = run.fields();
    const lying = [...solid.keys()].filter((i) => (solid[i] ?? 0) > 1e-6);
    expect(lying.length).toBeGreaterThan(3);
    for (const i of lying)
      expect(Math.log10((first[i] ?? 0) * (second[i] ?? 0) ** 2)).toBeCloseTo(-4, 3);
    const poor = emptyFields(grid);
    poor.solid[10] = 0.001;
    const dissolving = spreading(grid, salt, poor);
    dissolving.advance(2000);
    expect(dissolving.fields().solid.every((one) => one < 1e-9)).toBe(true);
  });
});

describe('a dish', () => {
  it('keeps the amounts to rounding and dissolves its heaps', () => {
    const run = runDish(dish('Pb(NO3)2', 'KI'));
    expect(run.massError).toBeLessThan(1e-9);
    expect(run.line).toBeDefined();
    expect(run.frames.length).toBeGreaterThan(20);
    expect(run.growth.at(-1)?.solidMg).toBeGreaterThan(run.growth[0]?.solidMg ?? Infinity);
  });

  it('has its line nearer the slower salt when both are alike otherwise', () => {
    // Sodium sulfate spreads more slowly than barium chloride; equal amounts in moles.
    const request = dish('BaCl2', 'Na2SO4', {
      heaps: [
        { substance: 'BaCl2·2H2O', massG: 0.1222, angleDeg: 180 },
        { substance: 'Na2SO4', massG: 0.071, angleDeg: 0 },
      ],
    });
    const ready = dishOf(request);
    expect(ready.salts[0].amountMmol).toBeCloseTo(ready.salts[1].amountMmol, 2);
    const { line } = runDish(request);
    expect(line?.atFraction).toBeGreaterThan(0.5);
    expect(sideOf(ready, line?.atFraction ?? 0)).toBe('nearer to Na2SO4');
  });

  it('comes to the same place whatever its grid, and takes days where it is large', () => {
    const [coarse, fine] = [48, 96].map(
      (across) => runDish(dish('AgNO3', 'NaCl', { across })).line,
    );
    expect(Math.abs((coarse?.atFraction ?? 0) - (fine?.atFraction ?? 1))).toBeLessThan(0.03);
    expect(Math.abs((coarse?.pureS ?? 0) / (fine?.pureS ?? 1) - 1)).toBeLessThan(0.12);
    const large = runDish(dish('AgNO3', 'NaCl', { diameterMm: 200, across: 60, follows: 1 }));
    expect(large.line?.pureS).toBeGreaterThan(86_400);
  });

  it('is the same whole or in half: a heap turned round the dish changes nothing', () => {
    const turned = (angle: number) =>
      dish('Pb(NO3)2', 'KI', {
        heaps: [
          { substance: 'Pb(NO3)2', massG: 0.1, angleDeg: 180 + angle },
          { substance: 'KI', massG: 0.1, angleDeg: angle },
        ],
      });
    expect(dishOf(turned(0)).mirrored).toBe(true);
    expect(dishOf(turned(90)).mirrored).toBe(false);
    const [level, upright] = [0, 90].map((angle) => runDish(turned(angle)).line);
    expect(level?.atFraction).toBeCloseTo(upright?.atFraction ?? NaN, 2);
  });

  it('shows no line where there is too little of a salt', () => {
    const run = runDish(
      dish('Pb(NO3)2', 'KI', {
        diameterMm: 120,
        depthMm: 20,
        across: 40,
        heaps: [
          { substance: 'Pb(NO3)2', massG: 0.005, angleDeg: 180 },
          { substance: 'KI', massG: 0.005, angleDeg: 0 },
        ],
      }),
    );
    expect(run.line).toBeUndefined();
    expect(run.growth).toEqual([]);
  });

  it('is stopped when nobody wants it any more', () => {
    let asked = 0;
    const run = runDish(dish('Pb(NO3)2', 'KI'), () => {
      asked += 1;
      return asked < 3;
    });
    expect(run.stopped).toBe(true);
    expect(asked).toBe(3);
  });

  it.each([
    ['PbSO4', 'KI', 'hardlyDissolves'],
    ['NaCl', 'KNO3', 'noPrecipitate'],
    ['CuSO4', 'Na2CO3', 'manyPrecipitates'],
    ['C12H22O11', 'NaCl', 'notASalt'],
    ['Pb(NO3)2', 'nothing of the kind', 'unknownSubstance'],
  ])('refuses %s with %s in words', (one, other, code) => {
    expect(() => dishOf(dish(one, other))).toThrow(expect.objectContaining({ code }) as Error);
  });

  it('refuses heaps on each other, and a dish without water', () => {
    expect(() =>
      dishOf(
        dish('Pb(NO3)2', 'KI', {
          heaps: [
            { substance: 'Pb(NO3)2', massG: 0.1, fromCentre: 0.1, angleDeg: 0 },
            { substance: 'KI', massG: 0.1, fromCentre: 0.1, angleDeg: 10 },
          ],
        }),
      ),
    ).toThrow(expect.objectContaining({ code: 'sameSpot' }) as Error);
    const dry = dishSchema.safeParse({ ...dish('Pb(NO3)2', 'KI'), depthMm: 0 });
    expect(dry.error?.issues[0]?.message).toMatch(/with none nothing spreads/);
  });
});

describe('why nearer this side', () => {
  const ready = dishOf(dish('Pb(NO3)2', 'KI'));
  const nearness = whyNearer(ready);

  it('tells speeds, amounts and coefficients apart', () => {
    // Iodide is faster, so by speed alone the line is nearer to lead; two iodides are needed, which pulls it to the iodide.
    expect(nearness.speedsAlone).toBeLessThan(0.47);
    expect(nearness.coefficientsAlone).toBeGreaterThan(0.53);
    const reasons = nearReasons(ready, nearness);
    expect(reasons.map(({ about }) => about)).toEqual(['speeds', 'amounts', 'coefficients']);
    expect(reasons[0]?.text).toContain('KI spreads faster');
  });

  it('puts two salts alike in everything in the middle', () => {
    const alike = dishOf(dish('AgNO3', 'NaCl'));
    const same = whyNearer({
      ...alike,
      meeting: {
        ...alike.meeting,
        diffusionMm2PerS: [1e-3, 1e-3, 1e-3],
        saturationM: [1, 1],
      },
    });
    for (const place of Object.values(same)) expect(place).toBeCloseTo(0.5, 2);
  });

  it('names the law of gas effusion as wrong', () => {
    expect(effusionWords(ready)).toMatch(/^Not by the law of gas effusion/);
    // Sizes with their shells of water, not masses: lithium is slower than potassium (CRC Handbook).
    expect(diffusionOf('Li^+').coefficient).toBeLessThan(diffusionOf('K^+').coefficient);
  });
});

describe('the class against the dish', () => {
  const predicted = { atFraction: 0.55, pureS: 36_000 };
  const mark = (group: string, atFraction: number, minutes: number) =>
    dishMarkSchema.parse({ group, atFraction, minutes });

  it('gets one factor from one time: ten hours in five minutes is 120', () => {
    expect(mixingFactor(36_000, 5)).toBeCloseTo(120, 9);
  });

  it('agrees on the place, takes the mean time, and says where benches differ', () => {
    const told = classAgainstDish(
      [mark('Bench Heron', 0.53, 4), mark('Bench Tern', 0.57, 6), mark('Bench Plover', 0.55, 11)],
      predicted,
    );
    expect(told.place.mean).toBeCloseTo(0.55, 9);
    expect(told.factor).toBeCloseTo(36_000 / (60 * 7), 6);
    expect(told.words[0]).toMatch(/^The place agrees/);
    expect(told.words.join(' ')).toMatch(/not equally still/);
  });

  it('says when the place differs, and that one mark is little', () => {
    const told = classAgainstDish([mark('Bench Heron', 0.3, 5)], predicted);
    expect(told.words[0]).toMatch(/^The place differs/);
    expect(told.words.join(' ')).toMatch(/One mark/);
  });

  it('refuses marks outside the dish', () => {
    expect(dishMarkSchema.safeParse({ group: 'A', atFraction: 1.2, minutes: 3 }).success).toBe(
      false,
    );
    expect(dishMarkSchema.safeParse({ group: 'A', atFraction: 0.2, minutes: 0 }).success).toBe(
      false,
    );
  });
});

describe('clearing up, and into a lab day', () => {
  it('says what still clears the lead, the test that proves it, and the bottle', () => {
    const [bottle] = dishClearUp(dish('Pb(NO3)2', 'KI'));
    expect(bottle?.bottle).toBe('Lead and cadmium waste');
    expect(bottle?.solidG).toBeGreaterThan(0.05);
    const lead = bottle?.clearings.find(({ element }) => element === 'Pb');
    expect(lead?.leftMgPerL).toBeLessThan(lead?.limitMgPerL ?? 0);
    expect(lead?.filtrateTest).toMatch(/filtrate/);
  });

  it('names less hazardous salts with a line of the same hue first, each one that makes it', () => {
    const request = dish('Pb(NO3)2', 'KI');
    const found = substitutes(request);
    expect(found.length).toBeGreaterThan(5);
    expect(found[0]).toMatchObject({ sameHue: true });
    expect(found[0]?.colour).toContain('yellow');
    for (const { salts, solid, hazard } of found) {
      expect(hazard).toBeLessThan(hazardRank('Pb(NO3)2'));
      expect(dishOf(dish(...salts)).solid.formula).toBe(solid);
      expect(salts.join(' ')).not.toMatch(/Pb|Hg|Cd/);
    }
    expect(substitutes(request, () => false)).toEqual([]);
  });

  it('is a procedure whose stirred end the engine predicts', () => {
    const procedure = dishProcedure(dish('Pb(NO3)2', 'KI'), {
      id: 'dish',
      name: 'Lead iodide in a dish',
      line: { atFraction: 0.55, minutes: 4 },
    });
    const run = runProcedure(procedure);
    expect(run.refused).toBeUndefined();
    expect(run.end.dish?.state.solids.map(({ formula }) => formula)).toContain('PbI2');
    expect(run.steps[2]?.notPredicted[0]).toContain('55 % of the gap');
  });
});
