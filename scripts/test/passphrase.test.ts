import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { get } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from '../machine/ports';
import { startCluster } from '../machine/postgres';

let folder: string;
let cluster: Awaited<ReturnType<typeof startCluster>>;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'stoichos-passphrase-'));
  chmodSync(folder, 0o755);
  cluster = await startCluster(folder, () => undefined);
});
afterAll(async () => {
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
});

/** Runs a file until it ends, or until it says something that is waited for. */
function run(
  file: string,
  {
    args = [],
    env = {},
    input = '',
    until,
  }: { args?: string[]; env?: Record<string, string>; input?: string; until?: RegExp },
): Promise<{ code: number | null; said: string }> {
  const child = spawn(process.execPath, ['--import', 'tsx', file, ...args], {
    env: { ...process.env, DATABASE_URL: cluster.url, STOICHOS_DEMO: 'off', ...env },
  });
  let said = '';
  const hear = (chunk: Buffer) => {
    said += chunk.toString();
    if (until?.test(said)) child.kill('SIGTERM');
  };
  child.stdout.on('data', hear);
  child.stderr.on('data', hear);
  child.stdin.end(input);
  return new Promise((done) => child.once('exit', (code) => done({ code, said })));
}

describe('a server that others can reach', () => {
  const network = async () => ({
    HOST: '0.0.0.0',
    PORT: String(await freePort()),
    LOG_LEVEL: 'info',
  });

  it('does not start without an instructor’s passphrase, and says how to set one', async () => {
    const { code, said } = await run('server/src/main.ts', { env: await network() });
    expect(code).toBe(1);
    expect(said).toContain('npm run passphrase');
  });

  it('takes no passphrase that is too short, and none for a group', async () => {
    expect((await run('scripts/passphrase.ts', { input: 'short\n' })).said).toMatch(
      /at least 10 characters/,
    );
    const group = await run('scripts/passphrase.ts', {
      args: ['group'],
      input: 'long-enough-for-all\n',
    });
    expect(group.code).not.toBe(0);
    expect(group.said).toMatch(/groups join with a code/);
  });

  it('starts once it is set on the machine', async () => {
    const set = await run('scripts/passphrase.ts', { input: 'harbour-light-in-fog\n' });
    expect(set.code).toBe(0);
    const { said } = await run('server/src/main.ts', { env: await network(), until: /listening/ });
    expect(said).toContain('listening');
    expect(said).not.toContain('npm run passphrase');
    // Without a certificate it says what that means.
    expect(said).toMatch(/cross the network in clear.*npm run certificate/);
  });

  it('speaks TLS with a certificate of its own, which a tablet that trusts the school takes', async () => {
    const env = { STOICHOS_DATA_DIR: folder };
    const made = await run('scripts/certificate.ts', { args: ['localhost', '127.0.0.1'], env });
    expect(made.code).toBe(0);
    expect(made.said).toContain('On each tablet, once');
    const [, cert = '', key = ''] =
      /STOICHOS_TLS_CERT=(\S+) STOICHOS_TLS_KEY=(\S+)/.exec(made.said) ?? [];
    const at = await network();
    const child = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
      env: {
        ...process.env,
        ...at,
        DATABASE_URL: cluster.url,
        STOICHOS_DEMO: 'off',
        STOICHOS_TLS_CERT: cert,
        STOICHOS_TLS_KEY: key,
      },
    });
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
    const asked = (trusted: boolean) =>
      new Promise<number | string>((done) => {
        const ca = trusted ? readFileSync(join(folder, 'tls', 'authority.crt')) : undefined;
        get(`https://localhost:${at.PORT}/api/health`, { ...(ca && { ca }) }, (answer) => {
          answer.resume();
          done(answer.statusCode ?? 0);
        }).on('error', (error: NodeJS.ErrnoException) => done(error.code ?? error.message));
      });
    try {
      while (!said.includes('listening') && child.exitCode === null)
        await new Promise((done) => setTimeout(done, 50));
      expect(await asked(true)).toBe(200);
      expect(await asked(false)).toBe('SELF_SIGNED_CERT_IN_CHAIN');
      expect(said).not.toContain('in clear');
    } finally {
      child.kill('SIGTERM');
    }
  });

  it('names what is wrong with a certificate that it cannot read', async () => {
    const env = { ...(await network()), STOICHOS_TLS_CERT: '/nowhere.crt' };
    const { code, said } = await run('server/src/main.ts', { env });
    expect(code).toBe(1);
    expect(said).toContain('npm run certificate');
  });
});
