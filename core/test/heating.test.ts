import { describe, expect, test } from 'vitest';
import { molarMassOf } from '../src/matter/formula/molarMass';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { react } from '../src/vessel/react';
import type { ToldStep } from '../src/seeing/rack/mix';
import { solidLook } from '../src/seeing/appearance/solidLook';
import { componentsOfSolid } from '../src/matter/substances/componentsOf';
import { hotSolids } from '../src/matter/substances/data/hotSolids';
import { shelf } from '../src/matter/substances/data/shelf';
import { thermalChanges } from '../src/matter/substances/data/thermalChanges';
import { act, setUp } from '../src/vessel/act';
import type { Phases } from '../src/vessel/vessel';
import { leavesAsGas, thermalRows } from '../src/vessel/dry/thermalRows';
import { bench, lastOf, precipitate } from './support/bench';

const solidsOf = ({ state }: ToldStep): string[] => state.solids.map(({ formula }) => formula);
const gasesOf = ({ state }: ToldStep): string[] =>
  state.gasEvolved.map(({ formula }) => formula).sort();
const seenOn = ({ observations }: ToldStep): string =>
  observations.map((one) => ('result' in one ? one.result : '')).join('; ');

describe('hydrates (CRC Handbook: transition temperatures; Greenwood and Earnshaw: colours)', () => {
  test('copper sulfate loses its water in stages, turns white and takes it up again', () => {
    const steps = bench(
      'CuSO4·5H2O 2.5g',
      'heat 110',
      'heat 150',
      'heat 300',
      'cool 25',
      'water 2mL',
    );
    expect(steps.slice(1, 4).flatMap(solidsOf)).toEqual(['CuSO4·3H2O', 'CuSO4·H2O', 'CuSO4']);
    expect(steps[3]?.state.solids[0]?.colour).toBe('white');
    expect(steps[5]?.state.solids[0]).toMatchObject({ formula: 'CuSO4·5H2O', colour: 'blue' });
    expect(seenOn(steps[5] as ToldStep)).toMatch(/takes up the water and warms/);
  });

  test('the loss in mass is the water: 36.1 % for the pentahydrate', () => {
    const [before, after] = bench('CuSO4·5H2O 2.5g', 'heat 300').map(
      ({ state }) => state.solids[0]?.massG ?? 0,
    );
    expect(1 - (after ?? 0) / (before ?? 1)).toBeCloseTo(0.3608, 3);
  });

  test('a few drops go into the crystals and leave no liquid', () => {
    const step = lastOf('CuSO4 1.6g', 'water 0.2mL');
    expect(step.state.volumeMl).toBe(0);
    expect(solidsOf(step)).toContain('CuSO4·H2O');
  });

  test.each([
    ['CoCl2·6H2O', 150, 'CoCl2', 'blue'],
    ['NiSO4·7H2O', 300, 'NiSO4', 'yellow'],
    ['CuCl2·2H2O', 120, 'CuCl2', 'brown'],
    ['FeSO4·7H2O', 320, 'FeSO4', 'white'],
    ['MgSO4·7H2O', 250, 'MgSO4', 'white'],
    ['CaSO4·2H2O', 140, 'CaSO4·0.5H2O', 'white'],
    ['KAl(SO4)2·12H2O', 250, 'KAl(SO4)2', 'white'],
  ])('%s at %d °C is %s, %s', (hydrate, toC, left, colour) => {
    const { state } = lastOf(`${hydrate} 1g`, `heat ${toC}`);
    expect(state.solids[0]).toMatchObject({ formula: left, colour });
  });

  test('water on a hot dish is warned of', () => {
    const { warnings } = lastOf('CuSO4·5H2O 2.5g', 'heat 300', 'water 1mL');
    expect(warnings.map(({ code }) => code)).toContain('hotVessel');
  });
});

describe('decomposition (general chemistry texts: heating nitrates, carbonates and hydroxides)', () => {
  test.each<[string, string, string[], string[]]>([
    ['CaCO3 1g', 'strongly', ['CaO'], ['CO2']],
    ['Cu2(OH)2CO3 1g', 'heat 300', ['CuO'], ['CO2', 'H2O']],
    ['NaHCO3 1g', 'gently', ['Na2CO3'], ['CO2', 'H2O']],
    ['Mg(OH)2 1g', 'heat 400', ['MgO'], ['H2O']],
    ['KNO3 1g', 'heat 450', ['KNO2'], ['O2']],
    ['Pb(NO3)2 1g', 'heat 500', ['PbO'], ['NO2', 'O2']],
    ['AgNO3 1g', 'heat 500', ['Ag'], ['NO2', 'O2']],
    ['KMnO4 1g', 'gently', ['K2MnO4', 'MnO2'], ['O2']],
    ['KClO3 1g', 'heat 420', ['KCl'], ['O2']],
    ['HgO 1g', 'heat 520', ['Hg'], ['O2']],
    ['(NH4)2Cr2O7 1g', 'gently', ['Cr2O3'], ['H2O', 'N2']],
    ['NH4NO3 1g', 'gently', [], ['H2O', 'N2O']],
    ['(NH4)2CO3 1g', 'heat 70', [], ['CO2', 'H2O', 'NH3']],
    ['FeSO4·7H2O 1g', 'heat 700', ['Fe2O3'], ['H2O', 'SO2', 'SO3']],
    ['C12H22O11 1g', 'gently', ['C'], ['H2O']],
    ['CaC2O4·H2O 1g', 'heat 500', ['CaCO3'], ['CO', 'H2O']],
  ])('%s, %s', (start, heat, solids, gases) => {
    const step = lastOf(start, heat);
    expect(solidsOf(step).sort()).toEqual([...solids].sort());
    expect(gasesOf(step)).toEqual(gases);
    expect(step.reactions.length).toBeGreaterThan(0);
    expect(step.reactions.every(({ types }) => types.five.includes('decomposition'))).toBe(true);
  });

  test('carbonates hold on to carbon dioxide in the order of their metals', () => {
    const holds = ['Cu2(OH)2CO3', 'ZnCO3', 'PbCO3', 'MgCO3', 'CaCO3', 'SrCO3', 'BaCO3'].map(
      (carbonate) => thermalRows().find(({ used }) => carbonate in used)?.atC ?? 0,
    );
    expect(holds).toEqual([...holds].sort((a, b) => a - b));
    expect(seenOn(lastOf('Na2CO3 1g', 'strongly'))).not.toMatch(/CO2/);
  });

  test('manganese dioxide lets chlorate go at a lower temperature', () => {
    expect(gasesOf(lastOf('KClO3 1g', 'gently'))).toEqual([]);
    expect(gasesOf(lastOf('KClO3 1g + MnO2 0.1g', 'gently'))).toEqual(['O2']);
  });

  test('sugar melts and browns before it chars, and the tube is warned of', () => {
    expect(seenOn(lastOf('C12H22O11 1g', 'heat 190'))).toMatch(/melts.*caramel/);
    const { warnings } = lastOf('C12H22O11 1g', 'gently');
    expect(warnings.map(({ message }) => message).join()).toMatch(/Stop at brown/);
  });

  test('cracking gives what decolours bromine water; the oil itself does not', () => {
    const [, , cracked] = bench('C16H34 3mL + Al2O3 1g', 'heat 500', 'test bromineWater');
    expect(seenOn(cracked as ToldStep)).toMatch(/decolourised/);
    const [, , plain] = bench('C16H34 3mL', 'heat 200', 'test bromineWater');
    expect(seenOn(plain as ToldStep)).toMatch(/keeps/);
  });
});

describe('combination, burning and what stays as it is', () => {
  test('iron and sulfur: the magnet draws the mixture and not the compound', () => {
    const [, mixture, heated, compound] = bench(
      'Fe 1.12g + S 0.65g',
      'test magnet',
      'heat 300',
      'test magnet',
    );
    expect(mixture?.observations[0]).toMatchObject({ attracts: true });
    expect(solidsOf(heated as ToldStep)[0]).toBe('FeS');
    expect(compound?.observations[0]).toMatchObject({ attracts: false });
  });

  test('magnesium burns to its oxide, 1.66 times as heavy', () => {
    const [before, after] = bench('Mg 0.1g', 'strongly');
    expect(after?.reactions[0]?.types.five).toContain('combustion');
    const ratio = (after?.state.solids[0]?.massG ?? 0) / (before?.state.solids[0]?.massG ?? 1);
    expect(ratio).toBeCloseTo(40.304 / 24.305, 3);
  });

  test.each(['NaCl', 'SiO2', 'Pt', 'MgO', 'Na2CO3'])('%s stays what it is', (solid) => {
    const step = lastOf(`${solid} 1g`, 'strongly');
    expect([solidsOf(step), step.reactions, step.notPredicted]).toEqual([[solid], [], []]);
  });

  test.each(['I2', 'NH4Cl'])('%s sublimes and settles again', (solid) => {
    const step = lastOf(`${solid} 1g`, 'strongly');
    expect(seenOn(step)).toMatch(/sublimes/);
    expect(solidsOf(step)).toEqual([solid]);
  });

  test('what the tables do not know is said', () => {
    const step = lastOf('K4Fe(CN)6·3H2O 1g', 'strongly');
    expect(step.notPredicted[0]).toMatch(/not in the tables/);
    expect(step.observations.map(({ kind }) => kind)).not.toContain('noChange');
  });

  test('heating an empty tube is answered in words', () => {
    const empty = setUp({ contents: [] }).vessel;
    expect(() => act(empty, { do: 'heat', strongly: true })).toThrow(
      /nothing in the vessel to heat/,
    );
  });

  test('a solution boils and gets no hotter', () => {
    const { state, warnings } = lastOf('NaCl 0.1M', 'strongly');
    expect(state.temperatureC).toBe(100);
    expect(warnings.map(({ code }) => code)).toContain('boiling');
  });
});

describe('light on silver halides (common practice), with a dark control', () => {
  test('silver chloride turns grey in light and stays white in the dark', () => {
    const [, dark] = bench('AgNO3 0.1M', 'NaCl 0.1M');
    const [, , lit] = bench('AgNO3 0.1M', 'NaCl 0.1M', 'light 10');
    expect(dark?.view.solid?.colour).toBe('white');
    expect(lit?.view.solid?.colour).toBe('grey');
    expect(lit?.observations).toContainEqual({
      kind: 'solid',
      formula: 'AgCl',
      from: 'white',
      colour: 'grey',
    });
  });

  test('the iodide is the slowest', () => {
    const iodide = (minutes: number) =>
      lastOf('AgNO3 0.1M', 'KI 0.1M', `light ${minutes}`).view.solid?.colour;
    expect([iodide(10), iodide(180)]).toEqual(['pale yellow', 'grey']);
  });
});

describe('the tables of heating', () => {
  test.each(thermalRows().map((row) => [row.equation, row] as const))(
    '%s balances as written, and its solids are known',
    (equation, { used, made, source }) => {
      const mass = (side: Readonly<Record<string, number>>) =>
        Object.entries(side).reduce((sum, [formula, n]) => sum + n * molarMassOf(formula), 0);
      expect(mass(used)).toBeCloseTo(mass(made), 6);
      for (const [side, amounts] of [
        [0, used],
        [1, made],
      ] as const)
        for (const [formula, count] of Object.entries(amounts)) {
          const written = equation.split(' → ')[side]?.split(' + ') ?? [];
          const term = count === 1 ? formula : `${count} ${formula}`;
          expect(written.some((one) => one.replace(/\((s|l|g)\)$/, '') === term)).toBe(true);
          if (leavesAsGas(formula)) continue;
          expect(componentsOfSolid(formula)).toBeDefined();
          expect(solidLook(formula)).toBeDefined();
        }
      expect(source).toBeDefined();
    },
  );

  test('there are stages for at least 20 hydrates', () => {
    const hydrates = thermalChanges
      .filter(({ rewets }) => rewets)
      .map(({ equation }) => /^\d? ?([^·]+)·/.exec(equation)?.[1]);
    expect(new Set(hydrates.filter(Boolean)).size).toBeGreaterThanOrEqual(20);
  });

  test('every row of what stays gives one temperature, for a solid the tables know', () => {
    for (const { formula, meltsC, sublimesC, staysToC, boilsC } of hotSolids) {
      const given = [meltsC, sublimesC, staysToC, boilsC].filter((one) => one !== undefined);
      expect([formula, given.length]).toEqual([formula, 1]);
      expect(componentsOfSolid(formula)).toBeDefined();
    }
    expect(new Set(hotSolids.map(({ formula }) => formula)).size).toBe(hotSolids.length);
  });

  test('no shelf solid looks white for want of a colour word', () => {
    const told = shelf
      .filter(({ state, formula }) => !state && formula !== 'NaClO' && formula !== 'MnCO3')
      .flatMap(({ forms }) => forms)
      .filter(({ formula }) => solidLook(formula)?.colour === 'white')
      .filter(({ appearance }) => !/white|colourless/.test(appearance));
    expect(told).toEqual([]);
  });
});

describe('heating makes and loses no atom', () => {
  const atoms = ({ solution, solids, layer, gas }: Phases): Record<string, number> => {
    const sum: Record<string, number> = {};
    for (const phase of [solution, solids, layer, gas])
      for (const [formula, n] of Object.entries(phase))
        for (const [element, count] of Object.entries(parseFormula(formula).elements))
          sum[element] = (sum[element] ?? 0) + n * count;
    return sum;
  };
  const solids = shelf.filter(
    ({ state, stock, formula }) => !state && !stock && formula !== 'NaClO',
  );

  test.each([120, 260, 500, 850])('in every shelf solid, at %d °C', (toC) => {
    for (const { forms } of solids) {
      const { vessel } = setUp({ contents: [{ substance: forms[0].formula, massG: 1 }] });
      const step = act(vessel, { do: 'heat', toC });
      const [before, after] = [atoms(vessel.phases), atoms(step.vessel.phases)];
      // Oxygen of the air is what burning adds; the equations say how much.
      const fromAir = step.reactions.reduce((sum, { equation, extentMmol }) => {
        const [, count] = /^[^→]*?(?:(\d+) )?O2\(g\) →/.exec(equation) ?? [undefined, undefined];
        return sum + (/O2\(g\) →/.test(equation) ? 2 * Number(count ?? 1) * extentMmol : 0);
      }, 0);
      before.O = (before.O ?? 0) + fromAir;
      for (const [element, n] of Object.entries(before))
        expect(after[element] ?? 0).toBeCloseTo(n, 6);
    }
  });
});

describe('a flame held to it (Vogel; common practice)', () => {
  test.each([
    ['C2H5OH 2mL', 'C2H5OH(l) + 3 O2(g) → 2 CO2(g) + 3 H2O(g)', /pale blue flame/],
    ['C6H14 1mL', '2 C6H14(l) + 19 O2(g) → 12 CO2(g) + 14 H2O(g)', /yellow flame/],
    ['Mg 0.1g', '2 Mg(s) + O2(g) → 2 MgO(s)', /dazzling white/],
    ['S 0.1g', 'S(s) + O2(g) → SO2(g)', /blue flame/],
  ])('%s burns: %s', (start, equation, flame) => {
    const step = lastOf(start, 'ignite');
    expect(step.reactions[0]?.equation).toBe(equation);
    expect(step.reactions[0]?.types.five).toContain('combustion');
    expect(JSON.stringify(step.observations)).toMatch(flame);
    expect(step.warnings.map(({ code }) => code)).toContain('fire');
  });

  test('ethanol: 1235 kJ/mol with water as steam (CRC: ΔcH° −1366.8 kJ/mol with water as liquid, 3 × 44.0 less)', () => {
    const [reason] = lastOf('C2H5OH 2mL', 'ignite').reactions[0]?.why ?? [];
    const kJ = Number(/about (\d+) kJ/.exec(reason?.text ?? '')?.[1]);
    expect(Math.abs(kJ - (1366.8 - 3 * 44.0))).toBeLessThan(3);
  });

  test('what burned away is gone, its water stays, and lime water shows the carbon dioxide', () => {
    const [, lit, lime] = bench('C2H5OH 10mL + water 5mL', 'ignite', 'test limewater');
    expect(lit?.state.species.C2H5OH).toBeUndefined();
    expect(lit?.state.volumeMl).toBeCloseTo(5, 0);
    expect(JSON.stringify(lime?.observations)).toMatch(/milky/);
  });

  test.each([
    ['C2H5OH 1mL + water 9mL', /too much water/],
    ['C16H34 2mL', /wick/],
    ['NaCl 1g', /does not catch fire/],
  ])('%s does not light: %s', (start, why) => {
    const step = lastOf(start, 'ignite');
    expect(step.reactions).toEqual([]);
    expect(JSON.stringify(step.observations)).toMatch(why);
  });

  test('whether sugar burns on is not guessed', () => {
    expect(lastOf('C12H22O11 1g', 'ignite').notPredicted[0]).toMatch(/not in the tables/);
  });

  test('hydrogen above the liquid is warned of, and so is a dish full of alcohol', () => {
    const codes = (step: ToldStep) => step.warnings.map(({ code }) => code);
    expect(codes(lastOf('HCl 1M', 'Zn 0.2g', 'ignite'))).toContain('flammableGas');
    expect(codes(lastOf('C2H5OH 20mL', 'ignite'))).toContain('fireTooLarge');
  });
});

describe('ammonia from dry ammonium salts and lime, warmed (any general chemistry text)', () => {
  test.each([
    ['NH4Cl 1g + Ca(OH)2 1g', 'CaCl2'],
    ['(NH4)2SO4 1g + Ca(OH)2 1g', 'CaSO4'],
    ['NH4Cl 1g + CaO 1g', 'CaCl2'],
  ])('%s leaves %s, and damp red litmus turns blue', (start, left) => {
    const [, hot, litmus] = bench(start, 'heat 200', 'test dampRedLitmus');
    expect(hot?.state.solids.map(({ formula }) => formula)).toContain(left);
    expect(JSON.stringify(litmus?.observations)).toMatch(/turns blue/);
  });

  test('solids of which no table says what heat makes of them together are not called unchanged', () => {
    const step = lastOf('CuCl2 1g + Na3PO4 1g', 'heat 90');
    expect(step.reactions.length > 0 || step.notPredicted.length > 0).toBe(true);
    expect(lastOf('NaCl 1g + SiO2 1g', 'heat 200').notPredicted).toEqual([]);
  });
});

describe('what is asked of dry substances (Vogel; any general chemistry text)', () => {
  const equations = (reactants: string[], heated?: true) =>
    react({ reactants, ...(heated && { conditions: { heated } }) }).reactions.map(
      ({ equation }) => equation,
    );

  test.each<[string[], true | undefined, string]>([
    [['CaCO3'], true, 'CaCO3(s) → CaO(s) + CO2(g)'],
    [['NaHCO3'], true, '2 NaHCO3(s) → Na2CO3(s) + CO2(g) + H2O(g)'],
    [['KClO3', 'MnO2'], true, '2 KClO3(s) → 2 KCl(s) + 3 O2(g)'],
    [['Fe', 'S'], undefined, 'Fe(s) + S(s) → FeS(s)'],
    [['Mg', 'O2'], undefined, '2 Mg(s) + O2(g) → 2 MgO(s)'],
    [['H2', 'O2'], undefined, '2 H2(g) + O2(g) → 2 H2O(g)'],
    [['CH4', 'O2'], undefined, 'CH4(g) + 2 O2(g) → CO2(g) + 2 H2O(g)'],
    [['C3H8', 'O2'], undefined, 'C3H8(g) + 5 O2(g) → 3 CO2(g) + 4 H2O(g)'],
    [['H2S', 'O2'], undefined, '2 H2S(g) + 3 O2(g) → 2 H2O(g) + 2 SO2(g)'],
    [['CuO', 'H2'], true, 'CuO(s) + H2(g) → Cu(s) + H2O(g)'],
    [['Fe2O3', 'CO'], true, 'Fe2O3(s) + 3 CO(g) → 2 Fe(s) + 3 CO2(g)'],
  ])('%j: %s %s', (reactants, heated, equation) => {
    expect(equations(reactants, heated)).toEqual([equation]);
  });

  test('a hydrate is told stage by stage, salts that only melt not at all', () => {
    expect(equations(['CuSO4·5H2O'], true)).toHaveLength(4);
    expect(equations(['NaCl'], true)).toEqual([]);
  });

  test('what is asked of solutions stays in solution', () => {
    expect(react({ reactants: ['Zn', 'CuSO4'] }).reactions[0]?.netIonic).toBe(
      'Cu^2+(aq) + Zn(s) → Cu(s) + Zn^2+(aq)',
    );
  });

  test('explosive mixtures are not told', () => {
    const { reactions, none } = react({ reactants: ['KClO3', 'S'] });
    expect(reactions).toEqual([]);
    expect(none).toMatch(/explode when rubbed/);
  });
});

// Any school practical of copper(II) sulfate from oxide and acid boils the solution down to blue crystals, and the solutions of
// its neighbours likewise; ferric chloride browns when boiled, and tin(II) chloride clouds in plain water (Vogel, recalled).
describe('hydrolysis when a solution is heated', () => {
  test.each(['CuSO4', 'ZnSO4', 'NiSO4', 'FeSO4', 'CoCl2', 'MgCl2'])('%s stays clear', (salt) => {
    expect(lastOf(`${salt} 0.5M 20mL`, 'heat 100').state.solids).toEqual([]);
  });

  test('blue vitriol is boiled down to itself', () => {
    const end = lastOf('CuSO4·5H2O 3g + water 15mL', 'heat 90', 'evaporate 4', 'cool 25');
    expect(end.state.solids.map(({ formula }) => formula)).toEqual(['CuSO4·5H2O']);
    expect(end.reactions).toEqual([]);
  });

  test('a solution of iron(III) chloride stays clear when it is boiled; in much boiling water it browns (Vogel: the red-brown sol)', () => {
    expect(lastOf('FeCl3 0.1M 20mL', 'heat 100').state.solids).toEqual([]);
    expect(solidsOf(lastOf('water 20mL', 'heat 95', 'FeCl3 1M 0.05mL', 'heat 100'))).toEqual([
      'Fe(OH)3',
    ]);
  });

  test('aluminate, zincate and plumbite stay clear when they are warmed; chromite clouds (Vogel, excess of alkali)', () => {
    const warmed = (salt: string) =>
      lastOf(`${salt} 0.1M 2mL`, 'NaOH 2M 2mL', 'heat 90').state.solids.map(
        ({ formula }) => formula,
      );
    expect(['AlCl3', 'ZnSO4', 'Pb(NO3)2', 'CrCl3'].map(warmed)).toEqual([[], [], [], ['Cr(OH)3']]);
  });

  test('tin(II) stays tin(II) when it is warmed, in its chloride and as stannite', () => {
    expect(solidsOf(lastOf('SnCl2 0.1M 2mL', 'NaCl 0.1M 2mL', 'heat 90'))).toEqual(['Sn(OH)2']);
    expect(solidsOf(lastOf('SnCl2 0.1M 2mL', 'NaOH 2M 2mL', 'heat 90'))).toEqual([]);
  });

  test('a solid that warmth makes only a little less is still seen to lie there', () => {
    const end = lastOf('AgNO3 0.1M 2mL', 'NaOH 2M 2mL', 'heat 90');
    expect(end.observations).toContainEqual(
      expect.objectContaining({ kind: 'solid', formula: 'Ag2O', colour: 'brown' }),
    );
  });

  test('iron(III) thiocyanate keeps a colour when it is warmed, and nothing settles', () => {
    const end = lastOf('FeCl3 0.01M 2mL', 'KSCN 0.01M 2mL', 'heat 80');
    expect(end.state.solids).toEqual([]);
    expect(end.view.colour).toMatch(/red|orange/);
  });

  test('tin(II) chloride clouds in the cold', () => {
    expect(lastOf('SnCl2 0.05M 20mL').state.solids).not.toEqual([]);
  });

  test('a little base still brings out a little hydroxide', () => {
    // The first drops make the basic salt (Vogel).
    expect(precipitate(lastOf('CuSO4 0.5M 5mL', 'NaOH 1M 0.5mL'))).toMatch(/^Cu4\(OH\)6SO4/);
  });

  test('copper(II) hydroxide blackens in hot water, all of it and no more', () => {
    const end = lastOf('CuSO4 0.2M 20mL + NaOH 2M 5mL', 'heat 95');
    expect(end.state.solids).toHaveLength(1);
    // 4 mmol of CuO at 79.55 g/mol (IUPAC atomic weights).
    expect(end.state.solids[0]).toMatchObject({ formula: 'CuO' });
    expect(end.state.solids[0]?.massG).toBeCloseTo(0.3182, 3);
    expect(lastOf('CuSO4 0.5M 20mL + CuO 0.1g', 'heat 95').state.solids[0]?.massG).toBeLessThan(
      0.1001,
    );
  });
});
