import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { ourConstants } from './support/ourConstants';
import { ourMeasured } from './support/ourMeasured';
import { keptBecause } from '../src/matter/substances/data/keptBecause';
import { readIn } from '../src/matter/substances/data/readIn';
import { isWork } from '../src/matter/substances/data/works';

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
    const kept = new Set(keptBecause.flatMap((one) => (one.table === table ? one.of : [])));
    const open = lines.filter(
      ({ of, verdict }) => ['differs', 'within the spread'].includes(verdict) && !kept.has(of),
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
    const lines = linesOf(table);
    for (const name of of)
      expect(
        lines.some((one) => one.of === name && !['agrees', 'not in any'].includes(one.verdict)),
        `${table} ${name}`,
      ).toBe(true);
  }
});
