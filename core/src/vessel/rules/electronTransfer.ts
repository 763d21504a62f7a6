import type { Equilibrium } from '../../equilibrium/equilibrate';
import { redoxCouples } from '../../substances/data/redoxCouples';
import { sourceText } from '../../substances/source';
import type { RedoxCouple } from '../../substances/types';

/** RT ln 10 / F at 25 °C in volts. */
const nernstSlopeV = 0.05916;
/** A fraction converted that would show on the bench. */
const noticeable = 0.01;
/** Driving voltage below which a transfer is too slight to notice. */
const slightV = 0.03;
/** An anion this scarce (mol/L) is bound up and makes no new solid. */
const bound = 1e-6;

const couples: readonly RedoxCouple[] = redoxCouples;

/**
 * Electron transfer is outside this model, so a mixture in which it could go noticeably far is reported as not
 * predicted. Decided by the Nernst equation with the concentrations at equilibrium and one part in a hundred converted.
 *
 * @returns one reason for each pair of ions that could react, empty when none can.
 */
export function electronTransfers({ species, pH }: Equilibrium): string[] {
  const reasons: string[] = [];
  for (const oxidant of couples) {
    const oxidised = species[oxidant.oxidised] ?? 0;
    if (oxidised <= 0) continue;
    for (const reductant of couples) {
      const reduced = species[reductant.reduced] ?? 0;
      if (reductant === oxidant || reduced <= 0) continue;
      if (oxidant.withAnion && (species[oxidant.withAnion] ?? 0) <= bound) continue;
      const forward = potentialV(oxidant, oxidised, noticeable * oxidised, species, pH);
      const back = potentialV(reductant, noticeable * reduced, reduced, species, pH);
      if (forward - back > slightV)
        reasons.push(
          `${oxidant.oxidised} can take electrons from ${reductant.reduced} (E° ${oxidant.standardPotentialV} V ` +
            `against ${reductant.standardPotentialV} V; ${sourceText(oxidant.source)}), and electron transfer ` +
            `is not part of the model yet.`,
        );
    }
  }
  return reasons;
}

/** Potential of a couple by the Nernst equation, volts; a form of unit activity drops out. */
function potentialV(
  couple: RedoxCouple,
  oxidisedM: number,
  reducedM: number,
  species: Equilibrium['species'],
  pH: number,
): number {
  const logOxidised = couple.unitActivity === 'oxidised' ? 0 : Math.log10(oxidisedM);
  const logReduced = couple.unitActivity === 'reduced' ? 0 : Math.log10(reducedM);
  const logAnion = couple.withAnion ? Math.log10(species[couple.withAnion] ?? 0) : 0;
  return (
    couple.standardPotentialV +
    (nernstSlopeV / couple.electrons) * (logOxidised + logAnion - logReduced - couple.protons * pH)
  );
}
