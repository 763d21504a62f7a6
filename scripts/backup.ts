/**
 * Everything in one file, and back: `npm run backup -- file.json`, `npm run restore -- file.json`. Works on the database that DATABASE_URL
 * names, or on the application’s own, whether it runs or not.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { ChemistryError } from '@stoichos/core/common';
import { exchangeText } from '@stoichos/core/report/exchange';
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

function read(path: string): unknown {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (error) {
    throw new Explained(
      `${path} cannot be read: ${error instanceof Error ? error.message : String(error)}.`,
      'Name a backup that was saved before.',
    );
  }
  try {
    return JSON.parse(text);
  } catch {
    throw new Explained(`${path} is no JSON, or was cut off.`, 'Take another backup.');
  }
}

try {
  if (!file || (verb !== 'backup' && verb !== 'restore'))
    throw new Explained(
      'No file is named.',
      'Say `npm run backup -- file.json` or `npm run restore -- file.json`.',
    );
  if (verb === 'backup')
    await withDatabase(async (database) => {
      const backup = await makeBackup(database);
      // A backup that is there is not written over.
      writeFileSync(file, exchangeText(backup), { flag: 'wx', mode: 0o600 });
      say(
        `${file} holds everything, ${backup.tables.lab_days?.length ?? 0} lab days among it. Keep it like a key.`,
      );
    });
  else {
    const content = read(file);
    await withDatabase(async (database) => {
      const { madeAt, tables } = await restoreBackup(database, content, true);
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
