import { request } from 'node:http';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import type { Oversight } from '@stoichos/core/labday/access';
import { setPassphrase } from '../src';
import { hashPassphrase } from '../src/access/passphrase';
import { hearing } from './support/hearing';
import { runningServer, sampleDay } from './support/runningServer';

/** Guessing at passphrases and codes, and what ends when somebody goes. */

let server: Awaited<ReturnType<typeof runningServer>>;
const sample = sampleDay();
const passphrase = 'a heron on the breakwater';
let cookie = '';
let code = '';

const cookiesOf = (headers: Headers): Record<string, string> =>
  Object.fromEntries(
    headers
      .getSetCookie()
      .map((one) => (one.split(';')[0] ?? '').split('=', 2) as [string, string]),
  );
const asHeader = (cookies: Record<string, string>): string =>
  Object.entries(cookies)
    .filter(([, value]) => value !== '')
    .map(([name, value]) => `${name}=${value}`)
    .join('; ');
const signIn = (given = passphrase, headers: Record<string, string> = {}) =>
  server.ask('POST', '/sign-in', { role: 'instructor', passphrase: given }, headers);
/** Forgets all guesses, and lets everybody begin anew. */
const afresh = () => server.database.sequelize.query('DELETE FROM guess_lanes');

beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'), [], { loopback: false });
  await setPassphrase(server.database, 'instructor', passphrase);
  cookie = asHeader(cookiesOf((await signIn()).headers));
  await server.ask('PUT', `/days/${sample.ids.day}`, sample.day, { cookie });
  const made = await server.ask('POST', `/days/${sample.ids.day}/code`, {}, { cookie });
  code = (made.json as Oversight).joining.code ?? '';
});
afterAll(() => server.close());
beforeEach(afresh);

describe('guessing at a passphrase', () => {
  it('a hundred and twenty at once are counted one after the other: six are looked at', async () => {
    const start = performance.now();
    const answers = await Promise.all(
      Array.from({ length: 120 }, (_, at) => signIn(`not this one, ${at}`)),
    );
    // One more has its turn with each second that passes.
    const seconds = Math.ceil((performance.now() - start) / 1000);
    const statuses = answers.map(({ status }) => status);
    expect(statuses.filter((status) => status === 401).length).toBeLessThan(6 + seconds);
    expect(statuses.filter((status) => status === 401).length).toBeGreaterThan(0);
    expect(new Set(statuses)).toEqual(new Set([401, 429]));
    const refused = answers.find(({ status }) => status === 429);
    expect(Number(refused?.headers.get('retry-after'))).toBeGreaterThanOrEqual(1);
    expect(refused?.json.error.remedy).toMatch(/^Wait (a second|\d+ seconds) and try again/);
    // The right one from the same address is not shut out, only a little late.
    let right = await signIn();
    for (let tries = 0; tries < 5 && right.status === 429; tries += 1) {
      const seconds = Number(right.headers.get('retry-after'));
      await new Promise((done) => setTimeout(done, seconds * 1000));
      right = await signIn();
    }
    expect(right.status).toBe(204);
  });

  it('by others holds up nobody who signed in on this device before', async () => {
    const device = cookiesOf((await signIn()).headers)['stoichos-device'] ?? '';
    expect(device).not.toBe('');
    await Promise.all(Array.from({ length: 60 }, () => signIn('not this one')));
    const own = await signIn(passphrase, { cookie: `stoichos-device=${device}` });
    expect(own.status).toBe(204);
  });

  it('on one device is counted there', async () => {
    const device = cookiesOf((await signIn()).headers)['stoichos-device'] ?? '';
    const headers = { cookie: `stoichos-device=${device}` };
    const start = performance.now();
    const answers = await Promise.all(
      Array.from({ length: 30 }, () => signIn('not this one', headers)),
    );
    const seconds = Math.ceil((performance.now() - start) / 1000);
    expect(answers.filter(({ status }) => status === 401).length).toBeLessThan(6 + seconds);
    expect((await signIn()).status).toBe(204);
  });

  it('right ones are not counted', async () => {
    for (let time = 0; time < 12; time += 1) expect((await signIn()).status).toBe(204);
  });

  it('leaves the server free to do something else', async () => {
    let turns = 0;
    let isDone = false;
    const turn = (): void => {
      turns += 1;
      if (!isDone) setTimeout(turn, 1);
    };
    turn();
    await Promise.all(Array.from({ length: 8 }, () => hashPassphrase(passphrase)));
    isDone = true;
    // On this thread nothing else would have had a turn until all of them were through.
    expect(turns).toBeGreaterThan(20);
  });
});

describe('guessing at a code', () => {
  const join = (tried: string) =>
    server.ask('POST', '/join', { code: tried, groupId: sample.ids.group });

  it('ends in “too many”, and lets the right one in all the same', async () => {
    const guesses = Array.from({ length: 120 }, (_, at) => `GUESS${String(at).padStart(3, 'X')}`);
    const start = performance.now();
    const answers = await Promise.all(guesses.map(join));
    // One more has its turn with each second that passes, here as with passphrases.
    const seconds = Math.ceil((performance.now() - start) / 1000);
    const told = answers.filter(({ status }) => status === 404).length;
    expect(told).toBeGreaterThan(0);
    expect(told).toBeLessThan(41 + seconds);
    expect(answers.filter(({ status }) => status === 429).length).toBe(120 - told);
    expect((await server.ask('GET', `/join/${code}`)).status).toBe(200);
    expect((await join(code)).status).toBe(204);
  });
});

describe('before anybody is known', () => {
  it.each([
    ['POST', '/restore', 401],
    ['POST', '/import', 401],
    ['POST', '/sign-in', 413],
    ['POST', '/join', 413],
    ['POST', '/entries', 401],
  ] as const)('%s %s reads nothing of 250 MB', async (method, path, expected) => {
    const { hostname, port } = new URL(server.base);
    const status = await new Promise((done, fail) => {
      const asked = request(
        {
          hostname,
          port,
          method,
          path: `/api${path}`,
          headers: { 'content-type': 'application/json', 'content-length': 250_000_000 },
        },
        (answer) => {
          done(answer.statusCode);
          answer.resume();
          asked.destroy();
        },
      );
      asked.on('error', fail);
      // A first piece, and no more of it: whoever waits for the rest never answers.
      asked.write('{"role":"instructor"');
    });
    expect(status).toBe(expected);
  });
});

describe('the name a server is asked by', () => {
  const askFor = (host: string): Promise<number | undefined> => {
    const { hostname, port } = new URL(server.base);
    return new Promise((done, fail) => {
      const asked = request(
        { hostname, port, path: '/api/health', headers: { host }, setHost: false },
        (answer) => {
          answer.resume();
          done(answer.statusCode);
        },
      );
      asked.on('error', fail).end();
    });
  };
  it.each(['127.0.0.1', 'localhost:8410', 'LOCALHOST.', '[::1]:80'])(
    '%s is its own',
    async (host) => expect(await askFor(host)).toBe(200),
  );
  it.each([
    'evil.example',
    'localhost.evil.example',
    '127.0.0.1.evil.example',
    'localhost@evil',
    'a b',
  ])('%s is another’s, and reaches nothing', async (host) =>
    expect([421, 400]).toContain(await askFor(host)),
  );
});

describe('what is told', () => {
  it('is kept by no cache, whether it was found or refused', async () => {
    for (const [path, headers] of [
      ['/session', {}],
      ['/days', { cookie }],
      ['/days', {}],
      ['/nothing', {}],
      [`/days/${sample.ids.day}/day.json`, { cookie }],
    ] as const)
      expect((await server.ask('GET', path, undefined, headers)).headers.get('cache-control')).toBe(
        'no-store',
      );
  });
});

describe('a stream ends with its session', () => {
  const live = () => `/days/${sample.ids.day}/live`;
  const session = async () => asHeader(cookiesOf((await signIn()).headers));

  it('that is signed out', async () => {
    const own = await session();
    const heard = await hearing(server.base, live(), { cookie: own });
    const other = await hearing(server.base, live(), { cookie });
    await server.ask('POST', '/sign-out', {}, { cookie: own });
    expect(await heard.ended()).toContain('"ended"');
    expect(other.isOver()).toBe(false);
    await other.stop();
  });

  it('that ends by itself', async () => {
    const own = await session();
    await server.database.sequelize.query(
      `UPDATE sessions SET ends_at = now() + interval '300 milliseconds'
         WHERE made_at = (SELECT max(made_at) FROM sessions)`,
    );
    const heard = await hearing(server.base, live(), { cookie: own });
    expect(await heard.ended()).toContain('"ended"');
  });

  it('that was ended while the line to the database was down', async () => {
    const own = await session();
    const heard = await hearing(server.base, live(), { cookie: own });
    await server.database.sequelize.query(`
      ALTER TABLE sessions DISABLE TRIGGER sessions_ended;
      DELETE FROM sessions WHERE made_at = (SELECT max(made_at) FROM sessions);
      ALTER TABLE sessions ENABLE TRIGGER sessions_ended;
      SELECT pg_terminate_backend(pid) FROM pg_stat_activity
        WHERE query LIKE 'LISTEN%' AND pid <> pg_backend_pid()`);
    expect(await heard.ended()).toContain('"ended"');
  });

  it('with all of them, when everybody is signed out or the passphrase is set on the machine', async () => {
    const one = await hearing(server.base, live(), { cookie: await session() });
    const own = await session();
    const two = await hearing(server.base, live(), { cookie: own });
    await server.ask('POST', '/sign-out-everywhere', {}, { cookie: own });
    await Promise.all([one.ended(), two.ended()]);
    const three = await hearing(server.base, live(), { cookie: await session() });
    await setPassphrase(server.database, 'instructor', passphrase);
    await three.ended();
    cookie = await session();
  });

  it('of a group whose tablet leaves', async () => {
    const joined = await server.ask('POST', '/join', { code, groupId: sample.ids.group });
    const own = asHeader(cookiesOf(joined.headers));
    const heard = await hearing(server.base, '/group/live', { cookie: own });
    await server.ask('POST', '/leave', {}, { cookie: own });
    expect(await heard.ended()).toContain('"ended"');
  });

  it('of a machine that stood open, once a passphrase is set', async () => {
    const open = await runningServer(inject('databaseUrl'), [], { keep: true });
    try {
      await open.database.accounts.destroy({ where: {} });
      const heard = await hearing(open.base, live());
      await setPassphrase(open.database, 'instructor', passphrase);
      await heard.ended();
      expect((await open.ask('GET', '/days')).status).toBe(401);
    } finally {
      await open.close();
    }
  });
});
