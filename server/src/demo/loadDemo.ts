import { createHash } from 'node:crypto';
import { solubleSubstances } from '@stoichos/core';
import type { BenchRecord } from '@stoichos/core';
import { appendEntry, appendWeighing } from '../database/benchEntries';
import type { Database } from '../database/connect';
import { saveDay, saveTest } from '../database/labDays';
import { demoDays } from './days';
import type { DemoDay } from './days';
import { keepRun } from '../database/keptRuns';
import { demoRuns } from './runs';

/** A steady id for a demo thing, so that loading twice writes the same rows (UUID layout, version 8). */
export function demoId(name: string): string {
  const hex = createHash('sha256').update(`lantern-quay/${name}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/**
 * Fills an empty database with the demo scenario: the shelf of the Lantern Quay Evening School and its lab days.
 * A database that holds a lab day or a jar is left alone.
 */
export async function loadDemo(database: Database): Promise<void> {
  const filled = (await database.days.count()) + (await database.shelf.count());
  if (filled > 0) return;
  await loadShelf(database);
  for (const day of demoDays(new Date())) await loadDay(database, day);
  for (const [index, run] of demoRuns.entries())
    await keepRun(database, {
      id: demoId(`run ${index}`),
      ...run,
      keptAt: new Date(Date.now() - index * 86_400_000).toISOString(),
    });
}

async function loadShelf({ shelf }: Database): Promise<void> {
  const places = ['Net loft, bay 1', 'Net loft, bay 2', 'Locked cupboard'];
  const items = solubleSubstances().flatMap(({ formula, forms }, index) =>
    forms.map(({ formula: form }) => ({
      id: demoId(`jar ${form}`),
      substance: formula,
      form,
      purityPercent: form === 'NaOH' || form === 'KOH' ? 98 : 99,
      place: places[index % places.length] ?? '',
    })),
  );
  await shelf.bulkCreate(items, { ignoreDuplicates: true });
}

async function loadDay(database: Database, day: DemoDay): Promise<void> {
  const id = demoId(day.name);
  const groupId = (name: string) => demoId(`${day.name} ${name}`);
  const testId = (index: number) => demoId(`${day.name} test ${index}`);
  const groups = day.groups.map((name) => ({ id: groupId(name), name }));
  const { name, date, sparePercent } = day;
  await saveDay(database, { id, name, date, sparePercent, groups });
  for (const [index, test] of day.tests.entries())
    await saveTest(database, id, { id: testId(index), ...test });
  for (const [index, weighing] of day.weighings.entries())
    await appendWeighing(database, id, {
      id: demoId(`${day.name} weighing ${index}`),
      ...weighing,
      recordedAt: `${date}T16:${String(10 + index)}:00.000Z`,
    });
  let line = 0;
  for (const { group, test, seen } of day.records)
    for (const record of seen) {
      line += 1;
      await appendEntry(database, {
        id: demoId(`${day.name} entry ${line}`),
        testId: testId(test),
        groupId: groupId(group),
        record: record satisfies BenchRecord,
        supersedes: null,
        recordedAt: new Date(Date.parse(`${date}T18:00:00Z`) + line * 20_000).toISOString(),
      });
    }
}
