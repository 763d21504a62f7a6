import { vapoursOver } from '../../solution/vapourPressure';
import { dissolvedGas, molarVolumeMlPerMmol } from '../../matter/substances/gas';
import { scaleAmounts } from '../../vessel/amounts';
import type { Amounts } from '../../vessel/amounts';
import { containers } from '../../vessel/containers';
import type { Vessel } from '../../vessel/vessel';

/** A gas above a liquid. */
export interface GasAbove {
  readonly formula: string;
  /** Its share of the space up to the brim, 0 to 1; what the gases leave over is air. */
  readonly share: number;
  /** All there is of it above the liquid or gone from it, mmol. */
  readonly amountMmol: number;
}

/** A share below which a vapour does nothing that is seen (common practice). */
const leastShare = 1e-4;

/** Less soluble gases, mol L⁻¹ atm⁻¹, leave a liquid at rest too slowly to be found above it; they bubble off or stay (common practice). */
const standsOverFromM = 0.05;
const standsOver = (formula: string): boolean =>
  (dissolvedGas(formula)?.henryMPerAtm ?? Infinity) > standsOverFromM;

/**
 * The gases above a liquid, the largest share first: what bubbled off, and what stands over a solution by Henry’s law. What does
 * not fit has flowed over the brim and taken the air along. What air changes is told as what it becomes. Steam is not counted.
 */
export function gasesAbove(vessel: Vessel): GasAbove[] {
  const { phases, container, volumeMl } = vessel;
  const spaceMl = Math.max(1, containers[container].brimMl - volumeMl);
  const evolved = Object.entries(asMolecules(phases.gas)).filter(
    ([formula, n]) => formula !== 'H2O' && n > 0,
  );
  const evolvedMl = evolved.reduce((sum, [, n]) => sum + n * molarVolumeMlPerMmol, 0);
  const found = new Map<string, GasAbove>();
  const add = (formula: string, share: number, amountMmol: number) => {
    const name = dissolvedGas(formula)?.inAir?.becomes ?? formula;
    const before = found.get(name);
    if (!before || before.share < share) found.set(name, { formula: name, share, amountMmol });
  };
  const filled = Math.min(1, evolvedMl / spaceMl);
  for (const [formula, n] of evolved)
    add(formula, (filled * n * molarVolumeMlPerMmol) / evolvedMl, n);
  const speciesM = scaleAmounts(phases.solution, 1 / Math.max(volumeMl, 1e-9));
  for (const { formula, pressureAtm } of vapoursOver(speciesM, vessel.temperatureC))
    if (standsOver(formula) && pressureAtm > leastShare)
      add(formula, Math.min(1, pressureAtm), (pressureAtm * spaceMl) / molarVolumeMlPerMmol);
  return [...found.values()].sort((a, b) => b.share - a.share);
}

/** Hydrogen chloride is counted by the ions it gives to water, also where there is none. */
function asMolecules({ 'H^+': hydrogen = 0, 'Cl^-': chloride = 0, ...gas }: Amounts): Amounts {
  const acid = Math.min(hydrogen, chloride);
  return acid > 0 ? { ...gas, HCl: (gas.HCl ?? 0) + acid } : gas;
}
