import { readFileSync, readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { expect, it } from 'vitest';

const root = join(import.meta.dirname, '../src');
const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? filesIn(path) : [path];
  });

it('every source that is named in the code stands on the page of sources', () => {
  const texts = filesIn(root).map(
    (path) => [relative(root, path), readFileSync(path, 'utf8')] as const,
  );
  const shown = texts
    .filter(([name]) => name.startsWith('report/sources/'))
    .map(([, text]) => text)
    .join('\n');
  const named = texts.flatMap(([name, text]) =>
    [...text.matchAll(/^export const (\w+Source) = /gm)].map(
      ([, source = '']) => `${name} ${source}`,
    ),
  );
  expect(named.length).toBeGreaterThan(40);
  expect(
    named.filter((one) => !new RegExp(`\\b${one.split(' ')[1] ?? ''}\\b`).test(shown)),
  ).toEqual([]);
});
