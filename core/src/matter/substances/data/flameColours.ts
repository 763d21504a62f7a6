import type { FlameColour } from '../types';
import { elements } from './elements';

export { flameRanksSource } from './builders/flames';

/** Flame colours of ions. Sodium shows in traces and hides nearly all others. */
export const flameColours: readonly FlameColour[] = elements.flatMap(({ flames = [] }) => flames);
