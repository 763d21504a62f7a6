import { labDaySchema } from '../../src/labday/labDay';
import { library } from '../../src/planning/procedure/library';
import type { LabDay } from '../../src/labday/labDay';
import type { Procedure } from '../../src/planning/procedure/procedure';

let made = 0;
/** An id that nothing else has. */
export function anyId(): string {
  made += 1;
  return `00000000-0000-4000-8000-${String(made).padStart(12, '0')}`;
}

/** A shipped procedure by its id. */
export function shipped(id: string): Procedure {
  const found = library.find((one) => one.id === id);
  if (!found) throw new Error(`No procedure ${id}.`);
  return found;
}

/** A lab day of shipped procedures, for so many groups. */
export function dayOf(
  procedures: readonly (string | Procedure)[],
  groups = 2,
  more: Partial<LabDay> = {},
): LabDay {
  return labDaySchema.parse({
    id: anyId(),
    name: 'A day for tests',
    date: '2027-02-03',
    sparePercent: 0,
    groups: Array.from({ length: groups }, (_, at) => ({ id: anyId(), name: `Bench ${at + 1}` })),
    tests: [],
    procedures: procedures.map((one) => ({
      id: anyId(),
      manner: 'groups',
      procedure: typeof one === 'string' ? shipped(one) : one,
    })),
    timetable: null,
    preparations: [],
    weighings: [],
    entries: [],
    ...more,
  });
}
