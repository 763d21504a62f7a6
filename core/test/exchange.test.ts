import { sourceText } from '../src/matter/substances/source';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { library } from '../src/planning/procedure/library';
import { isBackup, readBackupHead } from '../src/report/exchange/backupFormat';
import { fileFormatNames, publishedSchemas } from '../src/report/exchange/formats';
import { exchangeText, readExchange, readExchangeText } from '../src/report/exchange/readFile';
import { constantTables } from '../src/report/sources/constants';
import { anyId, dayOf, planned } from './support/day';
import type { ExchangeFile } from '../src/report/exchange/formats';

describe('files', () => {
  it.each(library.map((procedure) => [procedure.id, procedure] as const))(
    'of the procedure %s come back as they were',
    (_, procedure) => {
      const file: ExchangeFile = { format: 'stoichos/procedure', version: 2, procedure };
      expect(readExchangeText(exchangeText(file))).toEqual(file);
    },
  );

  it('of a set of unknowns come back as they were', () => {
    const file: ExchangeFile = {
      format: 'stoichos/unknown-set',
      version: 2,
      set: {
        kind: 'organic',
        listed: ['ethanol'],
        own: [{ name: 'jar 4', smiles: 'CCO' }],
        salts: ['NaCl + KI'],
      },
    };
    expect(readExchangeText(exchangeText(file))).toEqual(file);
  });

  it('of version 1 keep their tests of two solutions, as procedures before the others', () => {
    const day = dayOf(['crystal-water-by-mass'], 1);
    const [id, a, b] = [
      anyId(),
      { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 },
      { substance: 'NaCl', concentrationM: 0.1, volumeMl: 2 },
    ];
    const file = {
      format: 'stoichos/lab-day',
      version: 1,
      day: { ...day, tests: [{ id, container: 'testTube', a, b }] },
      releases: [],
      messages: [],
      unknowns: [],
      answers: [],
      jars: [],
    };
    const read = readExchange(file);
    expect(read).toMatchObject({
      version: 2,
      day: { procedures: [planned(id, a, b), ...day.procedures] },
    });
    expect('tests' in (read as { day: object }).day).toBe(false);
  });

  it('are refused in words whatever they hold', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.jsonValue(),
          fc.record({ format: fc.constantFrom(...fileFormatNames), version: fc.constant(1) }),
          fc.record({ format: fc.string(), version: fc.nat() }),
        ),
        (content) => {
          try {
            readExchange(content);
            return false;
          } catch (error) {
            return (
              error instanceof Error &&
              error.message.startsWith('This file cannot be read.') &&
              'remedy' in error
            );
          }
        },
      ),
    );
    expect(() => readExchangeText('{"format":')).toThrow('no JSON, or was cut off');
  });

  it.each(publishedSchemas().map(({ file, schema }) => [file, schema] as const))(
    'are described by the published JSON Schema %s, up to date',
    (file, schema) => {
      const url = new URL(`../../web/public/schemas/${file}`, import.meta.url);
      expect(JSON.parse(readFileSync(url, 'utf8')), 'npm run schemas').toEqual(
        JSON.parse(JSON.stringify(schema)),
      );
      expect(schema).toMatchObject({
        $schema: 'https://json-schema.org/draft/2020-12/schema',
        title: expect.stringContaining('version') as string,
      });
    },
  );

  it('of a backup say by their first line what they are, and an earlier one is refused in words', () => {
    const head = {
      format: 'stoichos/backup',
      version: 3,
      madeAt: '2026-11-30T10:00:00.000Z',
      tablesAt: '013-entries-of-a-day',
    };
    expect(isBackup(JSON.stringify(head))).toBe(true);
    expect(readBackupHead(JSON.stringify(head))).toEqual(head);
    expect(isBackup('{"format":"stoichos/lab-day"}')).toBe(false);
    expect(isBackup('{')).toBe(false);
    expect(() => readBackupHead(JSON.stringify({ ...head, version: 2 }))).toThrow('version 2');
    expect(() => readBackupHead(JSON.stringify({ ...head, madeAt: 'once' }))).toThrow('madeAt');
    expect(() => readExchange({ format: 'stoichos/backup', version: 2, tables: {} })).toThrow(
      'as an earlier version wrote it',
    );
  });
});

describe('the list of constants', () => {
  const tables = constantTables();
  const rows = tables.flatMap(({ title, rows: all }) => all.map((row) => ({ title, ...row })));

  it('has thousands, each with what it is of, a value and a source that says what it is', () => {
    expect(rows.length).toBeGreaterThan(4000);
    for (const { title, of, quantity, value, source } of rows) {
      expect(
        [of, quantity, value].every((text) => text !== ''),
        `${title} ${of}`,
      ).toBe(true);
      expect(value).not.toMatch(/\bNaN\b|undefined|\[object/);
      expect(sourceText(source), `${title} ${of}`).not.toBe('');
    }
  });

  // CRC Handbook, Lange’s Handbook, IUPAC (recalled), to find the right row under the right name.
  it.each([
    ['AgCl', '−log₁₀ Ksp, 25 °C', 9.75, 0.05],
    ['H', 'relative atomic mass', 1.008, 0.001],
    ['CO2', 'Henry’s constant, 25 °C', 0.034, 0.002],
    ['Cu^2+(aq)', 'ΔfH°, 25 °C', 64.8, 1],
    ['Cu', 'density, 20–25 °C', 8.96, 0.02],
  ])('has %s, %s', (of, quantity, value, within) => {
    const found = rows.find((row) => row.of === of && row.quantity === quantity);
    expect(Math.abs(Number(found?.value) - value)).toBeLessThan(within);
  });

  it('gives every number with a physical dimension its unit', () => {
    const bare = rows.filter(
      ({ unit, value, quantity }) =>
        unit === '' &&
        /^-?\d+(\.\d+)?(e-?\d+)?$/.test(value) &&
        !/log|pK|share|chance|of 10/.test(quantity),
    );
    expect(bare).toEqual([]);
  });
});
