import { firstTables } from './001-first-tables';
import { keptRuns } from './002-kept-runs';
import { planAndPrepare } from './003-plan-and-prepare';
import { benchAndJudge } from './004-bench-and-judge';
import { electrolysis } from './005-electrolysis';
import { access } from './006-access';
import { unknowns } from './007-unknowns';
import { settingsAndArchive } from './008-settings-and-archive';
import { oneKindOfWork } from './009-one-kind-of-work';
import { versions } from './010-versions';
import { authors } from './011-authors';
import { guesses } from './012-guesses';
import { entriesOfADay } from './013-entries-of-a-day';
import { restoringAndListing } from './014-restoring-and-listing';
import { measuring } from './015-measuring';
import { safetyPapers } from './016-safety-papers';

/** Every migration in order. They only go forward; a landed one is never changed. */
export const migrations = [
  firstTables,
  keptRuns,
  planAndPrepare,
  benchAndJudge,
  electrolysis,
  access,
  unknowns,
  settingsAndArchive,
  oneKindOfWork,
  versions,
  authors,
  guesses,
  entriesOfADay,
  restoringAndListing,
  measuring,
  safetyPapers,
] as const;
