import { joinAlphabet, joinCodeLength } from '@stoichos/core/labday/access';
import { describe, expect, it } from 'vitest';
import * as z from 'zod';
import { hashPassphrase, verifyPassphrase } from '../../src/access/passphrase';
import { policy, ruleFor } from '../../src/access/policy';
import { hashToken, newJoinCode, newToken } from '../../src/access/token';
import { notFound, Problem } from '../../src/problem';
import { check, sameId } from '../../src/validate';

const day = '/days/00000000-0000-4000-8000-000000000001';
const rolesAt = (method: string, path: string) => ruleFor(method, path)?.roles;

describe('who may go through a door', () => {
  it.each([
    ['GET', '/days'],
    ['PUT', day],
    ['POST', `${day}/weighings`],
    ['GET', `${day}/record.csv`],
    ['GET', '/shelf'],
    ['GET', '/procedures'],
    ['PATCH', '/settings'],
    ['GET', '/instruments/balance/reading'],
  ])('%s %s: the staff, and nobody else', (method, path) =>
    expect(rolesAt(method, path)).toEqual(['instructor', 'technician']),
  );

  it.each([
    ['GET', '/backup'],
    ['POST', '/restore'],
    ['GET', '/audit'],
    ['PUT', '/accounts/technician'],
    ['GET', `${day}/keys`],
    ['GET', `${day}/answers`],
    ['PUT', `${day}/unknowns`],
    ['PUT', `${day}/releases`],
    ['POST', `${day}/messages`],
    ['POST', `${day}/code`],
    ['GET', `${day}/day.json`],
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
    ['GET', '/join/ABCD2345'],
    ['POST', '/join'],
  ])('%s %s: everybody', (method, path) => expect(rolesAt(method, path)).toContain('nobody'));

  it('is the entries for whoever is known, and never for nobody', () =>
    expect(rolesAt('POST', '/entries')).toEqual(['instructor', 'technician', 'group']));
});

describe('what is no door', () => {
  it.each([
    ['GET', ''],
    ['GET', '/'],
    ['GET', '/days/'],
    ['GET', `${day}/keys/more`],
    ['POST', '/days'],
    ['DELETE', day],
    ['TRACE', '/health'],
    ['GET', '/nothing'],
  ])('%s “%s” is shut', (method, path) => expect(ruleFor(method, path)).toBeUndefined());

  it('is asked about by HEAD as by GET, and by no other method', () => {
    expect(ruleFor('HEAD', '/days')).toBe(ruleFor('GET', '/days'));
    expect(ruleFor('OPTIONS', '/days')).toBeUndefined();
  });
});

describe('the table of doors', () => {
  it('names each once', () => {
    const names = policy.map(({ method, path }) => `${method} ${path}`);
    expect(new Set(names).size).toBe(names.length);
  });

  it.each(policy.map((rule) => [`${rule.method} ${rule.path}`, rule] as const))(
    '%s is not hidden behind another that stands before it',
    (_, rule) => {
      const asked = rule.path.replace(/:\w+/g, '00000000-0000-4000-8000-000000000001');
      expect(ruleFor(rule.method, asked)).toBe(rule);
    },
  );

  it.each(
    policy.filter(({ path }) => path.includes(':')).map(({ method, path }) => [method, path]),
  )('%s %s wants an id where it has one', (method, path) =>
    expect(ruleFor(method, path.replace(/:\w+/g, ''))).toBeUndefined(),
  );

  it('lets somebody through each', () => {
    for (const { roles, path } of policy) expect(roles.length, path).toBeGreaterThan(0);
  });

  it('lets a group through no door of the staff that changes anything, but the entries', () =>
    expect(
      policy
        .filter(({ method, roles }) => method !== 'GET' && roles.includes('group'))
        .filter(({ roles }) => !roles.includes('nobody'))
        .map(({ path }) => path),
    ).toEqual(['/group/answer', '/entries']));
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
