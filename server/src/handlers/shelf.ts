import { inField } from '@stoichos/core/common';
import { findSubstance } from '@stoichos/core/matter/substances';
import { writeShelfFile } from '@stoichos/core/planning/shelf';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import { confirmPreparation, undoPreparation } from '../database/preparations';
import { dropJar, importShelf, listShelf, saveJar } from '../database/shelf';
import type { Handlers } from '../http/handler';
import { sameId } from '../http/validate';

/** The jars on the shelf. */
export function shelfHandlers(
  database: Database,
): Handlers<'shelf' | 'shelfFile' | 'saveJar' | 'dropJar' | 'importShelf'> {
  return {
    shelf: () => listShelf(database),
    async shelfFile({ who }) {
      const content = writeShelfFile(await listShelf(database));
      await audit(database, who.role, 'exported', 'the shelf, CSV');
      return { name: 'shelf.csv', content };
    },
    async saveJar({ params, body: item }) {
      sameId(item.id, params.itemId);
      const { substance, form } = inField('form', () => findSubstance(item.form));
      return saveJar(database, {
        ...item,
        substance: substance.formula,
        form: form ?? item.form,
      });
    },
    dropJar: ({ params, query }) => dropJar(database, params.itemId, query.version),
    importShelf: ({ body: { text, apply } }) => importShelf(database, text, apply),
  };
}

/** What was made for a day, and what it took from the shelf. */
export function preparationHandlers(
  database: Database,
): Handlers<'confirmPreparation' | 'undoPreparation'> {
  return {
    async confirmPreparation({ params: { dayId }, body: preparation }) {
      await confirmPreparation(database, dayId, preparation);
      return preparation;
    },
    undoPreparation: ({ params }) => undoPreparation(database, params.preparationId),
  };
}
