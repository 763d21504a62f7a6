import { kelvin, vantHoff } from '../../solution/equilibrium/temperature';
import { carbonDioxideOfAir } from '../../matter/substances/data/air';
import { dissolvedGas, molarVolumeMlPerMmol } from '../../matter/substances/gas';
import { addAmounts } from '../amounts';
import { containers } from '../containers';
import { layerVolumeMl } from '../layer';
import { react, followedBy } from '../eventResult';
import type { EventResult } from '../eventResult';
import { noPhases } from '../vessel';
import type { Vessel } from '../vessel';

/** What leaves makes more of it from hydrogencarbonate, so it is asked again; after this often the rest waits for the next shake. */
const mostPasses = 6;
/** Less than this leaving is nothing, mmol. */
const leastMmol = 1e-6;

/**
 * Carbon dioxide that a shake with air takes out of a liquid: it shares itself between the liquid and the air above it by Henry’s
 * law, and the air is fresh. That is how a hydrogencarbonate indicator comes back in air, and soda water goes flat.
 *
 * @returns undefined where there is none to speak of, or no air above.
 */
export function degas(vessel: Vessel): EventResult | undefined {
  let step: EventResult | undefined;
  for (let pass = 0; pass < mostPasses; pass += 1) {
    const now = step?.vessel ?? vessel;
    const mmol = leavingMmol(now);
    if (mmol < leastMmol) break;
    const { phases } = now;
    const less = {
      ...now,
      phases: { ...phases, solution: addAmounts(phases.solution, { CO2: -mmol }) },
    };
    const next = react(now, less, { ...noPhases, gas: { CO2: mmol } });
    step = step ? followedBy(step, next) : next;
  }
  return step;
}

/** How much carbon dioxide is too much for the air above, mmol. */
function leavingMmol({ container, volumeMl, temperatureC, phases }: Vessel): number {
  const row = dissolvedGas('CO2');
  const there = phases.solution.CO2 ?? 0;
  const aboveMl = containers[container].brimMl - volumeMl - layerVolumeMl(phases.layer);
  if (!row || there <= 0 || aboveMl <= 0) return 0;
  // mL of gas at one atmosphere in a mmol, and mL of liquid that hold a mmol under one atmosphere.
  const gasMl = (molarVolumeMlPerMmol * kelvin(temperatureC)) / kelvin(25);
  const henry = 10 ** vantHoff(Math.log10(row.henryMPerAtm), row.enthalpyKJPerMol, temperatureC);
  const all = there + (carbonDioxideOfAir.value * aboveMl) / gasMl;
  const inLiquid = (all * volumeMl) / (volumeMl + aboveMl / (henry * gasMl));
  return there - inLiquid;
}
