import { describe, expect, it } from 'vitest';
import { proseTold } from '../src/common/prose';
import { toldFor } from '../src/common/reader';
import { firstSettings } from '../src/labday/settings/settings';
import { dayReport } from '../src/report/dayReport/dayReport';
import {
  allReportParts,
  asText,
  chemical,
  chooseParts,
  plain,
  reportParts,
} from '../src/report/dayReport/document';
import { markdownOf } from '../src/report/dayReport/markdown';
import { recordCsv } from '../src/report/dayReport/recordCsv';
import { markAnswers } from '../src/studies/identify/markAnswers';
import type { BenchEntry, LabDay } from '../src/labday/day/labDay';
import type { ReportScope } from '../src/report/dayReport/dayReport';
import type { ReportDocument } from '../src/report/dayReport/document';
import { anyId, dayOf, planned } from './support/day';

/** A class of two groups that found crystal water by mass and mixed two solutions, one of them with a slip. */
function recordedDay(): LabDay {
  const test = planned(
    anyId(),
    { substance: 'CuSO4', concentrationM: 0.1, volumeMl: 3 },
    { substance: 'NaOH', concentrationM: 0.3, volumeMl: 3 },
  );
  const plain = dayOf(['crystal-water-by-mass'], 2, { name: 'Report on it' });
  const day = { ...plain, procedures: [test, ...plain.procedures] };
  const [one, two] = day.groups.map(({ id }) => id);
  const [, hydrate] = day.procedures;
  let at = 0;
  const entry = (
    groupId: string | undefined,
    workId: string | undefined,
    stepId: string,
    vessel: string | null,
    record: BenchEntry['record'],
  ): BenchEntry => ({
    id: anyId(),
    workId: workId ?? '',
    stepId,
    vessel,
    part: 'test',
    groupId: groupId ?? null,
    record,
    supersedes: null,
    recordedAt: new Date(Date.UTC(2027, 1, 3, 18, (at += 1))).toISOString(),
  });
  const steps = hydrate?.procedure.steps ?? [];
  const masses = steps.flatMap(({ id, measures }) =>
    measures.filter(({ quantity }) => quantity === 'mass').map(({ name }) => [id, name] as const),
  );
  // 2.00 g of the heptahydrate lose 1.02 g of water: 18.015 × 7 / 246.47 = 0.5117 (IUPAC atomic masses).
  const weighings = [one, two].flatMap((group) =>
    masses.map(([stepId, name], index) =>
      entry(group, hydrate?.id, stepId, null, {
        kind: 'measurement',
        name,
        quantity: 'mass',
        value: index === 0 ? 20 : index === 1 ? 22 : 20.98,
      }),
    ),
  );
  return {
    ...day,
    entries: [
      ...weighings,
      entry(one, hydrate?.id, steps[0]?.id ?? '', null, {
        kind: 'departure',
        what: 'time',
        planned: '9 min',
        done: '7 min',
      }),
      entry(one, test.id, 'mix', 'vessel', {
        kind: 'precipitate',
        colour: 'pale blue',
        texture: 'gelatinous',
      }),
      entry(one, test.id, 'mix', 'vessel', { kind: 'note', text: '3 x <b>shaken</b> | settled' }),
      entry(two, test.id, 'mix', 'vessel', { kind: 'noPrecipitate' }),
      entry(two, test.id, 'mix', 'vessel', {
        kind: 'verdict',
        verdict: 'partly',
        reason: 'The pipette was empty.',
        by: 'M. S.',
      }),
    ],
  };
}

const day = recordedDay();
const settings = { ...firstSettings, institution: 'Lantern Quay Evening School' };
const reportOn = (scope: ReportScope): ReportDocument =>
  dayReport({ day, settings, scope, unknowns: [] });
const whole = reportOn({ of: 'day' });
const [first, second] = day.groups;
const key = { parts: allReportParts, version: 'instructor' } as const;
const forClass = { parts: allReportParts, version: 'class' } as const;

describe('the report of a lab day', () => {
  const text = markdownOf(chooseParts(whole, key));

  it.each([
    ['who made it', 'Lantern Quay Evening School'],
    ['the day', '# Report on it'],
    ['the solution as planned', 'CuSO<sub>4</sub>'],
    ['what was expected', 'Expected: '],
    ['what was seen', 'pale blue gelatinous precipitate'],
    [
      'the net ionic equation',
      'Cu<sup>2+</sup>(aq) + 2 OH<sup>−</sup>(aq) → Cu(OH)<sub>2</sub>(s)',
    ],
    ['the ions that watch', 'Watching ions: SO<sub>4</sub><sup>2−</sup>'],
    ['the evidence', 'Bench 1: By what was seen a chemical change; evidence:'],
    ['what differs', 'Differs in precipitate'],
    ['its likeliest cause', 'Likeliest cause: '],
    ['a departure', 'time: 9 min → 7 min'],
    ['the instructor’s word', 'M. S. says partly agrees, because The pipette was empty.'],
    ['water of crystallisation', 'MgSO<sub>4</sub>·7H<sub>2</sub>O: agrees with what is expected'],
    ['the working', 'g/mol'],
    ['the waste', 'Waste record'],
    ['the deferral', 'Local rules, the supplier’s safety data sheet and licensed disposal decide'],
    ['an answer', 'Answers:'],
    ['a constant with its source', 'from memory'],
  ])('tells %s', (_, words) => expect(text).toContain(words));

  it('keeps typed text from becoming markup', () => {
    expect(text).toContain('3 x \\<b\\>shaken\\</b\\> \\| settled');
    expect(text).not.toContain('<b>');
  });

  it('is in the class’s copy without anything of the key', () => {
    const copy = markdownOf(chooseParts(whole, forClass));
    expect(copy).toContain('pale blue gelatinous precipitate');
    for (const secret of [
      'Expected',
      'Net ionic',
      'Judgement',
      'Likeliest',
      'M. S.',
      'Answers:',
      'from memory',
    ])
      expect(copy, secret).not.toContain(secret);
  });

  it('draws what was seen beside what was expected, and to the class only what was seen', () => {
    const labels = (version: 'class' | 'instructor') =>
      JSON.stringify(chooseParts(whole, { parts: allReportParts, version })).match(
        /"label":"[^"]+"/g,
      );
    expect(labels('instructor')).toContain('"label":"Expected"');
    expect(labels('instructor')).toContain('"label":"Seen: Bench 1"');
    expect(labels('class')).not.toContain('"label":"Expected"');
    expect(labels('class')).toContain('"label":"Seen: Bench 1"');
  });

  it.each(allReportParts)('leaves out “%s” when it is not chosen', (part) => {
    const rest = allReportParts.filter((one) => one !== part);
    const without = chooseParts(whole, { parts: rest, version: 'instructor' });
    const parts = (sections: ReportDocument['sections']): (string | undefined)[] =>
      sections.flatMap((one) => [
        ...(one.blocks.length > 0 ? [one.part] : []),
        ...parts(one.sections),
      ]);
    expect(parts(without.sections)).not.toContain(part);
    expect(parts(whole.sections), reportParts[part]).toContain(part);
  });
});

describe('a report on a part of the day', () => {
  it('on a group tells its own record and no other’s', () => {
    const text = markdownOf(chooseParts(reportOn({ of: 'group', groupId: second?.id ?? '' }), key));
    expect(text).toContain('no precipitate');
    expect(text).not.toContain(first?.name ?? 'Bench 1');
    expect(text).not.toContain('pale blue gelatinous precipitate |');
  });

  it('on a procedure tells that one only', () => {
    const [, hydrate] = day.procedures;
    const text = markdownOf(chooseParts(reportOn({ of: 'work', workId: hydrate?.id ?? '' }), key));
    expect(text).toContain('How much water is in the crystal?');
    expect(text).not.toContain('Cu(OH)');
  });

  it('on an unknown tells tests, answer, key and mark, and to the class neither key nor mark', async () => {
    const results = [{ test: 'flame', outcome: 'yellow', blank: 'clean' as const, note: 'bright' }];
    const jar = { kind: 'inorganic' as const, key: 'NaCl', answer: 'NaCl', results };
    const [mark = null] = await markAnswers([jar], ['KI']);
    expect(mark?.parts[0]).toMatchObject({ what: 'What it is', points: 5, of: 5 });
    const groupId = first?.id ?? '';
    const report = dayReport({
      day,
      settings,
      scope: { of: 'unknown', groupId },
      unknowns: [
        {
          groupId,
          code: 'Q-7',
          kind: 'inorganic',
          key: 'NaCl',
          answer: { id: anyId(), groupId, code: 'Q-7', answer: 'KI', results, sentAt: '' },
          mark,
        },
      ],
    });
    const told = markdownOf(chooseParts(report, key));
    for (const words of [
      'Unknown Q-7, Bench 1',
      'Answer: KI',
      'In the jar: NaCl',
      'yellow',
      'Flame',
      'stayed as it should',
    ])
      expect(told).toContain(words);
    const copy = markdownOf(chooseParts(report, forClass));
    expect(copy).toContain('Answer: KI');
    expect(copy).not.toContain('NaCl');
    expect(copy).not.toContain('Mark');
  });
});

describe('the raw record as CSV (RFC 4180)', () => {
  it('has a line for every line that was written, with those that no longer stand', () => {
    const at = day.entries.findIndex(({ record }) => record?.kind === 'note');
    const noted = day.entries[at];
    const corrected: LabDay = {
      ...day,
      entries: [
        ...day.entries,
        { ...(noted as BenchEntry), id: anyId(), record: null, supersedes: noted?.id ?? null },
      ],
    };
    const [head = '', ...lines] = recordCsv(corrected)(
      corrected.entries.map((entry, place) => ({ entry, stands: place !== at })),
    ).split('\r\n');
    expect(head.split(',').slice(0, 4)).toEqual(['recorded_at', 'group', 'work', 'step']);
    expect(lines).toHaveLength(corrected.entries.length);
    expect(lines.at(-1)).toContain('taken back');
    expect(lines[at]).toContain(',no,');
  });
});

const commas = { decimalSign: ',', scale: '°C' } as const;

describe('decimals', () => {
  it.each([
    ['0.25 mol/L', '0,25 mol/L'],
    ['from 1.5 to 2.75 g', 'from 1,5 to 2,75 g'],
    ['40 CFR 261.24', '40 CFR 261,24'],
    ['GUM 4.3.7', 'GUM 4.3.7'],
    ['version 1.2.3 of it', 'version 1.2.3 of it'],
    ['at 9. Then', 'at 9. Then'],
    ['127.0.0.1', '127.0.0.1'],
    ['2027-02-03', '2027-02-03'],
  ])('%s becomes %s', (point, comma) =>
    expect(toldFor(commas, () => proseTold(point))).toBe(comma),
  );

  it('are written one way throughout a document, and not in its charts’ numbers', () => {
    const told = markdownOf(
      chooseParts(
        toldFor(commas, () => reportOn({ of: 'day' })),
        key,
      ),
    );
    expect(told).toContain('0,1 M');
    expect(told).not.toMatch(/\d\.\d+ M/);
  });
});

describe('words', () => {
  it('lower and raise in formulae, and leave what was typed alone', () => {
    expect(chemical('SO4^2-').map(({ set }) => set)).toEqual(['line', 'sub', 'super']);
    expect(plain('Room B4')).toEqual([{ text: 'Room B4', set: 'line' }]);
    expect(asText(chemical('H2O'))).toBe('H2O');
  });
});
