import { describe, expect, test } from 'vitest';
import { ChemistryError } from '../src/common/errors';
import { mix } from '../src/seeing/rack/mix';
import { runRack } from '../src/seeing/rack/rack';
import type { RackEvent } from '../src/seeing/rack/rackShape';
import type { Action } from '../src/vessel/action';
import { bottleReaction, redoxDyes } from '../src/matter/substances/data/redoxDyes';
import { oxygenFromAir } from '../src/vessel/air/air';
import { emptyVessel } from '../src/vessel/vessel';
import { bench, isBalanced, lastOf, portion } from './support/bench';

const blue = 'water 100mL + NaOH 2g + C6H12O6 2g + methylene blue 20drops';
const light = 'water 100mL + NaOH 1g + C6H12O6 3g + C16H8N2Na2O8S2 0.02g';
const coloursOf = (start: string, ...then: string[]) =>
  bench(start, ...then).map(({ state }) => state.colour);

describe('oxygen that water takes from air (ASTM D888 and CRC Handbook, mg/L at 1 atm)', () => {
  test.each([
    [25, 8.26],
    [10, 11.29],
    [37, 6.73],
  ])('at %i °C %d mg/L, within 4 %%', (temperatureC, mgPerL) => {
    const litre = { ...emptyVessel('beaker', temperatureC), volumeMl: 1000 };
    expect(Math.abs((oxygenFromAir(litre) * 32) / mgPerL - 1)).toBeLessThan(0.04);
  });
});

describe('dyes that glucose reduces and air oxidises', () => {
  test.each([
    bottleReaction,
    ...redoxDyes.flatMap(({ stages }) =>
      stages.flatMap(({ reduction, oxidation }) => [reduction, oxidation]),
    ),
  ])('%s balances as written', (equation) => {
    expect(isBalanced(equation.replaceAll(/\((aq|l|g)\)/g, ''))).toBe(true);
  });

  test('methylene blue: blue, colourless on standing, blue on shaking, three times over (common practice)', () => {
    const three = ['wait 5', 'shake', 'wait 5', 'shake', 'wait 5', 'shake'];
    const [first, ...later] = coloursOf(blue, ...three);
    expect(first).toMatch(/blue$/);
    later.forEach((colour, at) => {
      expect(colour).toMatch(at % 2 === 0 ? /^colourless$/ : /blue$/);
    });
  });

  test('indigo carmine: green, red, yellow; a swirl brings back red and a shake green (common practice)', () => {
    const steps = bench(light, 'wait 5', 'swirl', 'shake');
    expect(steps.map(({ state }) => state.colour.split(' ').at(-1))).toEqual([
      'green',
      'yellow',
      'red',
      'green',
    ]);
    const turns = steps[1]?.observations.flatMap((one) => (one.kind === 'sight' ? one.result : []));
    expect(turns?.[0]).toMatch(/green → .*red after/);
    expect(turns?.[1]).toMatch(/red → yellow after/);
  });

  test('in neutral water indigo carmine is blue, in strong alkali it turns yellow-green (Bishop: 11.4 to 13.0)', () => {
    expect(lastOf('water 10mL + indigo carmine 1drops').state.colour).toMatch(/blue$/);
    expect(lastOf('NaOH 0.5M 10mL + indigo carmine 1drops').state.colour).toMatch(/green|yellow/);
  });

  test('without alkali, glucose does not decolour it in a lesson, and the reason is told', () => {
    const step = lastOf('water 100mL + C6H12O6 2g + methylene blue 20drops', 'wait 30');
    expect(step.state.colour).toMatch(/blue$/);
    expect(step.warnings.map(({ code }) => code)).toContain('slow');
  });

  test('ten degrees warmer it goes about twice as fast', () => {
    const seconds = (...heat: string[]) => {
      const told = lastOf(blue, ...heat, 'wait 30').observations.find(
        ({ kind }) => kind === 'sight',
      );
      const [, number = '', unit = ''] = /about ([\d.]+) (s|min)/.exec(
        told?.kind === 'sight' ? told.result : '',
      ) ?? [''];
      return Number(number) * (unit === 'min' ? 60 : 1);
    };
    expect(seconds() / seconds('heat 35')).toBeGreaterThan(1.6);
    expect(seconds() / seconds('heat 35')).toBeLessThan(2.6);
  });

  test('each cycle uses up glucose: two for each oxygen', () => {
    const [before, , , after] = bench(blue, 'wait 5', 'shake', 'wait 5');
    const lost = (before?.state.species.C6H12O6 ?? 0) - (after?.state.species.C6H12O6 ?? 0);
    // Two fills of 0.26 mmol/L, and 0.03 mmol/L of dye twice.
    expect(1000 * lost).toBeCloseTo(2 * 2 * 0.26 + 2 * 0.03, 1);
  });

  test('a closed vessel runs out of air, and says so', () => {
    const cycles = Array.from({ length: 40 }, () => ['wait 5', 'shake']).flat();
    const full = 'water 115mL + NaOH 2g + C6H12O6 2g + methylene blue 20drops';
    const steps = bench(full, 'close', ...cycles);
    expect(steps.at(2)?.warnings.find(({ code }) => code === 'repeats')?.message).toMatch(
      /closed vessel about \d/,
    );
    expect(steps.some(({ warnings }) => warnings.some(({ code }) => code === 'airSpent'))).toBe(
      true,
    );
    expect(steps.at(-1)?.state.colour).toBe('colourless');
  });

  test('poured from a height it takes up air; poured quietly it does not', () => {
    const poured = (fromHeight?: true) => {
      const adds = blue
        .split(' + ')
        .map((what): RackEvent => ({ vessel: 'A', action: { do: 'add', portion: portion(what) } }));
      const events: RackEvent[] = [
        ...adds,
        { vessel: 'A', action: { do: 'wait', minutes: 10 } },
        { pour: 'A', into: 'B', ...(fromHeight && { fromHeight }) },
      ];
      const vessels = ['A', 'B'].map((name) => ({ name, container: 'flask' as const }));
      return runRack({ vessels, events }).now.B?.state.colour;
    };
    expect(poured()).toBe('colourless');
    expect(poured(true)).toMatch(/blue$/);
  });
});

describe('what air does to fresh hydroxides on shaking (Vogel’s Textbook of Qualitative Analysis)', () => {
  test.each([
    ['FeSO4 0.1M', 'Fe(OH)3', 'red-brown'],
    ['MnSO4 0.1M', 'MnO2', 'brown'],
  ])('%s with alkali: %s, %s', (salt, formula, colour) => {
    const step = lastOf(`${salt} + NaOH 0.5M`, 'shake');
    expect(step.observations).toContainEqual(
      expect.objectContaining({ kind: 'precipitate', formula, colour }),
    );
  });

  test('iron(II) in acid stays as it is', () => {
    expect(lastOf('FeSO4 0.1M + H2SO4 1M', 'shake').observations).toContainEqual({
      kind: 'noChange',
    });
  });
});

describe('a closed vessel', () => {
  const code = (run: () => unknown) => {
    try {
      run();
    } catch (error) {
      return error instanceof ChemistryError ? `${error.code} ${error.field ?? ''}` : 'other';
    }
    return 'nothing';
  };

  test('takes nothing in and gives nothing out until it is opened', () => {
    expect(code(() => bench('HCl 1M', 'close', 'Zn 0.1g'))).toBe('stoppered actions.1');
    expect(code(() => bench('HCl 1M', 'close', 'test litSplint'))).toBe('stoppered actions.1');
    expect(code(() => bench('HCl 1M', 'close', 'open', 'Zn 0.1g'))).toBe('nothing');
  });

  test('heated, it is under pressure: at 90 °C air shut in at 25 °C with water vapour comes to 1.2 + 0.7 atm', () => {
    const step = lastOf('water 50mL', 'close', 'heat 90');
    const pressure = step.warnings.find(({ code: one }) => one === 'pressure');
    expect(pressure?.message).toMatch(/about 1\.9 atm/);
    expect(lastOf('water 50mL', 'close', 'heat 30').warnings).toEqual([]);
  });
});

describe('time that passes in heat or light', () => {
  test('a dye goes on meanwhile: gently heated it has lost its colour', () => {
    expect(coloursOf(blue, 'gently')[1]).toBe('colourless');
    expect(coloursOf(blue, 'light 10')[1]).toBe('colourless');
    // At the boiling point no air is dissolved, and nothing is told of shakes.
    const hot = lastOf(blue, 'gently');
    expect(JSON.stringify(hot)).not.toMatch(/Infinity|NaN|null/);
    expect(lastOf(blue, 'gently', 'cool 25', 'shake').state.colour).toMatch(/blue$/);
  });
});

describe('carbon dioxide and the air', () => {
  const indicator = (...actions: Action[]) =>
    mix({
      vessel: {
        container: 'beaker250',
        contents: [
          { substance: 'NaHCO3', concentrationM: 0.001, volumeMl: 40 },
          { indicator: 'cresol red', drops: 10 },
        ],
      },
      actions,
    }).steps.map(({ state }) => state);
  const breath: Action = { do: 'bubble', gas: 'CO2', amountMmol: 0.2 };
  const shake: Action = { do: 'shakeWithAir' };

  test('comes back in air after a breath: 0.001 M hydrogencarbonate rests near pH 8.2', () => {
    // Stumm and Morgan, Aquatic Chemistry: pH = 6.35 + log(0.001 / 1.4e-5) in equilibrium with air.
    const states = indicator(breath, shake, shake, shake, shake);
    expect(states[1]?.pH).toBeLessThan(6);
    const rising = states.slice(1).map(({ pH = NaN }) => pH);
    expect(rising).toEqual([...rising].sort((a, b) => a - b));
    expect(Math.abs((states.at(-1)?.pH ?? 0) - 8.2)).toBeLessThan(0.25);
  });

  test('does not leave a closed bottle, nor where there is none', () => {
    const closed = indicator(breath, { do: 'close' }, shake);
    expect(closed[3]?.pH).toBeCloseTo(closed[1]?.pH ?? NaN, 6);
    const salt = mix({
      vessel: {
        container: 'beaker',
        contents: [{ substance: 'NaCl', concentrationM: 0.1, volumeMl: 20 }],
      },
      actions: [shake],
    }).steps;
    expect(salt[1]?.state.pH).toBeCloseTo(salt[0]?.state.pH ?? NaN, 6);
  });
});
