import { ChemistryError } from '../common/errors';
import type { Action } from './action';
import { addAmounts, present } from './amounts';
import { dryDanger } from './dry/dryDanger';
import { dryReason } from './dry/wettingSolids';
import { heatDry, heatsTo } from './dry/dryHeat';
import { coldSights, freezingPoint } from './freezing';
import { react, isEmpty, resting, unique } from './eventResult';
import type { EventResult } from './eventResult';
import type { Vessel } from './vessel';
import { warningsOf } from './warnings';
import type { Warning } from './warnings';
import { formatSetTemperature, formatTemperature } from '../common/temperature';

/** Boiling of dilute solutions, °C; the rise with concentration is not calculated. */
export const boilsAtC = 100;
/** Acid from which a solution may be heated past the boiling point of water, mol/L of HSO4⁻, and how far, °C. */
const strongAcidM = 10;
const strongAcidToC = 300;

/** Heats a liquid as far as it goes, or what is dry by the stages it passes through. */
export function heat(
  vessel: Vessel,
  { toC, strongly }: Extract<Action, { do: 'heat' }>,
): EventResult {
  if (isEmpty(vessel)) throw ChemistryError.of('emptyVessel', 'heat');
  if (vessel.volumeMl > 0) return warmTo(vessel, toC ?? boilsAtC);
  const temperatureC = toC ?? (strongly ? heatsTo.strongly : heatsTo.gently);
  const danger = dryDanger(vessel.phases.solids);
  if (danger && !danger.isFollowed) return tooDangerous(vessel, danger.warning);
  if (temperatureC <= vessel.temperatureC) return resting({ ...vessel, temperatureC });
  const dry = heatDry(vessel, temperatureC);
  const { phases, reactions, sights, warnings } = dry;
  // Solids that would react in water may do so when hot, and no row says whether.
  const untold = reactions.length === 0 ? dryReason(vessel) : undefined;
  const notPredicted = untold ? [...dry.notPredicted, untold] : dry.notPredicted;
  const heated: Vessel = { ...vessel, temperatureC, phases };
  const gasEvolved = present(addAmounts(phases.gas, vessel.phases.gas, -1));
  return {
    ...resting(heated),
    reactions,
    gasEvolved,
    solidsChange: addAmounts(phases.solids, vessel.phases.solids, -1),
    sights,
    warnings: unique([
      ...(danger ? [danger.warning] : []),
      ...warningsOf(heated, undefined, gasEvolved),
      ...warnings,
    ]),
    notPredicted,
  };
}

/** What is not followed because nobody should do it. */
export function tooDangerous(vessel: Vessel, danger: Warning): EventResult {
  return {
    ...resting(vessel),
    warnings: [danger],
    notPredicted: ['a mixture that explodes is not heated or lit; what it would do is not told'],
  };
}

/** Brings a vessel to a temperature, °C, as far as its liquid goes. */
export function warmTo(vessel: Vessel, toC: number): EventResult {
  if (isEmpty(vessel)) throw ChemistryError.of('emptyVessel', 'heat or cool');
  if (vessel.volumeMl === 0) return resting({ ...vessel, temperatureC: toC });
  const limit = boilingPoint(vessel);
  const ice = vessel.volumeMl > 0 ? freezingPoint(vessel) : -Infinity;
  const temperatureC = Math.max(ice, Math.min(limit, toC));
  const hottestC = Math.max(vessel.hottestC ?? vessel.temperatureC, temperatureC);
  const step = react(vessel, {
    ...vessel,
    temperatureC: Math.round(10 * temperatureC) / 10,
    ...(hottestC > vessel.temperatureC && { hottestC }),
  });
  if (toC >= limit)
    return {
      ...step,
      sights: [...(step.sights ?? []), { formula: 'H2O', result: 'boils', shows: ['boils'] }],
      warnings: unique([...step.warnings, boilingWarning(limit)]),
    };
  const sights = coldSights(vessel, step.vessel);
  if (toC < ice)
    sights.unshift({
      formula: 'H2O',
      result: `ice forms, from about ${formatTemperature(ice, 1)} down; what is dissolved stays in the rest`,
      shows: ['freezes'],
    });
  return sights.length === 0 ? step : { ...step, sights: [...(step.sights ?? []), ...sights] };
}

/** Where the liquid boils, °C: as water does, or higher in strong sulfuric acid. */
export function boilingPoint({ phases, volumeMl }: Vessel): number {
  const acidM = (phases.solution['HSO4^-'] ?? 0) / volumeMl;
  return acidM > strongAcidM ? strongAcidToC : boilsAtC;
}

/** The cautions where a liquid boils. */
export function boilingWarning(limitC: number): Warning {
  return {
    code: 'boiling',
    message: `The liquid boils at about ${formatSetTemperature(limitC)} and gets no hotter; it bumps and spits. Point the tube away from people.`,
  };
}
