import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { contracts } from '@stoichos/contract';
import { runningServer, sampleDay } from './support/runningServer';

let server: Awaited<ReturnType<typeof runningServer>>;
const sample = sampleDay();

beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'), []);
  expect((await server.ask('PUT', `/days/${sample.ids.day}`, sample.day)).status).toBe(200);
});
afterAll(() => server.close());

/** Values at which programs break: empty, huge, negative, not a number in JSON’s clothing, control characters, half of a pair. */
const boundary = fc.constantFrom<unknown>(
  null,
  '',
  ' ',
  '0',
  0,
  -1,
  1e308,
  -1e308,
  1e-308,
  2 ** 53,
  true,
  [],
  {},
  [[[[]]]],
  'x'.repeat(5000),
  '\u0000',
  '\ud800',
  "'; DROP TABLE lab_days; --",
  '<script>alert(1)</script>',
  '2026-13-45',
  '00000000-0000-0000-0000-000000000000',
);

/** Bodies that are right but for one part. */
const bodies: Readonly<Record<string, unknown>> = {
  '/days/:dayId': sample.day,
  '/days/:dayId/procedures/:plannedId': sample.planned,
  '/entries': sample.entry,
  '/join': { code: 'AAAABBBB', groupId: sample.ids.group },
  '/sign-in': { role: 'technician', passphrase: 'not-this-one-99' },
  '/group/answer': {
    id: sample.ids.test,
    answer: 'NaCl',
    results: [{ test: 'flame', outcome: 'yellow', blank: 'clean', note: '' }],
  },
  '/days/:dayId/unknowns': {
    kind: 'inorganic',
    candidates: ['NaCl', 'KCl'],
    inseparable: [['NaCl', 'KCl']],
  },
  '/days/:dayId/messages': {
    id: sample.ids.test,
    groupId: null,
    kind: 'message',
    workId: null,
    stepId: null,
    text: 'Goggles on',
  },
  '/days/:dayId/releases': { workId: sample.ids.test, when: 'always' },
  '/settings': { naming: 'stock', roomC: 20, institution: 'School' },
  '/day-copies': {
    copies: [{ from: sample.ids.day, id: sample.ids.test, name: 'Again', date: '2027-01-04' }],
  },
  '/days/:dayId/archive': { archived: false },
  '/import': {
    file: {
      format: 'stoichos/procedure',
      version: 1,
      procedure: { id: 'x', name: 'A', steps: [] },
    },
    apply: false,
    asAnother: false,
  },
  '/restore': {
    file: {
      format: 'stoichos/backup',
      version: 1,
      madeAt: '2026-01-01T00:00:00Z',
      tablesAt: '008-settings-and-archive',
      tables: { lab_days: [{ id: sample.ids.day }], settings: [] },
    },
    apply: false,
  },
};

type Json = Record<string, unknown> | unknown[];

/** Every place in a body, as a path of keys. */
function placesOf(value: unknown, path: readonly string[] = []): string[][] {
  if (typeof value !== 'object' || value === null) return [[...path]];
  return [
    [...path],
    ...Object.entries(value).flatMap(([key, part]) => placesOf(part, [...path, key])),
  ];
}

function withAt(value: unknown, [key, ...rest]: readonly string[], put: unknown): unknown {
  if (key === undefined) return put;
  const copy = structuredClone(value) as Json;
  const parts = copy as Record<string, unknown>;
  parts[key] = withAt(parts[key], rest, put);
  return copy;
}

const addressOf = (path: string, id: string): string =>
  path
    .replace(':dayId', sample.ids.day)
    .replace(':role', 'technician')
    .replace(/:\w+/g, () => encodeURIComponent(id));

describe('no body and no address makes the server stumble', () => {
  // Live answers stay open, and a passphrase costs a second each.
  const doors = Object.values(contracts).filter(({ path }) => !/live$|^\/accounts/.test(path));

  it.each(doors.map(({ method, path }) => [method, path] as const))(
    '%s %s',
    async (method, path) => {
      const right = bodies[path] ?? {};
      const body = fc.oneof(
        fc.jsonValue({ maxDepth: 3 }),
        boundary,
        fc
          .tuple(fc.constantFrom(...placesOf(right)), boundary)
          .map(([place, put]) => withAt(right, place, put)),
      );
      const id = fc.constantFrom(
        sample.ids.test,
        'no-id',
        '%',
        '..',
        '\u0000',
        'x'.repeat(300),
        '00000000-0000-0000-0000-000000000000',
      );
      await fc.assert(
        fc.asyncProperty(body, id, async (sent, name) => {
          const takesBody = method !== 'GET' && method !== 'DELETE';
          const { status, json } = await server.ask(
            method,
            addressOf(path, name),
            takesBody ? JSON.stringify(sent) : undefined,
          );
          expect(status, JSON.stringify(sent).slice(0, 300)).toBeLessThan(500);
          if (status >= 400 && status !== 401 && status !== 403)
            expect(json).toMatchObject({ error: { code: expect.any(String) as string } });
        }),
        { numRuns: 40, seed: 20261126 },
      );
    },
    30_000,
  );
});

describe('what is sent to break it', () => {
  const deep = (open: string, close: string, times: number) =>
    `${open.repeat(times)}1${close.repeat(times)}`;
  /** Texts that are no honest body, each by what it is. */
  const texts: Readonly<Record<string, () => string>> = {
    'lists in lists': () => deep('[', ']', 200_000),
    'things in things': () => deep('{"a":', '}', 100_000),
    'a text of 1.9 MB': () => JSON.stringify({ id: 'x'.repeat(1_900_000) }),
    'a list of 200,000 numbers': () => JSON.stringify(Array.from({ length: 200_000 }, () => 1e300)),
    'a thing with 50,000 names': () =>
      JSON.stringify(Object.fromEntries(Array.from({ length: 50_000 }, (_, at) => [`k${at}`, at]))),
    'U+0000 in a name': () => '{"a\\u0000b":1}',
    'half of a pair': () => '{"name":"\\ud83e"}',
    'a prototype': () => '{"__proto__":{"isAdmin":true},"constructor":{"prototype":{"x":1}}}',
    'a number beyond all': () => '{"sparePercent":1e999,"lengthMin":-1e999}',
    'a number of many figures': () => `{"lengthMin":${'9'.repeat(100_000)}}`,
    'half of a thing': () => '{"id":',
    'two things': () => '{}{}',
    'no JSON': () =>
      '<?xml version="1.0"?><!DOCTYPE a [<!ENTITY b SYSTEM "file:///etc/passwd">]><a>&b;</a>',
    nothing: () => '',
  };
  const doors = Object.values(contracts).filter(
    ({ method }) => method !== 'GET' && method !== 'DELETE',
  );

  it.each(Object.entries(texts))(
    '%s is refused on every route within two seconds, and leaves nothing behind',
    async (_, textOf) => {
      const before = process.memoryUsage().rss;
      const text = textOf();
      for (const { method, path } of doors) {
        const start = performance.now();
        const { status } = await server.ask(method, addressOf(path, sample.ids.test), text, {
          'content-type': 'application/json',
        });
        const ms = performance.now() - start;
        expect(status, `${method} ${path}`).toBeLessThan(500);
        expect(ms, `${method} ${path}`).toBeLessThan(2000);
      }
      expect(process.memoryUsage().rss - before).toBeLessThan(300_000_000);
      expect(Object.getOwnPropertyNames(Object.prototype)).not.toContain('isAdmin');
    },
  );

  it('a query or a cookie of many kilobytes is refused, and so is one that is no text', async () => {
    for (const path of [
      `/days?${'a=1&'.repeat(3000)}`,
      '/instruments/balance/reading?quantity[]=1&quantity[$gt]=2',
      '/days/%E0%A4%A',
      '/join/%00%00',
    ])
      expect((await server.ask('GET', path)).status, path).toBeLessThan(500);
    const cookie = `stoichos=${'%'.repeat(8000)}`;
    expect((await server.ask('GET', '/days', undefined, { cookie })).status).toBeLessThan(500);
  });
});
