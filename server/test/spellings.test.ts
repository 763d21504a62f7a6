import { request } from 'node:http';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import type { Oversight } from '@stoichos/core/labday/access';
import { setPassphrase } from '../src';
import { doorTable } from './support/doorTable';
import { runningServer, sampleDay } from './support/runningServer';

/** As a browser would never send it: the address goes out letter by letter as it is written. */
function askRaw(
  base: string,
  method: string,
  path: string,
  headers: Readonly<Record<string, string>>,
  body?: string,
): Promise<{ readonly status: number; readonly text: string }> {
  const { hostname, port } = new URL(base);
  return new Promise((done, fail) => {
    const asked = request({ hostname, port, method, path, headers, agent: false }, (answer) => {
      const { statusCode = 0 } = answer;
      if (answer.headers['content-type']?.startsWith('text/event-stream')) {
        answer.destroy();
        done({ status: statusCode, text: '' });
        return;
      }
      let text = '';
      answer.setEncoding('utf8').on('data', (part: string) => (text += part));
      answer.on('end', () => done({ status: statusCode, text }));
    });
    asked.on('error', fail);
    asked.end(body);
  });
}

const capital = (path: string): string => path.toUpperCase();
const encoded = (letter: string): string => `%${letter.charCodeAt(0).toString(16)}`;

/** The same address as people and programs might write it: none of them may open more than the plain one. */
const spellings: Readonly<Record<string, (path: string) => string>> = {
  plain: (path) => `/api${path}`,
  'all in capitals': (path) => `/API${capital(path)}`,
  'the first part in capitals': (path) => `/API${path}`,
  'the rest in capitals': (path) => `/api${capital(path)}`,
  'a letter of the first part encoded': (path) => `/%61pi${path}`,
  'a letter of the rest encoded': (path) => `/api${path.replace(/[a-z]/, encoded)}`,
  'a slash encoded': (path) => `/api%2f${path.slice(1)}`,
  'a double slash before': (path) => `//api${path}`,
  'a double slash within': (path) => `/api/${path}`,
  'a dot segment': (path) => `/api/.${path}`,
  'a way up and down again': (path) => `/api/health/..${path}`,
  'an encoded way up': (path) => `/api/health/%2e%2e${path}`,
  'a slash at the end': (path) => `/api${path}/`,
  'a backslash': (path) => `/api\\${path.slice(1)}`,
  'a parameter of the path': (path) => `/api${path};x=1`,
  'a null at the end': (path) => `/api${path}%00`,
  'another address in the query': (path) => `/api${path}?path=/api/health`,
  'another address in the fragment': (path) => `/api${path}#/api/health`,
  'the whole address': (path) => `http://127.0.0.1/api${path}`,
};

const sample = sampleDay();
const cookies = { technician: '', group: '', nobody: '' };
let server: Awaited<ReturnType<typeof runningServer>>;

const cookieOf = (headers: Headers): string =>
  headers
    .getSetCookie()
    .map((one) => one.split(';')[0] ?? '')
    .filter((one) => !one.endsWith('='))
    .join('; ');

beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'), [], { loopback: false });
  const passphrase = 'plover-on-the-slipway';
  const cookieFor = async (role: 'instructor' | 'technician') => {
    await setPassphrase(server.database, role, passphrase);
    return cookieOf((await server.ask('POST', '/sign-in', { role, passphrase })).headers);
  };
  const cookie = await cookieFor('instructor');
  cookies.technician = await cookieFor('technician');
  await server.ask('PUT', `/days/${sample.ids.day}`, sample.day, { cookie });
  const made = await server.ask('POST', `/days/${sample.ids.day}/code`, {}, { cookie });
  const { code } = (made.json as Oversight).joining;
  const joined = await server.ask('POST', '/join', { code, groupId: sample.ids.group });
  cookies.group = cookieOf(joined.headers);
});
afterAll(() => server.close());

const letters = { technician: 'T', group: 'G', nobody: 'N' } as const;
const shut = Object.entries(doorTable).filter(([, allowed]) => allowed !== 'ITGN');
const addressOf = (path: string): string =>
  path
    .replace(':dayId', sample.ids.day)
    .replace(':role', 'instructor')
    .replace(':instrumentId', 'balance')
    .replace(/:\w+/g, () => crypto.randomUUID());

describe.each(Object.entries(spellings))('an address written with %s', (name, spelled) => {
  it.each(['technician', 'group', 'nobody'] as const)(
    'opens nothing to %s that is shut',
    async (role) => {
      for (const [door, allowed] of shut) {
        if (allowed.includes(letters[role])) continue;
        const [method = '', path = ''] = door.split(' ');
        const ways = [
          [method, {}],
          ...(method === 'GET' ? [['HEAD', {}] as const] : []),
          // What is no method of a route is refused before its spelling counts.
          ...(name === 'plain'
            ? ([
                ['OPTIONS', {}],
                ['POST', { 'x-http-method-override': method, 'x-http-method': method }],
              ] as const)
            : []),
        ] as const;
        for (const [way, more] of ways) {
          const body = way === 'GET' || way === 'HEAD' || way === 'OPTIONS' ? undefined : '{}';
          const { status, text } = await askRaw(
            server.base,
            way,
            spelled(addressOf(path)),
            { cookie: cookies[role], 'content-type': 'application/json', ...more },
            body,
          );
          expect(status, `${way} ${spelled(path)}: ${text}`).toBeGreaterThanOrEqual(400);
          expect(status, `${way} ${spelled(path)}: ${text}`).toBeLessThan(500);
        }
      }
    },
  );
});

it('a school in capitals is not taken over', async () => {
  const { status } = await askRaw(
    server.base,
    'PUT',
    '/API/accounts/instructor',
    { 'content-type': 'application/json' },
    JSON.stringify({ passphrase: 'mine-from-now-on' }),
  );
  expect(status).toBe(404);
  const old = { role: 'instructor', passphrase: 'plover-on-the-slipway' };
  expect((await server.ask('POST', '/sign-in', old)).status).toBe(204);
});
