/** `npm start`: everything from an empty machine to a served application, and everything stopped again on Ctrl-C. */
import { fork } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { startSimulatedBench } from '../server/src/simulated/bench';
import type { SimulatedBench } from '../server/src/simulated/bench';
import { buildWeb } from './machine/build';
import { checkDataFolder } from './machine/dataFolder';
import { takeLock } from './machine/lock';
import { isFree } from './machine/ports';
import { reachableFolder, startCluster } from './machine/postgres';
import type { Cluster } from './machine/postgres';
import { Explained, fail, say } from './machine/report';

const standardPort = 8410;
const dataFolder = process.env.STOICHOS_DATA_DIR ?? '.data';

async function choosePort(): Promise<number> {
  const asked = process.env.PORT;
  if (asked !== undefined && asked !== '') {
    const port = Number(asked);
    if (!Number.isInteger(port) || port < 1 || port > 65_535)
      throw new Explained(
        `PORT is “${asked}”, which is no port number.`,
        'Set it to a whole number from 1 to 65535.',
      );
    if (!(await isFree(port)))
      throw new Explained(
        `Port ${port} is in use by another program.`,
        'Set PORT to another number, or leave it unset.',
      );
    return port;
  }
  for (let port = standardPort; port < standardPort + 20; port += 1) {
    if (!(await isFree(port))) continue;
    if (port !== standardPort) say(`Port ${standardPort} is taken; using ${port}.`);
    return port;
  }
  throw new Explained(
    `Ports ${standardPort} to ${standardPort + 19} are all in use.`,
    'Set PORT to a free one.',
  );
}

let cluster: Cluster | undefined;
let server: ChildProcess | undefined;
let release = (): void => undefined;
let bench: SimulatedBench | undefined;
let stopping = false;

async function stopAll(code: number): Promise<void> {
  if (stopping) return;
  stopping = true;
  say('Stopping…');
  if (server && server.exitCode === null) {
    const ended = new Promise((done) => server?.once('exit', done));
    server.kill('SIGTERM');
    await ended;
  }
  await bench?.stop();
  await cluster?.stop();
  release();
  process.exit(code);
}

/** Where real instruments are named, they are used; otherwise a simulated bench comes along. */
async function simulatedInstruments(): Promise<string> {
  bench = await startSimulatedBench(Number(process.env.STOICHOS_BENCH_SPEED ?? 1));
  return JSON.stringify(bench.addresses);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const)
  process.on(signal, () => void stopAll(0));

try {
  let databaseUrl = process.env.DATABASE_URL;
  checkDataFolder(dataFolder);
  release = takeLock(`${dataFolder}/start.pid`);
  const port = await choosePort();
  buildWeb();
  if (databaseUrl) say('Using the database that DATABASE_URL names.');
  else {
    const folder = reachableFolder(dataFolder);
    cluster = await startCluster(folder);
    databaseUrl = cluster.url;
    cluster.process.once('exit', () => {
      if (!stopping) {
        console.error(
          '✗ PostgreSQL ended unexpectedly.\n  Start again: what was acknowledged is kept.',
        );
        void stopAll(1);
      }
    });
  }
  const instruments = process.env.STOICHOS_INSTRUMENTS ?? (await simulatedInstruments());
  server = fork('server/src/main.ts', {
    execArgv: ['--import', 'tsx'],
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      STOICHOS_INSTRUMENTS: instruments,
    },
  });
  server.on('message', (message) => {
    if (typeof message === 'object' && message !== null && 'url' in message) {
      console.log(`\n  Stoichos is ready: ${String(message.url)}   (Ctrl-C stops it)\n`);
      if ('warning' in message) console.log(`  Careful: ${String(message.warning)}\n`);
    }
  });
  server.once('exit', (code) => {
    if (!stopping) {
      console.error('✗ The server ended; its own words are above.');
      void stopAll(code ?? 1);
    }
  });
} catch (error) {
  stopping = true;
  await bench?.stop();
  await cluster?.stop();
  release();
  fail(error);
}
