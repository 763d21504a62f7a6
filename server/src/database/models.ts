import type { BenchRecord, ContainerKind, Rack, Settings } from '@stoichos/core';
import { DataTypes } from 'sequelize';
import type { Model, ModelStatic, Sequelize } from 'sequelize';

interface DayRow {
  id: string;
  name: string;
  date: string;
  sparePercent: number;
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
  testId: string;
  groupId: string;
  kind: string | null;
  record: BenchRecord | null;
  supersedes: string | null;
  recordedAt: Date;
}
interface ShelfRow {
  id: string;
  substance: string;
  form: string;
  purityPercent: number;
  place: string;
}
interface RunRow {
  id: string;
  name: string;
  rack: Rack;
  keptAt: Date;
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
      testId: reference(),
      groupId: reference(),
      kind: { type: DataTypes.TEXT },
      record: { type: DataTypes.JSONB },
      supersedes: { type: DataTypes.UUID },
      recordedAt: moment(),
    }),
    shelf: define<ShelfRow>('shelfItem', 'shelf_items', {
      id: id(),
      substance: text(),
      form: text(),
      purityPercent: number(),
      place: text(),
    }),
    runs: define<RunRow>('run', 'kept_runs', {
      id: id(),
      name: text(),
      rack: { type: DataTypes.JSONB, allowNull: false },
      keptAt: moment(),
    }),
    settings: define<SettingsRow>('settings', 'settings', {
      id: { ...integer(), primaryKey: true },
      naming: text(),
      reactionTypes: text(),
    }),
  };
}
