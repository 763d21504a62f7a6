import type { BenchRecord } from '@stoichos/core/labday/day';
import type { DemoDay, DemoRecord } from './demoDay';

/** The record of the first evening: a circuit of changes, heat and cold, a hydrate, drops and metals. All results are invented. */

const groups = ['Bench Heron', 'Bench Tern', 'Bench Plover', 'Bench Dunlin'] as const;
type Group = (typeof groups)[number];

const at = (
  procedure: string,
  step: string,
  vessel: string | null,
  group: Group,
  ...seen: readonly BenchRecord[]
): DemoRecord => ({
  work: procedure,
  step,
  vessel,
  group,
  seen: [...seen, { kind: 'step', state: 'done' }],
});

/** What most benches saw, with what some saw otherwise. */
function circuit(group: Group): DemoRecord[] {
  const one = (step: string, vessel: string | null, ...seen: readonly BenchRecord[]) =>
    at('eight-small-changes', step, vessel, group, ...seen);
  const lost = group === 'Bench Tern';
  return [
    one(
      'salt',
      '1 salt',
      { kind: 'colour', to: 'colourless' },
      { kind: 'clarity', to: 'clear' },
      { kind: 'dissolves', complete: true },
      { kind: 'temperature', felt: 'cold' },
    ),
    one(
      'sugar',
      '2 sugar',
      { kind: 'sight', result: 'melts' },
      { kind: 'sight', result: 'browns or chars' },
    ),
    one(
      'iodine',
      '3 iodine',
      { kind: 'sight', result: 'turns to vapour' },
      { kind: 'sight', result: 'settles again where it is cooler' },
    ),
    one(
      'magnesium',
      '4 magnesium',
      { kind: 'colour', to: 'colourless' },
      { kind: 'clarity', to: 'clear' },
      { kind: 'dissolves', complete: true },
      { kind: 'gas', vigour: 'vigorous' },
      { kind: 'temperature', felt: 'hot' },
    ),
    one(
      'clouds',
      '5 clouds',
      { kind: 'colour', from: 'pale blue', to: 'pale blue' },
      ...(lost
        ? ([{ kind: 'clarity', to: 'clear' }, { kind: 'noPrecipitate' }] as const)
        : ([
            { kind: 'clarity', to: 'opaque' },
            { kind: 'precipitate', colour: 'pale blue', texture: 'gelatinous' },
          ] as const)),
    ),
    one('mixture', '6 mixture', { kind: 'magnet', attracts: true, result: 'draws something' }),
    one(
      'heated',
      '7 heated',
      { kind: 'sight', result: 'glows' },
      { kind: 'magnet', attracts: true, result: 'draws something' },
    ),
    one(
      'carbonate',
      '8 carbonate',
      { kind: 'colour', to: 'colourless' },
      { kind: 'clarity', to: 'cloudy' },
      { kind: 'dissolves', complete: false },
      { kind: 'gas', vigour: 'vigorous' },
      { kind: 'gasTest', test: 'limewater', result: 'turns milky' },
    ),
  ];
}

const mass = (name: string, value: number): BenchRecord => ({
  kind: 'measurement',
  name,
  quantity: 'mass',
  value,
  uncertainty: 0.006,
});

/** Crucible, with crystals, after each heating, g. Plover stopped too early. */
const crucibles: Readonly<Record<Group, readonly number[]>> = {
  'Bench Heron': [18.34, 21.17, 19.75, 19.73],
  'Bench Tern': [18.61, 21.52, 20.05, 20.04],
  'Bench Plover': [18.52, 21.31, 20.44],
  'Bench Dunlin': [18.27, 21.02, 19.63, 19.62],
};

function crystalWater(group: Group): DemoRecord[] {
  const [dish = 0, filled = 0, ...heated] = crucibles[group];
  const steps = ['weigh', 'weigh-again'];
  return [
    at('crystal-water-by-mass', 'empty', null, group, mass('crucible and lid', dish)),
    at('crystal-water-by-mass', 'fill', null, group, mass('with the crystals', filled)),
    at('crystal-water-by-mass', 'fill', 'crucible', group, { kind: 'solid', colour: 'white' }),
    at('crystal-water-by-mass', 'heat', 'crucible', group, {
      kind: 'sight',
      result: 'drops of water form',
    }),
    ...heated.map((value, index) =>
      at(
        'crystal-water-by-mass',
        steps[index] ?? 'weigh-again',
        null,
        group,
        mass('after heating', value),
      ),
    ),
    ...(group === 'Bench Plover'
      ? [
          at('crystal-water-by-mass', 'heat', null, group, {
            kind: 'departure',
            what: 'time',
            planned: '9 min',
            done: '4 min',
          }),
        ]
      : []),
  ];
}

/** A log every half minute; the salt goes in after a minute and a half. */
function cups(group: Group): DemoRecord[] {
  const off = groups.indexOf(group) * 0.2;
  const log = (cup: string, step: string, temperatures: readonly number[]) =>
    at(
      'warm-and-cold-cups',
      step,
      null,
      group,
      ...temperatures.map((temperature, index): BenchRecord => ({
        kind: 'measurement',
        name: `temperature in ${cup}`,
        quantity: 'temperature',
        value: temperature + off,
        uncertainty: 0.2,
        elapsedS: 30 * index,
      })),
    );
  return [
    log('A', 'calcium', [21, 21, 21, 21, 37.5, 40.2, 40, 39.7, 39.4, 39.1]),
    log('B', 'ammonium', [21, 21, 21.1, 21, 14.2, 12.5, 12.6, 12.8, 13, 13.1]),
    log('C', 'common-salt', [21, 21, 21, 21, 20.4, 20.1, 20.1, 20.2]),
  ];
}

/** Drops of alkali to the pink that stays. */
function drops(group: Group): DemoRecord[] {
  const count = (step: string, name: string, ...values: readonly number[]) =>
    at(
      'drops-one-and-two',
      step,
      null,
      group,
      ...values.map((value): BenchRecord => ({
        kind: 'measurement',
        name: `drops, ${name}`,
        quantity: 'drops',
        value,
        firstColourAt: value - 2,
        lastingColourAt: value,
      })),
    );
  const more = groups.indexOf(group) % 2;
  return [
    count('hydrochloric', 'hydrochloric acid', 21, 20 + more),
    count('sulfuric', 'sulfuric acid', 41, 42),
    count('ethanoic', 'ethanoic acid', 21 + more, 21),
  ];
}

function trees(group: Group): DemoRecord[] {
  const one = (step: string, tube: string, ...seen: readonly BenchRecord[]) =>
    at('metal-trees', step, tube, group, ...seen);
  return [
    one(
      'zinc-copper',
      'A',
      { kind: 'deposit', colour: 'red-brown' },
      { kind: 'dissolves', complete: false },
      { kind: 'colour', from: 'blue', to: 'colourless' },
      { kind: 'clarity', to: 'clear' },
      { kind: 'temperature', felt: 'warm' },
    ),
    one(
      'iron-copper',
      'B',
      { kind: 'deposit', colour: 'red-brown' },
      { kind: 'dissolves', complete: false },
      { kind: 'colour', from: 'blue', to: 'pale blue' },
      { kind: 'clarity', to: 'clear' },
      { kind: 'temperature', felt: 'warm' },
    ),
    one(
      'copper-silver',
      'C',
      { kind: 'deposit', colour: 'grey' },
      { kind: 'colour', from: 'colourless', to: 'pale blue' },
      { kind: 'clarity', to: 'clear' },
    ),
    one(
      'copper-zinc',
      'D',
      ...(group === 'Bench Dunlin'
        ? ([
            { kind: 'deposit', colour: 'grey' },
            { kind: 'clarity', to: 'clear' },
            { kind: 'colour', to: 'colourless' },
          ] as const)
        : ([{ kind: 'noChange' }] as const)),
    ),
  ];
}

export const firstWeek: Pick<
  DemoDay,
  'name' | 'groups' | 'mixings' | 'procedures' | 'weighings' | 'records' | 'sparePercent'
> = {
  name: 'Week 1: what is a change?',
  sparePercent: 20,
  groups,
  mixings: [],
  procedures: [
    'eight-small-changes',
    'crystal-water-by-mass',
    'warm-and-cold-cups',
    'drops-one-and-two',
    'metal-trees',
  ].map((id) => ({ id, manner: 'groups' })),
  weighings: [],
  records: groups.flatMap((group) => [
    ...circuit(group),
    ...crystalWater(group),
    ...cups(group),
    ...drops(group),
    ...trees(group),
  ]),
};
