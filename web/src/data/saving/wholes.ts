import { contracts } from '@stoichos/contract';
import type { HeldDay, Kept, Saving } from '@stoichos/contract';
import { dayTimetableSchema, labDayInputSchema } from '@stoichos/core/labday/day';
import type {
  DayProcedure,
  DayTimetable,
  LabDayInput,
  OwnProcedure,
} from '@stoichos/core/labday/day';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import * as z from 'zod';
import type { FieldNames } from './choosing';
import type { Whole } from './saveWhole';

/** The things that are saved whole, each with what its fields are called. */

const dayNames: FieldNames = {
  name: 'Name',
  date: 'Date',
  sparePercent: 'Spare solution, per cent',
  groups: 'Groups',
  lengthMin: 'Length, min',
  groupSize: 'Pupils in one group',
  staff: 'People',
  kit: 'Kit',
  balanceG: 'Balance, g',
};

export const dayAsWhole = (
  id: string,
  save: (day: Saving<LabDayInput>) => Promise<Kept<LabDayInput>>,
): Whole<LabDayInput> => ({
  what: 'lab day',
  id,
  schema: contracts.saveDay.answer.schema,
  names: dayNames,
  save,
});

/** What is typed of a day, with the version it stands at. */
export const inputOf = (day: HeldDay): Kept<LabDayInput> => ({
  ...labDayInputSchema.parse(day),
  version: day.versions.day,
});

const jarNames: FieldNames = {
  substance: 'Substance',
  form: 'Form',
  purityPercent: 'Purity, per cent',
  place: 'Place',
  amount: 'Amount',
  unit: 'Unit',
  least: 'Order below',
  expires: 'Expires',
};

export const jarAsWhole = (
  id: string,
  save: (jar: Saving<ShelfItem>) => Promise<Kept<ShelfItem>>,
): Whole<ShelfItem> => ({
  what: 'jar',
  id,
  schema: contracts.saveJar.answer.schema,
  names: jarNames,
  save,
});

const procedureNames: FieldNames = {
  name: 'Name',
  kind: 'Kind',
  purpose: 'Purpose',
  vessels: 'Vessels',
  apparatus: 'Apparatus',
  steps: 'Step',
  analyses: 'Calculations',
  questions: 'Questions',
  answers: 'Answers',
  disposal: 'Clearing up',
  manner: 'By whom',
};

/** A procedure field by field, with what belongs to it where it is kept. */
type Flat<T> = Procedure & Omit<T, 'procedure' | 'id'>;
interface Holder {
  readonly id: string;
  readonly procedure: Procedure;
}
const flat = <T extends Holder>({ procedure, ...rest }: T) => ({ ...rest, ...procedure });

/** A procedure written here. */
export function ownAsWhole(
  id: string,
  save: (own: Saving<OwnProcedure>) => Promise<Kept<OwnProcedure>>,
): Whole<Procedure> {
  return {
    what: 'procedure',
    id,
    schema: contracts.saveProcedure.answer.schema.transform(
      ({ procedure, version }): Kept<Procedure> => ({ ...procedure, version }),
    ),
    names: procedureNames,
    async save({ version, ...procedure }) {
      const saved = await save({ id, procedure, savedAt: new Date().toISOString(), version });
      return { ...saved.procedure, version: saved.version };
    },
  };
}

/** A procedure of a day, and by whom it is done. */
export type Planned = Flat<DayProcedure>;
export function plannedAsWhole(
  id: string,
  save: (planned: Saving<DayProcedure>) => Promise<Kept<DayProcedure>>,
): Whole<Planned> {
  return {
    what: 'procedure',
    id,
    schema: contracts.saveDayProcedure.answer.schema.transform((kept): Kept<Planned> => flat(kept)),
    names: procedureNames,
    async save({ version, manner, ...procedure }) {
      return flat(await save({ id, manner, procedure, version }));
    },
  };
}
/** A procedure of a day as it stands. */
export const plannedOf = (planned: DayProcedure): Planned => flat(planned);
export const plannedIn = (day: HeldDay, planned: DayProcedure): Kept<Planned> => ({
  ...flat(planned),
  version: day.versions.procedures[planned.id] ?? 1,
});

interface Timed {
  readonly timetable: DayTimetable | null;
}
export const timetableAsWhole = (
  id: string,
  save: (timed: Saving<Timed>) => Promise<{ readonly version: number }>,
): Whole<Timed> => ({
  what: 'timetable',
  id,
  schema: z.object({ timetable: dayTimetableSchema.nullable(), version: z.number() }),
  names: {
    timetable: {
      name: 'Timetable',
      tell: (value) => {
        const read = dayTimetableSchema.safeParse(value);
        return read.success
          ? `${read.data.tasks.length} tasks in ${read.data.makespanMin} min`
          : 'none';
      },
    },
  },
  save: async (timed) => ({ timetable: timed.timetable, ...(await save(timed)) }),
});
