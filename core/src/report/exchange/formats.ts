import * as z from 'zod';
import { sealedUnknownSchema, unknownAnswerSchema } from '../../labday/access/access';
import { entrySchema, labDaySchema } from '../../labday/day/labDay';
import { procedureSchema } from '../../planning/procedure/procedure';
import { backupFormat, backupHeadSchema, backupLineSchema, backupVersion } from './backupFormat';
import { shelfItemSchema } from '../../planning/shelf/shelfItem';

/**
 * The files this application writes and reads. Each says what it is and which version; a file of a later version is refused in words,
 * never guessed at; one of an earlier version is brought forward. The published JSON Schemas are made from these.
 */

/** The version that is written. Earlier ones are brought up to it as they are read. */
export const fileVersion = 2;

const head = <F extends string>(format: F) =>
  ({ format: z.literal(format), version: z.literal(fileVersion) }) as const;

/** A message, flag or check mark, as it was sent. */
const messageLineSchema = z.strictObject({
  id: z.uuid(),
  groupId: z.uuid().nullable(),
  kind: z.enum(['message', 'flag', 'checked']),
  workId: z.uuid().nullable(),
  stepId: z.string().nullable(),
  text: z.string(),
  sentAt: z.iso.datetime(),
});

/** A whole lab day: plan, preparations, record, and what was said and dealt out. */
export const dayFileSchema = z.strictObject({
  ...head('stoichos/lab-day'),
  day: labDaySchema,
  releases: z.array(
    z.strictObject({ workId: z.uuid(), when: z.enum(['never', 'afterRecording', 'always']) }),
  ),
  messages: z.array(messageLineSchema),
  /** With their keys: such a file is as secret as the jars. */
  unknowns: z.array(sealedUnknownSchema),
  answers: z.array(unknownAnswerSchema),
  /** The jars that its preparations took from. */
  jars: z.array(shelfItemSchema),
});
export type DayFile = z.infer<typeof dayFileSchema>;

/** Lines of the bench record that did not reach the server by themselves: a tablet that went to another bench saves them. */
export const entriesFileSchema = z.strictObject({
  ...head('stoichos/entries'),
  entries: z.array(entrySchema).max(5000, 'At most 5000 lines at once'),
});
export type EntriesFile = z.infer<typeof entriesFileSchema>;

/** One procedure. */
export const procedureFileSchema = z.strictObject({
  ...head('stoichos/procedure'),
  procedure: procedureSchema,
});
export type ProcedureFile = z.infer<typeof procedureFileSchema>;

/** What an unknown may be: the set that jars are filled from. */
export const unknownSetSchema = z.strictObject({
  kind: z.enum(['organic', 'inorganic']),
  /** Organic compounds by name; all that are listed where it is empty. */
  listed: z.array(z.string().max(120)).max(500),
  /** Structures of one’s own, as SMILES. */
  own: z.array(z.strictObject({ name: z.string().max(120), smiles: z.string().max(400) })).max(200),
  /** Salts and mixtures by formula. */
  salts: z.array(z.string().max(120)).max(500),
});
export type UnknownSet = z.infer<typeof unknownSetSchema>;
export const unknownSetFileSchema = z.strictObject({
  ...head('stoichos/unknown-set'),
  set: unknownSetSchema,
});
export type UnknownSetFile = z.infer<typeof unknownSetFileSchema>;

/** Every format that is one JSON text by its name, with what it is called. A backup is lines of JSON: see {@link backupLineSchema}. */
export const fileFormats = {
  'stoichos/lab-day': { schema: dayFileSchema, name: 'lab day' },
  'stoichos/procedure': { schema: procedureFileSchema, name: 'procedure' },
  'stoichos/entries': { schema: entriesFileSchema, name: 'file of entries not sent' },
  'stoichos/unknown-set': { schema: unknownSetFileSchema, name: 'set of unknowns' },
} as const;
export type FileFormat = keyof typeof fileFormats;
export const fileFormatNames = Object.keys(fileFormats) as readonly FileFormat[];
export type ExchangeFile = DayFile | EntriesFile | ProcedureFile | UnknownSetFile;

/** A JSON Schema that is published under a name and a version. */
export interface PublishedSchema {
  /** As in `lab-day-2.schema.json`. */
  readonly file: string;
  readonly what: string;
  /** Draft 2020-12. */
  readonly schema: object;
}

function published(format: string, version: number, what: string, schema: z.ZodType) {
  return {
    file: `${format.split('/')[1] ?? ''}-${version}.schema.json`,
    what,
    schema: {
      $id: `${format}-${version}.schema.json`,
      title: `Stoichos ${what}, version ${version}`,
      ...z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }),
    },
  };
}

/** The published JSON Schemas of the files that are written: of whole texts, and of each line of a backup. */
export const publishedSchemas = (): readonly PublishedSchema[] => [
  ...fileFormatNames.map((format) => {
    const { schema, name } = fileFormats[format];
    return published(format, fileVersion, name, schema);
  }),
  published(
    backupFormat,
    backupVersion,
    'backup, each of its lines',
    z.union([backupHeadSchema, backupLineSchema]),
  ),
];
