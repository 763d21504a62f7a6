import { labDaySchema } from '../../src/labday/day/labDay';
import { library } from '../../src/planning/procedure/library';
import { procedureOfMixing } from '../../src/planning/procedure/mixing';
import type { DayProcedure, LabDay } from '../../src/labday/day/labDay';
import type { Mixing } from '../../src/planning/procedure/mixing';
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

/** Two solutions brought together in a test tube, as planned for every group. */
export function planned(id: string, a: Mixing['a'], b: Mixing['b']): DayProcedure {
  return {
    id,
    manner: 'groups',
    procedure: procedureOfMixing(id, { container: 'testTube', a, b }),
  };
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
