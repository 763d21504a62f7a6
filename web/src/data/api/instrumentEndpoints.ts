import { contracts } from '@stoichos/contract';
import type { Follow } from '@stoichos/core/labday/bench';
import type { CellRun } from '@stoichos/core/labday/cells';
import type { QuantityName } from '@stoichos/core/planning/procedure';
import type { Build } from './build';
import { unasked } from './build';

/** The instruments of the bench, and electrolyses that are run with them. */
export const instrumentEndpoints = ({ read, write }: Build) => ({
  instruments: read(contracts.instruments, unasked, { providesTags: ['Instruments'] }),
  reading: read(
    contracts.reading,
    ({ id, quantity }: { readonly id: string; readonly quantity: QuantityName }) => ({
      params: { instrumentId: id },
      query: { quantity },
    }),
    { keepUnusedDataFor: 0 },
  ),
  tellInstrument: write(
    contracts.tellInstrument,
    ({
      id,
      ...body
    }: {
      readonly id: string;
      readonly command: string;
      readonly value?: number;
    }) => ({ params: { instrumentId: id }, body }),
  ),
  putToVessel: write(
    contracts.putToVessel,
    ({ id, follow }: { readonly id: string; readonly follow: Follow }) => ({
      params: { instrumentId: id },
      body: follow,
    }),
  ),
  clearInstrument: write(contracts.clearInstrument, (id: string) => ({
    params: { instrumentId: id },
  })),
  cells: read(contracts.cells, (after: string | undefined) => ({ query: { after } }), {
    providesTags: ['Cells'],
  }),
  cell: read(contracts.cell, (runId: string) => ({ params: { runId } }), {
    providesTags: (_, __, id) => [{ type: 'Cells', id }],
  }),
  saveCell: write(
    contracts.saveCell,
    (run: CellRun) => ({ params: { runId: run.id }, body: run }),
    { invalidatesTags: ['Cells'] },
  ),
  simulateCell: write(
    contracts.simulateCell,
    ({ runId, speed }: { readonly runId: string; readonly speed: number }) => ({
      params: { runId },
      body: { speed },
    }),
  ),
  cellReading: write(contracts.cellReading, (runId: string) => ({ params: { runId } })),
});
