import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import type { Change } from '../change';
import type { Process } from '../reaction';
import type { ElectronTransfer } from './electronTransfer';

/** What a rule may look at to find the processes of its kind. */
export interface Happening {
  /** What came and went; a rule claims the share of each process it finds. */
  readonly change: Change;
  readonly volumeMl: number;
  readonly transfers: readonly ElectronTransfer[];
  /** The solution before anything settled or left, for its ion products. */
  readonly unsettled: Equilibrium;
  readonly settled: Equilibrium;
}

/** One kind of process: finds those that advanced, writes them, and takes them out of the change. */
export interface Rule {
  readonly name: string;
  readonly find: (happening: Happening) => readonly Process[];
}

/** Amount of gas below which no bubble is noticed, mmol (common practice: 0.1 mL). */
export const noticeableGasMmol = 0.004;
/** Solid below which a liquid stays clear to the eye, mg/L, and above which one speaks of a precipitate (common practice). */
export const visibleMgPerL = { haze: 10, precipitate: 60 } as const;
/** Dissolved change below which nobody would call it a reaction, mol/L. */
export const noticeableM = 5e-4;
