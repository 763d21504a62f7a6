import { describe, expect, it } from 'vitest';
import { wasteSources } from '../src/labday/day/dayPlan';
import { library } from '../src/planning/procedure/library';
import { dischargeLimits } from '../src/planning/waste/limits';
import { usualLimits, wastePlan } from '../src/planning/waste/wastePlan';
import type { Procedure } from '../src/planning/procedure/procedure';
import type { BottlePlan } from '../src/planning/waste/wastePlan';
import { dayOf, shipped } from './support/day';

const add = (substance: string, concentrationM: number, volumeMl: number) => ({
  vessel: 'beaker',
  action: { do: 'add' as const, portion: { substance, concentrationM, volumeMl } },
});
/** A procedure of one step in a beaker. */
function beaker(...events: Procedure['steps'][number]['events']): Procedure {
  const pairs = shipped('clear-pairs');
  const [step] = pairs.steps;
  if (!step) throw new Error('No step.');
  return {
    ...pairs,
    name: 'One beaker',
    vessels: [{ name: 'beaker', container: 'beaker' }],
    steps: [{ ...step, events, ranges: [] }],
  };
}
const planOf = (procedure: Procedure, groups = 1, limits = usualLimits): BottlePlan => {
  const [bottle] = wastePlan(wasteSources(dayOf([procedure], groups)), limits);
  if (!bottle) throw new Error('No bottle.');
  return bottle;
};

describe('limits', () => {
  it('are those of 40 CFR 261.24', () => {
    expect(
      Object.fromEntries(dischargeLimits.map(({ element, mgPerL }) => [element, mgPerL])),
    ).toEqual({
      Ag: 5,
      As: 5,
      Ba: 100,
      Cd: 1,
      Cr: 5,
      Hg: 0.2,
      Pb: 5,
      Se: 1,
    });
  });
});

describe('the bottle is chosen by what is really left', () => {
  const electrolyse = (anode: string) => ({
    vessel: 'beaker',
    action: { do: 'electrolyse' as const, anode, cathode: 'graphite', currentA: 0.5, minutes: 30 },
  });
  // Textbook reactions: permanganate and sulfite in acid leave manganese(II); equal amounts of acid and alkali leave salt water;
  // chromium of a stainless anode goes into solution as chromate.
  it.each([
    ['zinc chloride', [add('ZnCl2', 0.9, 50)], 'Heavy metal waste'],
    [
      'a stainless anode in sulfate',
      [add('Na2SO4', 0.5, 50), electrolyse('stainless steel')],
      'Chromium(VI) waste',
    ],
    [
      'a stainless anode in alkali',
      [add('NaOH', 0.5, 50), electrolyse('stainless steel')],
      'Chromium(VI) waste',
    ],
    [
      'a graphite anode in sulfate',
      [add('Na2SO4', 0.5, 50), electrolyse('graphite')],
      'Aqueous waste, low hazard',
    ],
    [
      'permanganate that sulfite has reduced',
      [add('KMnO4', 0.01, 5), add('H2SO4', 1, 2), add('Na2SO3', 0.2, 5)],
      'Heavy metal waste',
    ],
    [
      'permanganate that is left over',
      [add('KMnO4', 0.01, 5), add('H2SO4', 1, 2)],
      'Oxidiser waste',
    ],
    [
      'acid and as much alkali',
      [add('HCl', 0.1, 5), add('NaOH', 0.1, 5)],
      'Aqueous waste, low hazard',
    ],
    ['acid alone', [add('HCl', 0.1, 5)], 'Neutralise, then aqueous waste'],
    ['dichromate', [add('K2Cr2O7', 0.05, 5)], 'Chromium(VI) waste'],
    ['lead iodide', [add('Pb(NO3)2', 0.1, 2), add('KI', 0.2, 2)], 'Lead and cadmium waste'],
    [
      'barium that sulfate has bound',
      [add('BaCl2', 0.1, 2), add('Na2SO4', 0.2, 2)],
      'Aqueous waste, low hazard',
    ],
    [
      'barium with too little sulfate',
      [add('BaCl2', 0.1, 4), add('Na2SO4', 0.1, 2)],
      'Barium waste',
    ],
    ['salt water', [add('NaCl', 0.5, 5)], 'Aqueous waste, low hazard'],
    ['tetrahydroxidozincate', [add('ZnSO4', 0.1, 2), add('NaOH', 2, 5)], 'Heavy metal waste'],
  ] as const)('%s', (_, events, bottle) => expect(planOf(beaker(...events)).bottle).toBe(bottle));

  it('and metal salts that are collected are not told to be neutralised for a pH of five', () => {
    expect(planOf(beaker(add('ZnCl2', 0.9, 50))).neutralising).toBeUndefined();
    expect(planOf(beaker(add('CuSO4', 0.1, 5), add('H2SO4', 1, 5))).neutralising).toBeDefined();
  });
});

describe('clearing a toxic ion', () => {
  it('finds the sulfate that barium needs: a little more than as many moles', () => {
    const { clearings, bottle } = planOf(beaker(add('BaCl2', 0.1, 20)));
    expect(bottle).toBe('Barium waste');
    const [barium] = clearings;
    // 2 mmol of barium, 0.5 mol/L sulfate: 4.0 mL leaves as much dissolved as the product of 10^-10 allows.
    expect(barium?.neededMl).toBeGreaterThan(3.8);
    expect(barium?.neededMl).toBeLessThan(4.1);
    expect(barium?.leftMgPerL).toBeLessThan(1);
    // 2 mmol × 233.39 g/mol (CRC Handbook).
    expect(barium?.solidG).toBeCloseTo(0.467, 2);
    expect(barium?.filtrateTest).toMatch(/drop more of Na2SO4/);
  });

  it('counts every group', () => {
    const one = planOf(beaker(add('BaCl2', 0.1, 20))).clearings[0];
    const eight = planOf(beaker(add('BaCl2', 0.1, 20)), 8).clearings[0];
    expect(eight?.addMl).toBeCloseTo(8 * (one?.addMl ?? 0), 6);
    expect(eight?.leftMgPerL).toBeCloseTo(one?.leftMgPerL ?? 0, 9);
  });

  it('warns that too much alkali brings amphoteric chromium(III) back', () => {
    const { clearings } = planOf(beaker(add('CrCl3', 0.05, 10)));
    expect(clearings[0]).toMatchObject({ element: 'Cr', solids: ['Cr(OH)3'] });
    expect(clearings[0]?.neededMl).toBeLessThan(clearings[0]?.redissolvesFromMl ?? 0);
  });

  it('keeps to a limit that a school sets', () => {
    const strict = planOf(beaker(add('BaCl2', 0.0003, 50)), 1, { Ba: 1 });
    expect(strict.clearings[0]?.limitMgPerL).toBe(1);
    expect(planOf(beaker(add('BaCl2', 0.0003, 50))).clearings).toEqual([]);
  });

  it('clears what has no federal limit where the school sets one', () => {
    const copper = (limits: Record<string, number>) =>
      planOf(beaker(add('CuSO4', 0.1, 20)), 1, limits).clearings;
    expect(copper({})).toEqual([]);
    expect(copper({ Cu: 2 })[0]).toMatchObject({
      element: 'Cu',
      precipitant: { substance: 'Na2CO3' },
    });
    expect(copper({ Cu: 2 })[0]?.leftMgPerL).toBeLessThan(2);
  });

  it('has chromium(VI) reduced first', () => {
    const { clearings, first } = planOf(beaker(add('K2Cr2O7', 0.02, 10)));
    expect(clearings).toEqual([]);
    expect(first[0]).toMatch(/reduced to chromium\(III\)/);
  });
});

describe('neutralising', () => {
  it('finds the carbonate for an acid: half as many moles as protons', () => {
    const { neutralising } = planOf(beaker(add('HCl', 0.5, 40)));
    expect(neutralising).toMatchObject({ substance: 'Na2CO3' });
    // 20 mmol of acid, 10 mmol of carbonate at 0.5 mol/L is 20 mL; what makes bicarbonate of the gas dissolved comes on top.
    expect(neutralising?.volumeMl).toBeGreaterThan(19.9);
    expect(neutralising?.volumeMl).toBeLessThan(24);
    expect(neutralising?.afterPH).toBeGreaterThanOrEqual(5.99);
  });

  it('finds the acid for an alkali, and leaves what is neutral alone', () => {
    expect(planOf(beaker(add('NaOH', 0.2, 30))).neutralising).toMatchObject({
      substance: 'H3C6H5O7',
    });
    expect(planOf(beaker(add('NaCl', 0.2, 30))).neutralising).toBeUndefined();
  });
});

describe('a day’s bottles', () => {
  const bottles = wastePlan(
    wasteSources(
      dayOf(
        ['clear-pairs', 'three-halides', 'barium-cleared', 'which-acid-for-which-carbonate'],
        3,
      ),
    ),
  );

  it('are sorted by class, the worst first', () => {
    expect(bottles.map(({ bottle }) => bottle)).toEqual(
      expect.arrayContaining(['Heavy metal waste', 'Silver residues']),
    );
    // All the barium lies as sulfate, which is what made it harmless.
    expect(bottles.map(({ bottle }) => bottle)).not.toContain('Barium waste');
    const trouble = bottles.map((one) => one.trouble);
    expect(trouble).toEqual([...trouble].sort((a, b) => b - a));
  });

  it('name every vessel that goes into them', () => {
    const silver = bottles.find(({ bottle }) => bottle === 'Silver residues');
    expect(silver?.vessels.map(({ vessel }) => vessel)).toEqual([
      'chloride',
      'bromide',
      'iodide',
      'blank',
    ]);
    expect(silver?.clashes.some(({ gives }) => gives.includes('silver nitride'))).toBe(true);
  });

  it('stop where a cyanide would meet an acid', () => {
    const day = dayOf([
      beaker(add('KCN', 0.1, 5)),
      { ...beaker(add('KCN', 0.1, 5), add('HCl', 0.5, 4)), name: 'Acid too' },
    ]);
    const [cyanide] = wastePlan(wasteSources(day));
    expect(cyanide?.bottle).toMatch(/Cyanide/);
    expect(cyanide?.clashes.some(({ never }) => never)).toBe(true);
  });
});

describe('every procedure of the library', () => {
  it.each(library.filter(({ steps }) => steps.some(({ events }) => events.length > 0)))(
    'leaves something that goes into a bottle: $id',
    (procedure) => {
      const bottles = wastePlan(wasteSources(dayOf([procedure], 1)));
      expect(bottles.length).toBeGreaterThan(0);
      expect(bottles.flatMap(({ vessels }) => vessels).length).toBeGreaterThan(0);
    },
  );
});

it('does not ask for less than a drop to make a bottle neutral', () => {
  const plans = wastePlan(wasteSources(dayOf([shipped('cracking-an-oil')], 2)));
  const solvents = plans.find(({ bottle }) => bottle === 'Halogenated solvent waste');
  expect(solvents).toBeDefined();
  expect(solvents?.neutralising).toBeUndefined();
});

it('counts a liquid that does not mix with water by what was put in', () => {
  const pour = (substance: string, volumeMl: number) => ({
    vessel: 'beaker',
    action: { do: 'add' as const, portion: { substance, volumeMl } },
  });
  const { bottle, volumeMl } = planOf(beaker(pour('hexane', 3), pour('water', 5)), 4);
  expect(bottle).toBe('Flammable solvent waste');
  expect(volumeMl).toBeCloseTo(4 * (3 + 5), 1);
});

describe('what a magnet took out dry', () => {
  it('does not go with the copper it lay among', () => {
    const solid = (substance: string, massG: number) => ({
      vessel: 'jar',
      action: { do: 'add' as const, portion: { substance, massG } },
    });
    const powders: Procedure = {
      ...beaker(solid('Fe', 2), solid('CuSO4·5H2O', 3), { drawOutOf: 'jar', into: 'iron' }),
      vessels: ['jar', 'iron'].map((name) => ({ name, container: 'dish' })),
    };
    const bottles = wastePlan(wasteSources(dayOf([powders], 1)));
    expect(bottles.map(({ vessels }) => vessels.map(({ vessel }) => vessel))).toEqual([
      ['jar'],
      ['iron'],
    ]);
    expect(bottles.map(({ bottle }) => bottle)).toEqual([
      'Heavy metal waste',
      'Solid waste, low hazard',
    ]);
  });
});
