import { ChemistryError } from '../common/errors';
import { addAmounts, scaleAmounts } from './amounts';
import type { Amounts } from './amounts';
import { rewet } from './dry/dryHeat';
import type { Rewetted } from './dry/dryHeat';
import { boilsAtC } from './heat';
import { dilutionHeatLeft, heatCapacityOf, heatReleased } from './heatContent';
import { takenUpByLayer } from './layer';
import { pourOut } from './pour';
import type { AnyPortion } from './portion';
import { settle } from './settle';
import { react, isEmpty, resting, unique } from './eventResult';
import type { EventResult } from './eventResult';
import { noPhases, pourTogether } from './vessel';
import type { Vessel } from './vessel';
import { sharedTemperature, tenths, unsureWarnings, warmed } from './warmth';
import { dryDanger } from './dry/dryDanger';
import { dryReason, waterSetFreeMl } from './dry/wettingSolids';
import { mustNotMeet } from './mustNotMeet';
import { hotVesselWarnings, pouringWarnings, solubilityWarnings } from './warnings';
import { formatNumber, withPlaces } from '../common/formatNumber';

/** Whether a vessel is left to warm or cool by what goes on in it, or is kept at its temperature. */
export type Warmth = 'free' | 'kept';

/** Puts a portion into a vessel. */
export function add(vessel: Vessel, portion: AnyPortion, warmth: Warmth = 'free'): EventResult {
  const asPoured = pourOut(
    portion,
    vessel.container,
    vessel.volumeMl === 0 && warmth === 'kept' ? vessel.temperatureC : undefined,
  );
  const onHot = vessel.volumeMl === 0 && warmth === 'free' && asPoured.volumeMl > 0;
  const poured = onHot
    ? { ...asPoured, temperatureC: tenths(sharedTemperature(vessel, asPoured)) }
    : asPoured;
  const part = settle(poured).vessel;
  const isGas = 'gas' in portion;
  const step =
    isGas && vessel.volumeMl === 0
      ? together(vessel, asGas(part), { warmth })
      : together(vessel, part, {
          warmth,
          ...(isGas && { ledIn: { [part.put[0] ?? portion.gas]: portion.amountMmol } }),
        });
  const warnings =
    'concentrationM' in portion
      ? solubilityWarnings(portion.substance, portion.concentrationM)
      : [];
  return {
    ...step,
    ...(isGas && vessel.volumeMl > 0 && { ledIn: [part.put[0] ?? portion.gas] }),
    warnings: unique([
      ...mustNotMeet(vessel, part),
      ...pouringWarnings(vessel, part),
      ...(onHot ? hotVesselWarnings(vessel) : []),
      ...warnings,
      ...step.warnings,
    ]),
  };
}

/**
 * Pours all of one vessel into another and says what happens there. Gas above the liquid stays behind.
 *
 * @throws ChemistryError `emptyVessel` when there is nothing to pour.
 */
export function pour(into: Vessel, from: Vessel): EventResult {
  if (isEmpty(from)) throw ChemistryError.of('emptyVessel', 'pour');
  if (into.stopper ?? from.stopper) throw ChemistryError.of('stoppered', 'poured');
  const poured = { ...from, phases: { ...from.phases, gas: {} } };
  const step = together(into, poured);
  return {
    ...step,
    warnings: unique([
      ...mustNotMeet(into, poured),
      ...pouringWarnings(into, poured),
      ...step.warnings,
    ]),
  };
}

/** Fills a vessel up with water. */
export function dilute(vessel: Vessel, toVolumeMl: number): EventResult {
  const missing = toVolumeMl - vessel.volumeMl;
  if (missing <= 0)
    throw ChemistryError.of(
      'outOfRange',
      'The volume to dilute to',
      `${formatNumber(toVolumeMl)} mL`,
      `more than the ${withPlaces(vessel.volumeMl, 2)} mL that are there`,
    ).in('toVolumeMl');
  const poured = pourOut({ substance: 'water', volumeMl: missing }, vessel.container);
  const step = together(vessel, poured);
  return { ...step, warnings: unique([...pouringWarnings(vessel, poured), ...step.warnings]) };
}

/** A gas let into a vessel without liquid stays a gas. */
function asGas(part: Vessel): Vessel {
  return { ...part, phases: { ...noPhases, gas: part.phases.solution } };
}

interface BroughtToRest {
  readonly warmth?: Warmth;
  /** The part is a gas that is led in: what it was before it dissolved, mmol. */
  readonly ledIn?: Amounts;
}

function together(
  vessel: Vessel,
  part: Vessel,
  { warmth = 'free', ledIn }: BroughtToRest = {},
): EventResult {
  if (vessel.volumeMl === 0 && part.volumeMl > 0 && part.put.length === 0) {
    const step = rewetting(vessel, part, warmth);
    if (step) return step;
  }
  const poured = pourTogether(vessel, part);
  const setFreeMl = poured.volumeMl === 0 ? waterSetFreeMl(poured.phases.solids) : 0;
  const mixed = { ...poured, volumeMl: poured.volumeMl + setFreeMl };
  if (mixed.volumeMl === 0) {
    const reason = dryReason(mixed) ?? gasOnDryReason(vessel, part);
    const danger = dryDanger(mixed.phases.solids);
    const phases = takenUpByLayer(mixed.phases);
    return {
      ...resting({ ...mixed, phases }),
      solidsChange: addAmounts(phases.solids, mixed.phases.solids, -1),
      notPredicted: reason ? [reason] : [],
      warnings: danger ? [danger.warning] : [],
    };
  }
  const rounded = { ...mixed, temperatureC: tenths(mixed.temperatureC) };
  const step = react(vessel, rounded);
  const meets: Pick<EventResult, 'poured'> =
    vessel.volumeMl > 0 && part.volumeMl > 0 && !ledIn ? { poured: part } : {};
  // Where something goes on that is not followed, its heat is not known either.
  if (warmth === 'kept' || step.notPredicted.length > 0 || step.keepsTemperature)
    return { ...step, ...meets };
  const { phases } = rounded;
  const before = {
    phases: ledIn
      ? {
          ...phases,
          solution: addAmounts(phases.solution, part.phases.solution, -1),
          gas: addAmounts(phases.gas, ledIn),
        }
      : phases,
    storedJ: dilutionHeatLeft(vessel.phases) + dilutionHeatLeft(part.phases),
  };
  return { ...warmed(vessel, rounded, step, before), ...meets };
}

/** Gases that leave dry solids alone in the cold (common practice). */
const idleInTheCold = new Set([
  'H2',
  'N2',
  'O2',
  'N2O',
  'CO',
  'CH4',
  'C2H6',
  'C2H4',
  'C3H8',
  'C3H6',
  'C4H10',
]);

/** Why it is not told what a gas that is let onto dry solids does to them; undefined where it leaves them alone. */
function gasOnDryReason(vessel: Vessel, part: Vessel): string | undefined {
  const gas = Object.keys(part.phases.gas).find((one) => !idleInTheCold.has(one));
  return gas && Object.keys(vessel.phases.solids).length > 0
    ? `${gas} on dry solids: what it does there, and how much moisture helps it, is not followed`
    : undefined;
}

/** Water that reaches dry solids goes into their crystals first; undefined when they take none. */
function rewetting(vessel: Vessel, part: Vessel, warmth: Warmth): EventResult | undefined {
  const { wetted, left, taken } = rewetted(vessel, part);
  if (taken.reactions.length === 0) return undefined;
  const before = pourTogether(vessel, part);
  const after = pourTogether(wetted, left);
  const capacity = heatCapacityOf(before);
  const { joules, unsure } = heatReleased(before.phases, after.phases, capacity);
  const from = before.temperatureC;
  const temperatureC =
    warmth === 'kept' ? from : tenths(Math.min(boilsAtC, from + joules / capacity));
  const damp = { ...left, temperatureC };
  const step = together({ ...wetted, temperatureC }, damp, { warmth });
  return {
    ...step,
    reactions: [...taken.reactions, ...step.reactions],
    solidsChange: addAmounts(step.vessel.phases.solids, vessel.phases.solids, -1),
    sights: taken.sights,
    warnings: unique([
      ...step.warnings,
      ...hotVesselWarnings(vessel),
      ...(warmth === 'kept' ? [] : unsureWarnings(unsure)),
    ]),
  };
}

/** Water that reaches dry solids goes into their crystals first; only what is left over is liquid. */
function rewetted(vessel: Vessel, part: Vessel): { wetted: Vessel; left: Vessel; taken: Rewetted } {
  const { H2O: waterMmol = 0 } = part.phases.solution;
  const taken = rewet(vessel.phases.solids, waterMmol);
  const share = waterMmol === 0 ? 1 : taken.waterMmol / waterMmol;
  return {
    taken,
    wetted: { ...vessel, phases: { ...vessel.phases, solids: taken.solids } },
    left: {
      ...part,
      volumeMl: share < 1e-9 ? 0 : part.volumeMl * share,
      phases: {
        ...part.phases,
        solution: share < 1e-9 ? {} : scaleAmounts(part.phases.solution, share),
      },
    },
  };
}
