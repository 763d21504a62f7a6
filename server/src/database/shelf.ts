import { randomUUID } from 'node:crypto';
import { jarKey, readShelfFile } from '@stoichos/core/planning/shelf';
import type { ShelfFileProblem, ShelfItem } from '@stoichos/core/planning/shelf';
import { notFound } from '../problem';
import type { Database } from './connect';

/** Every jar, by substance and form. */
export async function listShelf({ shelf }: Database): Promise<ShelfItem[]> {
  const items = await shelf.findAll({ order: ['substance', 'form', 'place'] });
  return items.map((item): ShelfItem => item.get({ plain: true }));
}

/** Writes one jar; sending the same one again changes nothing more. */
export async function saveJar({ shelf }: Database, item: ShelfItem): Promise<void> {
  await shelf.upsert(item);
}

/** Takes a jar off the shelf. @throws Problem 404. */
export async function dropJar({ shelf }: Database, id: string): Promise<void> {
  if ((await shelf.destroy({ where: { id } })) === 0)
    throw notFound('jar on the shelf', 'itemId', id);
}

/** What a shelf file would do, or has done. */
export interface ShelfImport {
  readonly added: number;
  readonly changed: number;
  readonly unchanged: number;
  readonly problems: readonly ShelfFileProblem[];
}

/**
 * Takes a shelf file over: jars of the same form, purity and place are changed, others are added, none are removed. All of
 * it in one transaction, and nothing at all when a row is wrong.
 *
 * @param apply false only counts what would change.
 */
export async function importShelf(
  { shelf, sequelize }: Database,
  text: string,
  apply: boolean,
): Promise<ShelfImport> {
  const { rows, problems } = readShelfFile(text);
  if (!rows) return { added: 0, changed: 0, unchanged: 0, problems };
  return sequelize.transaction(async (transaction) => {
    const there = new Map(
      (await shelf.findAll({ transaction, lock: true })).map((jar) => [jarKey(jar), jar]),
    );
    let [added, changed, unchanged] = [0, 0, 0];
    for (const { substance, form, purityPercent, place, amount, unit, least, expires } of rows) {
      const jar = there.get(jarKey({ form, purityPercent, place }));
      const values = { substance, form, purityPercent, place, amount, unit, least, expires };
      const isSame =
        jar?.amount === amount &&
        jar.unit === unit &&
        jar.least === least &&
        jar.expires === expires;
      if (isSame) unchanged += 1;
      else if (jar) changed += 1;
      else added += 1;
      if (!apply || isSame) continue;
      if (jar) await jar.update(values, { transaction });
      else await shelf.create({ id: randomUUID(), ...values }, { transaction });
    }
    return { added, changed, unchanged, problems: [] };
  });
}
