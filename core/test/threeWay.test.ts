import { isSame, threeWay } from '@stoichos/core/common';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

interface Day {
  name: string;
  lengthMin: number;
  staff: string[];
  groups: { id: string; name: string }[];
}
const knot = { id: 'k', name: 'Knot' };
const ruff = { id: 'r', name: 'Ruff' };
const tern = { id: 't', name: 'Tern' };
const base: Day = { name: 'Silver', lengthMin: 90, staff: ['A'], groups: [knot, ruff] };
const never = (): never => {
  throw new Error('nothing is to be chosen');
};

describe('two changes of the same thing', () => {
  it('of different fields are both kept', () => {
    const { differences, merged } = threeWay(
      base,
      { ...base, name: 'Gold' },
      { ...base, lengthMin: 45 },
    );
    expect(differences).toEqual([]);
    expect(merged(never)).toEqual({ ...base, name: 'Gold', lengthMin: 45 });
  });

  it('of the same field to the same value are one', () => {
    const both = { ...base, staff: ['A', 'B'] };
    expect(threeWay(base, both, structuredClone(both)).differences).toEqual([]);
  });

  it('of the same field are chosen between', () => {
    const { differences, merged } = threeWay(
      base,
      { ...base, name: 'Gold', lengthMin: 60 },
      { ...base, name: 'Lead', lengthMin: 45 },
    );
    expect(differences).toEqual([
      { field: 'name', mine: 'Gold', theirs: 'Lead' },
      { field: 'lengthMin', mine: 60, theirs: 45 },
    ]);
    const chosen = merged(({ field }) => (field === 'name' ? 'mine' : 'theirs'));
    expect(chosen).toEqual({ ...base, name: 'Gold', lengthMin: 45 });
  });

  it('of a list are compared item by item', () => {
    const mine = { ...base, groups: [{ ...knot, name: 'Red Knot' }, ruff] };
    const theirs = { ...base, groups: [knot, ruff, tern] };
    const { differences, merged } = threeWay(base, mine, theirs);
    expect(differences).toEqual([]);
    expect(merged(never).groups).toEqual([{ ...knot, name: 'Red Knot' }, ruff, tern]);
  });

  it('that both put something in keep both', () => {
    const mine = { ...base, groups: [...base.groups, tern] };
    const theirs = { ...base, groups: [...base.groups, { id: 'd', name: 'Dunlin' }] };
    const ids = threeWay(base, mine, theirs)
      .merged(never)
      .groups.map(({ id }) => id);
    expect(ids.sort()).toEqual(['d', 'k', 'r', 't']);
  });

  it('that take out what the other changed are chosen between', () => {
    const mine = { ...base, groups: [ruff] };
    const theirs = { ...base, groups: [{ ...knot, name: 'Red Knot' }, ruff] };
    const { differences, merged } = threeWay(base, mine, theirs);
    expect(differences).toEqual([
      { field: 'groups', item: 'k', mine: undefined, theirs: { id: 'k', name: 'Red Knot' } },
    ]);
    expect(merged(() => 'mine').groups).toEqual([ruff]);
    expect(merged(() => 'theirs').groups).toEqual(theirs.groups);
  });

  it('that take out what the other left alone take it out', () => {
    const mine = { ...base, groups: [ruff] };
    expect(threeWay(base, mine, { ...base, name: 'Gold' }).merged(never)).toEqual({
      ...base,
      name: 'Gold',
      groups: [ruff],
    });
  });

  it('keep the order of whoever changed it', () => {
    const turned = { ...base, groups: [ruff, knot] };
    expect(threeWay(base, turned, { ...base, name: 'Gold' }).merged(never).groups).toEqual([
      ruff,
      knot,
    ]);
    expect(threeWay(base, { ...base, name: 'Gold' }, turned).merged(never).groups).toEqual([
      ruff,
      knot,
    ]);
  });
});

describe('whatever two people do', () => {
  const item = fc.record({
    id: fc.constantFrom('a', 'b', 'c', 'd'),
    name: fc.constantFrom('1', '2'),
  });
  const thing = fc.record({
    name: fc.constantFrom('x', 'y', 'z'),
    list: fc.uniqueArray(item, { selector: ({ id }) => id }),
  });

  it('one who changed nothing takes what the other made of it', () =>
    fc.assert(
      fc.property(thing, thing, (one, other) => {
        expect(threeWay(one, one, other).merged(never)).toEqual(other);
        expect(threeWay(one, other, one).merged(never)).toEqual(other);
      }),
    ));

  it('all chosen for one side is that side, with what only the other touched', () =>
    fc.assert(
      fc.property(thing, thing, thing, (of, mine, theirs) => {
        const { differences, merged } = threeWay(of, mine, theirs);
        const result = merged(() => 'mine');
        if (!isSame(mine.name, of.name)) expect(result.name).toBe(mine.name);
        for (const one of mine.list)
          if (!of.list.some((before) => isSame(before, one)))
            expect(result.list).toContainEqual(one);
        expect(differences.every((one) => !isSame(one.mine, one.theirs))).toBe(true);
      }),
    ));
});

describe('what says the same', () => {
  it('does so in any order of its keys, and without keys that hold nothing', () => {
    expect(isSame({ a: 1, b: [{ c: 2 }] }, { b: [{ c: 2 }], a: 1, d: undefined })).toBe(true);
    expect(isSame({ a: 1 }, { a: 2 })).toBe(false);
    expect(isSame([1, 2], [1])).toBe(false);
    expect(isSame([], {})).toBe(false);
    expect(isSame(null, {})).toBe(false);
  });
});
