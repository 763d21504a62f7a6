import type { Oversight } from '@stoichos/core/labday/access';
import type { HeldDay, Kept } from '@stoichos/contract';
import { labDaySchema, labDaySummarySchema } from '@stoichos/core/labday/day';
import type { BenchRecord, LabDay, LabDaySummary } from '@stoichos/core/labday/day';
import { library, procedureOfMixing } from '@stoichos/core/planning/procedure';
import type { Mixing, Procedure } from '@stoichos/core/planning/procedure';
import type { ReactElement } from 'react';
import { Outlet, Route, Routes } from 'react-router';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { shelfItemSchema } from '@stoichos/core/planning/shelf';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { show } from './render';

/** The n-th id of a test. */
export const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** A shipped procedure by its id. */
export function shipped(name: string): Procedure {
  const found = library.find((one) => one.id === name);
  if (!found) throw new Error(`No procedure ${name}.`);
  return found;
}

/** Two solutions as they are brought together in a test tube. */
export const pair = (a: string, b: string): Mixing => ({
  container: 'testTube',
  a: { substance: a, concentrationM: 0.1, volumeMl: 2 },
  b: { substance: b, concentrationM: 0.2, volumeMl: 3 },
});

/** A lab day of two benches with procedures of the library and two-solution tests; the first has the id 100. */
export function dayOf(planned: readonly (string | Mixing)[], more: Partial<LabDay> = {}): HeldDay {
  const day = labDaySchema.parse({
    id: id(1),
    name: 'A day for tests',
    date: '2027-02-03',
    sparePercent: 20,
    groups: [
      { id: id(2), name: 'Bench Heron' },
      { id: id(3), name: 'Bench Tern' },
    ],
    procedures: planned.map((one, at) => ({
      id: id(100 + at),
      manner: 'groups',
      procedure: typeof one === 'string' ? shipped(one) : procedureOfMixing(id(100 + at), one),
    })),
    timetable: null,
    preparations: [],
    weighings: [],
    entries: [],
    ...more,
  });
  return heldDay(day);
}

/** A day as it is read the first time: everything in it stands at its first version. */
export const heldDay = (day: LabDay): HeldDay => ({
  ...day,
  versions: {
    day: 1,
    timetable: 1,
    procedures: Object.fromEntries(day.procedures.map((one) => [one.id, 1])),
  },
  archivedAt: null,
  unknownCount: 0,
  settled: 0,
});

/** A lab day as it stands in the list of days. */
export const summaryOf = (part: Partial<LabDaySummary> = {}): LabDaySummary =>
  labDaySummarySchema.parse({
    id: id(1),
    name: 'A day for tests',
    date: '2027-02-03',
    sparePercent: 20,
    groups: [{ id: id(2), name: 'Bench Heron' }],
    archivedAt: null,
    procedureCount: 0,
    unknownCount: 0,
    placeCount: 0,
    recordedCount: 0,
    ...part,
  });

/** What a bench wrote down at a step of the first procedure. */
export const entry = (
  n: number,
  record: BenchRecord,
  where: { stepId?: string; vessel?: string | null; groupId?: string } = {},
): LabDay['entries'][number] => ({
  id: id(1000 + n),
  workId: id(100),
  stepId: where.stepId ?? 'mix',
  vessel: where.vessel === undefined ? 'vessel' : where.vessel,
  groupId: where.groupId ?? id(2),
  part: 'test',
  record,
  supersedes: null,
  recordedAt: new Date(Date.UTC(2027, 1, 3, 10, 0, n)).toISOString(),
});

/** Shows a view of a lab day inside its frame, with an empty shelf. */
export async function showInDay(day: HeldDay, view: ReactElement, at?: string) {
  await store.dispatch(api.util.upsertQueryData('shelf', undefined, []));
  return show(
    <Routes>
      <Route element={<Outlet context={day} />}>
        <Route path="*" element={view} />
      </Route>
    </Routes>,
    at,
  );
}

/** A jar on the shelf, as it was read the first time: what it holds is also its form, where nothing else is said. */
export const jarOf = (
  n: number,
  substance: string,
  part: Partial<ShelfItem> = {},
): Kept<ShelfItem> => ({
  ...shelfItemSchema.parse({
    id: id(n),
    substance,
    form: substance,
    purityPercent: 100,
    place: 'Shelf 1',
    amount: 100,
    unit: 'g',
    least: 0,
    expires: null,
    ...part,
  }),
  version: 1,
});

/** What the staff see of a day’s benches: nothing yet, but for what is given. */
export const oversightOf = (part: Partial<Oversight> = {}): Oversight => ({
  joining: { code: null, endsAt: null, tablets: [] },
  releases: [],
  messages: [],
  unknowns: [],
  ...part,
});
