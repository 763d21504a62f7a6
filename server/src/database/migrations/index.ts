import { firstTables } from './001-first-tables';

/** Every migration in order. They only go forward; a landed one is never changed. */
export const migrations = [firstTables] as const;
