import { randomUUID } from 'node:crypto';
import type { Preparation } from '@stoichos/core/labday/day';
import type { Transaction } from 'sequelize';
import { Problem, notFound } from '../problem';
import type { Database } from './connect';

/** The preparations of a day that were not undone, with what each took. */
export async function standingPreparations(
  { preparations, stockMoves }: Database,
  labDayId: string,
  transaction?: Transaction,
): Promise<Preparation[]> {
  const shared = transaction ? { transaction } : {};
  const rows = await preparations.findAll({
    where: { labDayId, undoneAt: null },
    order: ['confirmedAt'],
    ...shared,
  });
  const moves = await stockMoves.findAll({
    where: { preparationId: rows.map(({ id }) => id), undoes: null },
    ...shared,
  });
  return rows.map(({ id, key, madeBy, confirmedAt }) => ({
    id,
    key,
    madeBy,
    confirmedAt: confirmedAt.toISOString(),
    takings: moves
      .filter(({ preparationId }) => preparationId === id)
      .map(({ itemId, change }) => ({ itemId, amount: -change })),
  }));
}

/**
 * Keeps that a line of the prep sheet was made, and takes what it needed out of the jars; once however often it is sent.
 *
 * @throws Problem 404 for an unknown day or jar, 409 when a jar holds too little or the line stands as made already.
 */
export async function confirmPreparation(
  database: Database,
  labDayId: string,
  { id, key, madeBy, confirmedAt, takings }: Preparation,
): Promise<void> {
  const { days, preparations, shelf, stockMoves, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    // The lock makes two people who confirm the same line take turns.
    const day = await days.findByPk(labDayId, { transaction, lock: true });
    if (!day) throw notFound('lab day', 'dayId', labDayId);
    if (await preparations.findByPk(id, { transaction })) return;
    if (await preparations.findOne({ where: { labDayId, key, undoneAt: null }, transaction }))
      throw new Problem(
        409,
        'alreadyMade',
        `${key} is down as made already.`,
        'key',
        'Undo that first, if it was made anew.',
      );
    await preparations.create(
      { id, labDayId, key, madeBy, confirmedAt: new Date(confirmedAt), undoneAt: null },
      { transaction },
    );
    for (const { itemId, amount } of takings) {
      const jar = await shelf.findByPk(itemId, { transaction, lock: true });
      if (!jar) throw notFound('jar on the shelf', 'takings.itemId', itemId);
      if (jar.amount < amount)
        throw new Problem(
          409,
          'notEnough',
          `The jar of ${jar.form} holds ${jar.amount} ${jar.unit}; ${Number(amount.toPrecision(4))} ${jar.unit} are taken.`,
          'takings.amount',
          'Weigh the jar and correct its amount on the shelf, or take another jar.',
        );
      await jar.update({ amount: jar.amount - amount }, { transaction });
      await stockMoves.create(
        {
          id: randomUUID(),
          itemId,
          preparationId: id,
          change: -amount,
          reason: `${key} for ${day.name}`,
          undoes: null,
          movedAt: new Date(),
        },
        { transaction },
      );
    }
  });
}

/** Takes a preparation back: what it took goes back into the jars. Doing so twice changes nothing more. @throws Problem 404. */
export async function undoPreparation(database: Database, id: string): Promise<void> {
  const { preparations, shelf, stockMoves, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    const made = await preparations.findByPk(id, { transaction, lock: true });
    if (!made) throw notFound('preparation', 'preparationId', id);
    if (made.undoneAt) return;
    await made.update({ undoneAt: new Date() }, { transaction });
    for (const move of await stockMoves.findAll({
      where: { preparationId: id, undoes: null },
      transaction,
    })) {
      await shelf.increment({ amount: -move.change }, { where: { id: move.itemId }, transaction });
      await stockMoves.create(
        {
          id: randomUUID(),
          itemId: move.itemId,
          preparationId: id,
          change: -move.change,
          reason: `given back: ${move.reason}`,
          undoes: move.id,
          movedAt: new Date(),
        },
        { transaction },
      );
    }
  });
}
