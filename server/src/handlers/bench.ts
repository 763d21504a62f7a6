import { inField } from '@stoichos/core/common';
import { findSubstance } from '@stoichos/core/matter/substances';
import { prepare } from '@stoichos/core/solution/preparation';
import type { BenchEntry } from '@stoichos/core/labday/day';
import type { Who } from '../access/who';
import { audit } from '../database/audit';
import { appendEntry, appendWeighing } from '../database/benchEntries';
import type { Database } from '../database/connect';
import type { Handlers } from '../http/handler';
import { Problem } from '../problem';

/** Records that only the instructor makes. */
const ofInstructor: readonly string[] = ['verdict', 'signOff'];

/** A group writes nothing that is the instructor’s to say. @throws Problem 403. */
function refuseInstructors({ role }: Who, { record }: BenchEntry): void {
  if (role !== 'group' || !record || !ofInstructor.includes(record.kind)) return;
  throw new Problem(
    403,
    'otherBench',
    'Verdicts and signatures are the instructor’s.',
    'record',
    'Record at your own bench.',
  );
}

/** What is measured and seen: weighings and bench entries, both append-only. */
export function benchHandlers(database: Database): Handlers<'addEntry' | 'addWeighing'> {
  return {
    async addEntry({ body: entry, who }) {
      refuseInstructors(who, entry);
      const stored = await appendEntry(database, entry);
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
