import { describe, expect, it } from 'vitest';
import { workAsDone } from '../src/labday/day/asDone';
import { judgeDay } from '../src/labday/judge/judgeDay';
import { labDaySchema } from '../src/labday/day/labDay';
import type { BenchRecord, LabDay } from '../src/labday/day/labDay';
import type { Observation } from '../src/seeing/observation/observation';
import { worksOf } from '../src/labday/day/work';
import { anyId, dayOf, planned } from './support/day';

/** A departure that says in numbers what was done changes what that bench is expected to see, and no other’s expectation. */
const alumina = () =>
  dayOf([], 2, {
    procedures: [
      planned(
        anyId(),
        { substance: 'ZnSO4', concentrationM: 0.1, volumeMl: 3 },
        { substance: 'NaOH', concentrationM: 4, volumeMl: 3 },
      ),
    ],
  });
const day = alumina();
const [work] = worksOf(day);
if (!work) throw new Error('No work.');
const [step] = work.procedure.steps;
if (!step) throw new Error('No step.');
const [, alkali] = step.events;
if (!alkali || !('vessel' in alkali)) throw new Error('No alkali.');

const write = (group: number, record: BenchRecord, vessel: string | null): object => ({
  id: anyId(),
  workId: work.id,
  stepId: step.id,
  vessel,
  part: 'test',
  groupId: day.groups[group]?.id ?? null,
  record,
  supersedes: null,
  recordedAt: '2027-02-03T10:00:00.000Z',
});
const little: BenchRecord = {
  kind: 'departure',
  what: 'amount',
  planned: '3 mL',
  done: '0.15 mL',
  instead: {
    event: 1,
    done: {
      vessel: alkali.vessel,
      action: {
        do: 'add',
        portion: { substance: 'NaOH', concentrationM: 4, volumeMl: 0.15 },
      },
    },
  },
};
const withEntries = (...entries: object[]): LabDay => labDaySchema.parse({ ...day, entries });
const white: Observation = { kind: 'precipitate', colour: 'white' };

describe('a departure in numbers', () => {
  it('has the bench judged by what it did: little alkali leaves zinc hydroxide, much takes it up again', () => {
    const both = withEntries(
      write(0, little, null),
      write(0, white, alkali.vessel),
      write(1, white, alkali.vessel),
    );
    const [departed, asPlanned] = judgeDay(both);
    expect(departed?.verdict).toBe('agrees');
    expect(departed?.planned?.expected.some(({ kind }) => kind === 'precipitate')).toBe(false);
    expect(asPlanned?.verdict).toBe('differs');
    expect(asPlanned?.planned).toBeUndefined();
  });
  it('leaves out what was left out', () => {
    const none = withEntries(
      write(0, { ...little, what: 'left out', instead: { event: 1, done: null } }, null),
      write(0, { kind: 'noPrecipitate' }, alkali.vessel),
    );
    const [first] = judgeDay(none);
    expect(first?.station.reactions).toEqual([]);
    expect(first?.verdict).not.toBe('differs');
  });
  it('in words changes nothing', () => {
    const words = { ...little, instead: undefined };
    const told = withEntries(write(0, words, null));
    expect(workAsDone(told, work, { id: day.groups[0]?.id ?? null })).toBeUndefined();
  });
  it('that was taken back changes nothing', () => {
    const first = write(0, little, null) as { id: string };
    const back = { ...write(0, little, null), record: null, supersedes: first.id };
    expect(
      workAsDone(withEntries(first, back), work, { id: day.groups[0]?.id ?? null }),
    ).toBeUndefined();
  });
});
