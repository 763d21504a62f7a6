import fc from 'fast-check';
import { bottles } from '../src/matter/substances/data/bottles';
import { describe, expect, it } from 'vitest';
import { molarMassOf } from '../src/matter/formula/molarMass';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { mix } from '../src/seeing/rack/mix';
import { equilibrate } from '../src/solution/equilibrium/equilibrate';
import { act, setUp } from '../src/vessel/act';
import type { Action } from '../src/vessel/action';
import type { AnyPortion } from '../src/vessel/portion';
import type { EventResult } from '../src/vessel/eventResult';
import type { Vessel } from '../src/vessel/vessel';
import { toComponents } from '../src/solution/equilibrium/equilibrate';
import { ions } from '../src/matter/substances/data/ions';
import { pourOut } from '../src/vessel/pour';
import { componentsIn } from '../src/vessel/vessel';
import { anyPortion, soluble, strength } from './support/anything';
import { atoms, lostOrMade } from './support/atoms';
import { bench, equationsOf, lastOf, portion, precipitate, sorted } from './support/bench';

const codes = (step: ReturnType<typeof lastOf>) => step.warnings.map(({ code }) => code);
const massOf = (step: ReturnType<typeof lastOf>, solid: string) =>
  step.state.solids.find(({ formula }) => formula === solid)?.massG ?? 0;

describe('what is done to a vessel', () => {
  it('dilutes, discards and pours on through a row', () => {
    const [start, diluted, less] = bench('CuSO4 0.5M 4mL', 'dilute 40', 'discard 0.75');
    expect([start, diluted, less].map((step) => step?.state.volumeMl)).toEqual([4, 40, 10]);
    const { steps } = mix({
      vessel: { contents: [portion('FeCl3 0.01M 10mL')] },
      actions: [
        { do: 'pourInto', vessel: { contents: [portion('KSCN 0.004M 2mL')], container: 'flask' } },
        { do: 'pourInto', vessel: { contents: [portion('NaF 2M 3mL')], container: 'beaker' } },
        { do: 'pourInto', vessel: { contents: [portion('NaOH 4M 5mL')], container: 'beaker' } },
      ],
    });
    expect(steps.map(({ state }) => state.colour.split(' ').at(-1))).toEqual([
      'yellow',
      'red',
      'colourless',
      'colourless',
    ]);
    expect(steps[3]?.state.solids[0]?.formula).toBe('Fe(OH)3');
  });

  it('filters: a little liquid stays on the paper, and the filtrate can be tested', () => {
    const [, , filtrate, tested] = bench(
      'Pb(NO3)2 0.1M 10mL',
      'Na2SO4 0.15M 10mL',
      'filtrate',
      'KI 0.5M 1mL',
    );
    expect(filtrate?.state.solids).toEqual([]);
    expect(filtrate?.state.volumeMl).toBeGreaterThan(18);
    expect(filtrate?.state.volumeMl).toBeLessThan(20);
    expect(tested?.state.solids).toEqual([]);
    const residue = lastOf('Pb(NO3)2 0.1M 10mL', 'Na2SO4 0.15M 10mL', 'residue');
    expect(massOf(residue, 'PbSO4')).toBeCloseTo(0.303, 2);
    expect(residue.state.volumeMl).toBeLessThan(2);
  });

  it('evaporates to the hydrate that crystallises', () => {
    const step = lastOf('CuSO4 0.5M 20mL', 'evaporate 4');
    expect(massOf(step, 'CuSO4·5H2O')).toBeGreaterThan(1);
    expect(step.observations).toContainEqual(
      expect.objectContaining({ kind: 'precipitate', formula: 'CuSO4·5H2O', colour: 'blue' }),
    );
  });

  // CRC Handbook, solubility of potassium nitrate (recalled): 31.6 g in 100 g of water at 20 °C, 169 g at 80 °C.
  it('dissolves as much as the temperature allows, and crystallises on cooling', () => {
    const [, cold, hot, cooled] = bench('water 10mL', 'KNO3 8g', 'heat 80', 'cool 20');
    expect(massOf(cold ?? lastOf('water 1mL'), 'KNO3')).toBeGreaterThan(3);
    expect(hot?.state.solids).toEqual([]);
    expect(massOf(cooled ?? lastOf('water 1mL'), 'KNO3')).toBeCloseTo(8 - 3.16, 0);
  });

  it('warms no further than the boiling point, and says so', () => {
    const step = lastOf('NaCl 0.1M', 'heat 150');
    expect(step.state.temperatureC).toBe(100);
    expect(codes(step)).toContain('boiling');
  });

  it('mixes warm and cold by volume', () =>
    expect(
      mix({
        vessel: { temperatureC: 60, contents: [portion('water 10mL')] },
        actions: [{ do: 'add', portion: portion('water 10mL') }],
      }).steps[1]?.state.temperatureC,
    ).toBeCloseTo(42.5, 1));

  it('lets excess carbon dioxide clear milky lime water, and heat cloud it again', () => {
    const [, milky, clear, boiled] = bench(
      'Ca(OH)2 0.015M 20mL',
      'CO2 0.25mmol',
      'CO2 3mmol',
      'heat 95',
    );
    expect(precipitate(milky ?? lastOf('water 1mL'))).toBe('CaCO3 white');
    expect(clear?.observations).toContainEqual(
      expect.objectContaining({ kind: 'dissolves', formula: 'CaCO3' }),
    );
    expect(precipitate(boiled ?? lastOf('water 1mL'))).toBe('CaCO3 white');
  });

  it('shifts the cobalt equilibrium with concentrated acid, water and heat', () => {
    const words = bench('CoCl2 0.2M 3mL', 'HCl 12M 6mL', 'dilute 40').map(({ state }) =>
      state.colour.split(' ').at(-1),
    );
    expect(words[0]).toBe('pink');
    expect(words[1]).toBe('blue');
    expect(['pink', 'violet']).toContain(words[2]);
  });
});

describe('two solids out of one pair', () => {
  // Textbook metathesis with two precipitates: Ba(OH)2 + MgSO4 → BaSO4(s) + Mg(OH)2(s); likewise copper(II) sulfate.
  it.each([
    ['MgSO4', 'Mg(OH)2'],
    ['CuSO4', 'Cu(OH)2'],
  ])('are both written as solids: %s with barium hydroxide', (salt, hydroxide) => {
    const { steps } = mix({
      vessel: { contents: [{ substance: salt, concentrationM: 0.1, volumeMl: 3 }] },
      actions: [{ do: 'add', portion: { substance: 'Ba(OH)2', concentrationM: 0.1, volumeMl: 3 } }],
    });
    const equations = steps[1]?.reactions.map(({ equation }) => equation) ?? [];
    expect(equations).toHaveLength(2);
    for (const equation of equations) {
      expect(equation).toContain('BaSO4(s)');
      expect(equation).toContain(`${hydroxide}(s)`);
    }
  });
});

describe('a liquid that does not mix with water', () => {
  // The classical test for bromide and iodide (Vogel; recalled): the halogen colours the solvent, iodine violet and
  // bromine orange to red-brown.
  const shaken = (salt: string, solvent: string) =>
    mix({
      vessel: {
        container: 'testTube',
        contents: [portion(`${salt} 0.01M`), { substance: solvent, volumeMl: 3 }],
      },
      actions: [
        { do: 'bubble', gas: 'Cl2', amountMmol: 0.02 },
        { do: 'decant', keep: 'lower' },
      ],
    }).steps;
  it.each([
    ['KI', 'cyclohexane', /violet$|purple$/, 'above'],
    ['KI', 'dichloromethane', /violet$|purple$/, 'below'],
    ['KBr', 'dichloromethane', /orange$|yellow$|red-brown$/, 'below'],
  ])('%s with chlorine and %s', (salt, solvent, colour, position) => {
    const layer = shaken(salt, solvent)[1]?.observations.find(({ kind }) => kind === 'layer');
    expect(layer).toMatchObject({ position, colour: expect.stringMatching(colour) });
  });
  it('lies by its density, and can be poured off', () => {
    expect(shaken('KI', 'cyclohexane')[2]?.state.volumeMl).toBe(5);
    expect(shaken('KI', 'dichloromethane')[2]?.state.volumeMl).toBe(0);
    expect(lastOf('CaCO3 0.5g + water 20mL', 'decant upper').state.solids).toEqual([]);
  });
});

describe('what is seen', () => {
  it('tells bubbles by their vigour and their colour', () => {
    const gas = (start: string, added: string) =>
      lastOf(start, added).observations.find(({ kind }) => kind === 'gas');
    expect(gas('HCl 2M 10mL', 'Na2CO3 1M 5mL')).toMatchObject({
      formula: 'CO2',
      vigour: 'vigorous',
    });
    expect(gas('HCl 2M 10mL', 'Mg 0.005g')).toMatchObject({ formula: 'H2', vigour: 'steady' });
    expect(gas('HNO3 4M', 'Cu 0.1g')).toMatchObject({ formula: 'NO', colour: 'red-brown' });
    expect(gas('NaClO 0.5M', 'HCl 4M')).toMatchObject({ formula: 'Cl2', colour: 'yellow-green' });
  });

  it('tells a metal that plates out from a precipitate, and a solid that stays', () => {
    expect(lastOf('CuSO4 0.2M', 'Zn 0.1g').observations).toContainEqual(
      expect.objectContaining({ kind: 'deposit', formula: 'Cu', colour: 'red-brown' }),
    );
    expect(lastOf('water 5mL', 'SiO2 0.5g').observations).toContainEqual(
      expect.objectContaining({ kind: 'solid', formula: 'SiO2' }),
    );
  });

  it('says that nothing happened, only once something was done', () => {
    const [start, added] = bench('NaCl 0.1M', 'KNO3 0.1M');
    expect(start?.observations.some(({ kind }) => kind === 'noChange')).toBe(false);
    expect(added?.observations.some(({ kind }) => kind === 'noChange')).toBe(true);
    expect(added?.reactions).toEqual([]);
  });

  it('lets what is stirred up scatter and tint', () => {
    const { view, state } = lastOf('CuSO4 0.2M', 'NaOH 0.5M');
    expect(state.clarity).toBe('opaque');
    expect(view.suspensionHex).not.toBe(view.liquidHex);
    expect(state.solids[0]?.notes.join()).toMatch(/settles slowly/);
  });
});

describe('warnings', () => {
  it.each([
    ['KCN 0.1M', 'HCl 0.1M', 'cyanideWithAcid'],
    ['Na2S 0.1M', 'HCl 1M', 'sulfideWithAcid'],
    ['NaClO 0.5M', 'HCl 1M', 'hypochloriteWithAcid'],
    ['NaN3 0.1M', 'HCl 0.1M', 'azideWithAcid'],
    ['NaClO 0.1M', 'NH3 0.5M', 'hypochloriteWithAmmonia'],
    ['H2SO4 18M', 'water 5mL', 'waterOntoAcid'],
    ['AgNO3 0.1M', 'NH3 6M', 'ammoniacalSilverKept'],
    ['Na2S 0.5M', 'HCl 4M', 'toxicGas'],
    ['NaCl 0.1M 100mL', 'water 100mL', 'overfull'],
  ])('%s, then %s: %s', (start, added, code) =>
    expect(codes(lastOf(start, added))).toContain(code),
  );

  it('spare the harmless: acid into water, vinegar on chalk', () => {
    expect(codes(lastOf('water 50mL', 'H2SO4 18M 2mL'))).not.toContain('waterOntoAcid');
    expect(codes(lastOf('CH3COOH 0.5M', 'CaCO3 0.05g'))).toEqual([]);
    expect(codes(lastOf('KSCN 0.1M', 'HCl 0.5M'))).not.toContain('cyanideWithAcid');
  });
});

describe('what is not predicted', () => {
  it.each([
    ['C6H12O6 0.1M', 'KMnO4 0.01M', /organic/],
    ['KSCN 0.1M', 'K2Cr2O7 0.1M', /thiocyanate/],
    ['KCN 0.1M', 'FeSO4 0.1M', /inert complexes/],
  ])('%s with %s, and says why', (start, added, reason) => {
    const step = lastOf(start, added);
    expect(step.notPredicted.join()).toMatch(reason);
    expect(step.state.volumeMl).toBe(10);
  });
  // The tests of unsaturation (Vogel’s Practical Organic Chemistry, recalled): the colour goes with an alkene, and stays with an alkane.
  it.each(['C2H4 1mmol', 'C3H6 1mmol', 'C2H2 1mmol'])(
    '%s takes the colour of bromine and permanganate',
    (gas) => {
      for (const reagent of ['Br2 0.01M', 'KMnO4 0.01M'])
        expect(lastOf(reagent, gas).notPredicted.join()).toMatch(/the colour goes/);
      expect(lastOf('Na2SO4 0.1M', gas).notPredicted).toEqual([]);
    },
  );
  it('an alkane leaves them alone', () => {
    expect(lastOf('Br2 0.01M', 'C3H8 1mmol').notPredicted).toEqual([]);
  });
  it('ethyne with silver is dangerous', () => {
    expect(codes(lastOf('AgNO3 0.1M', 'C2H2 1mmol'))).toContain('acetylide');
  });
  it.each([
    [
      { contents: [{ substance: 'unobtainium', massG: 1 }] },
      'unknownSubstance',
      'vessel.contents.0',
    ],
    [
      { contents: [{ substance: 'Fe', concentrationM: 1, volumeMl: 5 }] },
      'notSoluble',
      'vessel.contents.0',
    ],
    [{ contents: [{ substance: 'CO2', massG: 1 }] }, 'gasByMass', 'vessel.contents.0'],
    [{ contents: [{ indicator: 'tea', drops: 2 }] }, 'unknownIndicator', 'vessel.contents.0'],
    [{ contents: [{ gas: 'NaCl', amountMmol: 1 }] }, 'notAGas', 'vessel.contents.0'],
  ])('%j is an error in words', (vessel, code, field) =>
    expect(() => mix({ vessel: vessel })).toThrowError(
      expect.objectContaining({ code, field: expect.stringContaining(field) }),
    ),
  );
  it('nothing can be filtered from an empty vessel', () =>
    expect(() =>
      act(setUp({ contents: [] }).vessel, { do: 'filter', keep: 'filtrate' }),
    ).toThrowError(expect.objectContaining({ code: 'emptyVessel' })));
});

const anyAction: fc.Arbitrary<Action> = fc.oneof(
  { weight: 4, arbitrary: anyPortion.map((one): Action => ({ do: 'add', portion: one })) },
  {
    weight: 1,
    arbitrary: fc.constantFrom<Action>(
      { do: 'filter', keep: 'filtrate' },
      { do: 'discard', fraction: 0.5 },
      { do: 'heat', toC: 80 },
      { do: 'cool', toC: 10 },
      { do: 'evaporate' },
    ),
  },
);
const water: AnyPortion = { substance: 'water', volumeMl: 10 };

describe('whatever is done', () => {
  it('makes and loses no atom and no charge', { timeout: 60_000 }, () => {
    fc.assert(
      fc.property(fc.array(anyAction, { minLength: 1, maxLength: 5 }), (actions) => {
        let vessel: Vessel = setUp({ contents: [water], container: 'beaker' }).vessel;
        for (const action of actions) {
          const before = atoms(
            vessel.phases,
            ...(action.do === 'add' ? [pourOut(action.portion).phases] : []),
          );
          const step = act(vessel, action);
          const after = atoms(step.vessel.phases, step.removed);
          expect(lostOrMade(before, after), JSON.stringify(action)).toEqual([]);
          for (const { netIonic } of step.reactions) expect(netIonic).toMatch(/ → /);
          vessel = step.vessel;
        }
      }),
      { numRuns: 300 },
    );
  });

  // Dilution raises the pH of acids, and with it the products of hydroxides and of salts of weak acids (bismuth nitrate
  // clouds in water); it loosens complexes (silver chloride falls out of diluted brine); and a solid at the bottom sends
  // more of its ions into a thinner solution. The rule holds for ions that water and their partners leave alone, while
  // nothing has settled.
  const inert = soluble.filter(({ ions: parts }) =>
    Object.keys(parts).every((ion) =>
      /^(Na|K|Li|Cl|Br|I|NO3|ClO4|BrO3|IO3)\^[+-]$|^(Ca|Ba|Sr|Mg)\^2\+$|^SO4\^2-$/.test(ion),
    ),
  );
  it('adding water never raises an ion product', () => {
    expect(inert.length).toBeGreaterThan(20);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...inert), strength), { minLength: 2, maxLength: 4 }),
        fc.double({ min: 1.01, max: 1000, noNaN: true }),
        (salts, factor) => {
          const products = (times: number) => {
            const totals: Record<string, number> = {};
            for (const [{ ions: parts }, c] of salts)
              for (const [ion, n] of Object.entries(parts))
                totals[ion] = (totals[ion] ?? 0) + (n * c) / times;
            const { saturation } = equilibrate(totals, { allowSolids: false });
            return saturation.filter(({ solid }) => !('OH^-' in solid.ions));
          };
          const before = products(1);
          products(factor).forEach(({ solid, logIonProduct }, at) =>
            expect(logIonProduct, solid.formula).toBeLessThan(
              (before[at]?.logIonProduct ?? -Infinity) + 1e-9,
            ),
          );
        },
      ),
      { numRuns: 100 },
    );
  });

  it('the order of mixing does not matter at equilibrium', { timeout: 60_000 }, () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...soluble.map(({ formula }) => formula)), strength), {
          minLength: 2,
          maxLength: 4,
        }),
        (salts) => {
          const contents = salts.map(([substance, concentrationM]) => ({
            substance,
            concentrationM: concentrationM / 5,
            volumeMl: 5,
          }));
          const one = setUp({ contents, container: 'beaker' });
          const other = setUp({ contents: [...contents].reverse(), container: 'beaker' });
          // Electrons move once and for all, along whichever way is open first, and gas that left does not come back.
          const held = ({ vessel }: EventResult) => componentsIn(vessel.phases.solids, 'solids');
          const dissolvedIn = ({ vessel }: EventResult) =>
            componentsIn(vessel.phases.solution, 'solution');
          const put = toComponents(
            Object.fromEntries(
              contents.map(({ substance: name, concentrationM: c }) => [name, 5 * c]),
            ),
          );
          const kept = [one, other].every((step) =>
            Object.entries(put).every(
              ([name, n]) =>
                name === 'H2O' ||
                Math.abs((held(step)[name] ?? 0) + (dissolvedIn(step)[name] ?? 0) - n) < 1e-9,
            ),
          );
          fc.pre(kept);
          for (const [formula, c] of Object.entries(one.equilibrium?.species ?? {}))
            expect(Math.abs((other.equilibrium?.species[formula] ?? 0) - c), formula).toBeLessThan(
              1e-6 * Math.max(c, 1e-3),
            );
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('units', () => {
  it('a gram of a hydrate brings the amount its molar mass says', () => {
    const { phases } = pourOut({ substance: 'CuSO4·5H2O', massG: 1 });
    expect(phases.solids['CuSO4·5H2O']).toBeCloseTo(1000 / molarMassOf('CuSO4·5H2O'), 9);
  });
  it('a percentage is grams in 100 mL', () => {
    const { phases } = pourOut({ substance: 'NaCl', percentWV: 0.9, volumeMl: 100 });
    expect(phases.solution['Na^+']).toBeCloseTo(900 / molarMassOf('NaCl'), 9);
  });
  it('knows every ion of the table in solution', () => {
    for (const { formula } of ions) expect(parseFormula(formula).charge).not.toBe(0);
    expect(equationsOf(lastOf('HCl 1M', 'NaOH 1M'))).toEqual(['H^+(aq) + OH^-(aq) → H2O(l)']);
  });
});

describe('meetings that are warned of and not followed (common practice; Bretherick’s Handbook, recalled from memory)', () => {
  const told = (start: string, ...then: string[]) => {
    const { warnings, notPredicted, observations } = lastOf(start, ...then);
    return { codes: warnings.map(({ code }) => code), notPredicted, observations };
  };

  it.each([
    ['C3H8O3 5mL', 'KMnO4 1g', 'oxidiserWithOrganic'],
    ['C2H5OH 5mL', 'HNO3 15M', 'oxidiserWithOrganic'],
    ['C6H14 5mL', 'HNO3 15M', 'oxidiserWithOrganic'],
    ['C3H6O 5mL', 'H2O2 9M', 'oxidiserWithOrganic'],
  ])('%s with %s: %s', (start, then, code) => {
    const { codes, notPredicted, observations } = told(start, then);
    expect(codes).toContain(code);
    expect(notPredicted).not.toEqual([]);
    // Nothing is guessed of its heat.
    expect(observations.map(({ kind }) => kind)).not.toContain('temperature');
  });

  it('sugar in concentrated sulfuric acid chars, and is warned of', () => {
    const { codes, observations } = told('C12H22O11 5g', 'H2SO4 5mL');
    expect(codes).toContain('acidChars');
    expect(observations).toContainEqual(
      expect.objectContaining({ kind: 'precipitate', formula: 'C' }),
    );
  });

  it('dilute, the same partners are not followed, and not called dangerous', () => {
    const { codes, notPredicted } = told('KMnO4 0.02M', 'C6H12O6 0.2g');
    expect(codes).not.toContain('oxidiserWithOrganic');
    expect(notPredicted[0]).toMatch(/C6H12O6 with MnO4\^-/);
    expect(told('HNO3 0.1M', 'C2H5OH 1mL').notPredicted).toEqual([]);
  });

  it.each([
    ['KClO3 1g', 'S 0.5g'],
    ['KMnO4 1g', 'Mg 0.5g'],
    ['NaClO3 1g', 'C12H22O11 1g'],
    ['KNO3 3g', 'C 0.5g'],
    ['NH4Cl 1g', 'KClO3 1g'],
  ])('dry %s with %s: warned of, and neither heated nor lit', (one, other) => {
    expect(told(one, other).codes).toContain('dryOxidiserWithFuel');
    for (const action of ['strongly', 'ignite']) {
      const { codes, notPredicted } = told(one, other, action);
      expect(codes).toContain('dryOxidiserWithFuel');
      expect(notPredicted[0]).toMatch(/explodes/);
    }
  });

  it('chlorate with its catalyst alone is no such mixture', () => {
    expect(told('KClO3 1g', 'MnO2 0.2g', 'heat 300').codes).not.toContain('dryOxidiserWithFuel');
  });

  it('an indicator in bleach is not trusted', () => {
    expect(told('NaClO 0.5M', 'litmus 2drops').notPredicted[0]).toMatch(/bleaches indicators/);
  });
});

describe('dry acids, bases and salts in solution', () => {
  it.each([
    ['HCl 1M', 'NaOH 0.2g', 'HCl(aq) + NaOH(aq) → H2O(l) + NaCl(aq)'],
    ['NH4Cl 1M', 'NaOH 0.2g', 'NH4Cl(aq) + NaOH(aq) → NH3(aq) + H2O(l) + NaCl(aq)'],
    ['NaOH 1M', 'C6H5COOH 0.2g', 'NaOH(aq) + C6H5COOH(s) → H2O(l) + NaC6H5COO(aq)'],
    ['HCl 1M', 'NaCH3COO 0.3g', 'HCl(aq) + NaCH3COO(aq) → CH3COOH(aq) + NaCl(aq)'],
  ])('%s with %s: %s', (start, then, equation) => {
    expect(lastOf(start, then).reactions.map((one) => sorted(one.equation))).toContain(
      sorted(equation),
    );
  });

  it('a salt that only dissolves reacts with nothing', () => {
    expect(lastOf('water 10mL', 'Na2CO3 1g').reactions).toEqual([]);
    expect(lastOf('water 10mL', 'NaCl 1g').reactions).toEqual([]);
  });
});

describe('solutions by the name on the bottle', () => {
  it.each(bottles.flatMap(({ names }) => names))('%s stands clear and can be poured', (name) => {
    const step = lastOf(`${name} 5mL`);
    expect(step.state.volumeMl).toBe(5);
    expect(step.state.solids).toEqual([]);
  });

  it('vinegar is no glacial acetic acid', () => {
    expect(lastOf('vinegar 5mL').state.pH).toBeGreaterThan(2.2);
    expect(lastOf('acetic acid 5mL').state.pH).toBeLessThan(1.9);
  });

  it('limewater clouds with carbon dioxide', () => {
    expect(lastOf('limewater 5mL', 'CO2 0.05mmol').state.solids[0]?.formula).toBe('CaCO3');
  });

  it('iodine solution is iodine in iodide', () => {
    expect(lastOf('iodine solution 2mL', 'Na2S2O3 0.1M 2mL').state.colour).toBe('colourless');
  });
});
