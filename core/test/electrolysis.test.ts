import { describe, expect, it } from 'vitest';
import { commands } from '../src/commands/commands';
import { equilibrate } from '../src/solution/equilibrium/equilibrate';
import { predictElectrolysis } from '../src/studies/electrolysis/predictElectrolysis';
import { roomConditions } from '../src/studies/electrolysis/gasVolume';
import { predictCell } from '../src/studies/electrolysis/predictCell';
import { waterVapourKPa } from '../src/studies/electrolysis/waterVapourPressure';
import { conductivityMSPerCm } from '../src/vessel/electrolysis/conductivity';
import { findElectrode } from '../src/vessel/electrolysis/findElectrode';
import type {
  ElectrolyseAnswer,
  ElectrolyseRequest,
} from '../src/studies/electrolysis/predictElectrolysis';
import { faraday } from '../src/solution/equilibrium/temperature';
import { electrodes } from '../src/matter/substances/data/electrodes';
import {
  electrodeProcesses,
  notAtElectrodes,
} from '../src/matter/substances/data/electrodeProcesses';
import { melts } from '../src/matter/substances/data/melts';
import { overpotentials } from '../src/matter/substances/data/overpotentials';
import { electrodeProducts } from '../src/matter/substances/data/electrodeProducts';
import { ionicDiffusion } from '../src/matter/substances/data/diffusion';
import { halfOf } from '../src/vessel/electrolysis/electrodeHalves';
import {
  currentDensityAt,
  overpotentialAt,
  overpotentialCurve,
} from '../src/vessel/electrolysis/overpotential';
import { productOf } from '../src/vessel/electrolysis/halfText';
import { potentialV } from '../src/vessel/halfReaction';

const solution = (
  salts: Readonly<Record<string, number>>,
  cathode: string,
  anode: string,
  more: Partial<ElectrolyseRequest> = {},
): ElectrolyseAnswer =>
  predictElectrolysis({
    electrolyte: Object.entries(salts).map(([substance, concentrationM]) => ({
      substance,
      concentrationM,
    })),
    cathode,
    anode,
    ...more,
  });
const main = ({ products }: ElectrolyseAnswer['cathode']) => products[0]?.formula;

describe('products at electrodes, against the tables of school and general chemistry textbooks', () => {
  // Electrolyte, electrodes, product at minus, product at plus; as general chemistry textbooks tabulate them (recalled from memory).
  const rows: readonly [Record<string, number>, string, string, string, string][] = [
    [{ NaCl: 4 }, 'graphite', 'graphite', 'H2', 'Cl2'],
    [{ NaCl: 0.002 }, 'platinum', 'platinum', 'H2', 'O2'],
    [{ KCl: 2 }, 'graphite', 'graphite', 'H2', 'Cl2'],
    [{ HCl: 4 }, 'graphite', 'graphite', 'H2', 'Cl2'],
    [{ NaBr: 1 }, 'graphite', 'graphite', 'H2', 'Br2'],
    [{ KBr: 0.5 }, 'platinum', 'platinum', 'H2', 'Br2'],
    [{ KI: 0.5 }, 'graphite', 'graphite', 'H2', 'I2'],
    [{ NaI: 1 }, 'platinum', 'platinum', 'H2', 'I2'],
    [{ Na2SO4: 0.5 }, 'platinum', 'platinum', 'H2', 'O2'],
    [{ K2SO4: 0.3 }, 'graphite', 'graphite', 'H2', 'O2'],
    [{ H2SO4: 0.5 }, 'platinum', 'platinum', 'H2', 'O2'],
    [{ H2SO4: 0.5 }, 'lead', 'lead', 'H2', 'O2'],
    [{ NaOH: 1 }, 'platinum', 'platinum', 'H2', 'O2'],
    [{ NaOH: 1 }, 'nickel', 'nickel', 'H2', 'O2'],
    [{ KOH: 1 }, 'steel', 'steel', 'H2', 'O2'],
    [{ KNO3: 0.5 }, 'platinum', 'platinum', 'H2', 'O2'],
    [{ HNO3: 0.5 }, 'platinum', 'platinum', 'H2', 'O2'],
    [{ NaF: 0.5 }, 'graphite', 'platinum', 'H2', 'O2'],
    [{ MgSO4: 0.5 }, 'platinum', 'platinum', 'H2', 'O2'],
    [{ MgCl2: 1 }, 'graphite', 'graphite', 'H2', 'Cl2'],
    [{ CaCl2: 2 }, 'graphite', 'graphite', 'H2', 'Cl2'],
    [{ 'Al2(SO4)3': 0.2 }, 'platinum', 'platinum', 'H2', 'O2'],
    [{ CuSO4: 0.5 }, 'graphite', 'graphite', 'Cu', 'O2'],
    [{ CuSO4: 0.5 }, 'copper', 'copper', 'Cu', 'Cu^2+'],
    [{ CuCl2: 1 }, 'graphite', 'graphite', 'Cu', 'Cl2'],
    [{ CuBr2: 0.5 }, 'graphite', 'graphite', 'Cu', 'Br2'],
    [{ AgNO3: 0.1 }, 'platinum', 'platinum', 'Ag', 'O2'],
    [{ AgNO3: 0.1 }, 'silver', 'silver', 'Ag', 'Ag^+'],
    [{ NiSO4: 1 }, 'copper', 'nickel', 'Ni', 'Ni^2+'],
    [{ ZnSO4: 1 }, 'zinc', 'zinc', 'Zn', 'Zn^2+'],
    [{ ZnSO4: 1 }, 'zinc', 'graphite', 'Zn', 'O2'],
    [{ ZnCl2: 1 }, 'graphite', 'graphite', 'Zn', 'Cl2'],
    [{ 'Pb(NO3)2': 0.5 }, 'graphite', 'graphite', 'Pb', 'PbO2'],
    [{ CdSO4: 0.5 }, 'platinum', 'platinum', 'Cd', 'O2'],
    [{ FeCl3: 0.5 }, 'graphite', 'graphite', 'Fe^2+', 'Cl2'],
    [{ MnSO4: 0.5 }, 'graphite', 'graphite', 'H2', 'MnO2'],
    [{ CuSO4: 0.3, ZnSO4: 0.5 }, 'graphite', 'graphite', 'Cu', 'O2'],
    [{ NaCl: 1, KI: 0.2 }, 'graphite', 'graphite', 'H2', 'I2'],
  ];
  it.each(rows)('%j between %s and %s gives %s and %s', (salts, cathode, anode, minus, plus) => {
    const told = solution(salts, cathode, anode);
    expect(main(told.cathode)).toBe(minus);
    expect(main(told.anode)).toBe(plus);
  });

  // What the rule of thumb says where it says something else.
  it.each([
    [{ ZnSO4: 1 }, 'H2', 'O2'],
    [{ NiSO4: 1 }, 'H2', 'O2'],
    [{ 'Pb(NO3)2': 0.5 }, 'H2', 'O2'],
    [{ FeSO4: 0.5 }, 'H2', 'O2'],
    [{ NaCl: 0.1 }, 'H2', 'O2'],
    [{ CuSO4: 0.5 }, 'Cu', 'O2'],
  ] as const)('the rule of thumb says of %j: %s and %s', (salts, minus, plus) => {
    const told = solution(salts, 'graphite', 'graphite', { school: 'ruleOfThumb' });
    expect(main(told.cathode)).toBe(minus);
    expect(main(told.anode)).toBe(plus);
  });

  it('says in plain words where the schools part and what the bench shows', () => {
    const { why } = solution({ ZnSO4: 1 }, 'graphite', 'graphite');
    expect(why.join('\n')).toMatch(
      /rule of thumb says H2 at minus .* potentials say Zn, because hydrogen is late .* The bench shows Zn/,
    );
    expect(solution({ CuSO4: 1 }, 'graphite', 'graphite').why.join()).not.toMatch(/bench shows/);
  });

  it('shares the current where two processes are close', () => {
    const dilute = solution({ NaCl: 0.02 }, 'platinum', 'platinum').anode.products;
    expect(dilute.map(({ formula }) => formula).sort()).toEqual(['Cl2', 'O2']);
    for (const { share = 0 } of dilute) expect(share).toBeGreaterThan(0.1);
    // Acid zinc bath on clean steel: hydrogen at the start, then hardly any once zinc covers it.
    const bath = predictCell(
      {
        electrolyte: [
          { substance: 'ZnSO4', concentrationM: 0.8 },
          { substance: 'H2SO4', concentrationM: 0.3 },
        ],
        cathode: 'steel',
        anode: 'zinc',
        areaCm2: 90,
        volumeMl: 2000,
      },
      { currentA: 4.5, timeS: 1800, school: 'potentials', conditions: roomConditions },
    );
    const hydrogen = (shares: (typeof bath.cathode.at)['shares']) =>
      shares.find(({ half }) => half.reduced.formula === 'H2')?.share ?? 0;
    expect(hydrogen(bath.run.cathode.first.shares)).toBeGreaterThan(0.7);
    expect(hydrogen(bath.run.cathode.last.shares)).toBeLessThan(0.45);
  });

  it('does not let a trace take more than diffusion brings', () => {
    const { products } = solution({ AgNO3: 1e-4, KNO3: 0.1 }, 'platinum', 'platinum', {
      currentA: 0.1,
    }).cathode;
    expect(products[0]?.formula).toBe('H2');
  });

  it.each([
    ['NaCl', ['NaCl', 'NaOH'], 4],
    ['KI', ['KI', 'KOH'], 0.5],
    ['CuSO4', ['CuSO4', 'H2SO4'], 0.5],
    ['AgNO3', ['AgNO3', 'HNO3'], 0.2],
    ['Na2SO4', ['Na2SO4'], 0.5],
    ['CuCl2', ['CuCl2'], 0.5],
  ] as const)('leaves of %s: %j', (substance, left, concentrationM) => {
    const told = solution({ [substance]: concentrationM }, 'graphite', 'graphite', {
      currentA: 0.5,
      timeS: 600,
    });
    expect([...told.remaining].sort()).toEqual([...left].sort());
  });

  // Bockris and Reddy; Greenwood and Earnshaw: what electrolysis of the solution gives.
  it('leaves of two salts that precipitate each other the solid and the third salt', () => {
    const told = solution({ BaCl2: 0.1, Na2SO4: 0.1 }, 'graphite', 'graphite', { timeS: 60 });
    expect(told.remaining).toEqual(expect.arrayContaining(['BaSO4', 'NaCl']));
    expect(told.remaining).not.toContain('BaCl2');
  });

  it('does not promise pure hydrogen from strong nitric acid, nor deny it to a nitrate', () => {
    expect(solution({ HNO3: 6 }, 'platinum', 'platinum').cathode.notPredicted?.join()).toMatch(
      /nitric acid/,
    );
    expect(solution({ KNO3: 1 }, 'platinum', 'platinum').cathode.products[0]?.formula).toBe('H2');
  });

  it('covers lead with its dioxide in sulfuric acid, and copper with its oxide in alkali', () => {
    expect(solution({ H2SO4: 2 }, 'lead', 'lead').anode.seen).toMatch(/lead dioxide/);
    expect(solution({ NaOH: 1 }, 'copper', 'copper').anode.seen).toMatch(/copper oxide/);
  });

  it('takes chromium off stainless steel as chromate, and says so of what is left', () => {
    const told = solution({ Na2SO4: 0.5 }, 'graphite', 'stainless steel', { currentA: 0.5 });
    expect(told.anode.products.map(({ formula }) => formula)).toContain('CrO4^2-');
    expect(told.anode.seen).toMatch(/very toxic/);
    expect(told.remaining).toContain('Na2CrO4');
  });

  it('tells the pH at the electrodes: base at minus, acid at plus', () => {
    const { cathode, anode } = solution({ Na2SO4: 0.5 }, 'platinum', 'platinum');
    expect(cathode.nearPH).toBeGreaterThan(11);
    expect(anode.nearPH).toBeLessThan(4);
  });

  it('balances every overall equation it tells', () => {
    for (const [salts, cathode, anode] of rows) {
      const { overall } = solution(salts, cathode, anode);
      if (overall.includes('plus)')) continue;
      const balanced = commands.balance?.({ equation: overall }) as { unique: boolean };
      expect(balanced, overall).toBeDefined();
    }
  });
});

describe('melts', () => {
  it.each([
    ['NaCl', 'Na', 'Cl2', '2NaCl(l) → 2Na(l) + Cl2(g)'],
    ['PbBr2', 'Pb', 'Br2', 'PbBr2(l) → Pb(l) + Br2(g)'],
    ['ZnCl2', 'Zn', 'Cl2', 'ZnCl2(l) → Zn(l) + Cl2(g)'],
    ['KI', 'K', 'I2', '2KI(l) → 2K(l) + I2(g)'],
    ['LiCl', 'Li', 'Cl2', '2LiCl(l) → 2Li(l) + Cl2(g)'],
    ['MgCl2', 'Mg', 'Cl2', 'MgCl2(l) → Mg(l) + Cl2(g)'],
    ['Al2O3', 'Al', 'O2', '2Al2O3(l) → 4Al(l) + 3O2(g)'],
    ['NaOH', 'Na', 'O2', '4NaOH(l) → 4Na(l) + O2(g) + 2H2O(g)'],
    ['lead(II) bromide', 'Pb', 'Br2', 'PbBr2(l) → Pb(l) + Br2(g)'],
  ])('%s gives %s and %s', (molten, minus, plus, overall) => {
    const told = predictElectrolysis({
      electrolyte: { molten },
      cathode: 'graphite',
      anode: 'graphite',
    });
    expect(main(told.cathode)).toBe(minus);
    expect(main(told.anode)).toBe(plus);
    expect(told.overall).toBe(overall);
    expect(commands.balance?.({ equation: overall })).toBeDefined();
  });

  it.each(['Na2SO4', 'KNO3', 'CaCO3', 'NH4Cl', 'sugar'])('does not guess at %s', (molten) => {
    expect(() =>
      predictElectrolysis({ electrolyte: { molten }, cathode: 'graphite', anode: 'graphite' }),
    ).toThrow(/not predicted/);
  });
});

describe('amounts, against worked examples of general chemistry textbooks (recalled from memory)', () => {
  const grams = (told: ElectrolyseAnswer['cathode'], formula: string) =>
    told.products.find((one) => one.formula === formula)?.massG ?? 0;
  const millilitres = (told: ElectrolyseAnswer['cathode'], formula: string) =>
    told.products.find((one) => one.formula === formula)?.volumeMl ?? 0;
  const near = (value: number, expected: number, share = 0.006) =>
    expect(Math.abs(value / expected - 1), `${value} for ${expected}`).toBeLessThan(share);
  const melt = (molten: string, currentA: number, timeS: number) =>
    predictElectrolysis({
      electrolyte: { molten },
      cathode: 'graphite',
      anode: 'graphite',
      currentA,
      timeS,
    });

  it('uses the Faraday constant of CODATA 2018: 96 485.332 12 C/mol', () =>
    expect(faraday).toBeCloseTo(96485.33212, 5));
  it('10.0 A for 30.0 min: 5.94 g of copper (Zumdahl)', () =>
    near(
      grams(
        solution({ CuSO4: 1 }, 'copper', 'graphite', { currentA: 10, timeS: 1800 }).cathode,
        'Cu',
      ),
      5.94,
    ));
  it('5.00 A for 1.88·10³ s: 10.5 g of silver (Zumdahl)', () =>
    near(
      grams(solution({ AgNO3: 1 }, 'silver', 'silver', { currentA: 5, timeS: 1878 }).cathode, 'Ag'),
      10.5,
    ));
  it('10.23 A for an hour: 41.2 g of silver (OpenStax Chemistry)', () =>
    near(
      grams(
        solution({ AgNO3: 1 }, 'silver', 'silver', { currentA: 10.23, timeS: 3600 }).cathode,
        'Ag',
      ),
      41.2,
    ));
  it('10.0 A for 1.00 h: 3.36 g of aluminium from a melt (Brown)', () =>
    near(grams(melt('Al2O3', 10, 3600).cathode, 'Al'), 3.36));
  it('60.0 A for 4000 s: 30.2 g of magnesium from molten chloride (Brown)', () =>
    near(grams(melt('MgCl2', 60, 4000).cathode, 'Mg'), 30.2));
  it('1.26 A for 7.44 h in dilute sulfuric acid: 3.92 L of hydrogen and 1.96 L of oxygen at 0 °C and 1 atm (Chang)', () => {
    const told = solution({ H2SO4: 0.1 }, 'platinum', 'platinum', {
      currentA: 1.26,
      timeS: 7.44 * 3600,
      temperatureC: 0,
    });
    near(millilitres(told.cathode, 'H2'), 3920);
    near(millilitres(told.anode, 'O2'), 1960);
  });
  it('30 000 A for an hour: 25.7 kg of sodium (Downs cell)', () =>
    near((30 * grams(melt('NaCl', 1000, 3600).cathode, 'Na')) / 1000, 25.7));
  it('2.00 A for two hours: 5.29 g of chlorine from brine', () =>
    near(
      grams(
        solution({ NaCl: 5 }, 'graphite', 'graphite', { currentA: 2, timeS: 7200 }).anode,
        'Cl2',
      ),
      5.29,
      0.03,
    ));
  it('0.500 A for 30.0 min: 0.296 g of copper', () =>
    near(
      grams(
        solution({ CuSO4: 0.5 }, 'platinum', 'platinum', { currentA: 0.5, timeS: 1800 }).cathode,
        'Cu',
      ),
      0.296,
    ));
  it('2.00 A for 10.0 min: 1.29 g of lead from the melt', () =>
    near(grams(melt('PbBr2', 2, 600).cathode, 'Pb'), 1.29));
  it('3.00 A for an hour: 3.66 g of zinc from the melt', () =>
    near(grams(melt('ZnCl2', 3, 3600).cathode, 'Zn'), 3.66));
  it('0.500 A for an hour: 114 mL of oxygen at 25 °C and 1 atm', () =>
    near(
      millilitres(
        solution({ Na2SO4: 0.5 }, 'platinum', 'platinum', { currentA: 0.5, timeS: 3600 }).anode,
        'O2',
      ),
      114,
    ));
  it('0.25 A for 900 s over water at 25 °C: 29.4 mL of hydrogen', () =>
    near(
      millilitres(
        solution({ Na2SO4: 0.5 }, 'platinum', 'platinum', {
          currentA: 0.25,
          timeS: 900,
          overWater: true,
        }).cathode,
        'H2',
      ),
      29.45,
    ));
  it('0.2 A for 20 min: 0.0790 g of copper, lost and gained (common practice)', () => {
    const told = solution({ CuSO4: 0.5 }, 'copper', 'copper', { currentA: 0.2, timeS: 1200 });
    near(grams(told.cathode, 'Cu'), 0.079, 0.002);
    near(grams(told.anode, 'Cu^2+'), 0.079, 0.002);
  });
  it('takes charge from a log, not from the nominal current', () => {
    const told = solution({ CuSO4: 1 }, 'copper', 'copper', {
      currentLog: [
        { timeS: 0, currentA: 1 },
        { timeS: 600, currentA: 0.5 },
        { timeS: 1200, currentA: 0.5 },
      ],
    });
    expect(told.chargeC).toBe(750);
    near(grams(told.cathode, 'Cu'), 0.247);
  });
});

describe('potentials', () => {
  it.each([
    // Zumdahl, Chang: Nernst examples for half-cells, recalled from memory; activities for concentrations.
    ['Cu^2+(aq) + 2e^- → Cu(s)', { 'Cu^2+': 0.01 }, 0.283],
    ['Zn^2+(aq) + 2e^- → Zn(s)', { 'Zn^2+': 0.1 }, -0.792],
    ['Ag^+(aq) + e^- → Ag(s)', { 'Ag^+': 0.01 }, 0.681],
  ])('%s', (text, species, volts) =>
    expect(
      potentialV(
        halfOf(text),
        { ...equilibrate({}), species, ionicStrength: 0, pH: 7 },
        25,
        'reduced',
      ),
    ).toBeCloseTo(volts, 2),
  );

  it('water alone needs 1.23 V, whatever the pH', () => {
    const neutral = equilibrate({ 'Na^+': 0.1, 'ClO4^-': 0.1 });
    const oxygen = potentialV(halfOf('O2(g) + 4H^+(aq) + 4e^- → 2H2O(l)'), neutral, 25, 'oxidised');
    const hydrogen = potentialV(halfOf('2H^+(aq) + 2e^- → H2(g)'), neutral, 25, 'reduced');
    expect(oxygen - hydrogen).toBeCloseTo(1.229, 3);
  });

  it.each([
    // Lange's Handbook, overpotentials in V, recalled from memory.
    ['H2', 'platinum', 0.01, 0.068],
    ['H2', 'zinc', 0.1, 1.064],
    ['O2', 'graphite', 0.01, 0.896],
    ['Cl2', 'graphite', 0.1, 0.251],
  ] as const)('%s on %s at %d A/cm²', (gas, surface, density, volts) => {
    const curve = overpotentialCurve(gas, surface);
    if (!curve) throw new Error('no curve');
    expect(overpotentialAt(curve, density)).toBeCloseTo(volts, 3);
    for (const eta of [0.05, 0.3, 0.6, 1, 1.5])
      expect(overpotentialAt(curve, currentDensityAt(curve, eta))).toBeCloseTo(eta, 3);
  });
});

describe('vapour pressure of water (CRC Handbook, between the rows that are tabulated here; recalled from memory)', () => {
  it.each([
    [18, 2.0647],
    [22, 2.6453],
    [27, 3.5679],
    [33, 5.0335],
    [55, 15.752],
    [75, 38.563],
  ])('%d °C: %d kPa', (temperatureC, kPa) =>
    expect(waterVapourKPa(temperatureC) / kPa).toBeCloseTo(1, 2),
  );
});

describe('conductivity, mS/cm at 25 °C (CRC Handbook, equivalent conductivities; KCl by IUPAC; recalled from memory)', () => {
  it.each([
    [{ 'K^+': 0.01, 'Cl^-': 0.01 }, 1.412, 0.03],
    [{ 'K^+': 0.1, 'Cl^-': 0.1 }, 12.89, 0.05],
    [{ 'K^+': 1, 'Cl^-': 1 }, 111.3, 0.1],
    [{ 'Na^+': 0.01, 'Cl^-': 0.01 }, 1.1845, 0.03],
    [{ 'Na^+': 0.1, 'Cl^-': 0.1 }, 10.669, 0.06],
    [{ 'Na^+': 5, 'Cl^-': 5 }, 247, 0.15],
    [{ 'H^+': 0.1, 'Cl^-': 0.1 }, 39.11, 0.05],
    [{ 'H^+': 1, 'Cl^-': 1 }, 332, 0.1],
    [{ 'Na^+': 0.1, 'OH^-': 0.1 }, 22.1, 0.08],
    [{ 'Ag^+': 0.1, 'NO3^-': 0.1 }, 10.909, 0.1],
    [{ 'Na^+': 0.1, 'SO4^2-': 0.05 }, 8.994, 0.12],
    [{ 'Ca^2+': 0.05, 'Cl^-': 0.1 }, 10.241, 0.12],
    [{ 'Cu^2+': 0.05, 'SO4^2-': 0.05 }, 5.055, 0.25],
    [{ 'Zn^2+': 0.05, 'SO4^2-': 0.05 }, 5.26, 0.25],
    [{ 'H^+': 1, 'SO4^2-': 0.5 }, 205, 0.15],
  ])('%j: %d', (totals, mSPerCm, share) => {
    const { species } = equilibrate(totals);
    expect(Math.abs(conductivityMSPerCm(species) / mSPerCm - 1)).toBeLessThan(share);
  });

  it('rises by about two per cent a kelvin', () => {
    const { species } = equilibrate({ 'K^+': 0.1, 'Cl^-': 0.1 });
    expect(conductivityMSPerCm(species, 35) / conductivityMSPerCm(species, 25)).toBeCloseTo(1.2, 2);
  });
});

describe('bad input', () => {
  const ask = (request: unknown) => () => commands.electrolyse?.(request);
  const copper = {
    electrolyte: [{ substance: 'CuSO4', concentrationM: 1 }],
    cathode: 'copper',
    anode: 'copper',
  };
  it.each([
    [
      'a substance that does not ionise',
      { ...copper, electrolyte: [{ substance: 'sugar', concentrationM: 1 }] },
      /hardly conducts/,
    ],
    [
      'an unknown substance',
      { ...copper, electrolyte: [{ substance: 'unobtainium', concentrationM: 1 }] },
      /unobtainium/,
    ],
    ['an unknown electrode', { ...copper, anode: 'wood' }, /wood.*no electrode/],
    [
      'a current with the wrong sign',
      { ...copper, currentA: -0.2, timeS: 60 },
      /leads are swapped/,
    ],
    ['a current in mA', { ...copper, currentA: 20_000, timeS: 60 }, /mA/],
    [
      'a log that goes back',
      {
        ...copper,
        currentLog: [
          { timeS: 60, currentA: 1 },
          { timeS: 30, currentA: 1 },
        ],
      },
      /not later than the line before/,
    ],
    [
      'a log and a current',
      {
        ...copper,
        currentA: 1,
        currentLog: [
          { timeS: 0, currentA: 1 },
          { timeS: 30, currentA: 1 },
        ],
      },
      /Both a log/,
    ],
    ['no electrolyte', { ...copper, electrolyte: [] }, /at least one substance/],
  ])('%s is refused in words', (_, request, message) => expect(ask(request)).toThrow(message));

  it('names the field', () => {
    try {
      ask({ ...copper, cathode: 'glass' })();
      expect.unreachable();
    } catch (error) {
      expect(error).toMatchObject({ code: 'unknownElectrode', field: 'cathode' });
    }
  });

  it('says so where an electrode is not predicted', () => {
    const { anode, why } = solution({ NaCH3COO: 1 }, 'graphite', 'graphite');
    expect(anode.products).toEqual([]);
    expect(anode.notPredicted?.join()).toMatch(/organic anions/);
    expect(why.join()).toMatch(/Not predicted at plus/);
  });
});

describe('the tables', () => {
  it('name couples that exist, and a look for every product', () => {
    const known = new Set(electrodeProducts.map(({ formula }) => formula));
    for (const { half, side } of electrodeProcesses) {
      const product = productOf(halfOf(half), side).formula.replace('I3^-', 'I2');
      expect(known, product).toContain(product);
    }
    for (const { dissolvesBy } of electrodes)
      for (const half of dissolvesBy)
        expect(known).toContain(productOf(halfOf(half), 'anode').formula);
  });

  it('have a source in every row, rising overpotentials, and hydrogen on every electrode', () => {
    for (const row of [
      ...electrodes,
      ...overpotentials,
      ...electrodeProcesses,
      ...notAtElectrodes,
      ...melts,
      ...ionicDiffusion,
    ])
      expect(row.source).toBeDefined();
    for (const { points } of overpotentials)
      points
        .slice(1)
        .forEach(([, volts], at) => expect(volts).toBeGreaterThanOrEqual(points[at]?.[1] ?? 0));
    for (const { material } of electrodes)
      expect(overpotentialCurve('H2', material), material).toBeDefined();
    for (const { inert, material } of electrodes)
      if (inert) expect(overpotentialCurve('O2', material), material).toBeDefined();
  });

  it('find electrodes by name, formula and alias', () => {
    expect(findElectrode('Carbon').material).toBe('graphite');
    expect(findElectrode('Cu').material).toBe('copper');
    expect(findElectrode(' stainless ').material).toBe('stainless steel');
  });
});
