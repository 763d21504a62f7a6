import { describe, expect, test } from 'vitest';
import { rackRunner, runRack } from '../src/seeing/rack/rack';
import { rackSchema } from '../src/seeing/rack/rackShape';
import type { Rack, RackEvent } from '../src/seeing/rack/rackShape';
import type { AnyPortion } from '../src/vessel/portion';
import { portion } from './support/bench';

const add = (vessel: string, what: string): RackEvent => ({
  vessel,
  action: { do: 'add', portion: portion(what) },
});
const rack = (names: string, ...events: RackEvent[]): Rack => ({
  vessels: [...names].map((name) => ({ name, container: 'testTube' })),
  events,
});

describe('a rack of vessels', () => {
  test('each event is told of the vessel in which it happened; a blank stays a blank', () => {
    const { steps, now } = runRack(
      rack('AB', add('A', 'AgNO3 0.1M'), add('B', 'AgNO3 0.1M'), add('A', 'NaCl 0.1M')),
    );
    expect(steps.map(({ vessel }) => vessel)).toEqual(['A', 'B', 'A']);
    expect(now.A?.view.solid?.colour).toBe('white');
    expect(now.B?.view.solid).toBeUndefined();
  });

  test('a poured vessel is empty and the receiver holds both', () => {
    const { steps, now } = runRack(
      rack('AB', add('A', 'Pb(NO3)2 0.1M'), add('B', 'KI 0.1M'), { pour: 'A', into: 'B' }),
    );
    expect(now.A?.state.volumeMl).toBe(0);
    expect(now.B?.state.volumeMl).toBeCloseTo(10);
    expect(steps[2]?.told.observations).toContainEqual(
      expect.objectContaining({ kind: 'precipitate', formula: 'PbI2', colour: 'bright yellow' }),
    );
  });

  test('a row poured through gives what pouring all into one gives', () => {
    const row = runRack(
      rack(
        'ABC',
        add('A', 'FeCl3 0.1M'),
        add('B', 'NaOH 1M'),
        add('C', 'HCl 2M'),
        { pour: 'A', into: 'B' },
        { pour: 'B', into: 'C' },
      ),
    );
    const one = runRack(rack('A', add('A', 'FeCl3 0.1M'), add('A', 'NaOH 1M'), add('A', 'HCl 2M')));
    expect(row.now.C?.state.pH).toBeCloseTo(one.now.A?.state.pH ?? NaN, 1);
    expect(row.now.C?.state.colour).toBe(one.now.A?.state.colour);
  });

  test('a test shows, and does not change', () => {
    const events = [add('A', 'CaCO3 0.5g'), add('A', 'HCl 2M')];
    const lime: RackEvent = { vessel: 'A', action: { do: 'test', test: 'limewater' } };
    const { steps, now } = runRack(rack('A', ...events, lime));
    expect(steps[2]?.told.observations[0]).toMatchObject({ kind: 'gasTest', test: 'limewater' });
    expect(now.A?.state.pH).toBeCloseTo(steps[1]?.told.state.pH ?? NaN, 9);
  });

  test.each<[string, RackEvent, RegExp]>([
    ['pouring nothing', { pour: 'A', into: 'B' }, /nothing in the vessel to pour/],
    ['pouring into itself', { pour: 'A', into: 'A' }, /into itself/],
    ['a vessel that is not there', add('Z', 'NaCl 0.1M'), /no vessel called “Z”/],
    ['heating an empty tube', { vessel: 'A', action: { do: 'heat', strongly: true } }, /nothing/],
  ])('%s is refused in words', (_what, event, words) => {
    expect(() => runRack(rack('AB', event))).toThrow(words);
  });

  test('a first solid in an empty vessel is told as it lies there', () => {
    const { steps } = runRack(rack('A', add('A', 'CaCO3 0.5g')));
    expect(steps[0]?.told.observations).toEqual([
      { kind: 'solid', formula: 'CaCO3', colour: 'white' },
    ]);
  });

  test('is read back from text as it was written', () => {
    const written = rack('AB', add('A', 'HCl 1M'), { pour: 'A', into: 'B' });
    expect(rackSchema.parse(JSON.parse(JSON.stringify(written)))).toEqual(written);
  });

  test('grown event by event, undone and regrown, it is what it is when run at once', () => {
    const run = rackRunner();
    const events = [
      add('A', 'FeCl3 0.1M'),
      add('B', 'NaOH 1M'),
      { pour: 'A', into: 'B' } satisfies RackEvent,
      add('B', 'HCl 2M'),
    ];
    const whole = rack('AB', ...events);
    const upTo = (count: number): Rack => ({ ...whole, events: whole.events.slice(0, count) });
    for (const count of [1, 2, 3, 4, 2, 4, 0, 4])
      expect(run(upTo(count))).toEqual(runRack(upTo(count)));
    // A vessel that comes later changes nothing that was; another kind of vessel does.
    const wider = {
      ...whole,
      vessels: [...whole.vessels, { name: 'C', container: 'beaker' as const }],
    };
    expect(run(wider).now.C?.state.volumeMl).toBe(0);
    const other: Rack = {
      ...whole,
      vessels: whole.vessels.map(({ name }) => ({ name, container: 'beaker' })),
    };
    expect(run(other)).toEqual(runRack(other));
  });
});

describe('what passes between vessels', () => {
  const twoTubes = [
    { name: 'A', container: 'beaker' as const },
    { name: 'B', container: 'beaker' as const },
  ];
  const put = (vessel: string, portion: AnyPortion): RackEvent => ({
    vessel,
    action: { do: 'add', portion },
  });
  const clouded = [
    put('A', { substance: 'BaCl2', concentrationM: 0.1, volumeMl: 10 }),
    put('A', { substance: 'Na2SO4', concentrationM: 0.1, volumeMl: 20 }),
  ];

  test('leaves the solid on the paper and lets the filtrate through', () => {
    const { now } = runRack({
      vessels: twoTubes,
      events: [...clouded, { pour: 'A', into: 'B', filtered: true }],
    });
    expect(now.A?.state.solids.map(({ formula }) => formula)).toEqual(['BaSO4']);
    expect(now.B?.state.solids).toEqual([]);
    // A filtrate is something to look at, not “nothing happened”.
    expect(now.B?.observations).toEqual([
      { kind: 'colour', from: 'colourless', to: 'colourless' },
      { kind: 'clarity', to: 'clear' },
    ]);
    expect((now.A?.state.volumeMl ?? 0) + (now.B?.state.volumeMl ?? 0)).toBeCloseTo(30, 6);
  });

  test('pours only a share', () => {
    const { now } = runRack({
      vessels: twoTubes,
      events: [...clouded, { pour: 'A', into: 'B', share: 0.25 }],
    });
    expect(now.B?.state.volumeMl).toBeCloseTo(7.5, 6);
    const massG = (name: string) => now[name]?.state.solids[0]?.massG ?? 0;
    // 1 mmol of BaSO4 is 233.39 g/mol (CRC Handbook).
    expect(massG('A') + massG('B')).toBeCloseTo(0.2334, 3);
    expect(massG('B') / massG('A')).toBeCloseTo(1 / 3, 6);
  });

  test('leads the gas of one through the other', () => {
    const { now } = runRack({
      vessels: twoTubes,
      events: [
        put('A', { substance: 'CaCO3', massG: 0.5 }),
        put('A', { substance: 'HCl', concentrationM: 2, volumeMl: 10 }),
        put('B', { substance: 'Ca(OH)2', concentrationM: 0.018, volumeMl: 40 }),
        { leadGasOf: 'A', into: 'B' },
      ],
    });
    // That the gas one leads in bubbles is nothing seen of the liquid.
    expect(now.B?.observations.map(({ kind }) => kind)).not.toContain('gas');
    expect(now.B?.state.gasEvolved).not.toEqual([]);
    expect(now.B?.state.pH).toBeLessThan(8);
    expect(() => runRack({ vessels: twoTubes, events: [{ leadGasOf: 'A', into: 'B' }] })).toThrow(
      /nothing in the vessel to lead off as gas/,
    );
  });

  test('tells of the liquid one watches: a jug of pink poured on a few drops of acid turns colourless', () => {
    const { steps } = runRack({
      vessels: twoTubes,
      events: [
        put('A', { substance: 'NaOH', concentrationM: 0.02, volumeMl: 40 }),
        put('A', { indicator: 'phenolphthalein', drops: 6 }),
        put('B', { substance: 'H2SO4', concentrationM: 1, volumeMl: 2 }),
        { pour: 'A', into: 'B' },
      ],
    });
    expect(steps.at(-1)?.told.observations).toContainEqual({
      kind: 'colour',
      from: 'pink',
      to: 'colourless',
    });
  });
});

describe('what a magnet draws', () => {
  const vessels: Rack['vessels'] = [
    { name: 'A', container: 'beaker' },
    { name: 'B', container: 'dish' },
  ];
  const solid = (substance: string, massG: number): RackEvent => ({
    vessel: 'A',
    action: { do: 'add', portion: { substance, massG } },
  });
  const water: RackEvent = {
    vessel: 'A',
    action: { do: 'add', portion: { substance: 'water', volumeMl: 20 } },
  };
  const solidsOf = (rack: Rack, name: string) =>
    (runRack(rack).now[name]?.state.solids ?? []).map(({ formula }) => formula).sort();

  test('leaves blue vitriol and sand behind, so that water makes no copper', () => {
    const powders = [solid('Fe', 2), solid('SiO2', 2), solid('CuSO4·5H2O', 3)];
    const drawn: Rack = { vessels, events: [...powders, { drawOutOf: 'A', into: 'B' }, water] };
    expect(solidsOf(drawn, 'B')).toEqual(['Fe']);
    expect(solidsOf(drawn, 'A')).toEqual(['SiO2']);
    // The other way round iron displaces copper (any activity series).
    expect(solidsOf({ vessels, events: [...powders, water] }, 'A')).toContain('Cu');
  });

  test('takes the liquid along that clings to it, and loses nothing', () => {
    const { now } = runRack({
      vessels,
      events: [solid('Fe', 2), water, { drawOutOf: 'A', into: 'B' }],
    });
    expect(now.B?.state.volumeMl).toBeCloseTo(3, 6);
    expect((now.A?.state.volumeMl ?? 0) + (now.B?.state.volumeMl ?? 0)).toBeCloseTo(20, 6);
  });

  test('is nothing where all is dissolved', () => {
    const salt = solid('FeSO4·7H2O', 1);
    expect(() =>
      runRack({ vessels, events: [salt, water, { drawOutOf: 'A', into: 'B' }] }),
    ).toThrow('nothing in the vessel that a magnet draws');
  });
});
