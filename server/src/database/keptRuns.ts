import type { KeptRun } from '@stoichos/core/labday/day';
import { notFound } from '../problem';
import type { Database } from './connect';

/** Every kept sequence, the newest first. */
export async function listRuns({ runs }: Database): Promise<KeptRun[]> {
  const rows = await runs.findAll({ order: [['keptAt', 'DESC']] });
  return rows.map(({ id, name, rack, keptAt }) => ({
    id,
    name,
    rack,
    keptAt: keptAt.toISOString(),
  }));
}

/** Keeps a sequence; sending the same one again changes nothing more. */
export async function keepRun({ runs }: Database, run: KeptRun): Promise<void> {
  await runs.upsert({ ...run, keptAt: new Date(run.keptAt) });
}

/** Lets a kept sequence go. @throws Problem 404. */
export async function dropRun({ runs }: Database, id: string): Promise<void> {
  if ((await runs.destroy({ where: { id } })) === 0) throw notFound('kept sequence', 'runId', id);
}
