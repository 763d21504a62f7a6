import { contracts } from '@stoichos/contract';
import type { RiskWords, Saving, WhichDays } from '@stoichos/contract';
import type {
  DayCopy,
  DayProcedure,
  DayTimetable,
  LabDayInput,
  Preparation,
  Weighing,
} from '@stoichos/core/labday/day';
import { everything } from './build';
import type { Build } from './build';

export const dayTag = (id: string) => ({ type: 'Day', id }) as const;

/** Lab days, their procedures, what is prepared and recorded; files that come in. */
export const dayEndpoints = ({ read, write }: Build) => ({
  /** A page of a list of lab days. */
  days: read(
    contracts.days,
    (query: { readonly which: WhichDays; readonly today: string; readonly after?: string }) => ({
      query,
    }),
    { providesTags: ['Days'] },
  ),
  findDays: read(contracts.findDays, (text: string) => ({ query: { text } }), {
    providesTags: ['Days'],
  }),
  saveDay: write(
    contracts.saveDay,
    (day: Saving<LabDayInput>) => ({ params: { dayId: day.id }, body: day }),
    { invalidatesTags: (_, __, { id }) => ['Days', dayTag(id)] },
  ),
  copyDays: write(
    contracts.copyDays,
    (copies: readonly DayCopy[]) => ({ body: { copies: [...copies] } }),
    { invalidatesTags: ['Days'] },
  ),
  riskWords: read(contracts.riskWords, (dayId: string) => ({ params: { dayId } }), {
    providesTags: ['RiskWords'],
  }),
  saveRiskWords: write(
    contracts.saveRiskWords,
    ({ dayId, ...body }: RiskWords & { readonly dayId: string; readonly was: string }) => ({
      params: { dayId },
      body,
    }),
    { invalidatesTags: ['RiskWords'] },
  ),
  archiveDay: write(
    contracts.archiveDay,
    ({ dayId, archived }: { readonly dayId: string; readonly archived: boolean }) => ({
      params: { dayId },
      body: { archived },
    }),
    { invalidatesTags: (_, __, { dayId }) => ['Days', dayTag(dayId)] },
  ),
  saveDayProcedure: write(
    contracts.saveDayProcedure,
    ({ dayId, planned }: { readonly dayId: string; readonly planned: Saving<DayProcedure> }) => ({
      params: { dayId, plannedId: planned.id },
      body: planned,
    }),
    { invalidatesTags: (_, __, { dayId }) => ['Days', dayTag(dayId)] },
  ),
  removeDayProcedure: write(
    contracts.removeDayProcedure,
    ({
      dayId,
      id,
      version,
    }: {
      readonly dayId: string;
      readonly id: string;
      readonly version: number;
    }) => ({ params: { dayId, plannedId: id }, query: { version } }),
    { invalidatesTags: (_, __, { dayId }) => ['Days', dayTag(dayId)] },
  ),
  moveDayProcedure: write(
    contracts.moveDayProcedure,
    ({
      dayId,
      id,
      before,
    }: {
      readonly dayId: string;
      readonly id: string;
      readonly before: string | null;
    }) => ({ params: { dayId, plannedId: id }, body: { before } }),
    { invalidatesTags: (_, __, { dayId }) => [dayTag(dayId)] },
  ),
  saveTimetable: write(
    contracts.saveTimetable,
    ({
      dayId,
      ...body
    }: {
      readonly dayId: string;
      readonly timetable: DayTimetable | null;
      readonly version: number;
    }) => ({ params: { dayId }, body }),
    { invalidatesTags: (_, __, { dayId }) => [dayTag(dayId)] },
  ),
  confirmPreparation: write(
    contracts.confirmPreparation,
    ({ dayId, preparation }: { readonly dayId: string; readonly preparation: Preparation }) => ({
      params: { dayId },
      body: preparation,
    }),
    { invalidatesTags: (_, __, { dayId }) => ['Shelf', dayTag(dayId)] },
  ),
  undoPreparation: write(
    contracts.undoPreparation,
    ({ id }: { readonly dayId: string; readonly id: string }) => ({
      params: { preparationId: id },
    }),
    { invalidatesTags: (_, __, { dayId }) => ['Shelf', dayTag(dayId)] },
  ),
  addWeighing: write(
    contracts.addWeighing,
    ({ dayId, weighing }: { readonly dayId: string; readonly weighing: Weighing }) => ({
      params: { dayId },
      body: weighing,
    }),
    { invalidatesTags: (_, __, { dayId }) => [dayTag(dayId)] },
  ),
  takeIn: write(
    contracts.takeIn,
    (body: { readonly file: unknown; readonly apply: boolean; readonly asAnother?: boolean }) => ({
      body,
    }),
    { invalidatesTags: (_, __, { apply }) => (apply ? ['Days', 'Procedures', 'Shelf'] : []) },
  ),
  restore: write(
    contracts.restore,
    ({ file, apply }: { readonly file: Blob; readonly apply: boolean }) => ({
      upload: file,
      query: { apply: apply ? ('true' as const) : ('false' as const) },
    }),
    { invalidatesTags: (_, __, { apply }) => (apply ? everything : []) },
  ),
});
