import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import type { Components } from '../../matter/substances/componentsOf';
import type { Electrode } from '../../matter/substances/types';

/** Minus in an electrolytic cell is the cathode, where electrons go in; plus is the anode. */
export type ElectrodeSide = 'cathode' | 'anode';

/** The liquid an electrode stands in, the electrode, and the current. */
export interface ElectrodeSetting {
  readonly side: ElectrodeSide;
  readonly electrode: Electrode;
  /** Components of the liquid, mol/L, and what it is at equilibrium. */
  readonly componentsM: Components;
  readonly bulk: Equilibrium;
  readonly temperatureC: number;
  readonly densityAPerCm2: number;
  /** Metal that already covers it, and how much of the surface, 0 to 1. */
  readonly cover?: { readonly metal: string; readonly fraction: number };
}
