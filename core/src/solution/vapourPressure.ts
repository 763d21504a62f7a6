import { dissolvedGases } from '../matter/substances/data/dissolvedGases';
import { volatileAcids } from '../matter/substances/data/volatileAcids';
import { vantHoff } from './equilibrium/temperature';

/** A gas or vapour over a solution. */
export interface Vapour {
  readonly formula: string;
  /** Its pressure over the solution at equilibrium, atm. */
  readonly pressureAtm: number;
}

/**
 * What stands over a solution by Henry’s law, with concentrations for activities (over concentrated acids far too little).
 *
 * @param speciesM mol/L of each dissolved species.
 * @param temperatureC °C; gases dissolve less when warm (van ’t Hoff).
 */
export function vapoursOver(
  speciesM: Readonly<Record<string, number>>,
  temperatureC: number,
): Vapour[] {
  const gases = dissolvedGases.map(({ formula, henryMPerAtm, enthalpyKJPerMol }) => ({
    formula,
    pressureAtm:
      (speciesM[formula] ?? 0) /
      10 ** vantHoff(Math.log10(henryMPerAtm), enthalpyKJPerMol, temperatureC),
  }));
  const acids = volatileAcids.map(({ formula, anion, logK, enthalpyKJPerMol }) => ({
    formula,
    pressureAtm:
      ((speciesM['H^+'] ?? 0) * (speciesM[anion] ?? 0)) /
      10 ** vantHoff(logK, enthalpyKJPerMol, temperatureC),
  }));
  return [...gases, ...acids].filter(({ pressureAtm }) => pressureAtm > 0);
}
