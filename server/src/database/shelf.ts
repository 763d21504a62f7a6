import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { Kept, Saving, ShelfImport } from '@stoichos/contract';
import { jarKey, readShelfFile } from '@stoichos/core/planning/shelf';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { notFound, stale } from '../problem';
import type { Database } from './connect';

/** Every jar, by substance and form. */
export async function listShelf({ shelf }: Database): Promise<Kept<ShelfItem>[]> {
  const items = await shelf.findAll({ order: ['substance', 'form', 'place'] });
  return items.map((item) => item.get({ plain: true }));
}

/**
 * Writes one jar; sending the same one again changes nothing more.
 *
 * @throws Problem 404 for one that is gone, 409 when somebody has changed it, or taken from it, since it was read.
 */
export async function saveJar(
  { shelf, sequelize }: Database,
  { version, ...item }: Saving<ShelfItem>,
): Promise<Kept<ShelfItem>> {
  return sequelize.transaction(async (transaction) => {
    const row = await shelf.findByPk(item.id, { transaction, lock: true });
    if (!row && version !== null) throw notFound('jar on the shelf', 'itemId', item.id);
    if (!row) return (await shelf.create(item, { transaction })).get({ plain: true });
    const now = row.get({ plain: true });
    if (isDeepStrictEqual(now, { ...item, version: now.version })) return now;
    if (version !== now.version) throw stale('jar', now);
    await row.update(item, { transaction });
    return (await row.reload({ transaction })).get({ plain: true });
  });
}

/** Takes a jar off the shelf. @throws Problem 404; 409 when somebody has changed it, or taken from it, since it was read. */
export async function dropJar(
  { shelf, sequelize }: Database,
  id: string,
  version: number,
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    const row = await shelf.findByPk(id, { transaction, lock: true });
    if (!row) throw notFound('jar on the shelf', 'itemId', id);
    if (row.version !== version) throw stale('jar', row.get({ plain: true }));
    await row.destroy({ transaction });
  });
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
  if (!rows) return { added: 0, changed: 0, unchanged: 0, problems: [...problems] };
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
