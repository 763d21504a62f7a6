import { describe, expect, it } from 'vitest';
import {
  classifyChange,
  compareObservations,
  drawRecord,
  judgeTest,
  likelyCauses,
  predictMixing,
  solutionsNeeded,
  stageStates,
  standingEntries,
} from '../src';
import type { BenchEntry, LabDay, Observation, PlannedTest } from '../src';
import { dayOf } from './support/day';

const a = { substance: 'CuSO4', concentrationM: 0.1, volumeMl: 3 };
const b = { substance: 'NaOH', concentrationM: 0.3, volumeMl: 3 };
const expected = predictMixing(a, b, 'testTube').observations;
const good: Observation[] = [
  { kind: 'precipitate', colour: 'pale blue', texture: 'gelatinous' },
  { kind: 'colour', to: 'colourless' },
  { kind: 'clarity', to: 'opaque' },
];

describe('expected against seen', () => {
  const agreement = (...seen: Observation[]) => compareObservations(expected, seen).agreement;

  it('agrees, to the depth of a colour', () => {
    expect(agreement(...good)).toBe('agrees');
    expect(agreement({ kind: 'precipitate', colour: 'blue' }, ...good.slice(1))).toBe('agrees');
  });
  it('agrees in part when a colour is off, and names it', () => {
    const { agreement: found, items } = compareObservations(expected, [
      { kind: 'precipitate', colour: 'red' },
      ...good.slice(1),
    ]);
    expect(found).toBe('partly');
    expect(items.filter(({ outcome }) => outcome === 'differs').map(({ item }) => item)).toEqual([
      'precipitate colour',
    ]);
  });
  it('differs when there is no precipitate', () =>
    expect(agreement({ kind: 'noPrecipitate' }, ...good.slice(1))).toBe('differs'));
  it('differs when nothing happened', () =>
    expect(agreement({ kind: 'noChange' })).toBe('differs'));
  it('differs when a gas was not expected', () =>
    expect(agreement(...good, { kind: 'gas' })).toBe('differs'));
  it('is incomplete while something is not recorded', () => {
    expect(agreement()).toBe('incomplete');
    expect(agreement(...good.slice(0, 2))).toBe('incomplete');
  });
  it('takes “nothing happened” as a full answer where nothing should', () => {
    const none = predictMixing({ ...a, substance: 'NaCl' }, { ...b, substance: 'KNO3' }, 'beaker');
    expect(compareObservations(none.observations, [{ kind: 'noChange' }]).agreement).toBe('agrees');
  });
});

describe('likely causes', () => {
  it('finds the reagent that was left out', () => {
    const causes = likelyCauses(a, b, 'testTube', [
      { kind: 'noPrecipitate' },
      { kind: 'clarity', to: 'clear' },
      { kind: 'colour', from: 'pale blue', to: 'pale blue' },
    ]);
    expect(causes[0]?.fault).toBe('NaOH was left out, or water was used for it');
    expect(causes.some(({ fault }) => fault.startsWith('CuSO4 was left out'))).toBe(false);
  });
  it('finds none when the plan explains what was seen', () =>
    expect(likelyCauses(a, b, 'testTube', good)).toEqual([]));
});

describe('evidence of chemical change', () => {
  it.each([
    [good, 'chemical'],
    [[{ kind: 'gas' }], 'chemical'],
    [[{ kind: 'colour', from: 'colourless', to: 'deep red' }], 'chemical'],
    [[{ kind: 'colour', from: 'blue', to: 'pale blue' }, { kind: 'noPrecipitate' }], 'physical'],
    [[{ kind: 'noChange' }], 'physical'],
    [[], 'undecided'],
  ] as [Observation[], string][])('%o is %s', (seen, change) =>
    expect(classifyChange(seen).change).toBe(change),
  );
  it('grows surer with more signs, and never certain', () => {
    const one = classifyChange([{ kind: 'gas' }]).confidence;
    const two = classifyChange([{ kind: 'gas' }, { kind: 'precipitate' }]).confidence;
    expect(two).toBeGreaterThan(one);
    expect(two).toBeLessThan(1);
  });
});

describe('a lab day', () => {
  const ids = { test: crypto.randomUUID(), heron: crypto.randomUUID(), tern: crypto.randomUUID() };
  const entry = (record: BenchEntry['record'], supersedes: string | null = null): BenchEntry => ({
    id: crypto.randomUUID(),
    testId: ids.test,
    groupId: ids.heron,
    record,
    supersedes,
    recordedAt: '2026-03-01T10:00:00.000Z',
  });
  const test: PlannedTest = { id: ids.test, a, b, container: 'testTube' };
  const heron = { id: ids.heron, name: 'Heron' };
  const day: LabDay = dayOf([], 0, {
    sparePercent: 20,
    groups: [heron, { id: ids.tern, name: 'Tern' }],
    tests: [test],
  });

  it('sums the solutions over groups and tests, with the spare, up to 10 mL', () => {
    const twice = { ...day, tests: [...day.tests, { ...test, id: crypto.randomUUID() }] };
    expect(solutionsNeeded(twice)).toEqual([
      {
        key: 'CuSO4 0.1',
        substance: 'CuSO4',
        concentrationM: 0.1,
        usedMl: 12,
        makeMl: 20,
        for: ['tests'],
      },
      {
        key: 'NaOH 0.3',
        substance: 'NaOH',
        concentrationM: 0.3,
        usedMl: 12,
        makeMl: 20,
        for: ['tests'],
      },
    ]);
  });

  it('lets a correction stand for the line it supersedes, and a withdrawal for nothing', () => {
    const first = entry({ kind: 'precipitate', colour: 'white' });
    const second = entry({ kind: 'precipitate', colour: 'pale blue' }, first.id);
    expect(standingEntries([first, second], ids.test, ids.heron)).toEqual([second]);
    expect(standingEntries([first, second, entry(null, second.id)], ids.test, ids.heron)).toEqual(
      [],
    );
    expect(standingEntries([first], ids.test, ids.tern)).toEqual([]);
  });

  it('judges with the solutions as they were really made', () => {
    const weak: LabDay = {
      ...day,
      weighings: [
        {
          id: crypto.randomUUID(),
          substance: 'NaOH',
          concentrationM: 0.3,
          volumeMl: 10,
          form: 'NaOH',
          purityPercent: 100,
          actualG: 0.0001,
          recordedAt: '2026-03-01T09:00:00.000Z',
        },
      ],
    };
    expect(judgeTest(day, test, heron).prediction.state.solids).toHaveLength(1);
    expect(judgeTest(weak, test, heron).prediction.state.solids).toHaveLength(0);
  });

  it('tells how far each stage has come', () => {
    const states = (of: LabDay) => stageStates(of).map(({ state }) => state);
    expect(states({ ...day, tests: [] })).toEqual(['to do', 'to do', 'to do', 'to do', 'to do']);
    expect(states({ ...day, entries: [entry({ kind: 'noChange' })] })).toEqual([
      'done',
      'to do',
      'under way',
      'under way',
      'under way',
    ]);
  });

  it('draws what was recorded, and nothing before that', () => {
    expect(drawRecord([], 0.5)).toBeUndefined();
    expect(drawRecord(good, 0.5)).toMatchObject({
      colour: 'colourless',
      clarity: 'opaque',
      solid: { colour: 'pale blue' },
    });
  });
});
