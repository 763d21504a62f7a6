import type { Database } from '../database/connect';
import type { Handlers } from '../http/handler';
import type { Instruments } from '../instruments/instruments';
import type { LiveHub } from '../live/hub';
import { accessHandlers } from './access';
import { benchHandlers } from './bench';
import { cellRunHandlers } from './cellRuns';
import { exchangeHandlers } from './exchange';
import { generalHandlers } from './general';
import { joinHandlers, oversightHandlers, ownBenchHandlers, unknownHandlers } from './groups';
import { instrumentHandlers } from './instruments';
import { keptRunHandlers } from './keptRuns';
import { labDayHandlers } from './labDays';
import { liveHandlers } from './live';
import { plannedHandlers, procedureHandlers } from './procedures';
import { reportHandlers } from './reports';
import { preparationHandlers, shelfHandlers } from './shelf';

/** A handler for every route there is. */
export const handlersOf = (
  database: Database,
  instruments: Instruments,
  hub: LiveHub,
): Handlers => ({
  ...accessHandlers(database),
  ...benchHandlers(database),
  ...cellRunHandlers(database, instruments),
  ...exchangeHandlers(database),
  ...generalHandlers(database),
  ...instrumentHandlers(database, instruments),
  ...joinHandlers(database),
  ...keptRunHandlers(database),
  ...labDayHandlers(database),
  ...liveHandlers(database, hub),
  ...oversightHandlers(database),
  ...ownBenchHandlers(database),
  ...plannedHandlers(database),
  ...preparationHandlers(database),
  ...procedureHandlers(database),
  ...reportHandlers(database),
  ...shelfHandlers(database),
  ...unknownHandlers(database),
});
