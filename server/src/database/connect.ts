import { Sequelize } from 'sequelize';
import { defineModels } from './models';

/** The database with its models. */
export type Database = ReturnType<typeof connect>;

/** Opens a pool of connections. Nothing is sent before the first query. */
export function connect(url: string) {
  const sequelize = new Sequelize(url, {
    dialect: 'postgres',
    logging: false,
    pool: { max: 10, min: 0, acquire: 10_000 },
    define: { underscored: true, timestamps: false },
  });
  return { sequelize, ...defineModels(sequelize) };
}
