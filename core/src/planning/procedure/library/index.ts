import type { Procedure } from '../procedure';
import { answers } from './answers';
import { changes } from './changes';
import { colours } from './colours';
import { cycles } from './cycles';
import { electrolysis } from './electrolysis';
import { gases } from './gases';
import { warmthAndCold } from './heat';
import { heatedGases } from './heatedGases';
import { hydrates } from './hydrates';
import { metals } from './metals';
import { precipitation } from './precipitation';
import { unknowns } from './unknowns';

/** The procedures that ship with the application, in the order a course might take them. */
export const library: readonly Procedure[] = [
  ...changes,
  ...cycles,
  ...precipitation,
  ...metals,
  ...warmthAndCold,
  ...hydrates,
  ...colours,
  ...gases,
  ...heatedGases,
  ...electrolysis,
  ...unknowns,
].map((procedure) => ({ ...procedure, answers: [...(answers[procedure.id] ?? [])] }));
