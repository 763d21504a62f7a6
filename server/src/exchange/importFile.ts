import {
  fileFormats,
  readExchange,
  fileVersion,
  procedureFileSchema,
} from '@stoichos/core/report/exchange';
import { mayPutRight, mayWrite } from '@stoichos/core/labday/access';
import type { Author } from '@stoichos/core/labday/access';
import type {
  DayFile,
  EntriesFile,
  ExchangeFile,
  ImportPlan,
  ProcedureFile,
} from '@stoichos/core/report/exchange';
import { isDeepStrictEqual } from 'node:util';
import type { Transaction } from 'sequelize';
import * as z from 'zod';
import { appendEntry } from '../database/benchEntries';
import type { Database } from '../database/connect';
import { Problem } from '../problem';
import { insertDay, withNewIds, writeDayFile } from './dayFile';

interface ImportRequest {
  readonly file: unknown;
  readonly apply: boolean;
  readonly asAnother: boolean;
  /** Who takes it in: nobody brings lines that are not theirs to write. */
  readonly author: Author;
}

/**
 * Tells what taking a file in would change, and with `apply` takes it in: all of it in one transaction, or nothing. What is there and
 * differs is never written over: a record is append-only. It can be taken in beside it.
 *
 * @throws ChemistryError for a file that cannot be read; Problem 409 for one that differs and is not taken in as another.
 */
export async function importFile(database: Database, request: ImportRequest): Promise<ImportPlan> {
  const file = readExchange(request.file);
  switch (file.format) {
    case 'stoichos/lab-day':
      return importDay(database, file, request);
    case 'stoichos/entries':
      return importEntries(database, file, request);
    case 'stoichos/procedure':
      return importProcedure(database, file, request);
    default:
      throw elsewhere(file);
  }
}

function elsewhere({ format }: ExchangeFile): Problem {
  return new Problem(
    400,
    'otherPlace',
    `This is a ${fileFormats[format].name}, which is not taken in here.`,
    'file',
    'Open it under Unknowns, in the settings of the set.',
  );
}

function refuseUnlessAnother(plan: ImportPlan, asAnother: boolean): void {
  if (plan.standing === 'differs' && !asAnother)
    throw new Problem(
      409,
      'differs',
      `The ${plan.what} “${plan.name}” is here already and differs.`,
      'file',
      'Take it in as another one beside it; nothing that is here is written over.',
    );
}

/** Whether somebody may bring a line in as it says it was written. */
const mayBring = (author: Author, { author: by, record }: DayFile['day']['entries'][number]) =>
  mayWrite(author, record) && (by === undefined || mayPutRight(author, by, record));

async function importDay(
  database: Database,
  file: DayFile,
  { apply, asAnother, author }: ImportRequest,
): Promise<ImportPlan> {
  const { day, messages, unknowns, answers } = file;
  if (!day.entries.every((entry) => mayBring(author, entry)))
    throw new Problem(
      403,
      'notYours',
      'This lab day holds lines that the instructor wrote.',
      'file',
      'Ask the instructor to take it in.',
    );
  const there = (await database.days.findByPk(day.id))
    ? await writeDayFile(database, day.id)
    : undefined;
  const differences = there ? differencesOf(there, file) : [];
  const plan: ImportPlan = {
    what: 'lab day',
    name: day.name,
    standing: !there ? 'new' : differences.length > 0 ? 'differs' : 'same',
    brings: counted({
      group: day.groups.length,
      procedure: day.procedures.length,
      weighing: day.weighings.length,
      preparation: day.preparations.length,
      'line of the record': day.entries.length,
      message: messages.length,
      unknown: unknowns.length,
      answer: answers.length,
    }),
    differences,
    goTo: `/days/${day.id}/plan`,
  };
  if (!apply || plan.standing === 'same') return plan;
  refuseUnlessAnother(plan, asAnother);
  const taken = plan.standing === 'differs' ? withNewIds(file) : file;
  await inOne(database, (transaction) => insertDay(database, taken, transaction));
  return { ...plan, goTo: `/days/${taken.day.id}/plan` };
}

/** Takes lines in that did not reach the server: each that can be stored, once however often it comes, and says why of the others. */
async function importEntries(
  database: Database,
  { entries }: EntriesFile,
  { apply, author }: ImportRequest,
): Promise<ImportPlan> {
  const known = await database.entries.count({ where: { id: entries.map(({ id }) => id) } });
  const refused: string[] = [];
  if (apply)
    for (const entry of entries)
      try {
        await appendEntry(database, entry, author);
      } catch (error) {
        if (!(error instanceof Problem)) throw error;
        refused.push(
          `${entry.record?.kind ?? 'withdrawal'} of ${entry.recordedAt}: ${error.message}`,
        );
      }
  return {
    what: 'entries',
    name: `${entries.length} not sent`,
    standing: known === entries.length ? 'same' : 'new',
    brings: counted({ 'line of the record': entries.length - known }),
    differences: refused,
    goTo: null,
  };
}

async function importProcedure(
  database: Database,
  { procedure }: ProcedureFile,
  { apply, asAnother }: ImportRequest,
): Promise<ImportPlan> {
  // A procedure that ships with the application has a name for an id; here it becomes one’s own.
  const isOwn = z.uuid().safeParse(procedure.id).success;
  const there = isOwn ? await database.ownProcedures.findByPk(procedure.id) : null;
  const now =
    there &&
    procedureFileSchema.parse({
      format: 'stoichos/procedure',
      version: fileVersion,
      procedure: there.body,
    }).procedure;
  const differences = now
    ? Object.entries(procedure)
        .filter(([key, value]) => !isDeepStrictEqual(value, now[key as keyof typeof now]))
        .map(([key]) => key)
    : [];
  const plan: ImportPlan = {
    what: 'procedure',
    name: procedure.name,
    standing: !now ? 'new' : differences.length > 0 ? 'differs' : 'same',
    brings: counted({
      step: procedure.steps.length,
      vessel: procedure.vessels.length,
      question: procedure.questions.length,
    }),
    differences,
    goTo: `/procedures/${procedure.id}`,
  };
  if (!apply || plan.standing === 'same') return plan;
  refuseUnlessAnother(plan, asAnother);
  const id = isOwn && plan.standing === 'new' ? procedure.id : crypto.randomUUID();
  await database.ownProcedures.create({
    id,
    name: procedure.name,
    kind: procedure.kind,
    adaptedFrom: procedure.from ?? (isOwn ? null : procedure.id),
    body: { ...procedure, id, ...(!isOwn && { from: procedure.id }) },
    savedAt: new Date(),
  });
  return { ...plan, goTo: `/procedures/${id}` };
}

async function inOne(
  { sequelize }: Database,
  work: (transaction: Transaction) => Promise<void>,
): Promise<void> {
  try {
    await sequelize.transaction(work);
  } catch (error) {
    if (!(error instanceof Error) || !error.name.startsWith('Sequelize')) throw error;
    throw new Problem(
      409,
      'doesNotFit',
      `The file does not hold together, or something of it stands elsewhere already: ${error.message}.`,
      'file',
      'Take it in as another one. Nothing was changed.',
    );
  }
}

/** Where two files of the same day differ, by what stands at the top of them. */
function differencesOf(now: DayFile, then: DayFile): string[] {
  const parts = (file: DayFile): Readonly<Record<string, unknown>> => {
    const { day, releases, messages, unknowns, answers } = file;
    return { ...day, releases, messages, unknowns, answers };
  };
  const [a, b] = [parts(now), parts(then)];
  return Object.keys(b).flatMap((key) => {
    const [here, there] = [a[key], b[key]];
    if (isDeepStrictEqual(here, there)) return [];
    return Array.isArray(here) && Array.isArray(there)
      ? [`${key}: ${here.length} here, ${there.length} in the file`]
      : [`${key} is not the same`];
  });
}

const plural: Readonly<Record<string, string>> = { 'line of the record': 'lines of the record' };
const counted = (counts: Readonly<Record<string, number>>): string[] =>
  Object.entries(counts).flatMap(([what, count]) =>
    count === 0 ? [] : [`${count} ${count === 1 ? what : (plural[what] ?? `${what}s`)}`],
  );
