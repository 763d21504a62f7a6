import type { Procedure } from '../procedure';
import { changes } from './changes';
import { colours } from './colours';
import { electrolysis } from './electrolysis';
import { gases } from './gases';
import { heatAndWater } from './heat';
import { metals } from './metals';
import { precipitation } from './precipitation';
import { unknowns } from './unknowns';

/** The procedures that ship with the application, in the order a course might take them. */
export const library: readonly Procedure[] = [
  ...changes,
  ...precipitation,
  ...metals,
  ...heatAndWater,
  ...colours,
  ...gases,
  ...electrolysis,
  ...unknowns,
];
