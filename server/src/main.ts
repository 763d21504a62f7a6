/** The server process: connect, migrate, load the demo data into an empty database, listen, stop gracefully. */
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { fileURLToPath } from 'node:url';
import { createLog } from './log';
import { createApp } from './app';
import { accountsThere } from './database/accounts';
import { connect } from './database/connect';
import { addressesSchema, openInstruments } from './instruments/instruments';
import { migrate } from './database/migrate';
import { hostsOf } from './http/refuseOtherHosts';
import { openLive } from './live/hub';
import { loadDemo } from './demo/loadDemo';
import { stopCalculating, warmUp } from './calculation/calculate';

const { STOICHOS_INSTRUMENTS = '[]' } = process.env;
const { DATABASE_URL, PORT = '8410', HOST = '127.0.0.1', LOG_LEVEL = 'warn' } = process.env;
const log = createLog(LOG_LEVEL);

/** What everybody on the network can read where there is no certificate. */
const clearWords =
  'Passphrases, join codes, sessions and everything the groups write cross the network in clear: anybody on it can read them and act with them. Make a certificate with `npm run certificate`.';

if (!DATABASE_URL) {
  log.fatal('DATABASE_URL is not set. Start with `npm start`, or name a PostgreSQL database.');
  process.exit(1);
}

/** The instruments within reach, or none where the list cannot be read: the bench works without. */
function findInstruments() {
  try {
    return openInstruments(addressesSchema.parse(JSON.parse(STOICHOS_INSTRUMENTS)));
  } catch (error) {
    log.error({ err: error }, 'STOICHOS_INSTRUMENTS is no list of instruments; there are none.');
    return openInstruments([]);
  }
}

const instruments = findInstruments();
const database = connect(DATABASE_URL);
try {
  const ran = await migrate(database.sequelize);
  if (ran.length > 0) log.info({ ran }, 'migrated');
  if (process.env.STOICHOS_DEMO !== 'off') await loadDemo(database);
} catch (error) {
  log.fatal({ err: error }, 'The database could not be opened or migrated.');
  process.exit(1);
}

const loopback = HOST === '127.0.0.1' || HOST === '::1' || HOST === 'localhost';
if (!loopback && !(await accountsThere(database)).instructor) {
  log.fatal(
    `HOST is ${HOST}, where others can reach this server, and nobody has set the instructor’s passphrase. Set it on this machine with \`npm run passphrase\`, then start again.`,
  );
  process.exit(1);
}
const hub = openLive(DATABASE_URL, log);

const { STOICHOS_PROXY, STOICHOS_HOSTS, STOICHOS_TLS_CERT, STOICHOS_TLS_KEY } = process.env;
const proxy = STOICHOS_PROXY === 'on';
const application = fileURLToPath(new URL('../../web/dist', import.meta.url));
const app = createApp(database, log, application, instruments, {
  hub,
  reach: { loopback, proxy, hosts: hostsOf(loopback, STOICHOS_HOSTS) },
});

/** The certificate and the key to go with it; undefined where there is none. */
function readTls(): { readonly cert: Buffer; readonly key: Buffer } | undefined {
  if (!STOICHOS_TLS_CERT && !STOICHOS_TLS_KEY) return undefined;
  try {
    return {
      cert: readFileSync(STOICHOS_TLS_CERT ?? ''),
      key: readFileSync(STOICHOS_TLS_KEY ?? ''),
    };
  } catch (error) {
    log.fatal(
      { err: error },
      'STOICHOS_TLS_CERT and STOICHOS_TLS_KEY name a certificate and its key; they cannot be read. `npm run certificate` makes both.',
    );
    return process.exit(1);
  }
}
const tls = readTls();
const callback = app.callback();
const server = (
  tls
    ? createSecureServer(tls, (...both) => void callback(...both))
    : createServer((...both) => void callback(...both))
).listen(Number(PORT), HOST);
server.once('error', (error) => {
  log.fatal({ err: error }, `Port ${PORT} on ${HOST} cannot be listened on.`);
  process.exit(1);
});
await once(server, 'listening');
// A class that begins finds the engine ready.
warmUp().catch((error: unknown) => log.error({ err: error }, 'the engine could not be loaded'));
const url = `${tls ? 'https' : 'http'}://${HOST}:${PORT}`;
const inClear = !loopback && !tls && !proxy;
if (inClear) log.warn(clearWords);
log.info({ url }, 'listening');
process.send?.({ url, ...(inClear && { warning: clearWords }) });

let stopping = false;
/** Lets running requests end, then closes the database. */
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  const closed = once(server, 'close');
  server.close();
  server.closeIdleConnections();
  const impatient = setTimeout(() => server.closeAllConnections(), 3000);
  await closed;
  clearTimeout(impatient);
  instruments.close();
  await stopCalculating();
  await hub.close();
  await database.sequelize.close();
  process.exit(0);
}
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
// When the start script was killed, nobody is left to stop this process.
process.on('disconnect', () => void stop());
