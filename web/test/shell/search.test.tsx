import type { SpotlightActionData, SpotlightActionGroupData } from '@mantine/spotlight';
import { library } from '@stoichos/core/planning/procedure';
import { describe, expect, it, vi } from 'vitest';
import { everyWord } from '../../src/shell/CommandSearch';
import { searchGroups } from '../../src/shell/searchGroups';
import type { Findable } from '../../src/shell/searchGroups';

const day = {
  id: 'd1',
  name: 'Week 3',
  date: '2027-02-03',
  archivedAt: null,
  groups: [{ id: 'g1', name: 'Bench Heron' }],
} as unknown as Findable['days'][number];

const all: Findable = {
  typed: '',
  recent: [{ path: '/mix', title: 'Mix anything' }],
  days: [day, { ...day, id: 'd0', name: 'Week 2', archivedAt: '2027-01-30T08:00:00.000Z' }],
  procedures: library.slice(0, 2),
  jars: [
    {
      id: 'j1',
      substance: 'NaCl',
      form: 'NaCl',
      purityPercent: 99,
      place: 'Shelf 2',
      amount: 0.1 + 0.2,
      unit: 'g',
      least: 0,
      expires: null,
    },
  ],
  runs: [{ id: 'r1', name: 'Blue flask, three shakes' }],
  cells: [{ id: 'c1', name: 'Zinc on a plate, first bath' }],
  naming: 'stock',
  target: day,
};

const went = vi.fn();
const groups = searchGroups(all, (path) => () => went(path));
const actionsOf = (name: string): readonly SpotlightActionData[] =>
  groups.find(({ group }) => group === name)?.actions ?? [];
const find = (query: string) =>
  (everyWord(query, groups) as SpotlightActionGroupData[]).flatMap(({ actions }) =>
    actions.map(({ label }) => label),
  );

describe('what the search holds', () => {
  it('is everything one can go to, by kind', () =>
    expect(groups.map(({ group }) => group)).toEqual([
      'Recipes',
      'Recent',
      'Lab days',
      'Studies and pages',
      'Procedures',
      'Substances',
      'Jars',
      'Runs',
      'Words',
    ]));

  it('has every stage of a lab day, and says which day is archived', () => {
    const stages = actionsOf('Lab days').filter(({ id }) => id.startsWith('d1'));
    expect(stages.map(({ label }) => label)).toEqual([
      'Week 3 · Plan',
      'Week 3 · Prepare',
      'Week 3 · Bench',
      'Week 3 · Judge',
      'Week 3 · Report',
      'Week 3 · Groups',
    ]);
    expect(actionsOf('Lab days').at(-1)?.description).toBe('2027-02-03, archived');
  });

  it('goes where it says', () => {
    const [jar] = actionsOf('Jars');
    expect(jar).toMatchObject({ label: 'Jar of NaCl', description: 'Shelf 2: 0.3 g' });
    jar?.onClick?.({} as never);
    expect(went).toHaveBeenLastCalledWith('/shelf');
    actionsOf('Runs')[1]?.onClick?.({} as never);
    expect(went).toHaveBeenLastCalledWith('/electrolysis/runs/c1');
  });

  it('offers a test with a substance that makes a solution, in the day one has in mind', () => {
    const offered = actionsOf('Substances').find(({ id }) => id === 'CuSO4');
    expect(offered?.description).toBe('Plan a test with it in Week 3');
    offered?.onClick?.({} as never);
    expect(went).toHaveBeenLastCalledWith('/days/d1/plan?a=CuSO4');
    expect(actionsOf('Substances').find(({ id }) => id === 'CaCO3')).toBeUndefined();
  });

  it('offers no test where there is no lab day', () => {
    const without = searchGroups({ ...all, target: undefined }, () => () => undefined);
    const substances = without.find(({ group }) => group === 'Substances')?.actions ?? [];
    expect(substances.filter(({ id }) => !id.startsWith('constants'))).toEqual([]);
  });
});

describe('what is typed', () => {
  it('finds what holds every word, in any order', () => {
    expect(find('bench week 3')).toContain('Week 3 · Bench');
    expect(find('3 week bench')).toContain('Week 3 · Bench');
    expect(find('week 3 nowhere')).toEqual([]);
  });

  it('is a recipe where it has a volume, a strength and a substance', () => {
    const typed = '500 mL 1 M sodium sulfate';
    const asked = searchGroups({ ...all, typed }, (path) => () => went(path));
    const [first] = (everyWord(typed, asked) as SpotlightActionGroupData[]).flatMap(
      ({ actions }) => actions,
    );
    expect(first?.label).toBe(`Recipe: ${typed}`);
    first?.onClick?.({} as Parameters<NonNullable<typeof first.onClick>>[0]);
    const [path] = went.mock.lastCall as [string];
    expect(JSON.parse(new URLSearchParams(path.split('?')[1]).get('recipe') ?? '')).toMatchObject({
      substance: 'sodium sulfate',
      volumeMl: 500,
      strength: 1,
      unit: 'M',
    });
  });

  it('marks what can kill, and puts it after what is only called alike', () => {
    const found = find('cyanid');
    expect(found.findIndex((label = '') => /ferrocyanide|hexacyano/i.test(label))).toBeLessThan(
      found.findIndex((label = '') => label.startsWith('sodium cyanide')),
    );
    expect(found).toContain('sodium cyanide ▲ can kill');
  });

  it('finds a substance by any of its names', () =>
    expect(find('blue vitriol').join(' ')).toMatch(/copper/i));

  it('puts what is called so before what only has to do with it', () => {
    const [first] = find('mix anything');
    expect(first).toBe('Mix anything');
  });

  it('leaves out where one was last once something is typed', () => {
    const recent = (query: string) =>
      (everyWord(query, groups) as SpotlightActionGroupData[]).find(
        ({ group }) => group === 'Recent',
      )?.actions;
    expect(recent('')).toMatchObject([{ label: 'Mix anything' }]);
    expect(recent('mix')).toEqual([]);
  });

  it('looks through dates only for something date-like', () => {
    expect(find('2027-02')).toContain('Week 3 · Plan');
    expect(find('02').filter((label) => label?.startsWith('Week'))).toEqual([]);
  });
});
