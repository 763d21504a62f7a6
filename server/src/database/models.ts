import type { BenchRecord, DayTimetable, LabDay, Part } from '@stoichos/core/labday/day';
import type { CellRecord, CellSetup } from '@stoichos/core/labday/cells';
import type {
  Author,
  Message,
  ReleaseWhen,
  SealedUnknown,
  UnknownResult,
} from '@stoichos/core/labday/access';
import type { Settings } from '@stoichos/core/labday/settings';
import type { Manner, Procedure } from '@stoichos/core/planning/procedure';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import type { Rack } from '@stoichos/core/seeing/rack';
import type { Sequelize } from 'sequelize';
import * as is from './columns';
import type { RowOf } from './columns';

/** The tables, each by its columns. Their real definition, keys and rules stand in the migrations. */

const dayColumns = () => ({
  id: is.id(),
  name: is.text(),
  date: is.date(),
  sparePercent: is.number(),
  lengthMin: is.integer(),
  groupSize: is.integer(),
  staff: is.json<LabDay['staff']>(),
  kit: is.json<LabDay['kit']>(),
  balanceG: is.number(),
  timetable: is.optional(is.json<DayTimetable>()),
  archivedAt: is.optional(is.moment()),
  version: is.version(),
  timetableVersion: is.version(),
});

const plannedColumns = () => ({
  id: is.id(),
  labDayId: is.reference(),
  position: is.integer(),
  name: is.text(),
  manner: is.text<Manner>(),
  body: is.json<Procedure>(),
  version: is.version(),
});

const ownProcedureColumns = () => ({
  id: is.id(),
  name: is.text(),
  kind: is.text(),
  adaptedFrom: is.optional(is.text()),
  body: is.json<Procedure>(),
  savedAt: is.moment(),
  version: is.version(),
});

const jarColumns = () => ({
  id: is.id(),
  substance: is.text(),
  form: is.text(),
  purityPercent: is.number(),
  place: is.text(),
  amount: is.number(),
  unit: is.text<ShelfItem['unit']>(),
  least: is.number(),
  expires: is.optional(is.date()),
  version: is.version(),
});

const weighingColumns = () => ({
  id: is.id(),
  labDayId: is.reference(),
  substance: is.text(),
  concentrationM: is.number(),
  volumeMl: is.number(),
  form: is.text(),
  purityPercent: is.number(),
  actualG: is.number(),
  recordedAt: is.moment(),
});

const entryColumns = () => ({
  id: is.id(),
  labDayId: is.reference(),
  workId: is.reference(),
  stepId: is.text(),
  vessel: is.optional(is.text()),
  part: is.text<Part>(),
  groupId: is.optional(is.reference()),
  kind: is.optional(is.text()),
  record: is.optional(is.json<BenchRecord>()),
  supersedes: is.optional(is.reference()),
  recordedAt: is.moment(),
  author: is.text<Author>(),
});

const cellRunColumns = () => ({
  id: is.id(),
  name: is.text(),
  setup: is.json<CellSetup>(),
  madeAt: is.moment(),
});

const cellEntryColumns = () => ({
  id: is.id(),
  runId: is.reference(),
  kind: is.optional(is.text()),
  record: is.optional(is.json<CellRecord>()),
  supersedes: is.optional(is.reference()),
  recordedAt: is.moment(),
});

const sessionColumns = () => ({
  id: is.id(),
  tokenHash: is.text(),
  previousHash: is.optional(is.text()),
  role: is.text<'instructor' | 'technician' | 'group'>(),
  labDayId: is.optional(is.reference()),
  groupId: is.optional(is.reference()),
  madeAt: is.moment(),
  seenAt: is.moment(),
  rotatedAt: is.moment(),
  endsAt: is.moment(),
});

export type DayRow = RowOf<ReturnType<typeof dayColumns>>;
export type PlannedRow = RowOf<ReturnType<typeof plannedColumns>>;
export type OwnProcedureRow = RowOf<ReturnType<typeof ownProcedureColumns>>;
export type JarRow = RowOf<ReturnType<typeof jarColumns>>;
export type WeighingRow = RowOf<ReturnType<typeof weighingColumns>>;
export type EntryRow = RowOf<ReturnType<typeof entryColumns>>;
export type CellRunRow = RowOf<ReturnType<typeof cellRunColumns>>;
export type CellEntryRow = RowOf<ReturnType<typeof cellEntryColumns>>;
export type SessionRow = RowOf<ReturnType<typeof sessionColumns>>;

/** Declares the tables, and what belongs to a lab day. */
export function defineModels(sequelize: Sequelize) {
  const models = {
    days: is.table(sequelize, 'day', 'lab_days', dayColumns()),
    groups: is.table(sequelize, 'group', 'groups', {
      id: is.id(),
      labDayId: is.reference(),
      position: is.integer(),
      name: is.text(),
    }),
    dayProcedures: is.table(sequelize, 'dayProcedure', 'day_procedures', plannedColumns()),
    weighings: is.table(sequelize, 'weighing', 'weighings', weighingColumns()),
    entries: is.table(sequelize, 'entry', 'bench_entries', entryColumns()),
    shelf: is.table(sequelize, 'shelfItem', 'shelf_items', jarColumns()),
    ownProcedures: is.table(sequelize, 'ownProcedure', 'own_procedures', ownProcedureColumns()),
    preparations: is.table(sequelize, 'preparation', 'preparations', {
      id: is.id(),
      labDayId: is.reference(),
      key: is.text(),
      madeBy: is.text(),
      confirmedAt: is.moment(),
      undoneAt: is.optional(is.moment()),
    }),
    stockMoves: is.table(sequelize, 'stockMove', 'stock_moves', {
      id: is.id(),
      itemId: is.reference(),
      preparationId: is.optional(is.reference()),
      change: is.number(),
      reason: is.text(),
      undoes: is.optional(is.reference()),
      movedAt: is.moment(),
    }),
    runs: is.table(sequelize, 'run', 'kept_runs', {
      id: is.id(),
      name: is.text(),
      rack: is.json<Rack>(),
      keptAt: is.moment(),
    }),
    cellRuns: is.table(sequelize, 'cellRun', 'cell_runs', cellRunColumns()),
    cellEntries: is.table(sequelize, 'cellEntry', 'cell_entries', cellEntryColumns()),
    accounts: is.table(sequelize, 'account', 'accounts', {
      role: is.key(is.text<'instructor' | 'technician'>()),
      passphraseHash: is.text(),
      openHere: is.truth(),
      changedAt: is.moment(),
    }),
    joinCodes: is.table(sequelize, 'joinCode', 'join_codes', {
      labDayId: is.id(),
      code: is.text(),
      endsAt: is.moment(),
    }),
    sessions: is.table(sequelize, 'session', 'sessions', sessionColumns()),
    releases: is.table(sequelize, 'release', 'releases', {
      workId: is.id(),
      labDayId: is.reference(),
      shown: is.text<ReleaseWhen>(),
    }),
    messages: is.table(sequelize, 'message', 'messages', {
      id: is.id(),
      labDayId: is.reference(),
      groupId: is.optional(is.reference()),
      kind: is.text<Message['kind']>(),
      workId: is.optional(is.reference()),
      stepId: is.optional(is.text()),
      text: is.text(),
      sentAt: is.moment(),
    }),
    unknowns: is.table(sequelize, 'unknown', 'unknowns', {
      groupId: is.id(),
      labDayId: is.reference(),
      code: is.text(),
      kind: is.text<SealedUnknown['kind']>(),
      sealedKey: is.text(),
    }),
    unknownAnswers: is.table(sequelize, 'unknownAnswer', 'unknown_answers', {
      id: is.id(),
      labDayId: is.reference(),
      groupId: is.reference(),
      code: is.text(),
      answer: is.text(),
      results: is.json<UnknownResult[]>(),
      sentAt: is.moment(),
    }),
    settings: is.table(sequelize, 'settings', 'settings', {
      id: is.key(is.integer()),
      naming: is.text<Settings['naming']>(),
      reactionTypes: is.text<Settings['reactionTypes']>(),
      temperature: is.text<Settings['temperature']>(),
      heating: is.text<Settings['heating']>(),
      discharge: is.text<Settings['discharge']>(),
      unknowns: is.text<Settings['unknowns']>(),
      institution: is.text(),
      decimalSeparator: is.text<Settings['decimalSeparator']>(),
      paper: is.text<Settings['paper']>(),
      roomC: is.number(),
      airKPa: is.number(),
      dropsPerMl: is.number(),
      pipettes: is.truth(),
    }),
  };
  const { days, groups, dayProcedures, entries, weighings, unknowns } = models;
  const foreignKey = 'labDayId';
  days.hasMany(groups, { foreignKey, as: 'groups' });
  days.hasMany(dayProcedures, { foreignKey, as: 'procedures' });
  days.hasMany(weighings, { foreignKey, as: 'weighings' });
  days.hasMany(unknowns, { foreignKey, as: 'unknowns' });
  dayProcedures.hasMany(entries, { foreignKey: 'workId', as: 'entries' });
  return models;
}
