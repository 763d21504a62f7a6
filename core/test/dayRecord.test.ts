import { describe, expect, it } from 'vitest';
import { firstSettings } from '../src/labday/settings/settings';
import { classPlanOf, equipmentOf, planKey, wasteSources } from '../src/labday/day/dayPlan';
import type { BenchEntry, BenchRecord, LabDay } from '../src/labday/day/labDay';
import { stageStates, stepsRecorded } from '../src/labday/day/stages';
import { classSpread } from '../src/labday/judge/classSpread';
import { worksOf } from '../src/labday/day/work';
import { procedureOfMixing } from '../src/planning/procedure/mixing';
import { recordCsv, resultsCsv } from '../src/report/dayReport/recordCsv';
import { anyId, dayOf, shipped } from './support/day';

const silver = procedureOfMixing('silver', {
  container: 'testTube',
  a: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 },
  b: { substance: 'NaCl', concentrationM: 0.1, volumeMl: 2 },
});

/** A line of the record at the only step of the first procedure. */
function written(
  day: LabDay,
  bench: number,
  record: BenchRecord | null,
  more: Partial<BenchEntry> = {},
): BenchEntry {
  const [first] = day.procedures;
  const group = day.groups[bench];
  if (!first || !group) throw new Error('no such bench');
  return {
    id: anyId(),
    workId: first.id,
    stepId: first.procedure.steps[0]?.id ?? '',
    vessel: first.procedure.vessels[0]?.name ?? null,
    groupId: group.id,
    part: 'test',
    record,
    supersedes: null,
    recordedAt: '2027-02-03T10:00:00.000Z',
    ...more,
  };
}
const white: BenchRecord = { kind: 'precipitate', colour: 'white' };

/** A CSV as its rows, by their heads; no cell of these has a line end in it (RFC 4180). */
function rowsOf(csv: string): Record<string, string>[] {
  const cells = (line: string): string[] =>
    [...line.matchAll(/(?:^|,)(?:"((?:[^"]|"")*)"|([^,]*))/g)].map(([, quoted, plain]) =>
      quoted === undefined ? (plain ?? '') : quoted.replaceAll('""', '"'),
    );
  const [head = '', ...lines] = csv.split('\r\n').filter((line) => line !== '');
  const names = cells(head);
  return lines.map((line) =>
    Object.fromEntries(cells(line).map((cell, at) => [names[at] ?? '', cell])),
  );
}

describe('how far a day is', () => {
  const states = (day: LabDay, unknowns = 0) =>
    Object.fromEntries(
      stageStates(day, unknowns).map(({ stage, state, detail }) => [stage, `${state}: ${detail}`]),
    );

  it('is nowhere while nothing is planned', () =>
    expect(states(dayOf([]))).toEqual({
      plan: 'to do: nothing planned yet',
      prepare: 'to do: nothing to make yet',
      bench: 'to do: nothing to run yet',
      judge: 'to do: nothing to judge yet',
      report: 'to do: empty',
    }));

  it('is planned, with so many solutions to make and steps to run', () =>
    expect(states(dayOf([silver]))).toEqual({
      plan: 'done: 1 procedure',
      prepare: 'to do: 0 of 2 made',
      bench: 'to do: 0 of 2 recorded',
      judge: 'to do: nothing to judge yet',
      report: 'to do: empty',
    }));

  it('is under way once one of two benches has written something', () => {
    const day = dayOf([silver]);
    const begun = { ...day, entries: [written(day, 0, white)] };
    expect(states(begun)).toMatchObject({
      bench: 'under way: 1 of 2 recorded',
      judge: 'under way: 1 of 2 to read',
      report: 'under way: partial',
    });
  });

  it('is done once every bench has', () => {
    const day = dayOf([silver]);
    const all = { ...day, entries: [written(day, 0, white), written(day, 1, white)] };
    expect(states(all)).toMatchObject({ bench: 'done: 2 of 2 recorded', report: 'done: complete' });
  });

  it('counts no step that was only begun, and none that was taken back', () => {
    const day = dayOf([silver]);
    const seen = written(day, 0, white);
    const count = (entries: BenchEntry[]) => stepsRecorded({ ...day, entries }).recorded;
    expect(count([seen])).toBe(1);
    expect(count([written(day, 0, { kind: 'step', state: 'begun' })])).toBe(0);
    expect(count([seen, written(day, 0, null, { supersedes: seen.id })])).toBe(0);
  });

  it('can be told for one bench', () => {
    const day = dayOf([silver]);
    const entries = [written(day, 0, white)];
    const at = (bench: number) => stepsRecorded({ ...day, entries }, day.groups[bench]?.id);
    expect(at(0)).toEqual({ all: 1, recorded: 1 });
    expect(at(1)).toEqual({ all: 1, recorded: 0 });
  });

  it('says that each bench has its jar where there are only unknowns', () =>
    expect(states(dayOf([]), 3)).toEqual({
      plan: 'done: 3 unknowns',
      prepare: 'to do: no solution to make',
      bench: 'to do: each bench its jar',
      judge: 'to do: by the keys',
      report: 'to do: on the unknowns',
    }));
});

describe('what a class is fitted into its time by', () => {
  const day = dayOf([silver], 2, { kit: { balance: 1 } });

  it('has another name once anything of it is another', () => {
    const key = planKey(classPlanOf(day));
    expect(key).toMatch(/^[0-9a-f]{8}$/);
    expect(planKey(classPlanOf({ ...day, kit: { balance: 2 } }))).not.toBe(key);
    expect(planKey(classPlanOf({ ...day, groups: day.groups.slice(1) }))).not.toBe(key);
  });

  it('has the same name while only what is no part of it changes', () => {
    const renamed = { ...day, name: 'Another name', date: '2027-03-04' };
    expect(planKey(classPlanOf(renamed))).toBe(planKey(classPlanOf(day)));
  });
});

describe('glassware and apparatus of a day', () => {
  const counts = (day: LabDay) =>
    Object.fromEntries(equipmentOf(day).map(({ name, count }) => [name, count]));

  it('is so many for every group', () => {
    expect(counts(dayOf([silver], 3))).toMatchObject({ 'test tube': 3 });
    expect(counts(dayOf(['crystal-water-by-mass'], 4))).toMatchObject({ crucible: 4, tripod: 4 });
  });

  it('is once for what is shown to all', () => {
    const day = dayOf(['crystal-water-by-mass'], 4);
    const shown = day.procedures.map((one) => ({ ...one, manner: 'demonstration' as const }));
    expect(counts({ ...day, procedures: shown })).toMatchObject({ crucible: 1, tripod: 1 });
  });

  it('is added up over the procedures, and says for which', () => {
    const twice = equipmentOf(dayOf([silver, { ...silver, name: 'Once more' }], 2));
    const tubes = twice.find(({ name }) => name === 'test tube');
    expect(tubes?.count).toBe(4);
    expect(tubes?.for).toEqual([silver.name, 'Once more']);
  });

  it('stands in the order of the alphabet', () => {
    const names = equipmentOf(dayOf(['crystal-water-by-mass', 'sand-salt-iron'])).map(
      ({ name }) => name,
    );
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
  });

  it('leaves its waste as often as it is done', () => {
    const day = dayOf([silver, 'sand-salt-iron'], 3);
    expect(wasteSources(day).map(({ times }) => times)).toEqual([3, 3]);
  });
});

describe('the results of a day as a table', () => {
  const day = dayOf([silver], 2, { name: 'Silver, and "white"' });
  const seen = {
    ...day,
    entries: [
      written(day, 0, white),
      written(day, 0, { kind: 'note', text: '=SUM(A1:A9)' }),
      written(day, 1, { kind: 'noChange' }),
    ],
  };
  const rows = rowsOf(resultsCsv(seen, firstSettings));

  it('has a line for the vessel at each bench', () => {
    expect(rows.map(({ group }) => group)).toEqual(['Bench 1', 'Bench 2']);
    expect(rows[0]?.['lab_day']).toBe('Silver, and "white"');
  });

  it('has what was expected beside what was seen, and the verdict', () => {
    // Silver chloride is the white curd of the textbook: Vogel’s Qualitative Inorganic Analysis (recalled from memory).
    expect(rows[0]?.['expected']).toMatch(/white/);
    expect(rows[0]?.['seen']).toMatch(/white/);
    // The solid tells the test; what the liquid looks like need not be said.
    expect(rows[0]?.['verdict']).toBe('agrees');
    expect(rows[1]?.['verdict']).toBe('differs');
  });

  it('has the net ionic equation and the type of reaction as the school sorts them', () => {
    expect(rows[0]?.['net_ionic']).toMatch(/Ag\^?\+.*Cl.*AgCl/);
    expect(rows[0]?.['reaction_type']).toBe('double displacement');
    const driven = rowsOf(resultsCsv(seen, { ...firstSettings, reactionTypes: 'drivingForce' }));
    expect(driven[0]?.['reaction_type']).toBe('precipitation');
  });

  it('names the waste bottle', () => expect(rows[0]?.['waste']).toMatch(/silver/i));

  it('defuses what a spreadsheet would work out', () =>
    // OWASP, CSV Injection: a cell that begins with =, +, − or @ is led by an apostrophe.
    expect(rows[0]?.['notes']).toBe("'=SUM(A1:A9)"));
});

describe('the raw record of a day as a table', () => {
  const day = dayOf([silver], 1);
  const first = written(day, 0, white);
  const corrected = written(
    day,
    0,
    { kind: 'precipitate', colour: 'cream' },
    {
      supersedes: first.id,
      recordedAt: '2027-02-03T10:01:00.000Z',
    },
  );
  const warmth = written(day, 0, {
    kind: 'measurement',
    name: 'temperature',
    quantity: 'temperature',
    value: 20.555555555555554,
    typed: { value: 69, unit: '°F' },
  });
  const shown = written(day, 0, { kind: 'note', text: 'for all' }, { groupId: null });
  const rows = rowsOf(
    recordCsv(day)(
      [first, corrected, warmth, shown].map((entry) => ({ entry, stands: entry !== first })),
    ),
  );

  it('has every line that was written, also those corrected since', () => {
    expect(rows).toHaveLength(4);
    expect(rows.map(({ stands }) => stands)).toEqual(['no', 'yes', 'yes', 'yes']);
    expect(rows[1]?.['supersedes']).toBe(first.id);
  });

  it('has a measured number beside the one that was typed, in its unit', () => {
    expect(rows[2]).toMatchObject({ kind: 'measurement', typed_value: '69', typed_unit: '°F' });
    expect(rows[2]?.['unit']).toBe('°C');
  });

  it('says what was shown to all, and when in UTC', () => {
    expect(rows[3]?.['group']).toBe('shown to all');
    expect(rows[0]?.['recorded_at']).toBe('2027-02-03T10:00:00.000Z');
  });

  it('calls what was taken back so', () => {
    const taken = written(day, 0, null, { supersedes: first.id });
    const write = recordCsv(day);
    const [, line] = rowsOf(
      `${write([{ entry: first, stands: false }])}\r\n${write([{ entry: taken, stands: false }])}`,
    );
    expect(line).toMatchObject({ kind: 'taken back', words: '' });
  });
});

describe('what a whole class found', () => {
  const density = {
    ...shipped('sand-salt-iron'),
    analyses: [{ kind: 'density' as const, mass: 'mass', volume: 'volume' }],
  };
  /** Benches that each measured the same block, in mL of water it pushed up. */
  const measured = (volumes: readonly number[]) => {
    const day = dayOf([density], volumes.length);
    const entries = volumes.flatMap((volume, bench) =>
      (
        [
          ['mass', 27],
          ['volume', volume],
        ] as const
      ).map(([name, value]) =>
        written(
          day,
          bench,
          { kind: 'measurement', name, quantity: name, value },
          {
            vessel: null,
          },
        ),
      ),
    );
    const [work] = worksOf(day);
    if (!work) throw new Error('no work');
    return classSpread({ ...day, entries }, work);
  };

  it('is one number of every bench, with its mean', () => {
    // Aluminium: 2.70 g/cm³ (CRC Handbook).
    const [row] = measured([10, 10, 10]);
    expect(row).toMatchObject({ name: 'density', unit: 'g/mL', oddOnes: [] });
    expect(row?.spread.mean).toBeCloseTo(2.7, 6);
    expect(row?.values.map(({ bench }) => bench)).toEqual(['Bench 1', 'Bench 2', 'Bench 3']);
  });

  it('names the bench that stands out', () =>
    expect(measured([10, 10.1, 9.9, 10, 10.05, 5])[0]?.oddOnes).toEqual(['Bench 6']));

  it('is nothing before anything is measured', () => {
    const day = dayOf([density], 2);
    const [work] = worksOf(day);
    expect(work && classSpread(day, work)).toEqual([]);
  });
});
