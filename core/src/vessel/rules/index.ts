import { complexation } from './complexation';
import { dissolution } from './dissolution';
import { electronTransferRule } from './electronTransferProcess';
import { gasEvolution } from './gasEvolution';
import { halogenSplitting } from './halogenSplitting';
import { precipitation } from './precipitation';
import { protonTransfer } from './protonTransfer';
import type { Rule } from './rule';

/**
 * The kinds of process in the order in which they claim what changed: electrons first, then what leaves the solution,
 * then what forms in it; protons take the rest, since they go along with all the others.
 */
export const rules: readonly Rule[] = [
  electronTransferRule,
  precipitation,
  gasEvolution,
  dissolution,
  halogenSplitting,
  complexation,
  protonTransfer,
];
