import { DatabaseError } from 'sequelize';
import type pg from 'pg';
import type { Database } from './connect';

/**
 * A statement that the database plans once for each connection and not at every call: for what is asked with every tap.
 *
 * @param name of its own.
 * @param sql with what is put in as `$name`.
 * @returns what asks it; each call takes a connection of the pool for itself.
 */
export function statement<Bind extends Readonly<Record<string, unknown>>, Row extends object>(
  name: string,
  sql: string,
): (database: Database, bind: Bind) => Promise<Row[]> {
  const names: string[] = [];
  const text = sql.replace(/\$([a-z]\w*)/gi, (_, one: string) => {
    if (!names.includes(one)) names.push(one);
    return `$${names.indexOf(one) + 1}`;
  });
  return async ({ sequelize: { connectionManager } }, bind) => {
    const connection = (await connectionManager.getConnection({
      type: 'write',
    })) as pg.Client;
    try {
      const { rows } = await connection.query<Row>({
        name,
        text,
        values: names.map((one) => bind[one]),
      });
      return rows;
    } catch (error) {
      // As the library tells it of its own queries.
      throw error instanceof Error ? new DatabaseError(Object.assign(error, { sql })) : error;
    } finally {
      connectionManager.releaseConnection(connection);
    }
  };
}
