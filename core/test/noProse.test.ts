import { readFileSync, readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { expect, it } from 'vitest';

/** Names that hold words for people: of a step, a sight, a caution, a reason. No logic looks into them. */
const words =
  'text|gives|says|because|words|message|shows|result|pace|sign|why|label|caution|told|phrase';
const looksInto = [
  new RegExp(
    String.raw`\b(?:${words})\s*\??\.(?:includes|match|matchAll|startsWith|endsWith|search|split)\(`,
  ),
  new RegExp(String.raw`\.(?:test|exec)\(\s*(?:[\w.]+\.)?(?:${words})\s*\)`),
];

/** Where words are read on purpose: what somebody typed or wrote, and how a text is set. */
const readers: Readonly<Record<string, string>> = {
  'core/src/common/formatNumber.ts': 'sets numbers',
  'core/src/common/prose.ts': 'sets numbers in a text as the reader writes them',
  'core/src/matter/formula/formatFormula.ts': 'sets formulae',
  'core/src/matter/formula/parseFormula.ts': 'reads a formula',
  'core/src/planning/procedure/orderGuard.ts': 'shortens a step to its first sentence',
  'core/src/planning/shelf/shelfFile.ts': 'reads a file',
  'core/src/safety/statements.ts': 'a list of signal words, no text',
  'core/src/seeing/appearance/colourNames.ts': 'reads what people call colours',
  'core/src/seeing/appearance/colourWords.ts': 'takes a colour phrase apart',
  'core/src/seeing/observation/shades.ts': 'a list of colour words, no text',
  'core/src/seeing/observation/sights.ts': 'reads the sights people write',
  'core/src/studies/gas/findRoutes.ts': 'a search',
  'core/src/studies/identify/readOutcome.ts': 'reads what was typed',
  'core/src/labday/prep/weighingEffects.ts':
    'puts the words of two lists in one order to compare them',
  'core/src/vessel/halfReaction.ts': 'reads the electrons of a half-equation',
  'web/src/features/electrolysis/SeenPanel.tsx': 'a list of chips, no text',
  'web/src/features/library/LibraryPage.tsx': 'a search',
  'web/src/shared/chemistry/Formula.tsx': 'sets formulae',
  'web/src/shared/document/pdfFile.tsx': 'sets a text in the fonts that have its letters',
  'web/src/shared/parts/Cited.tsx': 'sets the mark of a citation',
  'web/src/shared/parts/LineTable.tsx': 'a list of columns, no text',
};

const root = join(import.meta.dirname, '../..');
const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return /\.tsx?$/.test(entry.name) ? [path] : [];
  });

it('no logic looks into display text or the words of a step', () => {
  const found = ['core/src', 'web/src'].flatMap((folder) =>
    filesIn(join(root, folder)).flatMap((path) => {
      const name = relative(root, path);
      if (name in readers) return [];
      return readFileSync(path, 'utf8')
        .split('\n')
        .flatMap((line, at) =>
          looksInto.some((pattern) => pattern.test(line))
            ? [`${name}:${at + 1} ${line.trim()}`]
            : [],
        );
    }),
  );
  expect(found).toEqual([]);
});

it('every reader that is named still is one', () => {
  const idle = Object.keys(readers).filter(
    (name) => !looksInto.some((pattern) => pattern.test(readFileSync(join(root, name), 'utf8'))),
  );
  expect(idle).toEqual([]);
});

/** Kinds whose names mean nothing else, so that a comparison with one is a case where a definition should be read. */
const kindNames =
  'precipitate|noPrecipitate|deposit|dissolves|noGas|gasTest|noChange|nothingElse|sight|smell|magnet';
/** Where a kind is named on purpose. */
const namesKinds: Readonly<Record<string, string>> = {
  'core/src/seeing/rack/unwrittenChanges.ts': 'asks what a solid turned to and what was seen of it',
  'web/src/features/electrolysis/SeenPanel.tsx': 'an entry of a cell, no observation',
};

it('nothing but the vocabulary decides by the name of a kind of observation', () => {
  const byName = new RegExp(String.raw`kind\s*[!=]==\s*'(?:${kindNames})'`);
  const found = ['core/src', 'web/src', 'server/src'].flatMap((folder) =>
    filesIn(join(root, folder)).flatMap((path) => {
      const name = relative(root, path);
      if (name in namesKinds || name.startsWith('core/src/seeing/observation/')) return [];
      return byName.test(readFileSync(path, 'utf8')) ? [name] : [];
    }),
  );
  expect(found).toEqual([]);
});

it('a step is a step of a procedure, and nothing else is called so', () => {
  const declared = filesIn(join(root, 'core/src')).filter((path) =>
    /export (?:interface|type|class) Step\b/.test(readFileSync(path, 'utf8')),
  );
  expect(declared.map((path) => relative(root, path))).toEqual([
    'core/src/planning/procedure/procedure.ts',
  ]);
});
