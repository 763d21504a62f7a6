import { expect, it } from 'vitest';
import * as z from 'zod';
import { explainError } from '../src/data/api/explainError';

it('says what to do about each kind of failure', () => {
  expect(explainError({ status: 'FETCH_ERROR' }).code).toBe('unreachable');
  const { error } = z.string().safeParse(1);
  expect(explainError({ name: error?.name, message: error?.message }).code).toBe('misunderstood');
  const told = { code: 'gone', message: 'It is gone.', field: null, remedy: 'Go back.' };
  expect(explainError({ status: 404, data: { error: told } })).toEqual(told);
});
