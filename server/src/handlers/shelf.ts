import { inField } from '@stoichos/core/common';
import { findSubstance } from '@stoichos/core/matter/substances';
import { writeShelfFile } from '@stoichos/core/planning/shelf';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import {
  dropDataSheet,
  keepDataSheet,
  linkDataSheet,
  listDataSheets,
  loadDataSheet,
} from '../database/dataSheets';
import { confirmPreparation, undoPreparation } from '../database/preparations';
import { loadRiskWords, saveRiskWords } from '../database/riskWords';
import { dropJar, importShelf, listShelf, saveJar } from '../database/shelf';
import type { Handlers } from '../http/handler';
import { sameId } from '../http/validate';

/** The jars on the shelf. */
export function shelfHandlers(
  database: Database,
): Handlers<
  | 'shelf'
  | 'shelfFile'
  | 'saveJar'
  | 'dropJar'
  | 'importShelf'
  | 'dataSheets'
  | 'dataSheet'
  | 'keepDataSheet'
  | 'linkDataSheet'
  | 'dropDataSheet'
> {
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
    dataSheets: () => listDataSheets(database),
    dataSheet: ({ params }) => loadDataSheet(database, params.itemId),
    async keepDataSheet({ params, query, upload }) {
      const chunks: Uint8Array[] = [];
      for await (const chunk of upload) chunks.push(chunk);
      return keepDataSheet(database, params.itemId, query.name, Buffer.concat(chunks));
    },
    linkDataSheet: ({ params, body }) => linkDataSheet(database, params.itemId, body.link),
    dropDataSheet: ({ params }) => dropDataSheet(database, params.itemId),
    importShelf: ({ body: { text, apply } }) => importShelf(database, text, apply),
  };
}

/** What was made for a day, and what it took from the shelf. */
export function preparationHandlers(
  database: Database,
): Handlers<'confirmPreparation' | 'undoPreparation' | 'riskWords' | 'saveRiskWords'> {
  return {
    async confirmPreparation({ params: { dayId }, body: preparation }) {
      await confirmPreparation(database, dayId, preparation);
      return preparation;
    },
    riskWords: ({ params }) => loadRiskWords(database, params.dayId),
    saveRiskWords: ({ params, body }) => saveRiskWords(database, params.dayId, body),
    undoPreparation: ({ params }) => undoPreparation(database, params.preparationId),
  };
}
