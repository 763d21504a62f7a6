import type { RiskWords } from '@stoichos/contract';
import { QueryTypes } from 'sequelize';
import { notFound, stale } from '../problem';
import type { Database } from './connect';

/** The school’s own words in the risk assessment of a day. @throws Problem 404. */
export async function loadRiskWords(
  { sequelize, days }: Database,
  dayId: string,
): Promise<RiskWords[]> {
  if (!(await days.findByPk(dayId, { attributes: ['id'] })))
    throw notFound('lab day', 'dayId', dayId);
  return sequelize.query<RiskWords>(
    'SELECT about, words FROM risk_words WHERE lab_day_id = $1 ORDER BY about',
    { bind: [dayId], type: QueryTypes.SELECT },
  );
}

/**
 * Keeps the school’s words about one thing; empty words take them away. Sending the same again changes nothing more.
 *
 * @param was what stood there when it was read.
 * @throws Problem 404 for a day that is gone, 409 when somebody else has changed them since.
 */
export async function saveRiskWords(
  { sequelize, days }: Database,
  dayId: string,
  { about, words, was }: RiskWords & { readonly was: string },
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    // The row of the day is held, so that two who write at once come one after the other.
    const day = await days.findByPk(dayId, { transaction, lock: true, attributes: ['id'] });
    if (!day) throw notFound('lab day', 'dayId', dayId);
    const [there] = await sequelize.query<Pick<RiskWords, 'words'>>(
      'SELECT words FROM risk_words WHERE lab_day_id = $1 AND about = $2',
      { bind: [dayId, about], type: QueryTypes.SELECT, transaction },
    );
    const now = there?.words ?? '';
    if (now === words) return;
    if (now !== was) throw stale('words', { about, words: now });
    await sequelize.query(
      words === ''
        ? 'DELETE FROM risk_words WHERE lab_day_id = $1 AND about = $2'
        : `INSERT INTO risk_words (lab_day_id, about, words) VALUES ($1, $2, $3)
           ON CONFLICT (lab_day_id, about) DO UPDATE SET words = $3, changed_at = now()`,
      { bind: words === '' ? [dayId, about] : [dayId, about, words], transaction },
    );
  });
}
