import { describe, expect, it } from 'vitest';
import type { LabDay } from '../src/labday/day/labDay';
import {
  dayShortages,
  daySheet,
  formsOnShelf,
  jarsOf,
  takingFor,
  takingOf,
  workingOf,
} from '../src/labday/prep/daySheet';
import { otherNeeds } from '../src/labday/day/solutionsNeeded';
import { shelfItemSchema } from '../src/planning/shelf/shelfItem';
import type { ShelfItem } from '../src/planning/shelf/shelfItem';
import { anyId, dayOf, planned } from './support/day';

const jar = (substance: string, part: Partial<ShelfItem> = {}): ShelfItem =>
  shelfItemSchema.parse({
    id: anyId(),
    substance,
    form: substance,
    purityPercent: 100,
    place: 'Shelf 1',
    amount: 500,
    unit: 'g',
    least: 0,
    expires: null,
    ...part,
  });
const copper = { substance: 'CuSO4', concentrationM: 0.5, volumeMl: 5 };
const soda = { substance: 'NaOH', concentrationM: 1, volumeMl: 5 };
const day = (more: Partial<LabDay> = {}) =>
  dayOf([], 2, { procedures: [planned(anyId(), copper, soda)], ...more });
const sheet = (of: LabDay, shelf: readonly ShelfItem[], chosen: Record<string, string> = {}) =>
  daySheet(of, { shelf, chosen, pipettes: true });
const lineOf = (lines: ReturnType<typeof sheet>, substance: string) => {
  const line = lines.find((one) => one.substance === substance);
  if (!line) throw new Error(`No line for ${substance}.`);
  return line;
};

describe('the prep sheet of a day', () => {
  it('asks which form is in the jar where the shelf has two', () => {
    const both = [
      jar('CuSO4', { form: 'CuSO4' }),
      jar('CuSO4', { form: 'CuSO4·5H2O' }),
      jar('NaOH'),
    ];
    expect(lineOf(sheet(day(), both), 'CuSO4').making.kind).toBe('askForm');
  });

  it('weighs the form that is on the shelf: 1.25 g of blue vitriol for 10 mL of 0.5 mol/L (M 249.69 g/mol, CRC Handbook)', () => {
    const { making, totalMl } = lineOf(
      sheet(day(), [jar('CuSO4', { form: 'CuSO4·5H2O' })]),
      'CuSO4',
    );
    if (making.kind !== 'weigh') throw new Error(making.kind);
    expect(making.form).toBe('CuSO4·5H2O');
    // 0.5 mol/L · 249.69 g/mol · volume
    expect(making.roundedG).toBeCloseTo((0.5 * 249.69 * totalMl) / 1000, 1);
  });

  it('weighs the form that somebody chose', () => {
    const both = [jar('CuSO4', { form: 'CuSO4' }), jar('CuSO4', { form: 'CuSO4·5H2O' })];
    const { making } = lineOf(sheet(day(), both, { CuSO4: 'CuSO4' }), 'CuSO4');
    expect(making).toMatchObject({ kind: 'weigh', form: 'CuSO4' });
  });

  it('takes what was weighed for the answer to which form it is', () => {
    const both = [jar('CuSO4', { form: 'CuSO4' }), jar('CuSO4', { form: 'CuSO4·5H2O' })];
    const weighed = day({
      weighings: [
        {
          id: anyId(),
          substance: 'CuSO4',
          concentrationM: 0.5,
          volumeMl: 10,
          form: 'CuSO4·5H2O',
          purityPercent: 100,
          actualG: 1.25,
          recordedAt: '2027-02-03T08:00:00.000Z',
        },
      ],
    });
    expect(lineOf(sheet(weighed, both), 'CuSO4').making).toMatchObject({
      kind: 'weigh',
      form: 'CuSO4·5H2O',
    });
  });

  it('weighs more of what is not pure', () => {
    const massOf = (purityPercent: number) => {
      const { making } = lineOf(
        sheet(day(), [jar('CuSO4', { form: 'CuSO4·5H2O', purityPercent })]),
        'CuSO4',
      );
      return making.kind === 'weigh' ? (making.recipe.massG ?? 0) : 0;
    };
    expect(massOf(80) / massOf(100)).toBeCloseTo(1.25, 6);
  });

  it('says what each solution is for', () => {
    const { for: uses } = lineOf(sheet(day(), []), 'NaOH');
    expect(uses).toEqual(['CuSO4 with NaOH']);
  });

  it('is empty where nothing is planned', () => expect(sheet(dayOf([], 2), [])).toEqual([]));
});

describe('the working of a line', () => {
  it('is that of its recipe, with the cautions of a concentrated acid', () => {
    const acid = dayOf([], 2, {
      procedures: [planned(anyId(), { substance: 'H2SO4', concentrationM: 1, volumeMl: 5 }, soda)],
    });
    const { working, steps } = workingOf(lineOf(sheet(acid, []), 'H2SO4'));
    expect(working.join(' ')).toMatch(/g\/mL/);
    expect(steps.join(' ')).toMatch(/slowly into the water, stirring, never the water into it/);
  });

  it('gives both masses while the form is asked for, so that paper answers too', () => {
    const both = [jar('CuSO4', { form: 'CuSO4' }), jar('CuSO4', { form: 'CuSO4·5H2O' })];
    const { steps, working } = workingOf(lineOf(sheet(day(), both), 'CuSO4'));
    expect(steps.join(' ')).toMatch(/of CuSO4 weigh .* g, of CuSO4·5H2O weigh .* g/);
    expect(working).toEqual([]);
  });
});

describe('what a day takes from the shelf', () => {
  it('is the mass that is weighed, or the one that really was', () => {
    const line = lineOf(sheet(day(), [jar('CuSO4', { form: 'CuSO4·5H2O' })]), 'CuSO4');
    const planned = takingOf(line);
    expect(planned).toMatchObject({ form: 'CuSO4·5H2O', unit: 'g' });
    expect(takingOf(line, 1.31)).toEqual({ form: 'CuSO4·5H2O', amount: 1.31, unit: 'g' });
  });

  it('is the volume of a concentrated reagent', () => {
    const acid = dayOf([], 2, {
      procedures: [planned(anyId(), { substance: 'HCl', concentrationM: 2, volumeMl: 5 }, soda)],
    });
    const taking = takingOf(lineOf(sheet(acid, []), 'HCl'));
    expect(taking).toMatchObject({ form: 'HCl', unit: 'mL' });
  });

  it('is the solid or the liquid that is set out as it is, and no water, drops or gas', () => {
    const needs = otherNeeds(dayOf(['crystal-water-by-mass', 'cracking-an-oil'], 2));
    for (const need of needs) {
      const taking = takingFor(need);
      if (need.kind === 'solid') expect(taking?.unit).toBe('g');
      else if (need.kind === 'liquid') expect(taking?.unit).toBe('mL');
      else expect(taking).toBeUndefined();
    }
    expect(needs.some(({ kind }) => kind === 'solid')).toBe(true);
  });
});

describe('what runs short', () => {
  const short = (shelf: readonly ShelfItem[]) => {
    const of = day();
    return dayShortages(of, sheet(of, shelf), shelf).map(({ form }) => form);
  };

  it('is nothing where there is enough of everything', () =>
    expect(short([jar('CuSO4', { form: 'CuSO4·5H2O' }), jar('NaOH')])).toEqual([]));

  it('is what there is too little of', () =>
    expect(short([jar('CuSO4', { form: 'CuSO4·5H2O', amount: 0.1 }), jar('NaOH')])).toEqual([
      'CuSO4·5H2O',
    ]));

  it('does not count a jar that has expired by the day', () =>
    expect(
      short([jar('CuSO4', { form: 'CuSO4·5H2O' }), jar('NaOH', { expires: '2027-01-31' })]),
    ).toEqual(['NaOH']));

  it('names what is not there in any form', () => {
    expect(short([jar('NaOH')])).toEqual(['CuSO4']);
  });
});

describe('jars and forms', () => {
  const jars = [
    jar('CuSO4', { form: 'CuSO4·5H2O', amount: 20 }),
    jar('CuSO4', { form: 'CuSO4·5H2O', amount: 250 }),
    jar('CuSO4', { form: 'CuSO4·5H2O', amount: 900, expires: '2020-01-01' }),
    jar('CuSO4', { form: 'CuSO4', amount: 5 }),
  ];

  it('come fullest first, without what has expired', () =>
    expect(jarsOf(jars, 'CuSO4·5H2O', '2027-02-03').map(({ amount }) => amount)).toEqual([
      250, 20,
    ]));

  it('are good on the very day they expire', () =>
    expect(jarsOf([jar('NaCl', { expires: '2027-02-03' })], 'NaCl', '2027-02-03')).toHaveLength(1));

  it('are the forms on the shelf, or those of the table where there is no jar', () => {
    expect(formsOnShelf(jars, 'CuSO4')).toEqual(['CuSO4·5H2O', 'CuSO4']);
    expect(formsOnShelf([], 'CuSO4')).toContain('CuSO4·5H2O');
  });
});
