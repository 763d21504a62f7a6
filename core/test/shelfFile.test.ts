import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shelfSubstances } from '../src/matter/substances/findSubstance';
import { mostShelfRows, readShelfFile, writeShelfFile } from '../src/planning/shelf/shelfFile';
import { amountOnShelf, shortages } from '../src/planning/shelf/shortages';
import type { ShelfFileProblem } from '../src/planning/shelf/shelfFile';
import type { ShelfItem } from '../src/planning/shelf/shelfItem';
import { anyId } from './support/day';

const heading = 'substance,form,purity %,amount,unit,least,place,expires';
const good = [
  'copper(II) sulfate,CuSO4·5H2O,99,250,g,50,Bay 1,2028-06-30',
  'HCl,,,500,mL,100,Acid cupboard,',
];
const problemsOf = (text: string): readonly ShelfFileProblem[] =>
  readShelfFile(text).problems ?? [];

describe('a shelf file', () => {
  it('is read by any name, with what may be left out filled in', () => {
    const { rows } = readShelfFile([heading, ...good].join('\r\n'));
    expect(rows).toEqual([
      expect.objectContaining({
        substance: 'CuSO4',
        form: 'CuSO4·5H2O',
        amount: 250,
        expires: '2028-06-30',
      }),
      expect.objectContaining({
        substance: 'HCl',
        form: 'HCl',
        purityPercent: 100,
        unit: 'mL',
        expires: null,
      }),
    ]);
  });

  it('is read with semicolons, a decimal comma and a byte-order mark', () => {
    const { rows } = readShelfFile('\uFEFFunit;amount;substance\ng;12,5;NaCl\n');
    expect(rows?.[0]).toMatchObject({ substance: 'NaCl', amount: 12.5 });
  });

  it('comes back unchanged after writing', () => {
    const forms = shelfSubstances().flatMap(({ formula, forms: all }) =>
      all.map((form) => ({ substance: formula, form: form.formula })),
    );
    const row = fc.record({
      at: fc.integer({ min: 0, max: forms.length - 1 }),
      purityPercent: fc.integer({ min: 1, max: 100 }),
      amount: fc.integer({ min: 0, max: 5000 }),
      unit: fc.constantFrom('g' as const, 'mL' as const),
      least: fc.integer({ min: 0, max: 100 }),
      place: fc.constantFrom('Bay 1', 'Bay 2, “upper” shelf', 'A; B, "C"', ''),
      expires: fc.constantFrom(null, '2028-01-31'),
    });
    fc.assert(
      fc.property(fc.uniqueArray(row, { selector: ({ at }) => at, minLength: 1 }), (picked) => {
        const rows = picked.map(({ at, ...rest }) => ({
          ...(forms[at] as (typeof forms)[number]),
          ...rest,
        }));
        const read = readShelfFile(writeShelfFile(rows));
        expect(read.problems).toBeUndefined();
        expect(
          read.rows?.map(({ substance, form, amount, place, expires }) => ({
            substance,
            form,
            amount,
            place,
            expires,
          })),
        ).toEqual(
          rows.map(({ substance, form, amount, place, expires }) => ({
            substance,
            form,
            amount,
            place,
            expires,
          })),
        );
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  it.each<[string, string, Partial<ShelfFileProblem>]>([
    [
      'a missing column',
      'substance,amount\nNaCl,5',
      { line: 1, message: 'The column “unit” is missing.' },
    ],
    [
      'a column twice',
      'substance,amount,unit,unit\nNaCl,5,g,g',
      { line: 1, message: 'The column “unit” is there twice.' },
    ],
    ['a wrong unit', 'substance,amount,unit\nNaCl,5,kg', { line: 2, column: 'unit', value: 'kg' }],
    [
      'a word for a number',
      'substance,amount,unit\nNaCl,plenty,g',
      { line: 2, column: 'amount', value: 'plenty' },
    ],
    ['a negative amount', 'substance,amount,unit\nNaCl,-5,g', { line: 2, column: 'amount' }],
    [
      'a formula cell',
      'substance,amount,unit\nNaCl,=SUM(A1:A9),g',
      { line: 2, column: 'amount', value: '=SUM(A1:A9)' },
    ],
    [
      'an unknown substance',
      'substance,amount,unit\nunobtainium oxide,5,g',
      { line: 2, column: 'substance' },
    ],
    [
      'a form of something else',
      'substance,form,amount,unit\nNaCl,CuSO4·5H2O,5,g',
      { line: 2, column: 'form' },
    ],
    [
      'a date that is none',
      'substance,amount,unit,expires\nNaCl,5,g,31.12.2027',
      { line: 2, column: 'expires' },
    ],
    [
      'wrong encoding',
      'substance,amount,unit\nCaf\uFFFD,5,g',
      { message: expect.stringContaining('UTF-8') as string },
    ],
    ['an empty file', ' \n', { message: 'The file is empty.' }],
    ['only a heading', heading, { message: 'There is a heading and nothing under it.' }],
    [
      'an open quotation mark',
      'substance,amount,unit\n"NaCl,5,g',
      { message: 'A quotation mark is opened and not closed.' },
    ],
  ])('with %s is refused as a whole', (_, text, problem) => {
    const { rows } = readShelfFile(text);
    expect(rows).toBeUndefined();
    expect(problemsOf(text)[0]).toMatchObject(problem);
    expect(problemsOf(text)[0]?.remedy).not.toBe('');
  });

  it('names the line of a duplicate', () => {
    expect(problemsOf([heading, good[0], good[1], good[0]].join('\n'))).toEqual([
      expect.objectContaining({ line: 4, message: expect.stringContaining('line 2') as string }),
    ]);
  });

  it('with 10 000 rows is refused', () => {
    const rows = Array.from({ length: 10_000 }, (_, at) => `NaCl,,,${at},g,,Bay ${at},`);
    expect(problemsOf([heading, ...rows].join('\n'))[0]?.message).toBe(
      `The file has 10000 rows; a shelf file has at most ${mostShelfRows}.`,
    );
  });

  it('lists every bad row, and counts what is more than can be read', () => {
    const rows = Array.from({ length: 300 }, () => 'NaCl,,,much,g,,Bay,');
    const found = problemsOf([heading, ...rows].join('\n'));
    expect(found).toHaveLength(101);
    expect(found.at(-1)?.message).toBe('And 200 more.');
  });
});

describe('shortages', () => {
  const jar = (more: Partial<ShelfItem>): ShelfItem => ({
    id: anyId(),
    substance: 'CuSO4',
    form: 'CuSO4·5H2O',
    purityPercent: 99,
    place: 'Bay 1',
    amount: 20,
    unit: 'g',
    least: 10,
    expires: null,
    ...more,
  });

  it('count jars that have not expired, and what should stay', () => {
    const items = [jar({}), jar({ place: 'Bay 2', amount: 100, least: 0, expires: '2027-01-01' })];
    expect(amountOnShelf(items, { form: 'CuSO4·5H2O', unit: 'g' }, '2027-02-03')).toBe(20);
    const taking = (amount: number) => [{ form: 'CuSO4·5H2O', amount, unit: 'g' as const }];
    expect(shortages(items, taking(5), '2027-02-03')).toEqual([]);
    expect(shortages(items, taking(15), '2027-02-03')[0]?.message).toMatch(/5 g left afterwards/);
    expect(shortages(items, taking(30), '2027-02-03')[0]?.message).toMatch(
      /needs 30 g; there are 20 g/,
    );
    expect(shortages([], taking(30), '2027-02-03')[0]?.message).toMatch(/there is none/);
  });

  it('turn millilitres of a concentrated acid into grams by its density', () => {
    const acid = jar({ substance: 'HCl', form: 'HCl', amount: 100, unit: 'mL', least: 0 });
    expect(amountOnShelf([acid], { form: 'HCl', unit: 'g' }, '2027-02-03')).toBeCloseTo(118, 0);
  });
});
