import { dangers } from '../matter/substances/data/dangers';
import { dissolvedGases } from '../matter/substances/data/dissolvedGases';
import { gasPropertiesOf, molarVolumeMlPerMmol } from '../matter/substances/gas';
import { solubilityM } from '../solution/preparation/solubility';
import type { Equilibrium } from '../solution/equilibrium/equilibrate';
import type { Amounts } from './amounts';
import { containerInWords, containers } from './containers';
import { layerVolumeMl } from './layer';
import { pressureAtm } from './air/pressure';
import { noticeableGasMmol } from './rules/rule';
import type { Vessel } from './vessel';
import { atMostFigures, formatNumber, withFigures, withPlaces } from '../common/formatNumber';
import { formatTemperature } from '../common/temperature';

/** Something to be told at the step, with a code that stays the same. */
export interface Warning {
  readonly code: string;
  readonly message: string;
}

/** Acid strength from which pouring water onto it spatters, mol/L of H⁺ (common practice: stronger than 50 % acid). */
const spattersAboveM = 9;

/** Pressure that a stopper or thin glass does not hold, atm (common practice). */
const burstsAboveAtm = 1.2;

/** Two figures, without powers of ten. */
const rounded = (n: number): string => atMostFigures(n, 2);

/** Warnings about the state a vessel has come to. */
export function warningsOf(
  vessel: Vessel,
  equilibrium: Equilibrium | undefined,
  gasEvolved: Amounts,
): Warning[] {
  const found: Warning[] = [];
  const { brimMl, heatsToC, ifHotter } = containers[vessel.container];
  if (vessel.temperatureC > heatsToC) found.push({ code: 'tooHotForVessel', message: ifHotter });
  for (const { code, aboveM, message } of dangers)
    if (
      Object.entries(aboveM).some(
        ([formula, limit]) => (equilibrium?.species[formula] ?? 0) > limit,
      )
    )
      found.push({ code, message });
  for (const { formula, toxicAboveMmol } of dissolvedGases) {
    const amount = gasEvolved[formula] ?? 0;
    if (toxicAboveMmol !== undefined && amount > toxicAboveMmol)
      found.push({
        code: 'toxicGas',
        message: `${formula} is given off, ${rounded(amount)} mmol (about ${rounded(molarVolumeMlPerMmol * amount)} mL): toxic. Fume hood, and less of it.`,
      });
  }
  for (const [formula, amount] of Object.entries(gasEvolved)) {
    const smell = gasPropertiesOf(formula)?.smell;
    if (smell && amount > noticeableGasMmol)
      found.push({
        code: 'smell',
        message: `${formula} may be noticed by its smell (${smell}). Do not smell at the vessel.`,
      });
  }
  const filledMl = vessel.volumeMl + layerVolumeMl(vessel.phases.layer);
  if (filledMl > brimMl)
    found.push({
      code: 'overfull',
      message: `${withPlaces(filledMl, 1)} mL is more than the vessel holds (${containerInWords(vessel.container)}, ${formatNumber(brimMl)} mL to the brim).`,
    });
  const atm = pressureAtm(vessel);
  if (atm > burstsAboveAtm)
    found.push({
      code: 'pressure',
      message: `Pressure in the closed vessel rises to about ${withFigures(atm, 2)} atm: the stopper flies or the glass bursts. Never close a vessel in which gas forms or that is heated.`,
    });
  return found;
}

/** Water, or anything weaker, poured onto a concentrated acid. */
export function pouringWarnings(before: Vessel, added: Vessel): Warning[] {
  const strength = (vessel: Vessel) =>
    vessel.volumeMl === 0
      ? 0
      : ((vessel.phases.solution['H^+'] ?? 0) + (vessel.phases.solution['HSO4^-'] ?? 0)) /
        vessel.volumeMl;
  return strength(before) > spattersAboveM && added.volumeMl > 0 && strength(added) < spattersAboveM
    ? [
        {
          code: 'waterOntoAcid',
          message:
            'Water runs onto concentrated acid: it boils and spatters. Pour the acid slowly into the water instead.',
        },
      ]
    : [];
}

/** Water onto a dish hotter than this spits, °C (common practice). */
const spitsAboveC = 100;

/** Something poured into a vessel that is still hot. */
export function hotVesselWarnings({ temperatureC }: Vessel): Warning[] {
  return temperatureC > spitsAboveC
    ? [
        {
          code: 'hotVessel',
          message: `The vessel is still at ${formatTemperature(temperatureC)}: let it cool first, then a few drops only. It spits, and the vessel may crack.`,
        },
      ]
    : [];
}

/** A solution stronger than its substance dissolves. */
export function solubilityWarnings(substance: string, concentrationM: number): Warning[] {
  const limit = solubilityM(substance);
  return concentrationM > limit.concentrationM
    ? [
        {
          code: 'aboveSolubility',
          message: `${limit.formula} at ${formatNumber(concentrationM)} M is above its solubility, about ${withFigures(limit.concentrationM, 2)} M.`,
        },
      ]
    : [];
}
