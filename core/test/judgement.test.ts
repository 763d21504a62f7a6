import { describe, expect, it } from 'vitest';
import { standingEntries } from '../src/labday/day/currentRecords';
import { causesOf, judgeWork } from '../src/labday/judge/judgeDay';
import { mixingStep, mixingVessel } from '../src/planning/procedure/mixing';
import { solutionsNeeded } from '../src/labday/day/solutionsNeeded';
import { stageStates } from '../src/labday/day/stages';
import { worksAsMade } from '../src/labday/day/work';
import { counterCasesOf } from '../src/seeing/judgement/change/counterCasesOf';
import { weighChange } from '../src/seeing/judgement/change/classifyChange';
import { compareObservations } from '../src/seeing/judgement/compare/compareObservations';
import { drawRecord } from '../src/seeing/observation/drawRecord';
import type { BenchEntry, LabDay } from '../src/labday/day/labDay';
import type { Action } from '../src/vessel/action';
import { action } from './support/bench';
import type { Observation } from '../src/seeing/observation/observation';
import { dayOf, planned } from './support/day';

const a = { substance: 'CuSO4', concentrationM: 0.1, volumeMl: 3 };
const b = { substance: 'NaOH', concentrationM: 0.3, volumeMl: 3 };
const good: Observation[] = [
  { kind: 'precipitate', colour: 'pale blue', texture: 'gelatinous' },
  { kind: 'colour', to: 'colourless' },
  { kind: 'clarity', to: 'opaque' },
];

const ids = { test: crypto.randomUUID(), heron: crypto.randomUUID(), tern: crypto.randomUUID() };
const entry = (
  record: BenchEntry['record'],
  supersedes: string | null = null,
  more: Partial<BenchEntry> = {},
): BenchEntry => ({
  id: crypto.randomUUID(),
  workId: ids.test,
  stepId: mixingStep,
  vessel: mixingVessel,
  part: 'test',
  groupId: ids.heron,
  record,
  supersedes,
  recordedAt: '2026-03-01T10:00:00.000Z',
  ...more,
});
const test = planned(ids.test, a, b);
const heron = { id: ids.heron, name: 'Heron' };
const day: LabDay = dayOf([], 0, {
  sparePercent: 20,
  groups: [heron, { id: ids.tern, name: 'Tern' }],
  procedures: [test],
});
/** The test of a day as Heron’s bench stands at it. */
function judged(of: LabDay) {
  const [work] = worksAsMade(of);
  const [found] = work ? judgeWork(of, work, heron) : [];
  if (!found) throw new Error('The day has no test.');
  return found;
}
const recording = (...seen: Observation[]): LabDay => ({
  ...day,
  entries: seen.map((one) => entry(one)),
});
const { expected } = judged(day).station;

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
  it('is incomplete until what tells the step is recorded, and asks for no more', () => {
    expect(agreement()).toBe('incomplete');
    expect(agreement({ kind: 'colour', to: 'colourless' })).toBe('incomplete');
    expect(agreement({ kind: 'precipitate', colour: 'pale blue' })).toBe('agrees');
  });
  it('takes “nothing happened” as a full answer where nothing should', () => {
    const none: LabDay = {
      ...day,
      procedures: [planned(ids.test, { ...a, substance: 'NaCl' }, { ...b, substance: 'KNO3' })],
      entries: [entry({ kind: 'noChange' })],
    };
    expect(judged(none).verdict).toBe('agrees');
  });

  const one = (wanted: Observation, seen: Observation | Observation[]) =>
    compareObservations([wanted], [seen].flat());
  it.each<[string, Observation, Observation | Observation[], string]>([
    ['a shade', { kind: 'colour', to: 'blue' }, { kind: 'colour', to: 'pale blue' }, 'agrees'],
    [
      'iodine by another word',
      { kind: 'colour', to: 'deep red' },
      { kind: 'colour', to: 'brown' },
      'agrees',
    ],
    ['two reds', { kind: 'colour', to: 'red' }, { kind: 'colour', to: 'yellow' }, 'partly'],
    [
      'a dark red called brown',
      { kind: 'colour', to: 'red' },
      { kind: 'colour', to: 'brown' },
      'agrees',
    ],
    [
      'pale for deep',
      { kind: 'colour', to: 'deep blue' },
      { kind: 'colour', to: 'pale blue' },
      'partly',
    ],
    [
      'clear for colourless',
      { kind: 'colour', to: 'colourless' },
      { kind: 'clarity', to: 'clear' },
      'agrees',
    ],
    [
      'a degree or two',
      { kind: 'temperature', deltaC: 6 },
      { kind: 'temperature', deltaC: 4.8 },
      'agrees',
    ],
    ['a hand', { kind: 'temperature', deltaC: 6 }, { kind: 'temperature', felt: 'warm' }, 'agrees'],
    [
      'a hand that says the contrary',
      { kind: 'temperature', deltaC: 6 },
      { kind: 'temperature', felt: 'cold' },
      'partly',
    ],
    [
      'a gas test in other words',
      { kind: 'gasTest', test: 'limewater', result: 'turns milky' },
      { kind: 'gasTest', test: 'limewater', result: 'turns milky, then clears with excess gas' },
      'agrees',
    ],
    [
      'a gas test that fails',
      { kind: 'gasTest', test: 'litSplint', result: 'squeaky pop' },
      { kind: 'gasTest', test: 'litSplint', result: 'goes out' },
      'differs',
    ],
    [
      'a splint that burns on',
      { kind: 'gasTest', test: 'litSplint', result: 'squeaky pop' },
      { kind: 'gasTest', test: 'litSplint', result: 'goes on burning, as in air' },
      'differs',
    ],
    [
      'litmus that stays',
      { kind: 'gasTest', test: 'dampRedLitmus', result: 'turns blue' },
      { kind: 'gasTest', test: 'dampRedLitmus', result: 'stays red' },
      'differs',
    ],
    [
      'a flame',
      { kind: 'flame', result: 'crimson', colour: 'red' },
      { kind: 'flame', result: 'red', colour: 'red' },
      'agrees',
    ],
    [
      'a heap that changed colour',
      { kind: 'solid', from: 'blue', colour: 'white' },
      { kind: 'solid', colour: 'grey' },
      'differs',
    ],
    [
      'a solid that went in',
      { kind: 'dissolves', complete: true },
      { kind: 'dissolves' },
      'agrees',
    ],
    [
      'a solid that stayed',
      { kind: 'dissolves', complete: true },
      { kind: 'solid', colour: 'white' },
      'differs',
    ],
    [
      'something where nothing was expected',
      { kind: 'noChange' },
      { kind: 'precipitate', colour: 'white' },
      'differs',
    ],
    ['another gas', { kind: 'gas', formula: 'CO2' }, { kind: 'gas', formula: 'H2S' }, 'differs'],
  ])('%s', (_, wanted, seen, agreed) => expect(one(wanted, seen).agreement).toBe(agreed));

  it('notes the smell, the texture and the speed, and decides nothing by them', () => {
    const { agreement: found, items } = compareObservations(
      [
        { kind: 'gas', formula: 'NH3', vigour: 'steady' },
        { kind: 'smell', smell: 'pungent' },
      ],
      [
        { kind: 'gas', vigour: 'a few bubbles' },
        { kind: 'smell', smell: 'none' },
      ],
    );
    expect(found).toBe('agrees');
    expect(items.map(({ item, outcome }) => `${item} ${outcome}`)).toEqual([
      'gas agrees',
      'how fast near',
      'smell differs',
    ]);
  });
});

describe('evidence of chemical change', () => {
  it.each<[Observation[], string, Action[]?]>([
    [good, 'chemical'],
    [[{ kind: 'gas' }], 'chemical'],
    [[{ kind: 'colour', from: 'colourless', to: 'deep red' }], 'chemical'],
    [[{ kind: 'colour', from: 'blue', to: 'pale blue' }, { kind: 'noPrecipitate' }], 'physical'],
    [[{ kind: 'noChange' }], 'physical'],
    [[], 'undecided'],
    // The counter-cases that instructors name (common practice).
    [[{ kind: 'dissolves' }, { kind: 'temperature', deltaC: -9 }], 'physical'],
    [[{ kind: 'temperature', deltaC: -9 }], 'undecided'],
    [[{ kind: 'gas' }], 'physical', [action('water 50mL'), action('heat 100')]],
    [
      [
        { kind: 'precipitate', colour: 'blue' },
        { kind: 'temperature', deltaC: -45 },
      ],
      'physical',
      [action('evaporate 5'), action('cool 20')],
    ],
    [[{ kind: 'precipitate', colour: 'blue' }], 'chemical', [action('Na2CO3 0.1g')]],
    [[{ kind: 'sight', result: 'glows' }], 'physical', [action('Cu 0.5g'), action('strongly')]],
    [[{ kind: 'sight', result: 'melts' }], 'physical'],
    [[{ kind: 'sight', result: 'turns to vapour; settles again where it is cooler' }], 'physical'],
    [[{ kind: 'magnet', attracts: true, result: 'draws Fe' }], 'physical'],
    [[{ kind: 'sight', result: 'burns' }], 'chemical'],
    [[{ kind: 'dissolves' }, { kind: 'gas' }], 'chemical'],
  ])('%o is %s %s', (seen, change, events = []) =>
    expect(weighChange(seen, { possible: counterCasesOf(events) }).change).toBe(change),
  );
  it('grows surer with more signs, and never certain', () => {
    const single = weighChange([{ kind: 'gas' }]).confidence;
    const two = weighChange([{ kind: 'gas' }, { kind: 'precipitate' }]).confidence;
    expect(two).toBeGreaterThan(single);
    expect(two).toBeLessThan(1);
  });
  it('states the counter-case beside each sign', () => {
    const { evidence } = weighChange([{ kind: 'gas' }]);
    expect(evidence[0]?.counterCase).toContain('boiling');
  });
  it('says what explains a sign away', () => {
    const { against } = weighChange([{ kind: 'dissolves' }, { kind: 'temperature', felt: 'cold' }]);
    expect(against.map(({ why }) => why).join()).toContain('dissolving warms or cools');
  });
});

describe('a lab day', () => {
  it('sums the solutions over groups and procedures, with the spare, up to 10 mL', () => {
    const twice = { ...day, procedures: [test, planned(crypto.randomUUID(), a, b)] };
    expect(solutionsNeeded(twice)).toEqual([
      {
        key: 'CuSO4 0.1',
        substance: 'CuSO4',
        concentrationM: 0.1,
        usedMl: 12,
        makeMl: 20,
        for: ['CuSO4 with NaOH'],
      },
      {
        key: 'NaOH 0.3',
        substance: 'NaOH',
        concentrationM: 0.3,
        usedMl: 12,
        makeMl: 20,
        for: ['CuSO4 with NaOH'],
      },
    ]);
  });

  it('lets a correction stand for the line it supersedes, and a withdrawal for nothing', () => {
    const first = entry({ kind: 'precipitate', colour: 'white' });
    const second = entry({ kind: 'precipitate', colour: 'pale blue' }, first.id);
    const where = { workId: ids.test, groupId: ids.heron };
    expect(standingEntries([first, second], where)).toEqual([second]);
    expect(standingEntries([first, second, entry(null, second.id)], where)).toEqual([]);
    expect(standingEntries([first], { ...where, groupId: ids.tern })).toEqual([]);
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
    const kinds = (of: LabDay) => judged(of).station.expected.map(({ kind }) => kind);
    expect(kinds(day)).toContain('precipitate');
    expect(kinds(weak)).toContain('noPrecipitate');
  });

  it('names the reagent that was left out, and nothing where all agrees', () => {
    const off = recording(
      { kind: 'noPrecipitate' },
      { kind: 'clarity', to: 'clear' },
      { kind: 'colour', from: 'pale blue', to: 'pale blue' },
    );
    const causes = causesOf(judged(off));
    expect(causes[0]?.fault).toBe('NaOH was left out, or water was used for it');
    expect(causes[0]?.check).toContain('Add NaOH now');
    expect(causes.some(({ fault }) => fault.startsWith('CuSO4 was left out'))).toBe(false);
    expect(causesOf(judged(recording(...good)))).toEqual([]);
  });

  it('keeps a blank apart from its test, and lets it explain what the test shows', () => {
    const clouded: Observation = { kind: 'precipitate', colour: 'white' };
    const plain: LabDay = {
      ...day,
      procedures: [planned(ids.test, { ...a, substance: 'KNO3' }, { ...b, substance: 'AgNO3' })],
      entries: [entry(clouded), entry(clouded, null, { part: 'blank' })],
    };
    const { seen, blank, verdict } = judged(plain);
    expect([seen.length, blank.length, verdict]).toEqual([1, 1, 'differs']);
    expect(causesOf(judged(plain))[0]?.fault).toContain('the blank shows it too');
  });

  it('lets the instructor’s verdict stand, with what was computed beside it', () => {
    const over = {
      kind: 'verdict',
      verdict: 'agrees',
      reason: 'Seen it myself.',
      by: 'Instructor',
    } as const;
    const found = judged({
      ...recording({ kind: 'noChange' }),
      entries: [entry({ kind: 'noChange' }), entry(over)],
    });
    expect([found.verdict, found.comparison?.agreement, found.override?.reason]).toEqual([
      'agrees',
      'differs',
      'Seen it myself.',
    ]);
  });

  it('tells how far each stage has come', () => {
    const states = (of: LabDay) => stageStates(of).map(({ state }) => state);
    expect(states({ ...day, procedures: [] })).toEqual([
      'to do',
      'to do',
      'to do',
      'to do',
      'to do',
    ]);
    expect(states({ ...day, entries: [entry({ kind: 'noChange' })] })).toEqual([
      'done',
      'to do',
      'under way',
      'under way',
      'under way',
    ]);
    // Begun is not recorded.
    expect(states({ ...day, entries: [entry({ kind: 'step', state: 'begun' })] })[2]).toBe('to do');
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
