import type { Procedure } from '../procedure';
import { changes } from './changes';
import { colours } from './colours';
import { cycles } from './cycles';
import { electrolysis } from './electrolysis';
import { gases } from './gases';
import { heatAndWater } from './heat';
import { heatedGases } from './heatedGases';
import { metals } from './metals';
import { precipitation } from './precipitation';
import { unknowns } from './unknowns';

/** The procedures that ship with the application, in the order a course might take them. */
export const library: readonly Procedure[] = [
  ...changes,
  ...cycles,
  ...precipitation,
  ...metals,
  ...heatAndWater,
  ...colours,
  ...gases,
  ...heatedGases,
  ...electrolysis,
  ...unknowns,
];
