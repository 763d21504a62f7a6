import { createHash } from 'node:crypto';
import { shelfSubstances } from '@stoichos/core/matter/substances';
import {
  library,
  mixingStep,
  mixingVessel,
  procedureOfMixing,
} from '@stoichos/core/planning/procedure';
import { hazardRank } from '@stoichos/core/safety';
import type { BenchRecord } from '@stoichos/core/labday/day';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { appendEntry, appendWeighing } from '../database/benchEntries';
import type { Database } from '../database/connect';
import { saveDay } from '../database/labDays';
import { saveDayProcedure, saveProcedure } from '../database/procedures';
import { demoDays } from './labDays';
import type { DemoDay } from './demoDay';
import { keepRun } from '../database/keptRuns';
import { appendCellEntry, saveCellRun } from '../database/cellRuns';
import { demoCellRuns } from './cellRuns';
import type { DemoCellRun } from './cellRuns';
import { demoKeptRuns } from './keptRuns';

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
  await loadOwnProcedure(database);
  for (const [index, run] of demoKeptRuns.entries())
    await keepRun(database, {
      id: demoId(`run ${index}`),
      ...run,
      keptAt: new Date(Date.now() - index * 86_400_000).toISOString(),
    });
  for (const cell of demoCellRuns) await loadCell(database, cell);
}

async function loadCell(database: Database, { run, records, daysAgo }: DemoCellRun): Promise<void> {
  const runId = demoId(`cell ${run.name}`);
  const madeAt = new Date(Date.now() - daysAgo * 86_400_000).toISOString();
  await saveCellRun(database, { ...run, id: runId, madeAt });
  for (const [index, record] of records.entries())
    await appendCellEntry(database, {
      id: demoId(`cell ${run.name} line ${index}`),
      runId,
      record,
      supersedes: null,
      recordedAt: madeAt,
    });
}

/** A school keeps nothing of which a little kills, but for what a demonstration needs. */
const locked = 5;

function shipped(id: string): Procedure {
  const found = library.find((procedure) => procedure.id === id);
  if (!found) throw new Error(`There is no procedure ${id} in the library.`);
  return found;
}

/** A procedure that the school has adapted to its evening: less copper, less waiting. */
async function loadOwnProcedure(database: Database): Promise<void> {
  const original = shipped('blue-white-blue');
  await saveProcedure(database, {
    id: demoId('own blue-white-blue'),
    savedAt: new Date().toISOString(),
    version: null,
    procedure: {
      ...original,
      id: demoId('own blue-white-blue'),
      name: 'Blue to white in half the time',
      from: original.id,
      steps: original.steps.map((step) => (step.id === 'cool' ? { ...step, minutes: 5 } : step)),
    },
  });
}

async function loadShelf({ shelf }: Database): Promise<void> {
  const places = ['Net loft, bay 1', 'Net loft, bay 2', 'Net loft, bay 3'];
  const items = shelfSubstances()
    .filter(({ state, formula }) => state !== 'gas' && hazardRank(formula) < locked)
    .flatMap(({ formula, forms, state }, index) =>
      forms.map(({ formula: form }): ShelfItem => ({
        id: demoId(`jar ${form}`),
        substance: formula,
        form,
        purityPercent: form === 'NaOH' || form === 'KOH' ? 98 : 99,
        place: hazardRank(formula) >= 4 ? 'Locked cupboard' : (places[index % places.length] ?? ''),
        amount: 50 + ((37 * index) % 450),
        unit: state === 'liquid' ? 'mL' : 'g',
        least: 20,
        expires: null,
      })),
    );
  await shelf.bulkCreate(items, { ignoreDuplicates: true });
}

async function loadDay(database: Database, day: DemoDay): Promise<void> {
  const id = demoId(day.name);
  const groupId = (name: string) => demoId(`${day.name} ${name}`);
  const mixingId = (index: number) => demoId(`${day.name} test ${index}`);
  const groups = day.groups.map((name) => ({ id: groupId(name), name }));
  const { mixings, procedures, weighings, records, ...input } = day;
  const { date } = day;
  await saveDay(database, { ...input, id, groups, version: null });
  const planned = [
    ...mixings.map((mixing, index) => ({
      id: mixingId(index),
      manner: 'groups' as const,
      procedure: procedureOfMixing(mixingId(index), mixing),
    })),
    ...procedures.map(({ id: procedureId, manner }) => ({
      id: demoId(`${day.name} ${procedureId}`),
      manner,
      procedure: shipped(procedureId),
    })),
  ];
  for (const one of planned) await saveDayProcedure(database, id, { ...one, version: null });
  for (const [index, weighing] of weighings.entries())
    await appendWeighing(database, id, {
      id: demoId(`${day.name} weighing ${index}`),
      ...weighing,
      recordedAt: `${date}T16:${String(10 + index)}:00.000Z`,
    });
  let line = 0;
  for (const { group, work, step = mixingStep, vessel = mixingVessel, seen } of records)
    for (const record of seen) {
      line += 1;
      await appendEntry(
        database,
        {
          id: demoId(`${day.name} entry ${line}`),
          workId: typeof work === 'number' ? mixingId(work) : demoId(`${day.name} ${work}`),
          stepId: step,
          // How far a step is belongs to the step, not to a vessel in it.
          vessel: record.kind === 'step' ? null : vessel,
          part: 'test',
          groupId: groupId(group),
          record: record satisfies BenchRecord,
          supersedes: null,
          recordedAt: new Date(Date.parse(`${date}T18:00:00Z`) + line * 20_000).toISOString(),
        },
        'group',
      );
    }
}
