import { inField } from '@stoichos/core/common';
import { findSubstance } from '@stoichos/core/matter/substances';
import { prepare } from '@stoichos/core/solution/preparation';
import { authorOf } from '../access/who';
import { audit } from '../database/audit';
import { appendEntry, appendWeighing } from '../database/benchEntries';
import type { Database } from '../database/connect';
import type { Handlers } from '../http/handler';

/** What is measured and seen: weighings and bench entries, both append-only. */
export function benchHandlers(database: Database): Handlers<'addEntry' | 'addWeighing'> {
  return {
    async addEntry({ body: entry, who }) {
      const stored = await appendEntry(database, entry, authorOf(who));
      if (entry.record?.kind === 'verdict')
        await audit(database, who.role, 'verdict overridden', entry.record.reason);
      return stored;
    },
    async addWeighing({ params: { dayId }, body: weighing }) {
      const { formula } = inField('substance', () => findSubstance(weighing.substance)).substance;
      const { concentrationM, volumeMl, form, purityPercent } = weighing;
      // Making the recipe checks that the form belongs to the substance and the amounts are possible.
      prepare({ substance: formula, concentrationM, volumeMl, form, purityPercent });
      const weighed = { ...weighing, substance: formula };
      await appendWeighing(database, dayId, weighed);
      return weighed;
    },
  };
}
