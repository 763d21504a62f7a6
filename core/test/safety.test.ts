import { describe, expect, test } from 'vitest';
import { daySafety } from '../src/labday/prep/daySafety';
import { alternatives } from '../src/planning/alternatives/alternatives';
import { blankStep } from '../src/planning/procedure/procedure';
import { runProcedure } from '../src/planning/procedure/runProcedure';
import { mindOf, stepSafety } from '../src/planning/procedure/stepSafety';
import { clashes, heldIn } from '../src/safety/clashes';
import { hazardProfile, holdsHeavyMetal } from '../src/safety/hazardProfile';
import { hazardRank } from '../src/safety/hazardRank';
import { incompatibilityClasses, keepApartFrom } from '../src/safety/incompatibility';
import { nearNames } from '../src/safety/nearNames';
import { usualCaution } from '../src/safety/usualCaution';
import { shelf } from '../src/matter/substances/data/shelf';
import { lastOf } from './support/bench';
import { dayOf, shipped } from './support/day';

describe('incompatibility classes (lists of incompatible chemicals as in Prudent Practices in the Laboratory, recalled from memory)', () => {
  test.each([
    ['KCN', 'HCl', /hydrogen cyanide/, true],
    ['Na2S', 'HCl', /hydrogen sulfide/, false],
    ['NaClO', 'HCl', /chlorine/, false],
    ['NaClO', 'NH3', /chloramines/, true],
    ['KClO3', 'S', /explode/, true],
    ['KMnO4', 'H2SO4', /explosive/, true],
    ['KMnO4', 'C3H8O3', /explode/, true],
    ['HNO3', 'C2H5OH', /fire/, true],
    ['H2O2', 'C3H6O', /peroxides/, true],
    ['Na', 'water', /catch fire/, false],
    ['NaN3', 'Pb(NO3)2', /explode/, true],
    ['NaN3', 'HCl', /hydrazoic/, true],
    ['Br2', 'NH3', /nitrogen halides/, true],
    ['AgNO3', 'NH3', /silver nitride/, false],
    ['KNO2', 'HCl', /oxides of nitrogen/, false],
    ['NaF', 'H2SO4', /hydrofluoric/, true],
    ['Mg', 'HCl', /hydrogen/, false],
    ['CaCO3', 'HCl', /bursts a closed vessel/, false],
    // Weak acids do what strong ones do: bleach with vinegar or citric acid is the accident of every poison centre's leaflet.
    ['NaClO', 'CH3COOH', /chlorine/, false],
    ['NaClO', 'H3C6H5O7', /chlorine/, false],
    ['NaClO', 'H3PO4', /chlorine/, false],
    ['KCN', 'CH3COOH', /hydrogen cyanide/, true],
    ['KCN', 'H3C6H5O7', /hydrogen cyanide/, true],
    ['Na2S', 'H2C2O4', /hydrogen sulfide/, false],
    ['Na2S2O3', 'HC6H7O6', /sulfur dioxide/, false],
    ['NaHCO3', 'H2C4H4O6', /bursts a closed vessel/, false],
    // Salts of small, highly charged cations are acid in water: alum with a sulfide, alum with baking soda.
    ['Na2S', 'Al2(SO4)3', /hydrogen sulfide/, false],
    ['NaHCO3', 'KAl(SO4)2', /bursts a closed vessel/, false],
    ['KCN', 'FeCl3', /hydrogen cyanide/, true],
    ['Mg', 'CH3COOH', /hydrogen/, false],
  ])('%s and %s give %s', (one, other, gives, never) => {
    for (const [there, added] of [
      [one, other],
      [other, one],
    ] as const) {
      const found = clashes([{ substance: there }], { substance: added });
      const match = found.find((clash) => gives.test(clash.gives));
      expect(match, `${there} + ${added}`).toBeDefined();
      expect(match?.never).toBe(never);
    }
  });

  test.each([
    ['NaCl', 'AgNO3'],
    ['CuSO4', 'NaOH'],
    ['NaCl', 'water'],
    ['KI', 'Pb(NO3)2'],
    // Prussian blue, cold and dilute, sets no hydrogen cyanide free.
    ['K4Fe(CN)6', 'FeCl3'],
    ['Na2CO3', 'ZnSO4'],
    ['Na2CO3', 'NH4Cl'],
  ])('%s and %s may meet', (one, other) => {
    expect(clashes([{ substance: one }], { substance: other })).toEqual([]);
  });

  test('dilute acid is an acid, and no longer an oxidising or charring one', () => {
    expect(incompatibilityClasses('HNO3')).toContain('oxidisingAcid');
    expect(incompatibilityClasses('HNO3', 1)).toEqual(['acid']);
    expect(clashes([{ substance: 'water' }], { substance: 'H2SO4' })[0]?.gives).toMatch(
      /never the reverse/,
    );
    expect(clashes([{ substance: 'water' }], { substance: 'H2SO4', concentrationM: 1 })).toEqual(
      [],
    );
  });

  test('a vessel is judged by what was put in, as strong as it is now', () => {
    const { state } = lastOf('HCl 1M + NaClO3 0.1M');
    expect(heldIn(state).map(({ substance }) => substance)).toEqual(['water', 'HCl', 'NaClO3']);
    expect(clashes(heldIn(state), { substance: 'KCN' })[0]?.gives).toMatch(/hydrogen cyanide/);
    expect(clashes(heldIn(state), { substance: 'NaCl' })).toEqual([]);
  });

  test('every substance of the shelf can be classed, and the gravest stands first', () => {
    for (const { formula } of shelf) {
      const order = keepApartFrom(formula).map(({ never }) => Number(never));
      expect(order).toEqual([...order].sort((a, b) => b - a));
    }
    expect(keepApartFrom('NaCl')).toEqual([]);
    expect(keepApartFrom('KCN').map((one) => one.with)).toEqual(['acid', 'acidSalt', 'oxidiser']);
  });
});

describe('near names', () => {
  test.each([
    ['KSCN', 'KCN', 'other'],
    ['KCN', 'KSCN', 'chosen'],
    ['KNO3', 'KNO2', 'other'],
    ['Na2SO3', 'Na2S', 'other'],
    ['NaCl', 'NaClO3', 'other'],
    ['MgCl2', 'MnCl2', 'other'],
  ])('%s is told apart from %s', (chosen, near, graver) =>
    expect(nearNames(chosen)).toContainEqual(expect.objectContaining({ formula: near, graver })),
  );

  test('asks before a cyanide is taken for a thiocyanate, not the other way', () => {
    expect(nearNames('NaCN').some(({ mustAsk }) => mustAsk)).toBe(true);
    expect(nearNames('NaSCN').some(({ mustAsk }) => mustAsk)).toBe(false);
    expect(nearNames('NaOH')).toEqual([]);
  });

  test.each([
    ['CaCO3', 'Ca'],
    ['CO2', 'CO'],
    ['KNO3', 'KNO3'],
    ['FeSO4', 'FeS'],
  ])('does not cry wolf over %s', (chosen, far) =>
    expect(nearNames(chosen).map(({ formula }) => formula)).not.toContain(far),
  );

  test('asks about formulae that a dropped letter makes deadly', () => {
    // NaN3 is NaNO3 without its O, and kills.
    expect(nearNames('NaN3')).toContainEqual(
      expect.objectContaining({ formula: 'NaNO3', mustAsk: true }),
    );
    expect(nearNames('HgCl2')).toContainEqual(
      expect.objectContaining({ formula: 'Hg2Cl2', mustAsk: true }),
    );
  });

  test('ranks what can kill above what irritates', () => {
    expect(hazardRank('KCN')).toBe(5);
    expect(hazardRank('HCl')).toBe(3);
    expect(hazardRank('NaCl')).toBe(0);
  });
});

describe('a day’s safety', () => {
  test('finds meetings down a row of vessels, protection and first aid', () => {
    const day = dayOf(['three-halides', 'one-jug-five-glasses']);
    const { protection, firstAid, stops } = daySafety(day);
    expect(protection.worn).toEqual(['goggles', 'lab coat', 'gloves']);
    expect(firstAid.join()).toMatch(/running water/);
    expect(stops).toEqual([]);
  });

  test('stops a plan in which a cyanide meets an acid further down the row', () => {
    const row = shipped('one-jug-five-glasses');
    const trapped = {
      ...row,
      steps: row.steps.map((step) =>
        step.id === 'glass-5'
          ? {
              ...step,
              events: [
                {
                  vessel: 'glass 5',
                  action: {
                    do: 'add' as const,
                    portion: { substance: 'KCN', concentrationM: 0.2, volumeMl: 4 },
                  },
                },
              ],
            }
          : step,
      ),
    };
    const { stops, procedures } = daySafety(dayOf([trapped]));
    expect(stops.join()).toMatch(/hydrogen cyanide, which kills/);
    expect(procedures[0]?.steps.flatMap(({ quantities }) => quantities).join()).toMatch(
      /KCN can kill/,
    );
  });
});

describe('what stops a day', () => {
  const beaker = (name: string, ...portions: readonly [string, number][]) => {
    const pairs = shipped('clear-pairs');
    const [step] = pairs.steps;
    return {
      ...pairs,
      name,
      vessels: [{ name: 'beaker', container: 'beaker' as const }],
      steps: [
        {
          ...(step as (typeof pairs.steps)[number]),
          ranges: [],
          events: portions.map(([substance, concentrationM]) => ({
            vessel: 'beaker',
            action: { do: 'add' as const, portion: { substance, concentrationM, volumeMl: 5 } },
          })),
        },
      ],
    };
  };

  test('a sulfide that meets an acid in a vessel', () => {
    expect(daySafety(dayOf([beaker('Eggs', ['Na2S', 0.1], ['HCl', 0.5])])).stops.join()).toMatch(
      /hydrogen sulfide/,
    );
  });

  test('a sulfide and an acid that only meet in the waste bottle', () => {
    const { stops } = daySafety(
      dayOf([beaker('One', ['Na2S', 0.1]), beaker('Other', ['Na2S', 0.01], ['HCl', 0.5])]),
    );
    expect(stops.some((line) => line.startsWith('In the bottle “Sulfide waste'))).toBe(true);
  });
});

describe('alternatives', () => {
  test('find the other reagents that give a wanted precipitate, the least hazardous first', () => {
    const found = alternatives({ effect: 'precipitate', keep: 'Na2CO3', colour: 'white' });
    expect(found.map(({ reagents }) => reagents[1])).toEqual(expect.arrayContaining(['MgCl2']));
    const hazards = found.map(({ hazard }) => hazard);
    expect(hazards).toEqual([...hazards].sort((a, b) => a - b));
    expect(found.every(({ background }) => background === 'black')).toBe(true);
  });

  test('keep to what is on the shelf', () => {
    const found = alternatives({ effect: 'gas', formula: 'CO2', keep: 'HCl' }, [
      'HCl',
      'CaCO3',
      'NaHCO3',
      'NaCl',
    ]);
    expect(found.map(({ reagents }) => [...reagents].sort().join())).toEqual(
      expect.arrayContaining(['CaCO3,HCl', 'HCl,NaHCO3']),
    );
    expect(found).toHaveLength(2);
  });

  test('see a red complex of iron in dilute solution', () => {
    const found = alternatives({ effect: 'colour', colour: 'red', keep: 'FeCl3' }, [
      'FeCl3',
      'KSCN',
      'NaCl',
    ]);
    expect(found[0]?.reagents).toEqual(['FeCl3', 'KSCN']);
    expect(found[0]?.visibility).toBeGreaterThan(10);
  });

  test('to a planned test are safer than it in every respect, and say what is lost', () => {
    const lead = [
      { substance: 'Pb(NO3)2', concentrationM: 0.1 },
      { substance: 'KI', concentrationM: 0.2 },
    ];
    const found = alternatives({ effect: 'same', insteadOf: lead });
    const before = hazardProfile(lead);
    expect(found.length).toBeGreaterThan(5);
    for (const { reagents, seen, waste } of found) {
      // No mercury, cadmium, nickel or barium for lead, nothing that may cause cancer or harm the unborn.
      expect(reagents.some(holdsHeavyMetal), reagents.join()).toBe(false);
      const bottles = reagents.map((substance) => ({ substance, concentrationM: 0.1 }));
      expect(hazardProfile(bottles).cancerOrUnborn).toBe(0);
      expect(hazardProfile(bottles).waters).toBeLessThanOrEqual(before.waters);
      expect(seen.join()).toMatch(/precipitate/);
      expect(waste.trouble).toBeLessThan(3);
    }
    expect(found[0]?.waste.trouble).toBeLessThan(2);
    expect(found[0]?.lost.join()).toMatch(/yellow/);
    expect(found.map(({ reagents }) => [...reagents].sort().join())).toContain('AgNO3,KI');
  });

  test('stop when told to', () => {
    expect(alternatives({ effect: 'gas' }, undefined, () => false)).toEqual([]);
  });
});

describe('the cautions beside a step', () => {
  const swims = {
    vessels: [{ name: 'tube', container: 'testTube' as const }],
    steps: [
      {
        ...blankStep('drop'),
        events: [
          {
            vessel: 'tube',
            action: { do: 'add' as const, portion: { substance: 'water', volumeMl: 60 } },
          },
          { vessel: 'tube', action: { do: 'add' as const, portion: { substance: 'K', massG: 2 } } },
        ],
      },
    ],
  };
  test('tells a vessel that runs over, a metal that water sets on fire, and too much of it', () => {
    const lines = stepSafety(runProcedure(swims), 'groups').flatMap(mindOf).join(' ');
    expect(lines).toMatch(/more than the vessel holds/);
    expect(lines).toMatch(/K with water: heat and a gas that may catch fire/);
    expect(lines).toMatch(/2\.0 g of K is too much: a piece of at most/);
  });
  test('the usual caution names what harms, or not', () => {
    // CLP Annex VI: sodium hydroxide H314; sodium chloride is not classified (recalled from memory).
    expect(usualCaution([{ substance: 'NaOH' }, { substance: 'NaCl' }])).toBe(
      'Eye protection. NaOH: causes severe skin burns and eye damage. Local rules and the supplier’s data sheet decide.',
    );
    expect(usualCaution([{ substance: 'NaOH' }], { named: false })).not.toContain('NaOH');
    expect(usualCaution([{ substance: 'NaCl' }])).toBe(
      'Eye protection. Local rules and the supplier’s data sheet decide.',
    );
  });

  test('the usual caution is for the strength that is used, and the worst comes first', () => {
    // CLP Annex VI: 0.1 M sodium hydroxide is under 0.5 %; lead compounds from 0.3 % may damage the unborn child.
    expect(usualCaution([{ substance: 'NaOH', concentrationM: 0.1 }])).not.toContain('NaOH');
    expect(usualCaution([{ substance: 'Pb(NO3)2', concentrationM: 0.1 }])).toMatch(
      /Pb\(NO3\)2: may damage the unborn child, suspected of damaging fertility, causes serious eye damage/,
    );
  });
});
