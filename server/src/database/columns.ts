import { DataTypes } from 'sequelize';
import type { Model, ModelAttributeColumnOptions, ModelStatic, Sequelize } from 'sequelize';

declare const held: unique symbol;
/** A column as Sequelize wants it, with the type of what it holds: a row's shape is said once, by its columns. */
export type Column<T> = ModelAttributeColumnOptions & { readonly [held]?: T };
type Columns = Readonly<Record<string, Column<unknown>>>;

/** A column that the database fills by itself. */
interface Filled {
  readonly filled: true;
}

/** One row of a table with these columns. */
export type RowOf<C extends Columns> = {
  -readonly [K in keyof C]: C[K] extends Column<infer T> ? T : never;
};

/** A row as it is made: what the database fills may be left out. */
type NewRow<C extends Columns> = Omit<RowOf<C>, FilledIn<C>> & Partial<RowOf<C>>;
type FilledIn<C extends Columns> = {
  [K in keyof C]: C[K] extends Filled ? K : never;
}[keyof C];

/** A table as Sequelize sees it. */
export type Table<C extends Columns> = ModelStatic<Model<RowOf<C>, NewRow<C>> & RowOf<C>>;

// Sequelize writes into the definitions it is given, so each column gets one of its own.
export const id = (): Column<string> => ({ type: DataTypes.UUID, primaryKey: true });
export const reference = (): Column<string> => ({ type: DataTypes.UUID, allowNull: false });
export const text = <T extends string = string>(): Column<T> => ({
  type: DataTypes.TEXT,
  allowNull: false,
});
export const number = (): Column<number> => ({ type: DataTypes.DOUBLE, allowNull: false });
export const integer = (): Column<number> => ({ type: DataTypes.INTEGER, allowNull: false });
/** How often a row was changed; the database counts. */
export const version = (): Column<number> & Filled => ({
  type: DataTypes.INTEGER,
  allowNull: false,
  defaultValue: 1,
  filled: true,
});
export const truth = (): Column<boolean> => ({ type: DataTypes.BOOLEAN, allowNull: false });
export const date = (): Column<string> => ({ type: DataTypes.DATEONLY, allowNull: false });
export const moment = (): Column<Date> => ({ type: DataTypes.DATE, allowNull: false });
export const json = <T>(): Column<T> => ({ type: DataTypes.JSONB, allowNull: false });
/** The same column, empty where there is nothing to say. */
export const optional = <T>(column: Column<T>): Column<T | null> => ({
  ...column,
  allowNull: true,
});
/** The same column as the key of its table. */
export const key = <T>(column: Column<T>): Column<T> => ({ ...column, primaryKey: true });

/** Declares a table by its columns. */
export function table<C extends Columns>(
  sequelize: Sequelize,
  name: string,
  tableName: string,
  columns: C,
): Table<C> {
  return sequelize.define(name, columns, { tableName }) as unknown as Table<C>;
}
