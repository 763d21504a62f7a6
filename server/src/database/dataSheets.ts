import type { DataSheet } from '@stoichos/contract';
import { QueryTypes } from 'sequelize';
import { Problem, notFound } from '../problem';
import type { Database } from './connect';

const told = 'item_id AS "itemId", link, name';

/** The suppliers’ data sheets there are, by jar; the PDFs themselves are asked for one by one. */
export async function listDataSheets({ sequelize }: Database): Promise<DataSheet[]> {
  return sequelize.query<DataSheet>(`SELECT ${told} FROM data_sheets ORDER BY item_id`, {
    type: QueryTypes.SELECT,
  });
}

/** The PDF that is kept with a jar. @throws Problem 404. */
export async function loadDataSheet(
  { sequelize }: Database,
  itemId: string,
): Promise<{ readonly name: string; readonly content: Buffer }> {
  const [found] = await sequelize.query<{ name: string | null; pdf: Buffer | null }>(
    'SELECT name, pdf FROM data_sheets WHERE item_id = $1',
    { bind: [itemId], type: QueryTypes.SELECT },
  );
  if (!found?.name || !found.pdf) throw notFound('data sheet', 'itemId', itemId);
  return { name: found.name, content: found.pdf };
}

/**
 * Keeps a PDF with a jar, in place of an earlier one.
 *
 * @throws Problem 400 for what is no PDF, 404 for a jar that is gone.
 */
export async function keepDataSheet(
  database: Database,
  itemId: string,
  name: string,
  pdf: Buffer,
): Promise<DataSheet> {
  if (!pdf.subarray(0, 5).equals(Buffer.from('%PDF-')))
    throw new Problem(
      400,
      'notPdf',
      'The file is no PDF.',
      'file',
      'Choose the PDF of the data sheet, or give a link to it.',
    );
  await refuseUnknownJar(database, itemId);
  const [kept] = await database.sequelize.query<DataSheet>(
    `INSERT INTO data_sheets (item_id, name, pdf) VALUES ($1, $2, $3)
     ON CONFLICT (item_id) DO UPDATE SET name = $2, pdf = $3, kept_at = now() RETURNING ${told}`,
    { bind: [itemId, name, pdf], type: QueryTypes.SELECT },
  );
  if (!kept) throw notFound('jar on the shelf', 'itemId', itemId);
  return kept;
}

/** Keeps the link to a data sheet, or takes it away. @throws Problem 404 for a jar that is gone. */
export async function linkDataSheet(
  database: Database,
  itemId: string,
  link: string | null,
): Promise<void> {
  await refuseUnknownJar(database, itemId);
  await database.sequelize.transaction(async (transaction) => {
    if (link === null) {
      // A row without a link and without a PDF says nothing.
      await database.sequelize.query('DELETE FROM data_sheets WHERE item_id = $1 AND pdf IS NULL', {
        bind: [itemId],
        transaction,
      });
      await database.sequelize.query('UPDATE data_sheets SET link = NULL WHERE item_id = $1', {
        bind: [itemId],
        transaction,
      });
      return;
    }
    await database.sequelize.query(
      `INSERT INTO data_sheets (item_id, link) VALUES ($1, $2)
       ON CONFLICT (item_id) DO UPDATE SET link = $2, kept_at = now()`,
      { bind: [itemId, link], transaction },
    );
  });
}

/** Takes link and PDF away. */
export async function dropDataSheet({ sequelize }: Database, itemId: string): Promise<void> {
  await sequelize.query('DELETE FROM data_sheets WHERE item_id = $1', { bind: [itemId] });
}

async function refuseUnknownJar({ shelf }: Database, itemId: string): Promise<void> {
  if (!(await shelf.findByPk(itemId, { attributes: ['id'] })))
    throw notFound('jar on the shelf', 'itemId', itemId);
}
