import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { everyDay } from '../machine/everyDay';
import { isFree, freePort } from '../machine/ports';
import { startCluster } from '../machine/postgres';

const root = fileURLToPath(new URL('../..', import.meta.url));
let data = '';

/** One run of the start script on the test's own data folder. */
function start(environment: Record<string, string>) {
  const child = spawn('node', ['scripts/bootstrap.mjs', 'scripts/start.ts'], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: '', STOICHOS_DATA_DIR: data, ...environment },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let output = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => {
      output += chunk.toString();
    });
  const ready = async () => {
    for (let tenth = 0; tenth < 600 && child.exitCode === null; tenth += 1) {
      if (output.includes('Stoichos is ready')) return;
      await pause(100);
    }
    throw new Error(`Did not become ready:\n${output}`);
  };
  return { child, ready, output: () => output };
}

/** Sets the instructor’s passphrase as on the machine itself. @returns what is said. */
async function setPassphrase(passphrase: string): Promise<string> {
  const child = spawn('node', ['scripts/bootstrap.mjs', 'scripts/passphrase.ts'], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: '', STOICHOS_DATA_DIR: data },
  });
  let said = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => {
      said += chunk.toString();
    });
  child.stdin.end(`${passphrase}\n`);
  await once(child, 'exit');
  return said;
}

async function end(child: ChildProcess, signal: NodeJS.Signals): Promise<number | null> {
  const ended = once(child, 'exit');
  child.kill(signal);
  const [code] = (await ended) as [number | null];
  return code;
}

/** Lab days of the demo scenario. */
const demoDays = 4;
const dayCount = async (port: number) =>
  (await everyDay(async (path) => (await fetch(`http://127.0.0.1:${port}${path}`)).json())).length;

beforeAll(() => {
  data = mkdtempSync(join(tmpdir(), 'stoichos-start-'));
  chmodSync(data, 0o755);
});
afterAll(() => rmSync(data, { recursive: true, force: true }));

describe('npm start', () => {
  it('starts on nothing, keeps the data, and recovers from a kill and a half-made cluster', async () => {
    // A cluster whose making was interrupted.
    mkdirSync(join(data, 'postgres.making'));
    writeFileSync(join(data, 'postgres.making', 'PG_VERSION'), 'half');
    const port = await freePort();
    const first = start({ PORT: String(port) });
    await first.ready();
    expect(first.output()).toContain('Making a private PostgreSQL cluster');
    expect(await dayCount(port)).toBe(demoDays);

    const second = start({ PORT: String(port) });
    await once(second.child, 'exit');
    expect(second.output()).toContain('already running');
    expect(await dayCount(port)).toBe(demoDays);

    // Killed like a power cut: its server goes by itself, its database is found and stopped by the next start.
    await end(first.child, 'SIGKILL');
    for (let tenth = 0; tenth < 100 && !(await isFree(port)); tenth += 1) await pause(100);
    const third = start({ PORT: String(port) });
    await third.ready();
    expect(third.output()).toContain('Stopping the PostgreSQL that an earlier run left behind');
    expect(third.output()).not.toContain('Making a private');
    expect(await dayCount(port)).toBe(demoDays);
    // A passphrase is set while it runs: it goes on, and asks for it from now on.
    const said = await setPassphrase('a heron on the slipway');
    expect(said).toContain('The passphrase of the instructor is set');
    const asked = (path: string) => fetch(`http://127.0.0.1:${port}/api${path}`);
    expect((await asked('/health')).status).toBe(200);
    expect((await asked('/days')).status).toBe(401);
    expect(third.child.exitCode).toBeNull();
    expect(await end(third.child, 'SIGINT')).toBe(0);
    expect(await isFree(port)).toBe(true);
    expect(existsSync(join(data, 'postgres', 'postmaster.pid'))).toBe(false);
    expect(existsSync(join(data, 'start.pid'))).toBe(false);
  });

  it('explains a port that is taken or no port at all', async () => {
    const other = createServer();
    const port = await freePort();
    other.listen(port, '127.0.0.1');
    await once(other, 'listening');
    const taken = start({ PORT: String(port) });
    const [code] = (await once(taken.child, 'exit')) as [number];
    other.close();
    expect(code).toBe(1);
    expect(taken.output()).toContain(`Port ${port} is in use`);
    const nonsense = start({ PORT: 'eighty' });
    await once(nonsense.child, 'exit');
    expect(nonsense.output()).toContain('“eighty”, which is no port number');
  });
});

describe('npm start with DATABASE_URL', () => {
  it('uses the server it names, makes no cluster, and leaves it running', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'stoichos-other-'));
    chmodSync(folder, 0o755);
    const cluster = await startCluster(folder, () => undefined);
    const port = await freePort();
    const run = start({
      PORT: String(port),
      DATABASE_URL: cluster.url,
      STOICHOS_DATA_DIR: join(folder, 'unused'),
    });
    await run.ready();
    expect(await dayCount(port)).toBe(demoDays);
    expect(await end(run.child, 'SIGTERM')).toBe(0);
    expect(existsSync(join(folder, 'unused', 'postgres'))).toBe(false);
    expect(cluster.process.exitCode).toBeNull();
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  });
});

describe('the chem command', () => {
  const chem = async (args: string[], input: string) => {
    const child = spawn('node', ['scripts/chem.mjs', ...args], { cwd: root });
    child.stdin.end(input);
    let output = '';
    child.stdout.on('data', (chunk: Buffer) => {
      output += chunk.toString();
    });
    const [code] = (await once(child, 'close')) as [number];
    return {
      code,
      lines: output
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line)),
    };
  };

  it('answers one object', async () => {
    const { code, lines } = await chem(
      ['prepare'],
      '{"substance":"NaOH","concentrationM":0.4,"volumeMl":20}',
    );
    expect(code).toBe(0);
    expect(lines[0].massG).toBeCloseTo(0.32, 2);
  });

  it('answers line by line, thousands in one process, and goes on after a bad one', async () => {
    const good = Array.from({ length: 2000 }, (_, n) => `{"formula":"C${n + 1}H${2 * n + 4}"}`);
    const { code, lines } = await chem(
      ['formula', '--lines'],
      [...good, '{"formula":"Qq"}', '{nonsense', '{"formula":"KBr"}'].join('\n'),
    );
    expect(code).toBe(2);
    expect(lines).toHaveLength(2003);
    expect(lines[1999].formula).toBe('C2000H4002');
    expect(lines[2000].error).toMatchObject({ code: 'unknownElement', field: 'formula' });
    expect(lines[2001].error.code).toBe('malformedJson');
    expect(lines[2002].names.stock).toBe('potassium bromide');
  });

  it('refuses an unknown verb and a missing field', async () => {
    expect((await chem(['brew'], '{}')).lines[0].error.remedy).toContain(
      'formula, balance, react, mix, speciate, prepare',
    );
    const missing = await chem(['balance'], '{}');
    expect([missing.code, missing.lines[0].error.field]).toEqual([2, 'equation']);
  });
});
