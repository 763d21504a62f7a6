import { between } from './clearing';
import type { WasteBottle } from './bottle';

/** Solutions that waste is neutralised with, mol/L. */
const alkali = { substance: 'Na2CO3', concentrationM: 0.5 } as const;
const acid = { substance: 'H3C6H5O7', concentrationM: 0.5 } as const;
/** Between these it may go on (common practice). */
export const neutralPH = { from: 6, to: 8 } as const;
/** Volumes tried, as parts of the waste’s own. */
const parts = [0.02, 0.05, 0.1, 0.2, 0.4, 0.8, 1.6, 3.2, 6.4, 12];

/** What brings waste to a harmless pH. */
export interface Neutralising {
  readonly pH: number;
  readonly substance: string;
  readonly concentrationM: number;
  /** Absent when even much of it does not do. */
  readonly volumeMl?: number;
  readonly afterPH?: number;
  readonly caution?: string;
}

/** How much weak acid or carbonate brings the waste to pH 6–8; undefined where it is there already, or holds no liquid. */
export function neutralising({ now, tried }: WasteBottle): Neutralising | undefined {
  const { pH } = now.state;
  if (pH === undefined || (pH >= neutralPH.from && pH <= neutralPH.to)) return undefined;
  const isAcid = pH < neutralPH.from;
  const reagent = isAcid ? alkali : acid;
  const pHAfter = (volumeMl: number): number =>
    tried({ do: 'add', portion: { ...reagent, volumeMl } }).state.pH ?? 7;
  const isDone = (volumeMl: number): boolean =>
    isAcid ? pHAfter(volumeMl) >= neutralPH.from : pHAfter(volumeMl) <= neutralPH.to;
  const volumes = parts.map((part) => part * now.state.volumeMl);
  const at = volumes.findIndex(isDone);
  if (at < 0) return { pH, ...reagent };
  const volumeMl = between(volumes[at - 1] ?? 0, volumes[at] ?? 0, isDone);
  return {
    pH,
    ...reagent,
    volumeMl,
    afterPH: pHAfter(volumeMl),
    ...(isAcid && { caution: 'A little at a time in a large open beaker: it froths.' }),
  };
}
