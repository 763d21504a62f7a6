import { firstTables } from './001-first-tables';
import { keptRuns } from './002-kept-runs';

/** Every migration in order. They only go forward; a landed one is never changed. */
export const migrations = [firstTables, keptRuns] as const;
