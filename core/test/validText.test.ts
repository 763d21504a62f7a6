import { validText } from '@stoichos/core/common';
import fc from 'fast-check';
import { expect, it } from 'vitest';

it('takes out U+0000 and halves of pairs, wherever they stand', () => {
  const half = '\ud83e';
  expect(validText({ note: `pa\0le`, list: [`x${half}`, { y: half }], n: 1, none: null })).toEqual({
    note: 'pale',
    list: ['x\uFFFD', { y: '\uFFFD' }],
    n: 1,
    none: null,
  });
});

it('takes them out of the names of parts too, and keeps “__proto__” a name like another', () => {
  expect(validText({ 'a\0b': 1, '\0': 'x' })).toEqual({ ab: 1, '': 'x' });
  const odd: unknown = JSON.parse('{"__proto__":{"note":"a\\u0000"},"n":1}');
  expect(JSON.stringify(validText(odd))).toBe('{"__proto__":{"note":"a"},"n":1}');
});

it('leaves what is valid as it is, the same object, whole pairs too', () => {
  const entry = { text: 'a flask 🧪 and pH ≈ 7', parts: [{ a: 1 }] };
  expect(validText(entry)).toBe(entry);
});

it('makes every JSON value one that is written and read again unchanged (property)', () => {
  fc.assert(
    fc.property(fc.jsonValue({ stringUnit: 'binary' }), (value) => {
      const valid = validText(value);
      const text = JSON.stringify(valid);
      // A lone half would be written as an escape; a null would too.
      expect(text).not.toMatch(/(?<!\\)(\\\\)*\\u(d[89a-f]|0000)/i);
      expect(JSON.stringify(JSON.parse(text))).toBe(text);
    }),
  );
});
