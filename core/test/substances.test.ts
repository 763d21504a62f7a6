import { describe, expect, it } from 'vitest';
import { molarMassOf } from '../src/matter/formula/molarMass';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { findSubstance, solubleSubstances } from '../src/matter/substances/findSubstance';
import { nameOnShelf, namesOf } from '../src/matter/substances/naming';
import { hazardsOf } from '../src/safety/hazards';
import { wasteRoute } from '../src/safety/wasteRoute';
import { chargeOf, ionsOf } from '../src/matter/substances/ionsOf';
import { solidLook } from '../src/seeing/appearance/solidLook';
import { classification } from '../src/safety/data/classification';
import { componentsOfSolid, formedSpecies } from '../src/matter/substances/componentsOf';
import { acidBaseSteps } from '../src/matter/substances/data/acidBaseSteps';
import { coats } from '../src/matter/substances/data/coats';
import { complexes } from '../src/matter/substances/data/complexes';
import { dangers, unmodelled } from '../src/matter/substances/data/dangers';
import { dissolvedGases } from '../src/matter/substances/data/dissolvedGases';
import { indicators } from '../src/matter/substances/data/indicators';
import { ions } from '../src/matter/substances/data/ions';
import { ionsInWater } from '../src/matter/substances/data/ionsInWater';
import { molecules } from '../src/matter/substances/data/molecules';
import { strongElectrolytes } from '../src/matter/substances/data/namedSubstances';
import { pureSolids } from '../src/matter/substances/data/pureSolids';
import { redoxCouples } from '../src/matter/substances/data/redoxCouples';
import { aliases } from '../src/matter/substances/data/aliases';
import { shelf } from '../src/matter/substances/data/shelf';
import { slowTransfers } from '../src/matter/substances/data/slowTransfers';
import { sparinglySoluble } from '../src/matter/substances/data/sparinglySoluble';
import { spectra } from '../src/matter/substances/data/spectra';
import { sourceText } from '../src/matter/substances/source';
import { halfReactions } from '../src/vessel/halfReaction';
import { disagreements } from './support/potentialCycles';

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

const known = new Set<string>(
  [...ions, ...molecules, ...formedSpecies, ...pureSolids].map(({ formula }) => formula),
);
const isKnown = (formula: string): boolean => known.has(formula);

function isWater(left: Record<string, number>): boolean {
  const { H = 0, O = 0, ...others } = left;
  return Object.keys(others).length === 0 && H === 2 * O;
}

describe('the data tables', () => {
  it('are as large as the work needs', () => {
    const rows = {
      shelf: [shelf, 200],
      ions: [ions, 60],
      solids: [sparinglySoluble, 130],
      complexes: [complexes, 80],
      acidBaseSteps: [acidBaseSteps, 60],
      redoxCouples: [redoxCouples, 90],
      spectra: [spectra, 50],
      indicators: [indicators, 10],
    } as const;
    for (const [name, [table, least]] of Object.entries(rows))
      expect(table.length, name).toBeGreaterThanOrEqual(least);
  });

  it('name a source in every row', () => {
    const rows = [
      ...shelf,
      ...sparinglySoluble,
      ...formedSpecies,
      ...dissolvedGases,
      ...redoxCouples,
      ...spectra,
      ...indicators,
      ...slowTransfers,
      ...coats,
      ...dangers,
      ...unmodelled,
      ...pureSolids,
      ...ionsInWater,
    ];
    for (const { source } of rows) expect(sourceText(source)).toMatch(/\S+ \S+/);
  });

  it('hold no row twice', () => {
    for (const table of [ions, shelf, sparinglySoluble, formedSpecies, spectra, pureSolids]) {
      const formulae = table.map(({ formula }) => formula);
      expect(formulae.filter((one, at) => formulae.indexOf(one) !== at)).toEqual([]);
    }
    const halves = redoxCouples.map(({ half }) => half);
    expect(new Set(halves).size).toBe(halves.length);
  });

  it('give every ion a charge', () => {
    for (const { formula } of ions) expect(parseFormula(formula).charge).not.toBe(0);
  });

  it.each([...shelf, ...sparinglySoluble].map((row) => [row.formula, row.ions] as const))(
    '%s is made of its ions',
    (formula, parts) => {
      // A solid may carry crystal water; an oxide has lost some.
      expect(isWater(remainder(formula, parts))).toBe(true);
      expect(componentsOfSolid(formula), 'components').toBeDefined();
      for (const part of Object.keys(parts))
        expect(part === formula || isKnown(part), part).toBe(true);
    },
  );

  it.each(formedSpecies.map(({ formula, from }) => [formula, from] as const))(
    '%s conserves atoms and charge, water aside',
    (formula, from) => expect(isWater(remainder(formula, from))).toBe(true),
  );

  it.each(halfReactions.map((half) => [half.couple.half, half] as const))(
    '%s balances',
    (_, { left, right, electrons }) => {
      const total: Record<string, number> = { charge: electrons };
      for (const [side, sign] of [
        [left, -1],
        [right, 1],
      ] as const)
        for (const { formula, count } of side) {
          const { elements, charge } = parseFormula(formula);
          for (const [symbol, n] of Object.entries({ ...elements, charge }))
            total[symbol] = (total[symbol] ?? 0) + sign * n * count;
        }
      expect(Object.entries(total).filter(([, n]) => n !== 0)).toEqual([]);
    },
  );

  it('agree with one another: potentials, solubility products and formation constants close their cycles', () => {
    const worst = disagreements().filter(({ volts }) => Math.abs(volts) > 0.02);
    expect(worst).toEqual([]);
  });

  it('spell every shelf form as the anhydrous substance with water, and say what it looks like', () => {
    for (const { formula, forms } of shelf)
      for (const form of forms) {
        expect(isWater(remainder(form.formula, { [formula]: 1 })), form.formula).toBe(true);
        expect(molarMassOf(form.formula)).toBeGreaterThan(1);
        expect(solidLook(form.formula), form.formula).toBeDefined();
      }
  });

  it('name every shelf substance in the three schools', () => {
    for (const { formula } of shelf) {
      const { common, stock, oxo } = namesOf(formula);
      expect(
        [common, stock, oxo].filter((name) => !name),
        formula,
      ).toEqual([]);
    }
  });

  it('know the ions of every strong electrolyte', () => {
    for (const formula of strongElectrolytes.formulae)
      expect(ionsOf(formula), formula).toBeDefined();
  });

  it('give spectra only to species the engine makes', () => {
    for (const { formula } of spectra) expect(isKnown(formula), formula).toBe(true);
  });

  it('give every indicator one form more than it has steps', () => {
    for (const { name, pKa, forms } of indicators) expect(forms.length, name).toBe(pKa.length + 1);
  });

  it('speak of species that exist in their rows of slowness, coats and dangers', () => {
    const solids = new Set<string>(
      [...sparinglySoluble, ...pureSolids].map(({ formula }) => formula),
    );
    const exists = (formula: string) =>
      isKnown(formula) || solids.has(formula) || formula === 'H2O';
    for (const row of slowTransfers)
      for (const list of [row.oxidants, row.reductants, row.reducedTo, row.oxidisedTo])
        for (const formula of list ?? []) expect(exists(formula), formula).toBe(true);
    for (const { aboveM } of dangers)
      for (const formula of Object.keys(aboveM)) expect(exists(formula), formula).toBe(true);
  });

  it('hold at least 450 substances, each once', () => {
    const formulae = shelf.map(({ formula }) => formula);
    expect(formulae.length).toBeGreaterThanOrEqual(450);
    expect(new Set(formulae).size).toBe(formulae.length);
  });

  it('classify and route every shelf substance', () => {
    expect(Object.keys(classification).sort()).toEqual(shelf.map(({ formula }) => formula).sort());
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
    ['CaO', 'calcium oxide', 'calcium oxide'],
    ['Cu2(OH)2CO3', 'copper(II) hydroxide carbonate', 'copper(II) hydroxide trioxocarbonate(IV)'],
    ['H2SO4', 'sulfuric acid', 'tetraoxosulfuric(VI) acid'],
    ['K3Fe(CN)6', 'potassium hexacyanidoferrate(III)', 'potassium hexacyanidoferrate(III)'],
  ])('%s', (formula, stock, oxo) => expect(namesOf(formula)).toMatchObject({ stock, oxo }));

  it('calls a hydrogen halide on the shelf the acid it is', () => {
    expect(nameOnShelf('stock', 'HCl')).toBe('hydrochloric acid');
    expect(nameOnShelf('stock', 'H2O2')).toBe('hydrogen peroxide');
  });

  it('leaves out what it cannot name', () => expect(namesOf('C60')).toEqual({}));

  it.each([
    ['copper(II) sulfate', 'CuSO4'],
    ['Blue vitriol', 'CuSO4'],
    ['copper(II) tetraoxosulfate(VI)', 'CuSO4'],
    ['CuSO4.5H2O', 'CuSO4'],
    ['sodium sulphate', 'Na2SO4'],
    ['CH3COONa', 'NaCH3COO'],
    ['hydrochloric acid', 'HCl'],
    ['muriatic acid', 'HCl'],
    ['hydrogen chloride', 'HCl'],
    ['glycerol', 'C3H8O3'],
    ['glycerine', 'C3H8O3'],
    ['copper sulfate', 'CuSO4'],
    ['lime water', 'Ca(OH)2'],
    ['sodium bicarbonate', 'NaHCO3'],
    ['Vinegar', 'CH3COOH'],
    ['ammonium hydroxide', 'NH3'],
    ['manganese dioxide', 'MnO2'],
    ['steel wool', 'Fe'],
  ])('finds %s', (text, formula) => expect(findSubstance(text).substance.formula).toBe(formula));

  it('gives every alias to one substance, and leaves a name alone that could mean two', () => {
    for (const [formula, names] of Object.entries(aliases))
      for (const name of names) {
        const { substance, form } = findSubstance(name);
        expect(formula.includes('·') ? form : substance.formula, name).toBe(formula);
      }
    expect(() => findSubstance('iron chloride')).toThrowError(
      expect.objectContaining({ code: 'unknownSubstance' }),
    );
  });

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
});
