import type { EntriesPage } from '@stoichos/contract';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { showJoinCode } from '@stoichos/core/labday/access';
import type { GroupView, LiveEvent, Oversight, SealedUnknown } from '@stoichos/core/labday/access';
import { contracts } from '@stoichos/contract';

import { setPassphrase } from '../src';
import { doorTable } from './support/doorTable';
import { runningServer, sampleDay } from './support/runningServer';

const letters = { instructor: 'I', technician: 'T', group: 'G', nobody: 'N' } as const;
type AskRole = keyof typeof letters;

const passphrases = { instructor: 'lantern-on-the-quay', technician: 'glaze-and-kiln-99' } as const;

let server: Awaited<ReturnType<typeof runningServer>>;
const sample = sampleDay();
const other = { id: crypto.randomUUID(), name: 'Bench Ruff' };
const cookies: Record<AskRole, string> = { instructor: '', technician: '', group: '', nobody: '' };
let code = '';

const cookieOf = (headers: Headers): string =>
  headers
    .getSetCookie()
    .map((one) => one.split(';')[0] ?? '')
    .filter((one) => !one.endsWith('='))
    .join('; ');
const as = (role: AskRole, method: string, path: string, body?: unknown) =>
  server.ask(method, path, body, cookies[role] === '' ? {} : { cookie: cookies[role] });

async function join(groupId: string, withCode = code): Promise<string> {
  const { status, headers } = await server.ask('POST', '/join', { code: withCode, groupId });
  expect(status).toBe(204);
  return cookieOf(headers);
}

beforeAll(async () => {
  // As on a school’s network: nobody is taken for the instructor.
  server = await runningServer(inject('databaseUrl'), [], { loopback: false });
  for (const role of ['instructor', 'technician'] as const) {
    await setPassphrase(server.database, role, passphrases[role]);
    const { status, headers } = await server.ask('POST', '/sign-in', {
      role,
      passphrase: passphrases[role],
    });
    expect(status).toBe(204);
    cookies[role] = cookieOf(headers);
  }
  const day = { ...sample.day, groups: [...sample.day.groups, other] };
  expect((await as('instructor', 'PUT', `/days/${day.id}`, day)).status).toBe(200);
  await as('instructor', 'PUT', `/days/${day.id}/procedures/${sample.ids.test}`, sample.planned);
  const made = await as('instructor', 'POST', `/days/${day.id}/code`, {});
  code = (made.json as Oversight).joining.code ?? '';
  cookies.group = await join(sample.ids.group);
});
afterAll(() => server.close());

describe('who may go where', () => {
  it('is the written table, no route more and none less', () => {
    const told = Object.fromEntries(
      Object.values(contracts).map(({ method, path, roles }) => [
        `${method} ${path}`,
        (['instructor', 'technician', 'group', 'nobody'] as const)
          .filter((role) => (roles as readonly string[]).includes(role))
          .map((role) => letters[role])
          .join(''),
      ]),
    );
    expect(told).toEqual(doorTable);
  });

  describe.each(['nobody', 'group', 'technician'] as const)('as %s', (role) => {
    it.each(
      Object.entries(doorTable).filter(
        ([door]) => !door.includes('sign-out') && !door.includes('leave'),
      ),
    )('%s', async (door, allowed) => {
      const [method = '', path = ''] = door.split(' ');
      const address = path
        .replace(':dayId', sample.ids.day)
        .replace(':plannedId', crypto.randomUUID())
        .replace(':role', 'technician')
        .replace(':code', 'WRONGONE')
        .replace(/:instrumentId/, 'no-such')
        .replace(/:\w+/g, () => crypto.randomUUID());
      const stop = new AbortController();
      const response = await fetch(server.base + address, {
        method,
        signal: stop.signal,
        headers: {
          cookie: cookies[role],
          ...(method !== 'GET' && { 'content-type': 'application/json' }),
        },
        ...(method !== 'GET' && method !== 'DELETE' && { body: '{}' }),
      });
      const status = response.status;
      stop.abort();
      if (allowed.includes(letters[role])) expect([401, 403]).not.toContain(status);
      else expect(status).toBe(role === 'nobody' ? 401 : 403);
    });
  });

  it('what has no door is not there, for anybody', async () => {
    for (const role of ['instructor', 'group', 'nobody'] as const) {
      expect((await as(role, 'GET', '/secrets')).status).toBe(404);
      expect((await as(role, 'PUT', '/health', {})).status).toBe(404);
    }
  });
});

describe('a group', () => {
  const entry = (part: object = {}) => ({ ...sample.entry, id: crypto.randomUUID(), ...part });

  it('records at its own bench, and at no other', async () => {
    expect((await as('group', 'POST', '/entries', entry())).status).toBe(201);
    const wrong = await as('group', 'POST', '/entries', entry({ groupId: other.id }));
    expect(wrong.status).toBe(403);
    expect(wrong.json).toMatchObject({ error: { code: 'otherBench', field: 'groupId' } });
    const shown = await as('group', 'POST', '/entries', entry({ groupId: null }));
    expect(shown.status).toBe(403);
  });

  it('says no verdict and signs nothing off', async () => {
    for (const record of [
      { kind: 'verdict', verdict: 'agrees', reason: 'because', by: 'us' },
      { kind: 'signOff', by: 'us' },
    ])
      expect((await as('group', 'POST', '/entries', entry({ record }))).status).toBe(403);
  });

  it('puts nothing right that the instructor wrote at its bench, and withdraws none of it', async () => {
    const verdict = { kind: 'verdict', verdict: 'differs', reason: 'too pale', by: 'Mo' };
    const written = [];
    for (const record of [{ kind: 'signOff', by: 'Mo' }, verdict, { kind: 'note', text: 'look' }]) {
      const line = entry({ record });
      expect((await as('instructor', 'POST', '/entries', line)).status).toBe(201);
      written.push(line.id);
    }
    for (const supersedes of written)
      for (const record of [null, { kind: 'note', text: 'no longer' }])
        for (const role of ['group', 'technician'] as const) {
          const sent = await as(role, 'POST', '/entries', entry({ record, supersedes }));
          expect([sent.status, sent.json.error.code]).toEqual([403, 'notYours']);
        }
    const { entries } = (await as('instructor', 'GET', `/days/${sample.ids.day}/entries`))
      .json as EntriesPage;
    const replaced = new Set(entries.map(({ supersedes }) => supersedes));
    for (const id of written) expect(replaced).not.toContain(id);
    // What it wrote itself it may put right; so may the technician, and the instructor everything.
    const own = entry();
    await as('group', 'POST', '/entries', own);
    const righted = entry({ supersedes: own.id });
    expect((await as('group', 'POST', '/entries', righted)).status).toBe(201);
    const again = entry({ supersedes: righted.id, record: null });
    expect((await as('technician', 'POST', '/entries', again)).status).toBe(201);
    const back = entry({ supersedes: written[0], record: null });
    expect((await as('instructor', 'POST', '/entries', back)).status).toBe(201);
  });

  it('and the technician bring nothing in as a file that the instructor wrote', async () => {
    const file = (await as('instructor', 'GET', `/days/${sample.ids.day}/day.json`)).json as object;
    const brought = (role: AskRole) =>
      as(role, 'POST', '/import', { file, apply: true, asAnother: true });
    const refused = await brought('technician');
    expect([refused.status, refused.json.error.code]).toEqual([403, 'notYours']);
    expect((await brought('instructor')).status).toBe(200);
  });

  it('and the technician sign nothing in the instructor’s name', async () => {
    for (const role of ['group', 'technician'] as const) {
      const signed = entry({ record: { kind: 'signOff', by: 'M. Sandpiper' } });
      expect((await as(role, 'POST', '/entries', signed)).status).toBe(403);
    }
  });

  it('sees its own entries, never another’s, and nothing expected that is not released', async () => {
    const foreign = entry({
      groupId: other.id,
      record: { kind: 'note', text: 'between us at Ruff' },
    });
    expect((await as('instructor', 'POST', '/entries', foreign)).status).toBe(201);
    const { json, text } = await as('group', 'GET', '/group');
    const view = json as GroupView;
    expect(view.entries.every(({ groupId }) => groupId === sample.ids.group)).toBe(true);
    expect(text).not.toContain('between us at Ruff');
    expect(text).not.toContain(other.id);
    expect(view.expectations).toEqual([]);
    // The engine is in every browser: what it would need to tell the outcome does not leave the server either.
    expect(text).not.toMatch(/"events"|"reactions"|"concentrationM"|"weighings"|Cu\(OH\)2/);
  });

  it('sees what is expected once it is released, after recording or always', async () => {
    const put = (when: string) =>
      as('instructor', 'PUT', `/days/${sample.ids.day}/releases`, {
        workId: sample.ids.test,
        when,
      });
    const view = async (cookie: string) =>
      (await server.ask('GET', '/group', undefined, { cookie })).json as GroupView;
    const fresh = await join(other.id);
    await as(
      'instructor',
      'POST',
      '/entries',
      entry({ record: { kind: 'verdict', verdict: 'differs', reason: 'too pale', by: 'Mo' } }),
    );
    expect(
      (await view(cookies.group)).entries.some(({ record }) => record?.kind === 'verdict'),
    ).toBe(false);
    expect((await put('afterRecording')).status).toBe(200);
    expect((await view(cookies.group)).expectations[0]?.expected.length).toBeGreaterThan(0);
    expect(
      (await view(cookies.group)).entries.some(({ record }) => record?.kind === 'verdict'),
    ).toBe(true);
    // The other group has only a note: nothing seen yet.
    expect((await view(fresh)).expectations).toEqual([]);
    await put('always');
    expect((await view(fresh)).expectations).toHaveLength(1);
    await put('never');
    expect((await view(cookies.group)).expectations).toEqual([]);
  });

  it('reads what is said to it and to all, and nothing said to others', async () => {
    const say = (groupId: string | null, text: string) =>
      as('instructor', 'POST', `/days/${sample.ids.day}/messages`, {
        id: crypto.randomUUID(),
        groupId,
        kind: 'message',
        workId: null,
        stepId: null,
        text,
      });
    expect((await say(null, 'Goggles on')).status).toBe(201);
    await say(other.id, 'Only for Ruff');
    const { json } = await as('group', 'GET', '/group');
    expect((json as GroupView).messages.map(({ text }) => text)).toEqual(['Goggles on']);
    expect((await say(null, '')).status).toBe(400);
  });
});

describe('an unknown', () => {
  /** What stands on the jar of the sample’s bench. */
  const codeOf = async (): Promise<string> =>
    ((await as('instructor', 'GET', `/days/${sample.ids.day}/keys`)).json as SealedUnknown[]).find(
      ({ groupId }) => groupId === sample.ids.group,
    )?.code ?? '';

  it('is known to its group by the code on the jar, and its key to nobody but the instructor', async () => {
    const path = `/days/${sample.ids.day}`;
    const deal = (part: object = {}) =>
      as('instructor', 'PUT', `${path}/unknowns`, {
        kind: 'inorganic',
        candidates: ['zinc sulfate'],
        ...part,
      });
    const dealt = await deal();
    expect(dealt.status).toBe(200);
    expect(dealt.text).not.toContain('zinc');
    const keys = (await as('instructor', 'GET', `${path}/keys`)).json as SealedUnknown[];
    expect(keys).toHaveLength(2);
    const own = keys.find(({ groupId }) => groupId === sample.ids.group);
    expect(own).toMatchObject({ kind: 'inorganic', key: 'zinc sulfate' });
    const seen = await as('group', 'GET', '/group');
    expect((seen.json as GroupView).unknown).toEqual({
      code: own?.code,
      kind: 'inorganic',
      answer: null,
    });
    expect(seen.text).not.toContain('zinc');
    for (const role of ['technician', 'instructor'] as const)
      expect((await as(role, 'GET', `${path}/oversight`)).text).not.toContain('zinc');
    expect((await as('technician', 'GET', `${path}/keys`)).status).toBe(403);
    const { json } = await as('instructor', 'GET', '/audit');
    expect(
      (json as { items: { what: string }[] }).items.some(({ what }) => what === 'key viewed'),
    ).toBe(true);
    expect((await deal({ candidates: [] })).status).toBe(400);
    // Which jar goes where is drawn by the server; nobody who asks for it has a say.
    expect((await deal({ seed: 7 })).status).toBe(400);
    const nowhere = `/days/${crypto.randomUUID()}/unknowns`;
    const gone = await as('instructor', 'PUT', nowhere, { kind: 'organic', candidates: ['x'] });
    expect(gone.status).toBe(404);
    expect((await as('instructor', 'GET', `${path}/keys`)).json).toEqual(keys);
  });

  it('is answered by its own group, once however often it is sent, and read by the instructor', async () => {
    const answer = {
      id: crypto.randomUUID(),
      answer: 'ZnSO4',
      results: [{ test: 'NaOH', outcome: 'white precipitate', blank: 'clean', note: '' }],
    };
    for (let times = 0; times < 2; times += 1)
      expect((await as('group', 'POST', '/group/answer', answer)).status).toBe(204);
    const { json } = await as('instructor', 'GET', `/days/${sample.ids.day}/answers`);
    expect(json).toMatchObject([{ ...answer, groupId: sample.ids.group, code: await codeOf() }]);
    const seen = await as('group', 'GET', '/group');
    expect((seen.json as GroupView).unknown?.answer).toMatchObject({ answer: 'ZnSO4' });
    expect(seen.text).not.toContain('zinc sulfate');
    expect((await as('group', 'POST', '/group/answer', { ...answer, answer: '' })).status).toBe(
      400,
    );
    expect(
      (await as('group', 'POST', '/group/answer', { ...answer, groupId: other.id })).status,
    ).toBe(400);
  });

  it('of another group stays out of sight, with its answer', async () => {
    const cookie = await join(other.id);
    const { text } = await server.ask('GET', '/group', undefined, { cookie });
    expect(text).not.toContain(await codeOf());
    expect(text).not.toContain('ZnSO4');
    await server.database.unknowns.destroy({ where: { groupId: other.id } });
    const answer = { id: crypto.randomUUID(), answer: 'NaCl', results: [] };
    expect((await server.ask('POST', '/group/answer', answer, { cookie })).status).toBe(404);
  });
});

describe('the code', () => {
  it('is read however it is typed, and tells no more than the groups', async () => {
    const typed = showJoinCode(code).toLowerCase().replace('-', ' ');
    const { status, json } = await as('nobody', 'GET', `/join/${encodeURIComponent(typed)}`);
    expect(status).toBe(200);
    expect(Object.keys(json as object).sort()).toEqual(['date', 'dayName', 'groups']);
  });

  it('is worth nothing once it is renewed; tablets that have joined stay', async () => {
    const old = code;
    const made = await as('instructor', 'POST', `/days/${sample.ids.day}/code`, {});
    code = (made.json as Oversight).joining.code ?? '';
    expect(code).not.toBe(old);
    expect(
      (await as('nobody', 'POST', '/join', { code: old, groupId: sample.ids.group })).status,
    ).toBe(404);
    expect((await as('group', 'GET', '/group')).status).toBe(200);
  });

  it('ends with its day', async () => {
    await server.database.joinCodes.update(
      { endsAt: new Date(Date.now() - 1000) },
      { where: { code } },
    );
    expect((await as('nobody', 'GET', `/join/${code}`)).status).toBe(404);
    expect(
      ((await as('instructor', 'GET', `/days/${sample.ids.day}/oversight`)).json as Oversight)
        .joining.code,
    ).toBeNull();
    const made = await as('instructor', 'POST', `/days/${sample.ids.day}/code`, {});
    code = (made.json as Oversight).joining.code ?? '';
  });

  it('lets no group in that is not of its day', async () => {
    expect(
      (await as('nobody', 'POST', '/join', { code, groupId: crypto.randomUUID() })).status,
    ).toBe(404);
  });

  it('a tablet is put out at once, and is nobody then', async () => {
    const cookie = await join(other.id);
    const { json } = await as('instructor', 'GET', `/days/${sample.ids.day}/oversight`);
    const tablet = (json as Oversight).joining.tablets.findLast(
      ({ groupId }) => groupId === other.id,
    );
    expect(
      (await as('instructor', 'DELETE', `/days/${sample.ids.day}/tablets/${tablet?.id ?? ''}`))
        .status,
    ).toBe(200);
    expect((await server.ask('GET', '/group', undefined, { cookie })).status).toBe(401);
  });
});

describe('sessions', () => {
  it('live in a cookie that no script reads and no other site sends', async () => {
    const { headers } = await server.ask('POST', '/sign-in', {
      role: 'technician',
      passphrase: passphrases.technician,
    });
    const [cookie] = headers.getSetCookie().filter((one) => one.startsWith('stoichos='));
    expect(cookie).toMatch(/httponly/i);
    expect(cookie).toMatch(/samesite=strict/i);
    const stored = await server.database.sessions.findAll();
    const token = cookie?.split(';')[0]?.split('=')[1] ?? 'x';
    expect(stored.some(({ tokenHash }) => tokenHash.includes(token))).toBe(false);
  });

  it('a forged cookie is nobody', async () => {
    for (const cookie of [
      'stoichos=AAAA',
      'stoichos-group=AAAA',
      `stoichos=${'A'.repeat(43)}`,
      `stoichos=${'x'.repeat(4000)}`,
    ])
      expect((await server.ask('GET', '/days', undefined, { cookie })).status).toBe(401);
    // The instructor’s token in the group’s place opens nothing.
    const moved = cookies.instructor.replace('stoichos=', 'stoichos-group=');
    expect((await server.ask('GET', '/group', undefined, { cookie: moved })).status).toBe(401);
  });

  it('a page of another site changes nothing', async () => {
    const day = { ...sample.day, name: 'Hijacked' };
    for (const headers of [
      { origin: 'https://elsewhere.example' },
      { 'sec-fetch-site': 'cross-site' },
      { origin: 'null' },
    ]) {
      const { status, json } = await server.ask('PUT', `/days/${day.id}`, day, {
        cookie: cookies.instructor,
        ...headers,
      });
      expect(status).toBe(403);
      expect(json).toMatchObject({ error: { code: 'otherSite' } });
    }
  });

  it('a token is changed as it grows old, and the old one soon opens nothing', async () => {
    const cookie = await join(other.id);
    const old = new Date(Date.now() - 3 * 3_600_000);
    await server.database.sessions.update({ rotatedAt: old }, { where: { groupId: other.id } });
    const first = await server.ask('GET', '/group', undefined, { cookie });
    const renewed = cookieOf(first.headers);
    expect(renewed).toMatch(/^stoichos-group=/);
    expect(renewed).not.toBe(cookie);
    // Requests that were under way still pass for a moment.
    expect((await server.ask('GET', '/group', undefined, { cookie })).status).toBe(200);
    await server.database.sessions.update(
      { rotatedAt: new Date(Date.now() - 120_000) },
      { where: { groupId: other.id } },
    );
    expect((await server.ask('GET', '/group', undefined, { cookie })).status).toBe(401);
    expect((await server.ask('GET', '/group', undefined, { cookie: renewed })).status).toBe(200);
  });

  it('a changed passphrase ends every session but that of who changed it', async () => {
    const elsewhere = await as('nobody', 'POST', '/sign-in', {
      role: 'instructor',
      passphrase: passphrases.instructor,
    });
    const second = cookieOf(elsewhere.headers);
    const put = (body: object) => as('instructor', 'PUT', '/accounts/instructor', body);
    const short = await put({ passphrase: 'short', current: passphrases.instructor });
    expect(short.status).toBe(400);
    expect(short.json).toMatchObject({ error: { field: 'passphrase' } });
    // Whoever finds the page open does not take the school over.
    for (const current of [undefined, '', 'not this one']) {
      const taken = await put({ passphrase: 'mine-from-now-on', current });
      expect([taken.status, taken.json.error.field]).toEqual([403, 'current']);
    }
    const forTechnician = { passphrase: 'another-long-one' };
    expect((await as('instructor', 'PUT', '/accounts/technician', forTechnician)).status).toBe(403);
    const { status, headers } = await put({
      passphrase: passphrases.instructor,
      current: passphrases.instructor,
    });
    expect(status).toBe(204);
    expect((await server.ask('GET', '/days', undefined, { cookie: second })).status).toBe(401);
    cookies.instructor = cookieOf(headers);
    expect((await as('instructor', 'GET', '/days')).status).toBe(200);
  });

  it('doors and keys are written down', async () => {
    const wrong = { role: 'instructor', passphrase: 'not this one' };
    expect((await as('nobody', 'POST', '/sign-in', wrong)).status).toBe(401);
    const { json } = await as('instructor', 'GET', '/audit');
    const what = new Set((json as { items: { what: string }[] }).items.map((line) => line.what));
    for (const one of [
      'signed in',
      'sign-in refused',
      'joined',
      'join refused',
      'tablet put out',
      'code renewed',
      'release changed',
      'passphrase changed',
    ])
      expect(what).toContain(one);
  });
});

describe('harmless or refused', () => {
  const nasty = [
    `'; DROP TABLE entries; --`,
    `<img src=x onerror=alert(1)>`,
    '${7*7}',
    '\u202Eabc',
  ];
  it.each(nasty)('%s in every text is kept as it is, and does nothing', async (text) => {
    const note = { ...sample.entry, id: crypto.randomUUID(), record: { kind: 'note', text } };
    expect((await as('group', 'POST', '/entries', note)).status).toBe(201);
    const view = (await as('group', 'GET', '/group')).json as GroupView;
    expect(view.entries.some(({ record }) => record?.kind === 'note' && record.text === text)).toBe(
      true,
    );
    const message = {
      id: crypto.randomUUID(),
      groupId: null,
      kind: 'message',
      workId: null,
      stepId: null,
      text,
    };
    expect(
      (await as('instructor', 'POST', `/days/${sample.ids.day}/messages`, message)).status,
    ).toBe(201);
    expect((await as('nobody', 'GET', `/join/${encodeURIComponent(text)}`)).status).toBe(404);
    expect(
      (await as('nobody', 'POST', '/sign-in', { role: 'instructor', passphrase: text })).status,
    ).toBe(401);
    await server.database.sequelize.query('DELETE FROM guess_lanes');
    // Names of days, groups and helpers, and the label and key of an unknown.
    const short = text.slice(0, 18);
    const named = { id: crypto.randomUUID(), name: short };
    const day = {
      ...sample.day,
      id: crypto.randomUUID(),
      name: text,
      staff: [short],
      groups: [named],
    };
    const kept = await as('instructor', 'PUT', `/days/${day.id}`, day);
    expect(kept.json).toMatchObject({ name: text, staff: [short], groups: [named] });
    const deal = { kind: 'organic', candidates: [text] };
    expect((await as('instructor', 'PUT', `/days/${day.id}/unknowns`, deal)).status).toBe(200);
    expect((await as('instructor', 'GET', `/days/${day.id}/keys`)).json).toMatchObject([
      { groupId: named.id, key: text },
    ]);
    expect((await as('instructor', 'GET', `/days/${sample.ids.day}`)).status).toBe(200);
  });

  it('a body that is too large, too deep or has too much in it', async () => {
    expect((await as('group', 'POST', '/entries', 'x'.repeat(3_000_000))).status).toBe(413);
    const deep = `${'{"a":'.repeat(5000)}1${'}'.repeat(5000)}`;
    expect((await as('group', 'POST', '/entries', deep)).status).toBe(400);
    const more = await as('nobody', 'POST', '/sign-in', {
      role: 'instructor',
      passphrase: 'x',
      admin: true,
    });
    expect(more.status).toBe(400);
  });

  it('nothing is shown in another’s frame, and no script runs that is not ours', async () => {
    const { headers } = await as('nobody', 'GET', '/session');
    const policyHeader = headers.get('content-security-policy') ?? '';
    expect(policyHeader).toMatch(/frame-ancestors 'none'/);
    expect(policyHeader).toMatch(/script-src 'self'(;|$)/);
    expect(headers.get('x-content-type-options')).toBe('nosniff');
  });
});

describe('live', () => {
  /** Reads events until one answers to a question, or the time is up. */
  async function heard(
    base: string,
    path: string,
    cookie: string,
    work: () => Promise<unknown>,
    is: (text: string) => boolean,
  ) {
    const stop = new AbortController();
    const response = await fetch(base + path, { headers: { cookie }, signal: stop.signal });
    const reader = response.body?.getReader();
    const decoder = new TextDecoder();
    let text = '';
    // “hello” says that the line to the database is up.
    while (!text.includes('hello')) text += decoder.decode((await reader?.read())?.value);
    const start = performance.now();
    const worked = work();
    while (!is(text) && performance.now() - start < 5000)
      text += decoder.decode((await reader?.read())?.value);
    const ms = performance.now() - start;
    stop.abort();
    await worked;
    return { text, ms };
  }

  it('an entry at one server is told at another on the same database within a second', async () => {
    const second = await runningServer(inject('databaseUrl'), [], { keep: true, loopback: false });
    try {
      const entry = { ...sample.entry, id: crypto.randomUUID() };
      const { text, ms } = await heard(
        second.base,
        `/days/${sample.ids.day}/live`,
        cookies.instructor,
        () => as('group', 'POST', '/entries', entry),
        (all) => all.includes(entry.id),
      );
      expect(text).toContain(entry.id);
      expect(ms).toBeLessThan(1000);
    } finally {
      await second.close();
    }
  });

  it('the line to the database is taken up again when it is cut, and everybody reads again', async () => {
    const entry = { ...sample.entry, id: crypto.randomUUID() };
    let hellos = 0;
    let posted: Promise<unknown> | undefined;
    const { text } = await heard(
      server.base,
      `/days/${sample.ids.day}/live`,
      cookies.instructor,
      async () => {
        // As a restart of PostgreSQL does to it.
        await server.database.sequelize.query(
          "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE query LIKE 'LISTEN%' AND pid <> pg_backend_pid()",
        );
      },
      (all) => {
        hellos = all.match(/"hello"/g)?.length ?? 0;
        if (hellos === 2) posted ??= as('group', 'POST', '/entries', entry);
        return all.includes(entry.id);
      },
    );
    await posted;
    expect(hellos).toBe(2);
    expect(text).toContain(entry.id);
  });

  it('a group hears what it records itself, the line and all, and nothing that others record', async () => {
    const foreign = {
      ...sample.entry,
      id: crypto.randomUUID(),
      groupId: other.id,
      record: { kind: 'note', text: 'not for you' },
    };
    const own = { ...sample.entry, id: crypto.randomUUID() };
    const verdict = {
      ...sample.entry,
      id: crypto.randomUUID(),
      record: { kind: 'verdict', verdict: 'differs', reason: 'between us', by: 'Mo' },
    };
    // Longer than word of it may be: then it is read.
    const long = {
      ...sample.entry,
      id: crypto.randomUUID(),
      record: { kind: 'note', text: '€'.repeat(2000) },
    };
    const { text } = await heard(
      server.base,
      '/group/live',
      cookies.group,
      async () => {
        await as('instructor', 'POST', '/entries', foreign);
        await as('instructor', 'POST', '/entries', verdict);
        await as('group', 'POST', '/entries', long);
        await as('group', 'POST', '/entries', own);
      },
      (all) => all.includes(own.id) && all.includes(long.id),
    );
    expect(text).not.toContain(foreign.id);
    expect(text).not.toContain('not for you');
    expect(text).not.toContain('between us');
    const events = text
      .split('\n')
      .filter((line) => line.startsWith('data:'))
      .map((line) => JSON.parse(line.slice(5)) as LiveEvent);
    const told = events.flatMap((event) => (event.kind === 'entry' ? [event.entry] : []));
    expect(told).toContainEqual({ ...own, author: 'group' });
    expect(told).toContainEqual({ ...long, author: 'group' });
    // Of the verdict only that there is something to look at.
    expect(events.filter(({ kind }) => kind === 'changed')).toHaveLength(1);
  });

  it('a tablet that is put out is told so', async () => {
    const cookie = await join(other.id);
    const { json } = await as('instructor', 'GET', `/days/${sample.ids.day}/oversight`);
    const tablet = (json as Oversight).joining.tablets.at(-1);
    const { text } = await heard(
      server.base,
      '/group/live',
      cookie,
      () => as('instructor', 'DELETE', `/days/${sample.ids.day}/tablets/${tablet?.id ?? ''}`),
      (all) => all.includes('ended'),
    );
    expect(text).toContain('"ended"');
  });
});

describe('a machine that stands open', () => {
  it('takes whoever sits at it for the instructor, until a passphrase is set, and never what came through a proxy', async () => {
    const open = await runningServer(inject('databaseUrl'), [], { keep: true });
    try {
      await open.database.accounts.destroy({ where: { role: 'instructor' } });
      expect((await open.ask('GET', '/days')).status).toBe(200);
      expect((await open.ask('GET', '/session')).json).toMatchObject({
        role: 'instructor',
        open: true,
        hasPassphrase: false,
      });
      expect(
        (await open.ask('GET', '/days', undefined, { 'x-forwarded-for': '10.0.0.7' })).status,
      ).toBe(401);
      // A tablet that was put out on such a machine is nobody, not its owner.
      expect(
        (await open.ask('GET', '/days', undefined, { cookie: 'stoichos-group=gone' })).status,
      ).toBe(401);
      const set = await open.ask('PUT', '/accounts/instructor', {
        passphrase: 'a-long-enough-one',
      });
      expect(set.status).toBe(204);
      expect((await open.ask('GET', '/days')).status).toBe(401);
      const cookie = cookieOf(set.headers);
      await open.ask(
        'PUT',
        '/accounts/instructor',
        { current: 'a-long-enough-one', passphrase: 'a-long-enough-one', openHere: true },
        { cookie },
      );
      expect((await open.ask('GET', '/days')).status).toBe(200);
    } finally {
      await open.close();
    }
  });
});
