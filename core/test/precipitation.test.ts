import { describe, expect, it } from 'vitest';
import { sparinglySoluble } from '../src/matter/substances/data/sparinglySoluble';
import { productSpread } from '../src/matter/substances/productSpread';
import { lastOf } from './support/bench';
import { predictMixing } from '../src/seeing/rack/predictMixing';

const mixed = (a: string, b: string, aM = 0.1, bM = 0.1) =>
  predictMixing(
    { substance: a, concentrationM: aM, volumeMl: 3 },
    { substance: b, concentrationM: bM, volumeMl: 3 },
    'testTube',
  );
const solids = (a: string, b: string, aM?: number, bM?: number) =>
  mixed(a, b, aM, bM).state.solids.map(({ formula, colour }) => `${formula} ${colour}`);

describe('molybdates, citrates and the sulfide of iron(III) (Vogel; MINTEQA2 for the constants)', () => {
  const seen = (one: string, other: string) =>
    lastOf(`${one} 2mL`, `${other} 2mL`).state.solids.map(({ formula }) => formula);
  it.each([
    ['AgNO3 0.1M', 'Na2MoO4 0.1M', ['Ag2MoO4']],
    ['BaCl2 0.1M', 'Na2MoO4 0.1M', ['BaMoO4']],
    ['CuSO4 0.1M', 'Na2MoO4 0.1M', ['CuMoO4']],
    ['AlCl3 0.1M', 'Na3C6H5O7 0.1M', []],
    ['NiSO4 0.1M', 'Na3C6H5O7 0.1M', []],
    ['FeSO4 0.1M', 'Na3C6H5O7 0.1M', []],
    ['FeCl3 0.05M', 'Na2S 0.1M', ['FeS', 'S']],
  ])('%s with %s: %j', (one, other, solids) => expect(seen(one, other)).toEqual(solids));
});

// Colours of precipitates as in Vogel’s Qualitative Inorganic Analysis, the CRC Handbook (physical constants of inorganic
// compounds) and the school tables of tests for ions (all recalled from memory). Written before the engine was asked.
describe('what settles where two solutions of 0.1 mol/L meet', () => {
  it.each([
    ['AgNO3', 'NaCl', 'AgCl', /white/],
    ['AgNO3', 'KBr', 'AgBr', /cream|pale yellow/],
    ['AgNO3', 'KI', 'AgI', /yellow/],
    ['AgNO3', 'K2CrO4', 'Ag2CrO4', /red/],
    ['AgNO3', 'Na2HPO4', 'Ag3PO4', /yellow/],
    ['AgNO3', 'Na2CO3', 'Ag2CO3', /white|yellow/],
    ['AgNO3', 'KSCN', 'AgSCN', /white/],
    ['AgNO3', 'Na2S', 'Ag2S', /black/],
    ['Pb(NO3)2', 'KI', 'PbI2', /yellow/],
    ['Pb(NO3)2', 'K2CrO4', 'PbCrO4', /yellow/],
    ['Pb(NO3)2', 'Na2SO4', 'PbSO4', /white/],
    ['Pb(NO3)2', 'Na2S', 'PbS', /black/],
    ['BaCl2', 'Na2SO4', 'BaSO4', /white/],
    ['BaCl2', 'Na2CO3', 'BaCO3', /white/],
    ['BaCl2', 'K2CrO4', 'BaCrO4', /yellow/],
    ['Ba(NO3)2', 'H2SO4', 'BaSO4', /white/],
    ['CaCl2', 'Na2CO3', 'CaCO3', /white/],
    ['CaCl2', 'Na2C2O4', 'CaC2O4·H2O', /white/],
    ['CaCl2', 'NaF', 'CaF2', /white/],
    ['CaCl2', 'Na3PO4', /PO4/, /white/],
    ['SrCl2', 'Na2SO4', 'SrSO4', /white/],
    ['MgSO4', 'NaOH', 'Mg(OH)2', /white/],
    ['MgCl2', 'Na3PO4', /PO4/, /white/],
    ['CuSO4', 'NaOH', /OH/, /blue/],
    ['CuSO4', 'Na2CO3', /CO3/, /blue|green/],
    ['CuSO4', 'Na2S', 'CuS', /black/],
    ['CuSO4', 'KI', 'CuI', /white|cream/],
    ['FeCl3', 'NaOH', /OH/, /brown/],
    ['FeCl3', 'K4Fe(CN)6', /CN/, /blue/],
    ['FeSO4', 'NaOH', 'Fe(OH)2', /green/],
    ['FeSO4', 'K3Fe(CN)6', /CN/, /blue/],
    ['FeSO4', 'Na2S', 'FeS', /black/],
    ['ZnSO4', 'NaOH', 'Zn(OH)2', /white/],
    ['ZnSO4', 'Na2S', 'ZnS', /white/],
    ['Al2(SO4)3', 'NaOH', 'Al(OH)3', /white/],
    ['AlCl3', 'NH3', 'Al(OH)3', /white/],
    ['NiSO4', 'NaOH', 'Ni(OH)2', /green/],
    ['NiCl2', 'Na2S', 'NiS', /black/],
    ['CoCl2', 'NaOH', /OH/, /blue|pink/],
    ['MnSO4', 'NaOH', 'Mn(OH)2', /white|cream|pale/],
    ['MnSO4', 'Na2S', 'MnS', /pink|cream|orange/],
    ['CdSO4', 'Na2S', 'CdS', /yellow/],
    ['Cr(NO3)3', 'NaOH', 'Cr(OH)3', /green/],
    ['HgCl2', 'KI', 'HgI2', /red|orange/],
    ['SnCl2', 'Na2S', 'SnS', /brown/],
    ['Bi(NO3)3', 'Na2S', 'Bi2S3', /brown|black/],
  ] as const)('%s and %s: %s', (a, b, formula, colour) => {
    const [first = ''] = solids(a, b);
    const [found, ...looks] = first.split(' ');
    if (typeof formula === 'string') expect(found).toBe(formula);
    else expect(found).toMatch(formula);
    expect(looks.join(' ')).toMatch(colour);
  });

  // The solubility rules of any general chemistry textbook: nitrates, acetates, and salts of group 1 and ammonium dissolve.
  it.each([
    ['NaCl', 'KNO3'],
    ['NH4Cl', 'Na2SO4'],
    ['Na2CO3', 'KCl'],
    ['NaNO3', 'K2SO4'],
    ['MgSO4', 'NaCl'],
    ['CuSO4', 'NaCl'],
    ['ZnSO4', 'NaCl'],
    ['BaCl2', 'NaNO3'],
    ['CaCl2', 'KNO3'],
    ['AgNO3', 'NaNO3'],
    ['FeCl3', 'NaNO3'],
    ['CuSO4', 'ZnSO4'],
    ['AlCl3', 'KNO3'],
    ['NiSO4', 'KCl'],
    ['CoCl2', 'NaCl'],
    ['NH4NO3', 'NaOH'],
    ['K2CrO4', 'NaCl'],
    ['KMnO4', 'NaCl'],
    ['Na2S2O3', 'NaCl'],
    ['NaCH3COO', 'KNO3'],
    ['BaCl2', 'NaCH3COO'],
    ['CaCl2', 'NH3'],
    ['HCl', 'NaOH'],
    ['H2SO4', 'KOH'],
  ])('%s and %s: nothing', (a, b) => {
    expect(solids(a, b)).toEqual([]);
    expect(mixed(a, b).observations.some(({ kind }) => kind === 'precipitate')).toBe(false);
  });

  it('lead chloride is white, and needs more than 0.1 mol/L, for it dissolves to a hundredth of its weight (CRC Handbook)', () => {
    expect(solids('Pb(NO3)2', 'NaCl', 0.5, 0.5)[0]).toMatch(/^PbCl2 white/);
    expect(solids('Pb(NO3)2', 'NaCl', 0.05, 0.05)).toEqual([]);
  });

  it.each([
    ['PbCl2', 'Pb(NO3)2', 'NaCl'],
    ['CaSO4·2H2O', 'CaCl2', 'Na2SO4'],
    ['Ca(OH)2', 'CaCl2', 'NaOH'],
  ])('%s needs more than a hundredth of a mole', (_, a, b) =>
    expect(solids(a, b, 0.01, 0.01)).toEqual([]),
  );

  // Qualitative analysis: amphoteric hydroxides go again in plenty of sodium hydroxide (Vogel).
  it.each([
    ['ZnSO4', 'Zn(OH)2'],
    ['Al2(SO4)3', 'Al(OH)3'],
    ['Pb(NO3)2', 'Pb(OH)2'],
    ['Cr(NO3)3', 'Cr(OH)3'],
  ])('the hydroxide of %s goes again in strong alkali', (salt, hydroxide) =>
    expect(solids(salt, 'NaOH', 0.05, 4).join()).not.toContain(hydroxide),
  );

  it.each([
    ['MgSO4', /Mg\(OH\)2/],
    ['FeCl3', /OH/],
    ['MnSO4', /Mn\(OH\)2/],
    ['NiSO4', /Ni\(OH\)2/],
  ])('that of %s stays', (salt, hydroxide) =>
    expect(solids(salt, 'NaOH', 0.05, 4).join()).toMatch(hydroxide),
  );

  // Complexes with plenty of ammonia (Vogel; any table of formation constants).
  it.each([
    ['CuSO4', /deep blue/],
    ['NiSO4', /blue|violet/],
    ['ZnSO4', /colourless/],
    ['AgNO3', /colourless/],
  ])('%s is clear in plenty of ammonia, %s', (salt, colour) => {
    const { state } = mixed(salt, 'NH3', 0.05, 6);
    expect(state.solids).toEqual([]);
    expect(state.colour).toMatch(colour);
  });
});

describe('a prediction that hangs on a product of which the works do not agree', () => {
  const said = (one: string, other: string) =>
    lastOf(one, other).warnings.filter(({ code }) => code === 'worksDisagree');
  it('says so', () => {
    const spreadOf = (formula: string) => {
      const row = sparinglySoluble.find((solid) => solid.formula === formula);
      return row && productSpread(row);
    };
    const [least = 0, most = 0] = spreadOf('CaSO4·2H2O') ?? [];
    expect(most - least).toBeGreaterThan(0.1);
    const near = [0.02, 0.025, 0.03, 0.035, 0.04, 0.05, 0.06].flatMap((strength) =>
      said(`CaCl2 ${strength}M 5mL`, `Na2SO4 ${strength}M 5mL`),
    );
    expect(near.map(({ message }) => message).join()).toMatch(/CaSO4·2H2O/);
  });
  it('says nothing far from saturation', () => {
    expect(said('BaCl2 0.1M', 'Na2SO4 0.1M')).toEqual([]);
    expect(said('NaCl 0.1M', 'KNO3 0.1M')).toEqual([]);
  });
});
