/**
 * Sets the passphrase of the instructor, or of the technician, on the machine itself: `npm run passphrase [-- technician]`.
 * It is read from standard input, twice where a person types it, and ends every session begun with the old one.
 */
import { createInterface } from 'node:readline/promises';
import { passphraseSchema } from '@stoichos/core/labday/access';
import { connect, migrate, setPassphrase } from '../server/src';
import { useCluster } from './machine/postgres';
import { Explained, fail, say } from './machine/report';

const role = process.argv[2] ?? 'instructor';

async function read(): Promise<string> {
  const lines = createInterface({ input: process.stdin, output: process.stderr });
  try {
    const first = await lines.question(`New passphrase of the ${role}: `);
    if (!process.stdin.isTTY) return first;
    const second = await lines.question('Once more: ');
    if (first !== second)
      throw new Explained('The two are not the same.', 'Type it again, slowly.');
    return first;
  } finally {
    lines.close();
  }
}

try {
  if (role !== 'instructor' && role !== 'technician')
    throw new Explained(
      `“${role}” has no passphrase.`,
      'Name the instructor or the technician; groups join with a code.',
    );
  const parsed = passphraseSchema.safeParse(await read());
  if (!parsed.success)
    throw new Explained(
      `${parsed.error.issues[0]?.message ?? 'That will not do'}.`,
      'Choose a longer one.',
    );
  const given = process.env.DATABASE_URL || undefined;
  // Whether or not the application runs: it goes on, and tells whoever listens that their session has ended.
  const cluster = given ? undefined : await useCluster(process.env.STOICHOS_DATA_DIR ?? '.data');
  const database = connect(given ?? cluster?.url ?? '');
  try {
    await migrate(database.sequelize);
    await setPassphrase(database, role, parsed.data);
    say(`The passphrase of the ${role} is set; sessions with the old one have ended.`);
  } finally {
    await database.sequelize.close();
    await cluster?.stop();
  }
} catch (error) {
  fail(error);
}
