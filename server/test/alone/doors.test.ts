import { addressOf, contracts } from '@stoichos/contract';
import type { Contract } from '@stoichos/contract';
import { joinAlphabet, joinCodeLength } from '@stoichos/core/labday/access';
import { describe, expect, it } from 'vitest';
import * as z from 'zod';
import { hashPassphrase, verifyPassphrase } from '../../src/access/passphrase';
import { hashToken, newJoinCode, newToken } from '../../src/access/token';
import { notFound, Problem } from '../../src/problem';
import { faultOf } from '../../src/http/routes';
import { check, sameId } from '../../src/http/validate';

const doors: readonly Contract[] = Object.values(contracts);
const rolesAt = (method: string, path: string) =>
  doors.find((door) => door.method === method && door.path === path)?.roles;

describe('who may go through a door', () => {
  it.each([
    ['GET', '/days'],
    ['PUT', '/days/:dayId'],
    ['POST', '/days/:dayId/weighings'],
    ['GET', '/days/:dayId/record.csv'],
    ['GET', '/shelf'],
    ['GET', '/procedures'],
    ['PATCH', '/settings'],
    ['GET', '/instruments/:instrumentId/reading'],
  ])('%s %s: the staff, and nobody else', (method, path) =>
    expect(rolesAt(method, path)).toEqual(['instructor', 'technician']),
  );

  it.each([
    ['GET', '/backup'],
    ['POST', '/restore'],
    ['GET', '/audit'],
    ['PUT', '/accounts/:role'],
    ['GET', '/days/:dayId/keys'],
    ['GET', '/days/:dayId/answers'],
    ['PUT', '/days/:dayId/unknowns'],
    ['PUT', '/days/:dayId/releases'],
    ['POST', '/days/:dayId/messages'],
    ['POST', '/days/:dayId/code'],
    ['GET', '/days/:dayId/day.json'],
  ])('%s %s: the instructor alone', (method, path) =>
    expect(rolesAt(method, path)).toEqual(['instructor']),
  );

  it.each([
    ['GET', '/group'],
    ['GET', '/group/live'],
    ['POST', '/group/answer'],
  ])('%s %s: a group alone', (method, path) => expect(rolesAt(method, path)).toEqual(['group']));

  it.each([
    ['GET', '/health'],
    ['GET', '/session'],
    ['POST', '/sign-in'],
    ['GET', '/join/:code'],
    ['POST', '/join'],
  ])('%s %s: everybody', (method, path) => expect(rolesAt(method, path)).toContain('nobody'));

  it('is the entries for whoever is known, and never for nobody', () =>
    expect(rolesAt('POST', '/entries')).toEqual(['instructor', 'technician', 'group']));
});

describe('the contracts', () => {
  it('name each address and method once', () => {
    const names = doors.map(({ method, path }) => `${method} ${path.replace(/:\w+/g, ':')}`);
    expect(new Set(names).size).toBe(names.length);
  });

  it('let somebody through each', () => {
    for (const { roles, path } of doors) expect(roles.length, path).toBeGreaterThan(0);
  });

  it('let a group through no door that changes anything, but at its own bench', () =>
    expect(
      doors
        .filter(({ method, roles }) => method !== 'GET' && roles.includes('group'))
        .filter(({ roles }) => !roles.includes('nobody'))
        .map(({ path, owner }) => [path, owner]),
    ).toEqual([
      ['/group/answer', 'ownBench'],
      ['/entries', 'bodyBench'],
    ]));

  it('read little of whoever is not known', () => {
    for (const { path, roles, limitBytes } of doors)
      if (roles.includes('nobody')) expect(limitBytes, path).toBeLessThanOrEqual(4000);
  });

  it.each(doors.filter(({ path }) => path.includes(':')).map((door) => [door.path, door] as const))(
    '%s wants something where it has a name',
    (path, { params }) => {
      const names = [...path.matchAll(/:(\w+)/g)].map(([, name = '']) => name);
      expect(
        params.safeParse(Object.fromEntries(names.map((name) => [name, undefined]))).success,
      ).toBe(false);
      if (names.some((name) => name.endsWith('Id') && name !== 'instrumentId'))
        expect(params.safeParse(Object.fromEntries(names.map((name) => [name, 'x']))).success).toBe(
          false,
        );
    },
  );

  it('are filled in with what is asked, whatever letters it has', () => {
    expect(addressOf(contracts.joinable, { params: { code: 'a/b?c' } })).toBe('/join/a%2Fb%3Fc');
    expect(
      addressOf(contracts.reading, {
        params: { instrumentId: 'balance' },
        query: { quantity: 'mass' },
      }),
    ).toBe('/instruments/balance/reading?quantity=mass');
  });

  const open: Contract = contracts.health;
  it.each([
    [{ roles: [] as unknown as Contract['roles'] }, 'is for nobody at all'],
    [{ roles: ['group'], owner: 'school' }, 'lets a group at what is the school’s'],
    [{ roles: ['technician'], owner: 'ownBench' }, 'is about one’s own bench'],
    [{ rate: 'heavy' }, 'is heavy, and open to strangers'],
  ] as const)('open no door where they say %j', (part, why) =>
    expect(faultOf({ ...open, ...part })).toContain(why),
  );
  it('are all sound', () => {
    for (const door of doors) expect(faultOf(door), door.path).toBeUndefined();
  });
});

describe('what opens a door', () => {
  it('is a secret of 256 bits that never comes twice', () => {
    const tokens = Array.from({ length: 200 }, newToken);
    expect(new Set(tokens).size).toBe(200);
    for (const token of tokens) expect(Buffer.from(token, 'base64url')).toHaveLength(32);
  });

  it('is stored as its SHA-256, from which it cannot be read back', () =>
    // FIPS 180-4, the example of the message “abc”.
    expect(hashToken('abc')).toBe(
      'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad',
    ));

  it('is a code that can be read from the wall: no letter that looks like another', () => {
    for (let at = 0; at < 200; at += 1) {
      const code = newJoinCode();
      expect(code).toHaveLength(joinCodeLength);
      for (const letter of code) expect(joinAlphabet).toContain(letter);
    }
    for (const letter of '0O1IL') expect(joinAlphabet).not.toContain(letter);
  });

  it('is a passphrase of which only a salted hash is kept', async () => {
    const phrase = 'a heron stands in cold water';
    const [one, other] = await Promise.all([hashPassphrase(phrase), hashPassphrase(phrase)]);
    expect(one).not.toBe(other);
    // RFC 9106: the encoded form names the variant and its cost.
    expect(one).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
    expect(await verifyPassphrase(phrase, one)).toBe(true);
    expect(await verifyPassphrase('a heron stands in warm water', one)).toBe(false);
  });

  it('is the same passphrase however the keyboard makes its accents', async () => {
    const hash = await hashPassphrase('caf\u00e9 au lait');
    expect(await verifyPassphrase('cafe\u0301 au lait', hash)).toBe(true);
  });
});

describe('what is sent', () => {
  const schema = z.object({
    name: z.string().min(1, 'A name is needed'),
    portions: z.array(z.object({ volumeMl: z.number().positive('A volume is above 0') })),
  });
  const problemOf = (value: unknown): Problem => {
    try {
      check(schema, value);
    } catch (error) {
      if (error instanceof Problem) return error;
    }
    throw new Error('it was taken');
  };

  it('is taken as it is read', () =>
    expect(check(schema, { name: 'Silver', portions: [], more: 1 })).toEqual({
      name: 'Silver',
      portions: [],
    }));

  it('is refused with the field, its value and the remedy', () => {
    const { status, code, field, message, remedy } = problemOf({
      name: 'Silver',
      portions: [{ volumeMl: 2 }, { volumeMl: -3 }],
    });
    expect({ status, code, field }).toEqual({
      status: 400,
      code: 'invalidInput',
      field: 'portions.1.volumeMl',
    });
    expect(message).toBe('portions.1.volumeMl is -3: A volume is above 0.');
    expect(remedy).toBe('Correct this field and send it again.');
  });

  it('is said to be missing where it is', () =>
    expect(problemOf({ portions: [] }).message).toMatch(/^name is missing: /));

  it('is shown cut where it is long', () => {
    const { message } = problemOf({ name: ['x'.repeat(500)], portions: [] });
    expect(message).toContain('… (504 characters)');
    expect(message.length).toBeLessThan(200);
  });

  it('is refused whole where it is no object', () => {
    const { field, message } = problemOf(null);
    expect(field).toBe('body');
    expect(message).toMatch(/^The request is null: /);
  });

  it('is sent to its own address', () => {
    expect(() => sameId('a', 'a')).not.toThrow();
    expect(() => sameId('a', 'b')).toThrow('The id a is not that of the address, b.');
  });

  it('that is not there is said to be gone, with where to go', () => {
    const { status, message, remedy } = notFound('jar', 'itemId', '7');
    expect(status).toBe(404);
    expect(message).toBe('There is no jar with the id 7.');
    expect(remedy).toMatch(/^Go back to the list/);
  });
});
