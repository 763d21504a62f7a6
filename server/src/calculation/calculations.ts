/** Runs on a thread of its own: what takes the engine so long that nobody else should wait for it. */
import { viewForGroup } from '@stoichos/core/labday/access';
import { cautionsOfDay } from '@stoichos/core/labday/prep';
import { resultsCsv } from '@stoichos/core/report/dayReport';

type Arguments<F extends (...args: never[]) => unknown> = { readonly args: Parameters<F> };

/** The view of a group. The engine’s runs stay on this thread, by the key of the plan they belong to. */
export const groupView = ({ args }: Arguments<typeof viewForGroup>) => viewForGroup(...args);

/** What the engine warns of in every step of a plan. */
export const cautions = ({ args }: Arguments<typeof cautionsOfDay>) => cautionsOfDay(...args);

/** Nothing but that everything is loaded. */
export const ready = (): true => true;

/** The results of a whole class as a table. */
export const results = ({ args }: Arguments<typeof resultsCsv>) => resultsCsv(...args);
