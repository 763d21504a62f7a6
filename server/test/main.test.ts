import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { afterEach, beforeAll, describe, expect, inject, it } from 'vitest';
import { freePort } from '../../scripts/machine/ports';
import { runningServer } from './support/runningServer';

const main = fileURLToPath(new URL('../src/main.ts', import.meta.url));
const running = new Set<ReturnType<typeof spawn>>();

/** The server as a process of its own, with what it says. */
function start(env: Record<string, string>) {
  const child = spawn(process.execPath, ['--import', 'tsx', main], {
    env: { PATH: process.env.PATH ?? '', STOICHOS_DEMO: 'off', ...env },
    stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
  });
  running.add(child);
  let words = '';
  child.stdout?.on('data', (piece: Buffer) => (words += piece.toString()));
  child.stderr?.on('data', (piece: Buffer) => (words += piece.toString()));
  return {
    child,
    ready: once(child, 'message').then(([message]) => message as { readonly url: string }),
    ended: once(child, 'exit').then(([code]) => ({ code: code as number | null, words })),
  };
}

// Emptied and migrated, and nobody has set a passphrase.
beforeAll(async () => (await runningServer(inject('databaseUrl'))).close());

afterEach(() => {
  for (const child of running) child.kill('SIGKILL');
  running.clear();
});

describe('the server process', () => {
  it('does not start without a database, and says how to name one', async () => {
    const { code, words } = await start({}).ended;
    expect(code).toBe(1);
    expect(words).toContain('DATABASE_URL is not set');
  });

  it('ends where the database cannot be opened', async () => {
    const port = await freePort();
    const url = `postgres://nobody@127.0.0.1:${port}/none`;
    const { code, words } = await start({ DATABASE_URL: url }).ended;
    expect(code).toBe(1);
    expect(words).toContain('could not be opened or migrated');
  });

  it('ends where its port is taken, and names it', async () => {
    const taken = createServer().listen(0, '127.0.0.1');
    await once(taken, 'listening');
    const { port } = taken.address() as AddressInfo;
    const DATABASE_URL = inject('databaseUrl');
    const { code, words } = await start({ DATABASE_URL, PORT: String(port) }).ended;
    taken.close();
    expect(code).toBe(1);
    expect(words).toContain(`Port ${port}`);
  });

  it('does not open itself to others before an instructor’s passphrase is set', async () => {
    const DATABASE_URL = inject('databaseUrl');
    const { code, words } = await start({ DATABASE_URL, HOST: '0.0.0.0' }).ended;
    expect(code).toBe(1);
    expect(words).toContain('npm run passphrase');
  });

  it('answers, works without instruments it cannot read, and ends by itself when asked to', async () => {
    const DATABASE_URL = inject('databaseUrl');
    const server = start({
      DATABASE_URL,
      PORT: String(await freePort()),
      STOICHOS_INSTRUMENTS: 'a balance',
    });
    const { url } = await server.ready;
    const answer = await fetch(`${url}/api/instruments`);
    expect(await answer.json()).toEqual([]);
    server.child.kill('SIGTERM');
    const { code, words } = await server.ended;
    expect(code).toBe(0);
    expect(words).toContain('is no list of instruments');
  });
});
