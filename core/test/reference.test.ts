import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { ourConstants } from './support/ourConstants';
import { ourMeasured } from './support/ourMeasured';
import { keptBecause } from '../src/matter/substances/data/keptBecause';
import { readIn } from '../src/matter/substances/data/readIn';
import { isWork } from '../src/matter/substances/data/works';
import { constantTables } from '../src/report/sources';

/**
 * The tables against the open ones they were compared with (scripts/reference): CRC Handbook in the package chemicals, the data
 * bases of phreeqc, OBIGT in pychnosz. The figures are committed; nothing is fetched.
 */
const ours: readonly Pick<
  (typeof ourConstants)[number] | (typeof ourMeasured)[number],
  'table' | 'of' | 'quantity' | 'ours'
>[] = [...ourConstants, ...ourMeasured];
const tables = [...new Set(ours.map(({ table }) => table))];
interface Line {
  readonly of: string;
  readonly quantity: string;
  readonly ours: string;
  readonly theirs: string;
  readonly verdict: string;
}
const linesOf = (table: string): readonly Line[] =>
  Papa.parse<Line>(
    readFileSync(join(import.meta.dirname, `../../docs/reference/${table}.csv`), 'utf8'),
    { header: true, skipEmptyLines: true },
  ).data;

/** The table of a line: heats that stand beside constants have one of their own. */
const tableOf = (table: string, { quantity }: Line): string =>
  quantity.startsWith('ΔH') && table !== 'formationEnthalpies' ? `${table}Heat` : table;

describe.each(tables)('the comparison of %s', (table) => {
  const lines = linesOf(table);
  const own = ours.filter((one) => one.table === table);

  it('is of the values as they stand', () => {
    expect(lines.map(({ of, quantity }) => `${of} ${quantity}`)).toEqual(
      own.map(({ of, quantity }) => `${of} ${quantity}`),
    );
    lines.forEach(({ ours, of }, at) =>
      expect(Number(ours), of).toBeCloseTo(own[at]?.ours ?? NaN, 2),
    );
  });

  it('leaves no disagreement without a reason', () => {
    const open = lines.filter(
      (line) =>
        ['differs', 'within the spread'].includes(line.verdict) &&
        !keptBecause.some((one) => one.table === tableOf(table, line) && one.of.includes(line.of)),
    );
    expect(open.map(({ of, quantity, ours, theirs }) => [of, quantity, ours, theirs])).toEqual([]);
  });

  it('cites only works that have the value', () => {
    const main = lines.filter(({ quantity }) => quantity === lines[0]?.quantity);
    const close = new Map(
      main.map(({ of, ours, theirs }) => [of, Math.abs(Number(theirs) - Number(ours))]),
    );
    for (const [works, names] of Object.entries(readIn[table] ?? {})) {
      expect(works.split(' ').filter((code) => !isWork(code))).toEqual([]);
      for (const of of names) expect(close.get(of), of).toBeLessThan(1.2);
    }
  });
});

it('a reason is given only where there is a disagreement', () => {
  for (const { table, of } of keptBecause) {
    const plain = table.replace(/Heat$/, '');
    const lines = linesOf(plain).filter((line) => tableOf(plain, line) === table);
    for (const name of of)
      expect(
        lines.some((one) => one.of === name && !['agrees', 'not in any'].includes(one.verdict)),
        `${table} ${name}`,
      ).toBe(true);
  }
});

it('at most 35 % of the constants are from memory, and half of all values: what stands in jars and its hazards no open table has', () => {
  const share = (tables: ReturnType<typeof constantTables>): number => {
    const all = tables.flatMap(({ rows }) => rows);
    return all.filter(({ source }) => source.kind === 'handbook').length / all.length;
  };
  const jars = /on the shelf|Hazard|CLP|M-factors|toxicity/;
  expect(share(constantTables().filter(({ title }) => !jars.test(title)))).toBeLessThanOrEqual(
    0.35,
  );
  expect(share(constantTables())).toBeLessThanOrEqual(0.5);
});
