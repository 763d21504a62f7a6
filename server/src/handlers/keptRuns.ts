import { inField } from '@stoichos/core/common';
import { runRack } from '@stoichos/core/seeing/rack';
import type { Database } from '../database/connect';
import { dropRun, keepRun, listRuns, loadRun } from '../database/keptRuns';
import type { Handlers } from '../http/handler';
import { sameId } from '../http/validate';

/** Sequences of the study that are kept under a name. */
export function keptRunHandlers(
  database: Database,
): Handlers<'runs' | 'run' | 'keepRun' | 'dropRun'> {
  return {
    runs: ({ query }) => listRuns(database, query.after),
    run: ({ params }) => loadRun(database, params.runId),
    async keepRun({ params, body: run }) {
      sameId(run.id, params.runId);
      // What cannot be run is not kept: a sequence is only worth as much as what it shows.
      inField('rack', () => runRack(run.rack));
      await keepRun(database, run);
      return run;
    },
    dropRun: ({ params }) => dropRun(database, params.runId),
  };
}
