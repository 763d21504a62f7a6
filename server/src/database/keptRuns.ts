import type { KeptRun } from '@stoichos/core/labday/day';
import { isDeepStrictEqual } from 'node:util';
import { literal } from 'sequelize';
import { idTaken, notFound } from '../problem';
import type { Database } from './connect';
import { pageFrom, pageLength } from './pages';

/** A page of the kept sequences, the newest first. */
export async function listRuns({ runs }: Database, after: string | undefined) {
  const rows = await runs.findAll({
    ...(after !== undefined && {
      where: literal('(kept_at, id) < (SELECT kept_at, id FROM kept_runs WHERE id = :after)'),
      replacements: { after },
    }),
    order: [
      ['keptAt', 'DESC'],
      ['id', 'DESC'],
    ],
    limit: pageLength + 1,
  });
  return pageFrom(rows.map(readRun), ({ id }) => id);
}

/** One kept sequence. @throws Problem 404. */
export async function loadRun({ runs }: Database, id: string): Promise<KeptRun> {
  const row = await runs.findByPk(id);
  if (!row) throw notFound('kept sequence', 'runId', id);
  return readRun(row);
}

/** Keeps a sequence; sending the same one again changes nothing more. @throws Problem 409 for another one under its id. */
export async function keepRun({ runs }: Database, run: KeptRun): Promise<void> {
  const [row] = await runs.findOrCreate({
    where: { id: run.id },
    defaults: { ...run, keptAt: new Date(run.keptAt) },
  });
  if (!isDeepStrictEqual(readRun(row), run)) throw idTaken(run.id);
}

const readRun = ({
  id,
  name,
  rack,
  keptAt,
}: Pick<KeptRun, 'id' | 'name' | 'rack'> & { readonly keptAt: Date }): KeptRun => ({
  id,
  name,
  rack,
  keptAt: keptAt.toISOString(),
});

/** Lets a kept sequence go. @throws Problem 404. */
export async function dropRun({ runs }: Database, id: string): Promise<void> {
  if ((await runs.destroy({ where: { id } })) === 0) throw notFound('kept sequence', 'runId', id);
}
