import { describe, expect, it } from 'vitest';
import { commands } from '../src/commands/commands';

const run = (verb: string, input: unknown): Record<string, unknown> =>
  commands[verb]?.(input) as Record<string, unknown>;

describe('the verbs of the chem command', () => {
  it('react finds the products', () => {
    const { reactions } = run('react', { reactants: ['zinc', 'copper(II) sulfate'] });
    expect(reactions).toMatchObject([
      { equation: 'CuSO4(aq) + Zn(s) → Cu(s) + ZnSO4(aq)', types: { drivingForce: ['redox'] } },
    ]);
  });

  it('mix tells each step, the starting vessel first', () => {
    const { steps } = run('mix', {
      vessel: { contents: [{ substance: 'AgNO3', concentrationM: 0.1, volumeMl: 5 }] },
      actions: [
        { do: 'add', portion: { substance: 'NaCl', concentrationM: 0.1, volumeMl: 5 } },
        { do: 'filter', keep: 'filtrate' },
      ],
    });
    expect(steps).toMatchObject([
      { state: { volumeMl: 5, colour: 'colourless', clarity: 'clear', solids: [] } },
      {
        observations: expect.arrayContaining([
          { kind: 'precipitate', formula: 'AgCl', colour: 'white', texture: 'curdy' },
        ]),
        reactions: [{ netIonic: 'Ag^+(aq) + Cl^-(aq) → AgCl(s)' }],
        // 0.5 mmol at −65.5 kJ/mol in 10 mL and a glass tube.
        state: { solids: [{ formula: 'AgCl', colour: 'white' }], temperatureC: 25.7 },
      },
      { state: { solids: [] } },
    ]);
  });

  it('hydrate, classify and compare judge what was measured and seen', () => {
    expect(
      run('hydrate', {
        anhydrous: 'CuSO4',
        dishG: 20,
        withHydrateG: 22.5,
        weighingsG: [21.6, 21.59],
        literatureX: 5,
      }),
    ).toMatchObject({ nearestWhole: 5, constantMass: true, advice: [expect.any(String)] });
    expect(
      run('classify', {
        observations: [{ kind: 'gas' }],
        events: [
          { do: 'add', portion: { substance: 'water', volumeMl: 50 } },
          { do: 'heat', toC: 100 },
        ],
      }),
    ).toMatchObject({ change: 'physical', evidence: [] });
    expect(
      run('classify', {
        observations: [{ kind: 'gas' }],
        context: { boiling: true, heated: false },
      }),
    ).toMatchObject({
      change: 'chemical',
      against: [expect.objectContaining({ sign: 'boiling or evaporating' })],
    });
    const vessel = { contents: [{ substance: 'KNO3', concentrationM: 0.1, volumeMl: 5 }] };
    const actions = [
      { do: 'add', portion: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 5 } },
    ];
    const seen = [
      { kind: 'precipitate', colour: 'white' },
      { kind: 'clarity', to: 'cloudy' },
    ];
    expect(
      run('compare', { expected: [{ kind: 'noChange' }], seen, vessel, actions }),
    ).toMatchObject({
      agreement: 'differs',
      causes: expect.arrayContaining([
        expect.objectContaining({ fault: 'tap water was used in place of distilled water' }),
      ]),
    });
    // Without what is expected, the engine says it; “clear” for a colour answers the question of clarity alone.
    expect(
      run('compare', { seen: [{ kind: 'colour', to: 'clear' }], vessel, actions }),
    ).toMatchObject({ agreement: 'agrees', differences: [], causes: [] });
  });

  it('speciate reads charges in any spelling and holds a pH', () => {
    const copper = run('speciate', { totals: { 'Cu2+': 0.1, 'Cl-': 4, 'H+': 3.8 } });
    expect(copper.species).toHaveProperty('CuCl4^2-');
    expect(copper.ionicStrength).toBeGreaterThan(2);
    const acetate = run('speciate', { totals: { CH3COOH: 0.01 }, pH: 4.76, temperatureC: 25 });
    expect(acetate.pH).toBeCloseTo(4.76, 6);
    const solid = run('speciate', { totals: { 'Ag^+': 0.01, 'Cl^-': 0.01 } });
    expect(solid.solids).toMatchObject([{ formula: 'AgCl' }]);
    const clear = run('speciate', { totals: { 'Ag^+': 0.01, 'Cl^-': 0.01 }, allowSolids: false });
    expect(clear.solids).toEqual([]);
  });

  it.each([
    ['hydrate', { anhydrous: 'CuSO4', dishG: 20, withHydrateG: 22, weighingsG: [] }, 'weighingsG'],
    ['classify', { observations: [{ kind: 'colour', to: 'loud' }] }, 'observations.0.to'],
    ['compare', { seen: [{ kind: 'bang' }] }, 'seen.0.kind'],
    ['mix', { vessel: { contents: [{ substance: 'NaCl', massG: 0 }] } }, 'vessel.contents.0'],
    [
      'mix',
      { vessel: { contents: [{ substance: 'nonsensium', massG: 1 }] } },
      'vessel.contents.0.substance',
    ],
    [
      'mix',
      {
        vessel: { contents: [{ substance: 'water', volumeMl: 5 }] },
        actions: [{ do: 'dilute', toVolumeMl: 2 }],
      },
      'actions.0.toVolumeMl',
    ],
    [
      'schedule',
      { tasks: [{ id: 'a', minutes: 1, attended: true, after: ['b'] }], people: 1 },
      'tasks.0.after.0',
    ],
    [
      'schedule',
      { tasks: [{ id: 'a', minutes: -1, attended: true }], people: 1 },
      'tasks.0.minutes',
    ],
    ['prepare', { substance: 'NaOH', concentrationM: 30, volumeMl: 10 }, 'concentrationM'],
    ['react', { reactants: [] }, 'reactants'],
    ['react', { reactants: ['NaCl', 'notathing'] }, 'reactants.1'],
    ['speciate', { totals: { 'Xx^+': 1 } }, 'totals'],
    ['speciate', { totals: { 'Na^+': -1 } }, 'totals'],
  ])('%s names the field that is wrong', (verb, input, field) =>
    expect(() => run(verb, input)).toThrowError(
      expect.objectContaining({
        field: expect.stringContaining(field),
        remedy: expect.stringMatching(/\w/),
      }),
    ),
  );
});
