import * as z from 'zod';
import { ChemistryError } from '../../common/errors';
import { backupFormat } from './backupFormat';
import { fileFormatNames, fileFormats, fileVersion } from './formats';
import type { ExchangeFile, FileFormat } from './formats';
import { broughtForward } from './broughtForward';

const said = z.looseObject({ format: z.string(), version: z.unknown() });
const isKnown = (format: string): format is FileFormat =>
  (fileFormatNames as readonly string[]).includes(format);

const isReadable = (version: unknown): version is number =>
  typeof version === 'number' &&
  Number.isInteger(version) &&
  version >= 1 &&
  version <= fileVersion;

/**
 * Reads what a file holds.
 *
 * @throws ChemistryError in words for what is no such file, another format, another version, or a field that is wrong.
 */
export function readExchange(content: unknown): ExchangeFile {
  const parsed = said.safeParse(content);
  if (!parsed.success)
    throw ChemistryError.of(
      'badFile',
      'It does not say which format it has: is it another kind of JSON?',
    );
  const { format, version } = parsed.data;
  if (format === backupFormat)
    throw ChemistryError.of(
      'badFile',
      'It is a backup as an earlier version wrote it, in one text. Restore it with the version of the application that made it, update that, and save a new backup.',
    );
  if (!isKnown(format))
    throw ChemistryError.of(
      'badFile',
      `Its format is “${format.slice(0, 60)}”; this application reads ${fileFormatNames.join(', ')}.`,
    );
  const { schema, name } = fileFormats[format];
  if (!isReadable(version))
    throw ChemistryError.of(
      'badFile',
      `It is a ${name} of version ${String(version).slice(0, 20)}; this application reads versions up to ${fileVersion}. Open it with the version that wrote it.`,
    );
  const read = schema.safeParse(broughtForward(parsed.data, version));
  if (read.success) return read.data;
  const [issue] = read.error.issues;
  throw ChemistryError.of(
    'badFile',
    `In this ${name}, ${issue?.path.join('.') || 'the whole'} is wrong: ${issue?.message ?? 'not valid'}.`,
  );
}

/** Reads the text of a file. @throws ChemistryError as {@link readExchange}, and for what is no JSON. */
export function readExchangeText(text: string): ExchangeFile {
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch {
    throw ChemistryError.of('badFile', 'It is no JSON, or was cut off.');
  }
  return readExchange(content);
}

/** The text of a file, laid out to be read by people too. */
export function exchangeText(file: ExchangeFile): string {
  return `${JSON.stringify(file, null, 1)}\n`;
}
