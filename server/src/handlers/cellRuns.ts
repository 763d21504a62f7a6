import { inField } from '@stoichos/core/common';
import { cellLiquid } from '@stoichos/core/studies/electrolysis';
import { findElectrode } from '@stoichos/core/vessel';
import { appendCellEntry, listCellRuns, loadCellRun, saveCellRun } from '../database/cellRuns';
import type { Database } from '../database/connect';
import type { Handlers } from '../http/handler';
import { sameId } from '../http/validate';
import { linesForCell, readCell } from '../instruments/followCell';
import type { Instruments } from '../instruments/instruments';

/** Electrolyses that are run: their set-up, their record line by line, and the instruments on them. */
export function cellRunHandlers(
  database: Database,
  instruments: Instruments,
): Handlers<'cells' | 'cell' | 'saveCell' | 'addCellEntry' | 'simulateCell' | 'cellReading'> {
  return {
    cells: ({ query }) => listCellRuns(database, query.after),
    cell: ({ params }) => loadCellRun(database, params.runId),
    async saveCell({ params, body: run }) {
      const { cell } = run.setup;
      sameId(run.id, params.runId);
      // What is no cell is not kept: a log means nothing without knowing what it is of.
      inField('setup.cell', () => {
        inField('cathode', () => findElectrode(cell.cathode));
        inField('anode', () => findElectrode(cell.anode));
        if (!('molten' in cell.electrolyte)) cellLiquid(cell, cell.volumeMl ?? 100);
      });
      await saveCellRun(database, run);
      return run;
    },
    addCellEntry: ({ body }) => appendCellEntry(database, body),
    async simulateCell({ params, body: { speed } }) {
      const run = await loadCellRun(database, params.runId);
      for (const { id, lines } of linesForCell(await instruments.list(), run.setup, speed))
        await instruments.simulate(id, lines);
    },
    async cellReading({ params }) {
      await loadCellRun(database, params.runId);
      return readCell(instruments);
    },
  };
}
