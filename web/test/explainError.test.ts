import { expect, it } from 'vitest';
import { explainError } from '../src/data/api/explainError';

it('says what to do about each kind of failure', () => {
  expect(explainError({ status: 'unreachable' }).code).toBe('unreachable');
  expect(explainError({ status: 'misunderstood' }).code).toBe('misunderstood');
  const told = { code: 'gone', message: 'It is gone.', field: null, remedy: 'Go back.' };
  expect(explainError({ status: 404, data: { error: told } })).toEqual(told);
});
