import { describe, expect, it } from 'vitest';
import {
  findSubstance,
  hazardsOf,
  molarMassOf,
  namesOf,
  parseFormula,
  solubleSubstances,
  wasteRoute,
} from '../src';
import { chargeOf, findIon, ionsOf } from '../src/substances/ionsOf';
import { dissolvedGases, formedSpecies } from '../src/substances/data/formedSpecies';
import { ions } from '../src/substances/data/ions';
import { strongElectrolytes } from '../src/substances/data/namedSubstances';
import { redoxCouples } from '../src/substances/data/redoxCouples';
import { solubleSalts } from '../src/substances/data/solubleSalts';
import { sparinglySoluble } from '../src/substances/data/sparinglySoluble';
import { spectra } from '../src/substances/data/spectra';
import { sourceText } from '../src/substances/source';

type Counts = Readonly<Record<string, number>>;

/** Atoms and charge of a formula less those of its parts; what is left may only be whole water molecules. */
function remainder(formula: string, parts: Counts): Record<string, number> {
  const { elements, charge } = parseFormula(formula);
  const left: Record<string, number> = { ...elements, charge };
  for (const [part, count] of Object.entries(parts)) {
    const species = parseFormula(part);
    for (const [symbol, atoms] of Object.entries({ ...species.elements, charge: species.charge }))
      left[symbol] = (left[symbol] ?? 0) - count * atoms;
  }
  return Object.fromEntries(Object.entries(left).filter(([, value]) => Math.abs(value) > 1e-9));
}

function isWater(left: Record<string, number>): boolean {
  const { H = 0, O = 0, ...others } = left;
  return Object.keys(others).length === 0 && H === 2 * O;
}

describe('the data tables', () => {
  it('are as large as the work needs', () => {
    expect(solubleSalts.length).toBeGreaterThanOrEqual(30);
    expect(sparinglySoluble.length).toBeGreaterThanOrEqual(30);
  });

  it('name a source in every row', () => {
    const rows = [
      ...solubleSalts,
      ...sparinglySoluble,
      ...formedSpecies,
      ...dissolvedGases,
      ...redoxCouples,
      ...spectra,
    ];
    for (const { source } of rows) expect(sourceText(source)).toMatch(/\S+: \S+/);
  });

  it('hold no row twice', () => {
    for (const table of [ions, solubleSalts, sparinglySoluble, formedSpecies, spectra]) {
      const formulae = table.map(({ formula }) => formula);
      expect(new Set(formulae).size).toBe(formulae.length);
    }
  });

  it('give every ion a charge', () => {
    for (const { formula } of ions) expect(parseFormula(formula).charge).not.toBe(0);
  });

  it.each(
    [...solubleSalts, ...sparinglySoluble].map((row) => [row.formula, row.ions as Counts] as const),
  )('%s is made of its ions', (formula, parts) => {
    const left = remainder(formula, parts);
    // A solid may carry crystal water; silver oxide has lost one.
    expect(isWater(left)).toBe(true);
    for (const ion of Object.keys(parts)) expect(findIon(ion)).toBeDefined();
  });

  it.each(formedSpecies.map(({ formula, from }) => [formula, from] as const))(
    '%s conserves atoms and charge, water aside',
    (formula, from) => expect(isWater(remainder(formula, from))).toBe(true),
  );

  it('spell every shelf form as the anhydrous substance with water', () => {
    for (const { formula, forms } of solubleSalts)
      for (const form of forms)
        expect(isWater(remainder(form.formula, { [formula]: 1 }))).toBe(true);
  });

  it('know the ions of every strong electrolyte', () => {
    for (const formula of strongElectrolytes.formulae)
      expect(ionsOf(formula), formula).toBeDefined();
  });

  it('give spectra only to species the engine makes', () => {
    const made = new Set([...ions, ...formedSpecies].map(({ formula }) => formula));
    for (const { formula } of spectra) expect(made.has(formula), formula).toBe(true);
  });

  // Cycle: E°(Ag⁺/Ag) − E°(AgCl/Ag, 0.2223 V, CRC Handbook, recalled) = 0.05916 V × pKsp(AgCl).
  it('agree on a cycle of potentials and solubility product', () => {
    const silver = redoxCouples.find(({ reduced }) => reduced === 'Ag')?.standardPotentialV ?? 0;
    const chloride = sparinglySoluble.find(({ formula }) => formula === 'AgCl')?.pKsp ?? 0;
    expect((silver - 0.2223) / 0.05916).toBeCloseTo(chloride, 1);
  });

  it('classify and route every shelf substance', () => {
    for (const { formula } of solubleSubstances()) {
      expect(hazardsOf(formula).formula).toBe(formula);
      expect(wasteRoute([formula]).bottle).not.toBe('');
    }
  });
});

describe('names', () => {
  it.each([
    [
      'CuSO4·5H2O',
      'copper(II) sulfate pentahydrate',
      'copper(II) tetraoxosulfate(VI) pentahydrate',
    ],
    ['Na2CO3', 'sodium carbonate', 'sodium trioxocarbonate(IV)'],
    ['KNO3', 'potassium nitrate', 'potassium trioxonitrate(V)'],
    ['Fe2(SO4)3', 'iron(III) sulfate', 'iron(III) tetraoxosulfate(VI)'],
    ['NaHCO3', 'sodium hydrogencarbonate', 'sodium hydrogentrioxocarbonate(IV)'],
    ['CaSO4·0.5H2O', 'calcium sulfate hemihydrate', 'calcium tetraoxosulfate(VI) hemihydrate'],
    [
      'KAl(SO4)2·12H2O',
      'potassium aluminium sulfate dodecahydrate',
      'potassium aluminium tetraoxosulfate(VI) dodecahydrate',
    ],
  ])('%s', (formula, stock, oxo) => expect(namesOf(formula)).toMatchObject({ stock, oxo }));

  it('leaves out what it cannot name', () => expect(namesOf('C60')).toEqual({}));

  it.each([
    ['copper(II) sulfate', 'CuSO4'],
    ['Blue vitriol', 'CuSO4'],
    ['copper(II) tetraoxosulfate(VI)', 'CuSO4'],
    ['CuSO4.5H2O', 'CuSO4'],
    ['sodium sulphate', 'Na2SO4'],
    ['CH3COONa', 'NaCH3COO'],
  ])('finds %s', (text, formula) => expect(findSubstance(text).substance.formula).toBe(formula));

  it('keeps the form that was named', () =>
    expect(findSubstance('magnesium sulfate heptahydrate').form).toBe('MgSO4·7H2O'));

  it('suggests the nearest name for an unknown one', () => {
    expect(() => findSubstance('sodium carbonat')).toThrowError(
      expect.objectContaining({
        code: 'unknownSubstance',
        remedy: expect.stringContaining('sodium carbonate'),
      }),
    );
    expect(() => findSubstance('unobtainium fluoride')).toThrowError(
      expect.objectContaining({ code: 'unknownSubstance' }),
    );
  });

  it('reads charges', () => expect([chargeOf('SO4^2-'), chargeOf('FeOH^2+')]).toEqual([-2, 2]));
  it('has a molar mass for every shelf form', () => {
    for (const { forms } of solubleSalts)
      for (const { formula } of forms) expect(molarMassOf(formula)).toBeGreaterThan(20);
  });
});
