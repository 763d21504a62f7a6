/**
 * Everything in one file, and back: `npm run backup -- file.ndjson`, `npm run restore -- file.ndjson`. Works on the database that DATABASE_URL
 * names, or on the application’s own, whether it runs or not.
 */
import { once } from 'node:events';
import { constants, createReadStream, createWriteStream } from 'node:fs';
import { access, rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { ChemistryError } from '@stoichos/core/common';
import { connect, makeBackup, migrate, restoreBackup } from '../server/src';
import type { Database } from '../server/src';
import { checkDataFolder } from './machine/dataFolder';
import { useCluster } from './machine/postgres';
import { Explained, fail, say } from './machine/report';

const [verb, file] = process.argv.slice(2);

async function withDatabase(work: (database: Database) => Promise<void>): Promise<void> {
  const given = process.env.DATABASE_URL || undefined;
  const folder = process.env.STOICHOS_DATA_DIR ?? '.data';
  if (!given) checkDataFolder(folder);
  const cluster = given ? undefined : await useCluster(folder);
  const database = connect(given ?? cluster?.url ?? '');
  try {
    await migrate(database.sequelize);
    await work(database);
  } finally {
    await database.sequelize.close();
    await cluster?.stop();
  }
}

async function refuseUnreadable(path: string): Promise<void> {
  try {
    await access(path, constants.R_OK);
  } catch (error) {
    throw new Explained(
      `${path} cannot be read: ${error instanceof Error ? error.message : String(error)}.`,
      'Name a backup that was saved before.',
    );
  }
}

/** Writes a backup; what was written is taken away where it cannot be finished. A backup that is there is not written over. */
async function write(database: Database, path: string): Promise<void> {
  const target = createWriteStream(path, { flags: 'wx', mode: 0o600 });
  await once(target, 'open');
  try {
    await pipeline(Readable.from(makeBackup(database)), target);
  } catch (error) {
    await rm(path, { force: true });
    throw error;
  }
}

try {
  if (!file || (verb !== 'backup' && verb !== 'restore'))
    throw new Explained(
      'No file is named.',
      'Say `npm run backup -- file.ndjson` or `npm run restore -- file.ndjson`.',
    );
  if (verb === 'backup')
    await withDatabase(async (database) => {
      await write(database, file);
      say(
        `${file} holds everything, ${await database.days.count()} lab days among it. Keep it like a key.`,
      );
    });
  else {
    await refuseUnreadable(file);
    await withDatabase(async (database) => {
      const { madeAt, tables } = await restoreBackup(database, () => createReadStream(file), true);
      const days = tables.find(({ name }) => name === 'lab_days')?.inBackup ?? 0;
      say(`The backup of ${madeAt} is in place, with ${days} lab days.`);
    });
  }
} catch (error) {
  if (error instanceof ChemistryError) fail(new Explained(error.message, error.remedy));
  else if (error instanceof Error && 'remedy' in error)
    fail(new Explained(error.message, String(error.remedy)));
  else if (error instanceof Error && 'code' in error && error.code === 'EEXIST')
    fail(new Explained(`${file ?? ''} is there already.`, 'Name another file.'));
  else fail(error);
}
