import type {
  BenchRecord,
  CellRecord,
  CellSetup,
  DayTimetable,
  LabDay,
  Message,
  Part,
  ReleaseWhen,
  SealedUnknown,
  Settings,
  UnknownResult,
} from '@stoichos/core/labday';
import type { Manner, Procedure } from '@stoichos/core/planning/procedure';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import type { Rack } from '@stoichos/core/seeing/rack';
import type { ContainerKind } from '@stoichos/core/vessel';
import { DataTypes } from 'sequelize';
import type { Model, ModelStatic, Sequelize } from 'sequelize';

interface DayRow {
  id: string;
  name: string;
  date: string;
  sparePercent: number;
  lengthMin: number;
  groupSize: number;
  staff: LabDay['staff'];
  kit: LabDay['kit'];
  balanceG: number;
  timetable: DayTimetable | null;
  archivedAt: Date | null;
}
interface GroupRow {
  id: string;
  labDayId: string;
  position: number;
  name: string;
}
export interface TestRow {
  id: string;
  labDayId: string;
  position: number;
  container: ContainerKind;
  aSubstance: string;
  aConcentrationM: number;
  aVolumeMl: number;
  bSubstance: string;
  bConcentrationM: number;
  bVolumeMl: number;
}
export interface WeighingRow {
  id: string;
  labDayId: string;
  substance: string;
  concentrationM: number;
  volumeMl: number;
  form: string;
  purityPercent: number;
  actualG: number;
  recordedAt: Date;
}
export interface EntryRow {
  id: string;
  testId: string | null;
  dayProcedureId: string | null;
  stepId: string;
  vessel: string | null;
  part: Part;
  groupId: string | null;
  kind: string | null;
  record: BenchRecord | null;
  supersedes: string | null;
  recordedAt: Date;
}
interface OwnProcedureRow {
  id: string;
  name: string;
  kind: string;
  adaptedFrom: string | null;
  body: Procedure;
  savedAt: Date;
}
interface DayProcedureRow {
  id: string;
  labDayId: string;
  position: number;
  name: string;
  manner: Manner;
  body: Procedure;
}
interface PreparationRow {
  id: string;
  labDayId: string;
  key: string;
  madeBy: string;
  confirmedAt: Date;
  undoneAt: Date | null;
}
interface StockMoveRow {
  id: string;
  itemId: string;
  preparationId: string | null;
  change: number;
  reason: string;
  undoes: string | null;
  movedAt: Date;
}
interface RunRow {
  id: string;
  name: string;
  rack: Rack;
  keptAt: Date;
}
export interface CellRunRow {
  id: string;
  name: string;
  setup: CellSetup;
  madeAt: Date;
}
export interface CellEntryRow {
  id: string;
  runId: string;
  kind: string | null;
  record: CellRecord | null;
  supersedes: string | null;
  recordedAt: Date;
}
interface AccountRow {
  role: 'instructor' | 'technician';
  passphraseHash: string;
  openHere: boolean;
  changedAt: Date;
}
interface JoinCodeRow {
  labDayId: string;
  code: string;
  endsAt: Date;
}
export interface SessionRow {
  id: string;
  tokenHash: string;
  previousHash: string | null;
  role: 'instructor' | 'technician' | 'group';
  labDayId: string | null;
  groupId: string | null;
  madeAt: Date;
  seenAt: Date;
  rotatedAt: Date;
  endsAt: Date;
}
interface ReleaseRow {
  workId: string;
  labDayId: string;
  shown: ReleaseWhen;
}
interface MessageRow {
  id: string;
  labDayId: string;
  groupId: string | null;
  kind: Message['kind'];
  workId: string | null;
  stepId: string | null;
  text: string;
  sentAt: Date;
}
interface UnknownRow {
  groupId: string;
  labDayId: string;
  code: string;
  kind: SealedUnknown['kind'];
  sealedKey: string;
}
interface UnknownAnswerRow {
  id: string;
  labDayId: string;
  groupId: string;
  code: string;
  answer: string;
  results: UnknownResult[];
  sentAt: Date;
}
interface SettingsRow extends Settings {
  id: number;
}

// Sequelize writes into the definitions it is given, so each column gets one of its own.
const id = () => ({ type: DataTypes.UUID, primaryKey: true });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const number = () => ({ type: DataTypes.DOUBLE, allowNull: false });
const integer = () => ({ type: DataTypes.INTEGER, allowNull: false });
const moment = () => ({ type: DataTypes.DATE, allowNull: false });
const json = () => ({ type: DataTypes.JSONB, allowNull: false });
const reference = () => ({ type: DataTypes.UUID, allowNull: false });

/** The tables as Sequelize sees them. Their real definition, keys and rules stand in the migrations. */
export function defineModels(sequelize: Sequelize) {
  const define = <Row extends object>(
    name: string,
    tableName: string,
    columns: Parameters<Sequelize['define']>[1],
  ) => sequelize.define(name, columns ?? {}, { tableName }) as ModelStatic<Model<Row, Row> & Row>;
  return {
    days: define<DayRow>('day', 'lab_days', {
      id: id(),
      name: text(),
      date: { type: DataTypes.DATEONLY, allowNull: false },
      sparePercent: number(),
      lengthMin: integer(),
      groupSize: integer(),
      staff: json(),
      kit: json(),
      balanceG: number(),
      timetable: { type: DataTypes.JSONB },
      archivedAt: { type: DataTypes.DATE },
    }),
    groups: define<GroupRow>('group', 'groups', {
      id: id(),
      labDayId: reference(),
      position: integer(),
      name: text(),
    }),
    tests: define<TestRow>('test', 'tests', {
      id: id(),
      labDayId: reference(),
      position: integer(),
      container: text(),
      aSubstance: text(),
      aConcentrationM: number(),
      aVolumeMl: number(),
      bSubstance: text(),
      bConcentrationM: number(),
      bVolumeMl: number(),
    }),
    weighings: define<WeighingRow>('weighing', 'weighings', {
      id: id(),
      labDayId: reference(),
      substance: text(),
      concentrationM: number(),
      volumeMl: number(),
      form: text(),
      purityPercent: number(),
      actualG: number(),
      recordedAt: moment(),
    }),
    entries: define<EntryRow>('entry', 'bench_entries', {
      id: id(),
      testId: { type: DataTypes.UUID },
      dayProcedureId: { type: DataTypes.UUID },
      stepId: text(),
      vessel: { type: DataTypes.TEXT },
      part: text(),
      groupId: { type: DataTypes.UUID },
      kind: { type: DataTypes.TEXT },
      record: { type: DataTypes.JSONB },
      supersedes: { type: DataTypes.UUID },
      recordedAt: moment(),
    }),
    shelf: define<ShelfItem>('shelfItem', 'shelf_items', {
      id: id(),
      substance: text(),
      form: text(),
      purityPercent: number(),
      place: text(),
      amount: number(),
      unit: text(),
      least: number(),
      expires: { type: DataTypes.DATEONLY },
    }),
    ownProcedures: define<OwnProcedureRow>('ownProcedure', 'own_procedures', {
      id: id(),
      name: text(),
      kind: text(),
      adaptedFrom: { type: DataTypes.TEXT },
      body: json(),
      savedAt: moment(),
    }),
    dayProcedures: define<DayProcedureRow>('dayProcedure', 'day_procedures', {
      id: id(),
      labDayId: reference(),
      position: integer(),
      name: text(),
      manner: text(),
      body: json(),
    }),
    preparations: define<PreparationRow>('preparation', 'preparations', {
      id: id(),
      labDayId: reference(),
      key: text(),
      madeBy: text(),
      confirmedAt: moment(),
      undoneAt: { type: DataTypes.DATE },
    }),
    stockMoves: define<StockMoveRow>('stockMove', 'stock_moves', {
      id: id(),
      itemId: reference(),
      preparationId: { type: DataTypes.UUID },
      change: number(),
      reason: text(),
      undoes: { type: DataTypes.UUID },
      movedAt: moment(),
    }),
    runs: define<RunRow>('run', 'kept_runs', {
      id: id(),
      name: text(),
      rack: { type: DataTypes.JSONB, allowNull: false },
      keptAt: moment(),
    }),
    cellRuns: define<CellRunRow>('cellRun', 'cell_runs', {
      id: id(),
      name: text(),
      setup: json(),
      madeAt: moment(),
    }),
    cellEntries: define<CellEntryRow>('cellEntry', 'cell_entries', {
      id: id(),
      runId: reference(),
      kind: { type: DataTypes.TEXT },
      record: { type: DataTypes.JSONB },
      supersedes: { type: DataTypes.UUID },
      recordedAt: moment(),
    }),
    accounts: define<AccountRow>('account', 'accounts', {
      role: { ...text(), primaryKey: true },
      passphraseHash: text(),
      openHere: { type: DataTypes.BOOLEAN, allowNull: false },
      changedAt: moment(),
    }),
    joinCodes: define<JoinCodeRow>('joinCode', 'join_codes', {
      labDayId: id(),
      code: text(),
      endsAt: moment(),
    }),
    sessions: define<SessionRow>('session', 'sessions', {
      id: id(),
      tokenHash: text(),
      previousHash: { type: DataTypes.TEXT },
      role: text(),
      labDayId: { type: DataTypes.UUID },
      groupId: { type: DataTypes.UUID },
      madeAt: moment(),
      seenAt: moment(),
      rotatedAt: moment(),
      endsAt: moment(),
    }),
    releases: define<ReleaseRow>('release', 'releases', {
      workId: id(),
      labDayId: reference(),
      shown: text(),
    }),
    messages: define<MessageRow>('message', 'messages', {
      id: id(),
      labDayId: reference(),
      groupId: { type: DataTypes.UUID },
      kind: text(),
      workId: { type: DataTypes.UUID },
      stepId: { type: DataTypes.TEXT },
      text: text(),
      sentAt: moment(),
    }),
    unknowns: define<UnknownRow>('unknown', 'unknowns', {
      groupId: id(),
      labDayId: reference(),
      code: text(),
      kind: text(),
      sealedKey: text(),
    }),
    unknownAnswers: define<UnknownAnswerRow>('unknownAnswer', 'unknown_answers', {
      id: id(),
      labDayId: reference(),
      groupId: reference(),
      code: text(),
      answer: text(),
      results: json(),
      sentAt: moment(),
    }),
    settings: define<SettingsRow>('settings', 'settings', {
      id: { ...integer(), primaryKey: true },
      naming: text(),
      reactionTypes: text(),
      temperature: text(),
      heating: text(),
      discharge: text(),
      unknowns: text(),
      institution: text(),
      decimalSeparator: text(),
      paper: text(),
      roomC: number(),
      airKPa: number(),
      dropsPerMl: number(),
    }),
  };
}
