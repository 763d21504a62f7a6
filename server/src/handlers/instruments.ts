import type { Database } from '../database/connect';
import { loadPlan } from '../database/loadDay';
import type { Handlers } from '../http/handler';
import { linesFor } from '../instruments/followVessel';
import type { Instruments } from '../instruments/instruments';

/** Instruments of the bench: which there are, what they read, what they are told. */
export function instrumentHandlers(
  database: Database,
  instruments: Instruments,
): Handlers<'instruments' | 'reading' | 'tellInstrument' | 'putToVessel' | 'clearInstrument'> {
  return {
    instruments: () => instruments.list(),
    reading: ({ params, query }) => instruments.read(params.instrumentId, query.quantity),
    tellInstrument: ({ params, body: { command, value } }) =>
      instruments.command(params.instrumentId, command, value),
    async putToVessel({ params: { instrumentId }, body: follow }) {
      const kind = instruments.kindOf(instrumentId);
      const day = await loadPlan(database, follow.dayId);
      await instruments.simulate(instrumentId, linesFor(kind, day, follow));
    },
    async clearInstrument({ params: { instrumentId } }) {
      const kind = instruments.kindOf(instrumentId);
      await instruments.simulate(instrumentId, kind === 'balance' ? ['SIMulate:MASS 0'] : []);
    },
  };
}
