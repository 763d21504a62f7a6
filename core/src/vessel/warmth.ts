import { containers } from './containers';
import { coldSights } from './freezing';
import { boilingPoint, boilingWarning, boilsAtC } from './heat';
import { dilutionHeatLeft, heatCapacityOf, heatReleased } from './heatContent';
import { react, unique } from './eventResult';
import type { EventResult } from './eventResult';
import type { Phases, Vessel } from './vessel';
import type { Warning } from './warnings';

/** Colder than this no mixture of the bench gets by itself, °C (common practice: ice and salt reach about −20). */
const lowestC = -20;
/** A change of temperature that shifts no equilibrium by as much as anyone could see, °C. */
const shiftsNothingC = 2;

/** A difference from which the temperature is sought again with what left on the way, °C, and in how many halvings. */
const shiftsMuchC = 10;
const halvings = 6;

/** Where a liquid comes to on dry solids and glass that are hotter or colder, °C, by their heat capacities. */
export function sharedTemperature(dry: Vessel, liquid: Vessel): number {
  const own = heatCapacityOf(dry);
  const brought = heatCapacityOf(liquid) - containers[liquid.container].heatCapacityJPerK;
  const shared = (own * dry.temperatureC + brought * liquid.temperatureC) / (own + brought);
  return Math.max(lowestC, Math.min(boilsAtC, shared));
}

/** A temperature as a thermometer of the bench is read, °C. */
export const tenths = (temperatureC: number): number => Math.round(temperatureC * 10) / 10;

/**
 * A step with the heat that it gave off or took up left in the vessel: from the enthalpies of what was there before and after,
 * shared between the liquid, the solids and the glass. Equilibria are then taken at the temperature reached.
 */
export function warmed(
  previous: Vessel,
  mixed: Vessel,
  step: EventResult,
  before: { readonly phases: Phases; readonly storedJ: number },
): EventResult {
  const capacity = heatCapacityOf(mixed);
  const limit = boilingPoint(mixed);
  /** Where the vessel would come to with what the contents became, °C. */
  const reachedBy = ({ vessel }: EventResult) => {
    const { joules, unsure } = heatReleased(before.phases, vessel.phases, capacity);
    const heatJ = joules + before.storedJ - dilutionHeatLeft(vessel.phases);
    return { reached: mixed.temperatureC + heatJ / capacity, unsure };
  };
  const within = (reached: number) => Math.max(lowestC, Math.min(limit, reached));
  const at = (temperatureC: number) => react(previous, { ...mixed, temperatureC });
  const { reached, unsure } = reachedBy(step);
  let [here, there] = [mixed.temperatureC, within(reached)];
  let settled = step;
  if (Math.abs(there - here) >= shiftsNothingC) {
    settled = at(tenths(there));
    // Where much gas leaves as it warms, it takes heat along: the temperature lies between.
    const again = within(reachedBy(settled).reached);
    if (Math.abs(again - there) > shiftsMuchC)
      for (let round = 0; round < halvings; round += 1) {
        const middle = (here + there) / 2;
        settled = at(tenths(middle));
        const isBelow = within(reachedBy(settled).reached) > middle === there > mixed.temperatureC;
        if (isBelow) here = middle;
        else there = middle;
      }
  }
  const temperatureC = settled === step ? tenths(there) : settled.vessel.temperatureC;
  const warnings: Warning[] = unsureWarnings(unsure);
  if (temperatureC >= limit && reached > limit) warnings.push(boilingWarning(limit));
  const came = { ...settled.vessel, temperatureC };
  const sights = [...(settled.sights ?? []), ...coldSights(previous, came)];
  return {
    ...settled,
    vessel: came,
    ...(sights.length > 0 && { sights }),
    warnings: unique([...settled.warnings, ...warnings]),
  };
}

/** Says that a temperature is rough, and for want of what. */
export function unsureWarnings(unsure: readonly string[]): Warning[] {
  if (unsure.length === 0) return [];
  return [
    {
      code: 'heatUnsure',
      message: `The temperature is rough: no enthalpy is tabulated for ${[...new Set(unsure)].join(', ')}.`,
    },
  ];
}
