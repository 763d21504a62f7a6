import { handbook } from '../source';
import type { IonInWater } from '../types';

const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'what the ion becomes in water');

/** Ions of solids that do not live on as such in water, and what they turn into at once (water aside). */
export const ionsInWater = [
  { formula: 'S2O5^2-', becomes: { 'HSO3^-': 2 }, source: text },
  { formula: 'B4O7^2-', becomes: { 'B(OH)3': 2, 'B(OH)4^-': 2 }, source: text },
  { formula: 'SiO3^2-', becomes: { 'H2SiO4^2-': 1 }, source: text },
  { formula: 'VO3^-', becomes: { 'H2VO4^-': 1 }, source: text },
  { formula: 'O^2-', becomes: { 'OH^-': 2 }, source: text },
] as const satisfies readonly IonInWater[];
