import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { migrations } from './migrations';

/** Any number, the same for every server that shares a database. */
const migrationLock = 84_101;

/**
 * Brings the database up to the newest migration. Servers that start together take turns.
 *
 * @returns the names of the migrations that were run.
 */
export async function migrate(sequelize: Sequelize): Promise<string[]> {
  return sequelize.transaction(async (transaction) => {
    await sequelize.query('SELECT pg_advisory_xact_lock(:key)', {
      replacements: { key: migrationLock },
      transaction,
    });
    const umzug = new Umzug({
      migrations: migrations.map(({ name, sql }) => ({
        name,
        up: async () => {
          await sequelize.transaction((own) =>
            sequelize.query(sql, { transaction: own, raw: true }),
          );
        },
      })),
      storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
      logger: undefined,
    });
    return (await umzug.up()).map(({ name }) => name);
  });
}
