import { mayPutRight, mayWrite } from '@stoichos/core/labday/access';
import type { Author } from '@stoichos/core/labday/access';
import type { BenchEntry, Weighing } from '@stoichos/core/labday/day';
import type { Manner } from '@stoichos/core/planning/procedure';
import { Problem, idTaken, notFound } from '../problem';
import type { Database } from './connect';
import { readEntry } from './entryPages';
import { statement } from './statement';

/** What the database finds of where a line belongs, and whether it was stored. */
interface Found {
  readonly labDayId: string | null;
  readonly manner: Manner | null;
  readonly hasStep: boolean | null;
  readonly hasVessel: boolean | null;
  readonly hasGroup: boolean;
  readonly earlierAuthor: Author | null;
  readonly isEarlierThere: boolean | null;
  readonly isMade: boolean;
}

/**
 * Adds one line to the bench record, in one statement. The id is made where the line was first written, so a line that is sent again
 * is stored once; it is on disk before this returns.
 *
 * @throws Problem 403 for what is another’s to say or to put right, 404 for an unknown procedure, step, vessel or group, 409 when the id already stands for something else.
 */
export async function appendEntry(
  database: Database,
  entry: BenchEntry,
  author: Author,
): Promise<BenchEntry> {
  if (!mayWrite(author, entry.record))
    throw notYours('Verdicts and signatures are the instructor’s.', 'record');
  if (entry.supersedes === null && entry.record === null)
    throw new Problem(
      400,
      'nothingToWithdraw',
      'An entry without a record withdraws nothing.',
      'supersedes',
      'Name the entry that it withdraws.',
    );
  const { id, workId, stepId, vessel, part, groupId, record, supersedes } = entry;
  const recordedAt = new Date(entry.recordedAt);
  const [found] = await append(database, {
    id,
    workId,
    stepId,
    vessel,
    part,
    groupId,
    kind: record?.kind ?? null,
    record: record && JSON.stringify(record),
    supersedes,
    recordedAt,
    author,
    rightable: authors.filter((earlier) => mayPutRight(author, earlier, record)),
  });
  if (found?.isMade) return { ...entry, recordedAt: recordedAt.toISOString(), author };
  if (found) refuse(entry, found, author);
  const row = await database.entries.findByPk(id, { rejectOnEmpty: true });
  const stored = readEntry(row);
  if (!sameEntry(stored, entry)) throw idTaken(id);
  return stored;
}

const authors: readonly Author[] = ['instructor', 'technician', 'group'];

/**
 * Looks where a line belongs and stores it if it may stand there. The lock on the procedure, the one its foreign key takes anyway, keeps it
 * from being changed or taken out while its first line arrives.
 */
const append = statement<Readonly<Record<string, unknown>>, Found>(
  'append_entry',
  `
  WITH work AS (
    SELECT lab_day_id, manner,
      EXISTS (SELECT FROM jsonb_array_elements(body->'steps') s WHERE s->>'id' = $stepId::text) AS has_step,
      $vessel::text IS NULL OR EXISTS (
        SELECT FROM jsonb_array_elements(body->'vessels') v WHERE v->>'name' = $vessel::text) AS has_vessel
    FROM day_procedures WHERE id = $workId::uuid FOR KEY SHARE
  ), bench AS (
    SELECT EXISTS (
      SELECT FROM groups g, work WHERE g.id = $groupId::uuid AND g.lab_day_id = work.lab_day_id) AS has_group
  ), earlier AS (
    SELECT author, work_id = $workId::uuid AND step_id = $stepId::text
      AND group_id IS NOT DISTINCT FROM $groupId::uuid AS is_there
    FROM bench_entries WHERE id = $supersedes::uuid
  ), made AS (
    INSERT INTO bench_entries (id, lab_day_id, work_id, step_id, vessel, part, group_id, kind, record,
      supersedes, recorded_at, author)
    SELECT $id::uuid, lab_day_id, $workId::uuid, $stepId::text, $vessel::text, $part::text, $groupId::uuid,
      $kind::text, $record::jsonb, $supersedes::uuid, $recordedAt::timestamptz, $author::text
    FROM work, bench
    WHERE has_step AND has_vessel AND (manner = 'demonstration') = ($groupId::uuid IS NULL)
      AND ($groupId::uuid IS NULL OR has_group)
      AND ($supersedes::uuid IS NULL
        OR EXISTS (SELECT FROM earlier WHERE is_there AND author = ANY($rightable::text[])))
    ON CONFLICT (id) DO NOTHING
    RETURNING id
  )
  SELECT work.lab_day_id AS "labDayId", work.manner, work.has_step AS "hasStep",
    work.has_vessel AS "hasVessel", bench.has_group AS "hasGroup", earlier.author AS "earlierAuthor",
    earlier.is_there AS "isEarlierThere", EXISTS (SELECT FROM made) AS "isMade"
  FROM bench LEFT JOIN work ON true LEFT JOIN earlier ON true`,
);

/** Says why a line may not stand where it is put; says nothing of one that may, and stands there already. */
function refuse(entry: BenchEntry, found: Found, author: Author): void {
  const { workId, stepId, vessel, groupId, supersedes, record } = entry;
  if (found.manner === null) throw notFound('procedure', 'workId', workId);
  if (!found.hasStep) throw notFound('step in this procedure', 'stepId', stepId);
  if (!found.hasVessel) throw notFound('vessel in this procedure', 'vessel', vessel ?? '');
  const isShown = found.manner === 'demonstration';
  if (isShown !== (groupId === null))
    throw new Problem(
      400,
      'wrongBench',
      isShown
        ? 'This procedure is shown to all, so its record belongs to no group.'
        : 'This is done by every group, so its record belongs to one.',
      'groupId',
      isShown ? 'Send groupId null.' : 'Send the id of the group.',
    );
  if (groupId !== null && !found.hasGroup)
    throw notFound('group in this lab day', 'groupId', groupId);
  if (supersedes === null) return;
  if (!found.earlierAuthor || !found.isEarlierThere)
    throw notFound('earlier entry of this step and group', 'supersedes', supersedes);
  if (!mayPutRight(author, found.earlierAuthor, record))
    throw notYours(`That line was written by the ${found.earlierAuthor}.`, 'supersedes');
}

const notYours = (message: string, field: string): Problem =>
  new Problem(403, 'notYours', message, field, 'Write a line of your own, or ask the instructor.');

function sameEntry(one: BenchEntry, other: BenchEntry): boolean {
  const essence = ({ record, ...entry }: BenchEntry) => {
    // A clock may have been put right between two tries.
    const where = Object.entries(entry).filter(
      ([name]) => name !== 'recordedAt' && name !== 'author',
    );
    return JSON.stringify([where.sort(), record && Object.entries(record).sort()]);
  };
  return essence(one) === essence(other);
}

/** Adds one weighing to a day, once however often it is sent. @throws Problem 404 or 409. */
export async function appendWeighing(
  { days, weighings, sequelize }: Database,
  dayId: string,
  weighing: Weighing,
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    if (!(await days.findByPk(dayId, { transaction }))) throw notFound('lab day', 'dayId', dayId);
    const [row, created] = await weighings.findOrCreate({
      where: { id: weighing.id },
      defaults: { ...weighing, labDayId: dayId, recordedAt: new Date(weighing.recordedAt) },
      transaction,
    });
    const same =
      row.labDayId === dayId && row.actualG === weighing.actualG && row.form === weighing.form;
    if (!created && !same) throw idTaken(weighing.id);
  });
}
