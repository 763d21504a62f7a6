import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { groupViewSchema, readJoinCode, showJoinCode } from '../src/labday/access/access';
import { viewForGroup } from '../src/labday/access/groupView';
import { library } from '../src/planning/procedure/library';
import { planned } from './support/day';
import type { ReleaseWhen } from '../src/labday/access/access';
import type { BenchEntry, LabDay } from '../src/labday/day/labDay';

const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [heron, tern, testId, procedureId] = [id(1), id(2), id(3), id(4)];
const carbonates = library.find((one) => one.id === 'which-acid-for-which-carbonate');
if (!carbonates) throw new Error('the procedure is gone');

const day: LabDay = {
  id: id(9),
  name: 'What fizzes?',
  date: '2026-05-04',
  sparePercent: 20,
  lengthMin: 90,
  groupSize: 3,
  staff: ['Mo'],
  kit: {},
  balanceG: 0.01,
  timetable: null,
  groups: [
    { id: heron, name: 'Bench Heron' },
    { id: tern, name: 'Bench Tern' },
  ],
  procedures: [
    planned(
      testId,
      { substance: 'CuSO4', concentrationM: 0.2, volumeMl: 2 },
      { substance: 'NaOH', concentrationM: 0.4, volumeMl: 2 },
    ),
    { id: procedureId, manner: 'groups', procedure: carbonates },
  ],
  preparations: [],
  weighings: [],
  entries: [],
};

let count = 100;
const entry = (groupId: string, part: Partial<BenchEntry> = {}): BenchEntry => ({
  id: id((count += 1)),
  workId: testId,
  stepId: 'mix',
  vessel: 'vessel',
  part: 'test',
  groupId,
  record: { kind: 'precipitate', colour: 'pale blue' },
  supersedes: null,
  recordedAt: '2026-05-04T10:00:00.000Z',
  ...part,
});
const view = (entries: readonly BenchEntry[], when?: ReleaseWhen, workId = testId) =>
  viewForGroup({ ...day, entries: [...entries] }, heron, {
    releases: when ? [{ workId, when }] : [],
    messages: [],
  });

describe('a lab day as one group sees it', () => {
  it('holds the steps in words and not what the engine would need', () => {
    const { works } = view([]);
    expect(works.map(({ name }) => name)).toEqual(['CuSO4 with NaOH', carbonates.name]);
    expect(works[1]?.steps).toHaveLength(carbonates.steps.length);
    expect(JSON.stringify(works)).not.toMatch(
      /"events"|"concentrationM"|"notPredicted"|"analyses"/,
    );
  });

  it('says what harms where the author wrote no caution, without naming it', () => {
    const [test] = view([]).works;
    const caution = test?.steps[0]?.caution;
    // CLP Annex VI and 3.3.3.3: 0.1 to 0.5 M copper(II) sulfate and sodium hydroxide harm the eyes.
    expect(caution).toMatch(/^Eye protection\. What is used here: causes serious eye/);
    expect(caution).not.toMatch(/NaOH|CuSO4/);
  });

  it('leaves out what is shown to all', () => {
    const shown = {
      ...day,
      procedures: day.procedures.map((planned) =>
        planned.id === procedureId ? { ...planned, manner: 'demonstration' as const } : planned,
      ),
    };
    expect(viewForGroup(shown, heron, { releases: [], messages: [] }).works).toHaveLength(1);
  });

  it('never holds another group’s entry, nor an expectation that was not released, whatever was recorded', () => {
    const records: BenchEntry['record'][] = [
      { kind: 'note', text: 'ours' },
      { kind: 'precipitate', colour: 'white' },
      { kind: 'verdict', verdict: 'agrees', reason: 'as it should', by: 'Mo' },
      { kind: 'step', state: 'done' },
    ];
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ whose: fc.constantFrom(heron, tern), record: fc.constantFrom(...records) }),
          { maxLength: 12 },
        ),
        fc.constantFrom<ReleaseWhen | undefined>(undefined, 'never', 'afterRecording', 'always'),
        (made, when) => {
          const found = view(
            made.map(({ whose, record }) => entry(whose, { record })),
            when,
          );
          expect(found.entries.every(({ groupId }) => groupId === heron)).toBe(true);
          const seen = made.some(
            ({ whose, record }) => whose === heron && record?.kind === 'precipitate',
          );
          const mayKnow = when === 'always' || (when === 'afterRecording' && seen);
          expect(found.expectations.length > 0).toBe(mayKnow);
          expect(found.entries.some(({ record }) => record?.kind === 'verdict') && !mayKnow).toBe(
            false,
          );
        },
      ),
      { numRuns: 120 },
    );
  });

  it('tells, once released, what is expected and how far it agrees', () => {
    const [expected] = view([entry(heron)], 'always').expectations;
    expect(
      expected?.expected.some((one) => one.kind === 'precipitate' && one.colour === 'pale blue'),
    ).toBe(true);
    expect(expected?.agreement).not.toBeNull();
    const [differs] = view(
      [entry(heron, { record: { kind: 'noPrecipitate' } })],
      'always',
    ).expectations;
    expect(differs?.agreement).toBe('differs');
  });

  it('releases a procedure without releasing the test beside it', () => {
    const { expectations } = view([], 'always', procedureId);
    expect(expectations.length).toBeGreaterThan(3);
    expect(expectations.every(({ workId }) => workId === procedureId)).toBe(true);
  });

  it('hears what is said to it and to all', () => {
    const message = (groupId: string | null, text: string) => ({
      id: id((count += 1)),
      groupId,
      kind: 'message' as const,
      workId: null,
      stepId: null,
      text,
      sentAt: '2026-05-04T10:00:00.000Z',
    });
    const { messages } = viewForGroup(day, heron, {
      releases: [],
      messages: [message(null, 'all'), message(heron, 'you'), message(tern, 'them')],
    });
    expect(messages.map(({ text }) => text)).toEqual(['all', 'you']);
  });

  it('is read through a schema that takes nothing more', () => {
    const found = view([]);
    expect(() => groupViewSchema.parse({ ...found, key: 'NaCl' })).toThrow();
    expect(() =>
      groupViewSchema.parse({ ...found, works: [{ ...found.works[0], unknown: 'X' }] }),
    ).toThrow();
  });

  it('is not made for a group of another day', () => {
    expect(() => viewForGroup(day, id(77), { releases: [], messages: [] })).toThrow(
      /not of this day/,
    );
  });
});

describe('a join code', () => {
  it('is read however it is typed, and shown in two halves', () => {
    expect(readJoinCode(' kx7m-pq4r ')).toBe('KX7MPQ4R');
    expect(showJoinCode('KX7MPQ4R')).toBe('KX7M-PQ4R');
    expect(readJoinCode(showJoinCode('KX7MPQ4R'))).toBe('KX7MPQ4R');
  });
});
