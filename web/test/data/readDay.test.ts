import type { EntriesPage, HeldDay } from '@stoichos/contract';
import { expect, it } from 'vitest';
import type { Question } from '../../src/data/api/build';
import { readDay } from '../../src/data/api/readDay';
import { dayOf, entry, id } from '../support/day';

const plan = dayOf([]);
const line = (n: number) => entry(n, { kind: 'note', text: `line ${n}` });
const page = (lines: readonly number[], more: Partial<EntriesPage> = {}): EntriesPage => ({
  entries: lines.map(line),
  settled: lines.length,
  more: false,
  anew: false,
  ...more,
});

/** Reads a day from a server that gives these pages of the record, and tells after which lines it was asked to go on. */
async function read(pages: readonly EntriesPage[], known?: HeldDay) {
  const afters: (string | undefined)[] = [];
  const left = [...pages];
  const { data } = (await readDay(plan.id, known, ({ contract, given }: Question) => {
    if (!contract.path.endsWith('/entries')) return Promise.resolve({ data: plan });
    afters.push((given.query as { after?: string }).after);
    return Promise.resolve({ data: left.shift() });
  })) as { data: HeldDay };
  return { data, numbers: data.entries.map((one) => one.id), afters };
}
const ids = (...lines: readonly number[]) => lines.map((n) => id(1000 + n));

it('reads every page the first time, and only what came since the next', async () => {
  const first = await read([page([1, 2], { more: true, anew: true }), page([3])]);
  expect(first.numbers).toEqual(ids(1, 2, 3));
  expect(first.afters).toEqual([undefined, id(1002)]);
  const next = await read([page([4])], first.data);
  expect(next.numbers).toEqual(ids(1, 2, 3, 4));
  expect(next.afters).toEqual([id(1003)]);
});

it('reads what was not settled again, so that a line that came late stands in its place', async () => {
  const first = await read([page([1, 3], { settled: 1, more: true }), page([4])]);
  expect(first.numbers).toEqual(ids(1, 3, 4));
  expect(first.data.settled).toBe(1);
  const next = await read([page([2, 3, 4])], first.data);
  expect(next.afters).toEqual([id(1001)]);
  expect(next.numbers).toEqual(ids(1, 2, 3, 4));
});

it('holds a line that it was told of once, when it is read too', async () => {
  const first = await read([page([1])]);
  const told = { ...first.data, entries: [...first.data.entries, line(2)] };
  expect((await read([page([2, 3])], told)).numbers).toEqual(ids(1, 2, 3));
});

it('begins anew where the record is another one', async () => {
  const first = await read([page([1, 2])]);
  expect((await read([page([5], { anew: true })], first.data)).numbers).toEqual(ids(5));
});
