import { ChemistryError, inField } from '../errors';
import { molarMassOf } from '../formula/molarMass';
import type { Equilibrium, Saturation } from '../equilibrium/equilibrate';
import type { Action, VesselSetup } from './action';
import { addAmounts, present, scaleAmounts } from './amounts';
import type { Amounts } from './amounts';
import { glassSoftensC, heatDry, heatsTo, rewet } from './dryHeat';
import type { HeatSight, Rewetted } from './dryHeat';
import { dilutionHeatLeft, heatCapacityOf, heatReleased } from './heatContent';
import { meet } from './meet';
import { metalOnWater } from './metalOnWater';
import { pourOut, waterDensityGPerMl } from './pour';
import { solventOf } from './layer';
import type { AnyPortion } from './portion';
import type { Reaction } from './reaction';
import { outsideModel } from './rules/outsideModel';
import { settle } from './settle';
import { emptyVessel, noPhases, pourTogether } from './vessel';
import type { Phases, Vessel } from './vessel';
import { hotVesselWarnings, pouringWarnings, solubilityWarnings, warningsOf } from './warnings';
import type { Warning } from './warnings';

/** A vessel after something was done to it, and what happened. */
export interface Step {
  readonly vessel: Vessel;
  /** The solution it holds; undefined without liquid. */
  readonly equilibrium?: Equilibrium;
  readonly reactions: readonly Reaction[];
  readonly considered: readonly Saturation[];
  /** Gas that left in this step, mmol. */
  readonly gasEvolved: Amounts;
  /** Solids that formed (+) or went into solution (−) in this step, mmol; what was only put in or taken out is not counted. */
  readonly solidsChange: Amounts;
  /** What was seen of heat or of water going back into crystals, besides new solids and gases. */
  readonly sights?: readonly HeatSight[];
  /** What was taken out of the vessel: poured away, left on the paper, boiled off. */
  readonly removed: Phases;
  readonly warnings: readonly Warning[];
  /** What the model cannot say about this step, each with its reason. */
  readonly notPredicted: readonly string[];
}

/** Liquid that filter paper keeps, mL, and what each gram of wet solid keeps besides, mL (common practice). */
const paperKeepsMl = 0.3;
const solidKeepsMlPerG = 1.5;
/** Share of the volume to which “evaporate” goes when no volume is named: crystals in a little mother liquor. */
const evaporatesTo = 0.05;
/** Boiling of dilute solutions, °C; the rise with concentration is not reckoned. */
const boilsAtC = 100;
/** Acid from which a solution may be heated past the boiling point of water, mol/L of HSO4⁻, and how far, °C. */
const strongAcidM = 10;
const strongAcidToC = 300;
/** Colder than this no mixture of the bench gets by itself, °C (common practice: ice and salt reach about −20). */
const lowestC = -20;

/** Whether a vessel is left to warm or cool by what goes on in it, or is kept at its temperature. */
type Warmth = 'free' | 'kept';

/** Sets a vessel up: the portions are put in one after the other and come to rest together, at the temperature given. */
export function setUp({ contents, temperatureC = 25, container = 'testTube' }: VesselSetup): Step {
  return contents.reduce<Step>(
    (step, portion, index) => {
      const next = inField(`contents.${index}`, () => add(step.vessel, portion, 'kept'));
      return {
        ...next,
        reactions: [...step.reactions, ...next.reactions],
        gasEvolved: addAmounts(step.gasEvolved, next.gasEvolved),
        solidsChange: addAmounts(step.solidsChange, next.solidsChange),
        warnings: unique([...step.warnings, ...next.warnings]),
        notPredicted: [...step.notPredicted, ...next.notPredicted],
      };
    },
    resting(emptyVessel(container, temperatureC)),
  );
}

/**
 * Does something to a vessel and says what happens.
 *
 * @throws ChemistryError for an unknown substance or an action that the vessel’s contents do not allow.
 */
export function act(vessel: Vessel, action: Action): Step {
  switch (action.do) {
    case 'add':
      return inField('portion', () => add(vessel, action.portion));
    case 'bubble':
      return add(vessel, { gas: action.gas, amountMmol: action.amountMmol });
    case 'dilute':
      return dilute(vessel, action.toVolumeMl);
    case 'pourInto': {
      const receiver = inField('vessel', () => setUp(action.vessel));
      return pour(receiver.vessel, vessel);
    }
    case 'discard':
      return take(
        vessel,
        { ...scalePhases(vessel.phases, action.fraction), gas: {} },
        action.fraction * vessel.volumeMl,
      );
    case 'filter':
      return filter(vessel, action.keep);
    case 'decant':
      return decant(vessel, action.keep);
    case 'evaporate':
      return evaporate(vessel, action.toVolumeMl);
    case 'heat':
      return heat(vessel, action);
    case 'cool':
      return warmTo(vessel, action.toC);
    case 'shakeWithAir':
      return notFollowed(vessel, 'what air does on shaking is not part of the model in solution');
    case 'light':
      return {
        ...come(vessel, vessel),
        reactions: [],
        gasEvolved: {},
        vessel: { ...vessel, litMinutes: (vessel.litMinutes ?? 0) + action.minutes },
      };
    case 'test':
      // A test is an observation of the vessel, which stays as it is.
      return { ...come(vessel, vessel), vessel, reactions: [], gasEvolved: {}, warnings: [] };
  }
}

/**
 * Pours all of one vessel into another and says what happens there. Gas above the liquid stays behind.
 *
 * @throws ChemistryError `emptyVessel` when there is nothing to pour.
 */
export function pour(into: Vessel, from: Vessel): Step {
  if (isEmpty(from)) throw ChemistryError.of('emptyVessel', 'pour');
  const poured = { ...from, phases: { ...from.phases, gas: {} } };
  const step = together(into, poured);
  return { ...step, warnings: unique([...pouringWarnings(into, poured), ...step.warnings]) };
}

function add(vessel: Vessel, portion: AnyPortion, warmth: Warmth = 'free'): Step {
  const poured = pourOut(
    portion,
    vessel.container,
    vessel.volumeMl === 0 ? vessel.temperatureC : undefined,
  );
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
    warnings: unique([...pouringWarnings(vessel, part), ...warnings, ...step.warnings]),
  };
}

/** A gas let into a vessel without liquid stays a gas. */
function asGas(part: Vessel): Vessel {
  return { ...part, phases: { ...noPhases, gas: part.phases.solution } };
}

interface Meeting {
  readonly warmth?: Warmth;
  /** The part is a gas that is led in: what it was before it dissolved, mmol. */
  readonly ledIn?: Amounts;
}

function together(vessel: Vessel, part: Vessel, { warmth = 'free', ledIn }: Meeting = {}): Step {
  if (vessel.volumeMl === 0 && part.volumeMl > 0 && part.put.length === 0) {
    const step = rewetting(vessel, part, warmth);
    if (step) return step;
  }
  const mixed = pourTogether(vessel, part);
  if (mixed.volumeMl === 0) return resting(mixed);
  const rounded = { ...mixed, temperatureC: tenths(mixed.temperatureC) };
  const step = come(vessel, rounded);
  if (warmth === 'kept') return step;
  const { phases } = rounded;
  return warmed(vessel, rounded, step, {
    phases: ledIn
      ? {
          ...phases,
          solution: addAmounts(phases.solution, part.phases.solution, -1),
          gas: addAmounts(phases.gas, ledIn),
        }
      : phases,
    storedJ: dilutionHeatLeft(vessel.phases) + dilutionHeatLeft(part.phases),
  });
}

const tenths = (temperatureC: number): number => Math.round(temperatureC * 10) / 10;

/** A change of temperature that shifts no equilibrium by as much as anyone could see, °C. */
const shiftsNothingC = 2;

/**
 * A step with the heat that it gave off or took up left in the vessel: from the enthalpies of what was there before and after,
 * shared between the liquid, the solids and the glass. Equilibria are then taken at the temperature reached.
 */
function warmed(
  previous: Vessel,
  mixed: Vessel,
  step: Step,
  before: { readonly phases: Phases; readonly storedJ: number },
): Step {
  const capacity = heatCapacityOf(mixed);
  const { joules, unsure } = heatReleased(before.phases, step.vessel.phases, capacity);
  const heatJ = joules + before.storedJ - dilutionHeatLeft(step.vessel.phases);
  const warnings: Warning[] =
    unsure.length > 0
      ? [
          {
            code: 'heatUnsure',
            message: `The temperature is rough: no enthalpy is tabulated for ${unsure.join(', ')}.`,
          },
        ]
      : [];
  const reached = mixed.temperatureC + heatJ / capacity;
  const limit = boilingPoint(mixed);
  if (reached > limit && heatJ > 0) warnings.push(boilingWarning(limit));
  const temperatureC = tenths(Math.max(lowestC, Math.min(limit, reached)));
  const settled =
    Math.abs(temperatureC - mixed.temperatureC) < shiftsNothingC
      ? { ...step, vessel: { ...step.vessel, temperatureC } }
      : come(previous, { ...mixed, temperatureC });
  return { ...settled, warnings: unique([...settled.warnings, ...warnings]) };
}

/** Water that reaches dry solids goes into their crystals first; undefined when they take none. */
function rewetting(vessel: Vessel, part: Vessel, warmth: Warmth): Step | undefined {
  const { wetted, left, taken } = rewetted(vessel, part);
  if (taken.reactions.length === 0) return undefined;
  const capacity = heatCapacityOf(pourTogether(vessel, part));
  const before = pourTogether(vessel, part);
  const after = pourTogether(wetted, left);
  const { joules } = heatReleased(before.phases, after.phases, capacity);
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
    warnings: unique([...step.warnings, ...hotVesselWarnings(vessel)]),
  };
}

/** Lets contents react from what they are now. */
function come(previous: Vessel, mixed: Vessel, removed: Phases = noPhases): Step {
  const { settled, reactions, considered } = meet(mixed, mixed.phases);
  const gasEvolved = present(addAmounts(settled.vessel.phases.gas, previous.phases.gas, -1));
  const solidsChange = addAmounts(settled.vessel.phases.solids, mixed.phases.solids, -1);
  const metal = metalOnWater(mixed, solidsChange);
  const outside =
    mixed.volumeMl > 0 ? outsideModel(scaleAmounts(mixed.phases.solution, 1 / mixed.volumeMl)) : [];
  return {
    vessel: settled.vessel,
    ...(settled.equilibrium && { equilibrium: settled.equilibrium }),
    reactions,
    considered,
    gasEvolved,
    solidsChange,
    ...(metal.sights.length > 0 && { sights: metal.sights }),
    removed,
    warnings: unique([
      ...metal.warnings,
      ...outside.flatMap(({ warning }) => (warning ? [warning] : [])),
      ...warningsOf(settled.vessel, settled.equilibrium, gasEvolved),
      ...settled.stays,
    ]),
    notPredicted: outside.map(({ reason }) => reason),
  };
}

function resting(vessel: Vessel): Step {
  return {
    vessel,
    reactions: [],
    considered: [],
    gasEvolved: {},
    solidsChange: {},
    removed: noPhases,
    warnings: [],
    notPredicted: [],
  };
}

function notFollowed(vessel: Vessel, reason: string): Step {
  return { ...come(vessel, vessel), reactions: [], gasEvolved: {}, notPredicted: [reason] };
}

function dilute(vessel: Vessel, toVolumeMl: number): Step {
  const missing = toVolumeMl - vessel.volumeMl;
  if (missing <= 0)
    throw ChemistryError.of(
      'outOfRange',
      'The volume to dilute to',
      `${toVolumeMl} mL`,
      `more than the ${vessel.volumeMl.toFixed(2)} mL that are there`,
    ).in('toVolumeMl');
  const poured = pourOut({ substance: 'water', volumeMl: missing }, vessel.container);
  const step = together(vessel, poured);
  return { ...step, warnings: unique([...pouringWarnings(vessel, poured), ...step.warnings]) };
}

/** Takes some of the contents out; what stays is at rest already. */
function take(vessel: Vessel, out: Phases, outMl: number): Step {
  if (vessel.volumeMl === 0 && Object.keys(vessel.phases.solids).length === 0)
    throw ChemistryError.of('emptyVessel', 'take out');
  const left: Vessel = {
    ...vessel,
    volumeMl: Math.max(0, vessel.volumeMl - outMl),
    phases: {
      solution: addAmounts(vessel.phases.solution, out.solution, -1),
      solids: present(addAmounts(vessel.phases.solids, out.solids, -1)),
      layer: present(addAmounts(vessel.phases.layer, out.layer, -1)),
      gas: vessel.phases.gas,
    },
    indicators: scaleAmounts(
      vessel.indicators,
      vessel.volumeMl === 0 ? 1 : 1 - outMl / vessel.volumeMl,
    ),
  };
  const dry = left.volumeMl < 1e-9;
  return dry
    ? {
        ...resting({ ...left, volumeMl: 0, phases: { ...left.phases, solution: {} } }),
        removed: out,
      }
    : { ...come(left, left, out), reactions: [] };
}

function filter(vessel: Vessel, keep: 'filtrate' | 'residue'): Step {
  if (vessel.volumeMl === 0) throw ChemistryError.of('emptyVessel', 'filter');
  const { solids, solution, layer } = vessel.phases;
  const solidG = Object.entries(solids).reduce(
    (sum, [formula, n]) => sum + (n * molarMassOf(formula)) / 1000,
    0,
  );
  const keptMl = Math.min(0.9 * vessel.volumeMl, paperKeepsMl + solidKeepsMlPerG * solidG);
  const share = keptMl / vessel.volumeMl;
  return keep === 'filtrate'
    ? take(vessel, { ...noPhases, solution: scaleAmounts(solution, share), solids }, keptMl)
    : take(
        vessel,
        { ...noPhases, solution: scaleAmounts(solution, 1 - share), layer },
        vessel.volumeMl - keptMl,
      );
}

/** Liquid that stays with a solid when the rest is poured off it, share of the volume (common practice). */
const staysWithSolid = 0.1;

/** Pours the upper of two layers off the lower, or a liquid off the solid that has settled in it. */
function decant(vessel: Vessel, keep: 'upper' | 'lower'): Step {
  const { solution, solids, layer } = vessel.phases;
  const solvent = solventOf(layer);
  if (solvent && vessel.volumeMl > 0) {
    const waterIsLower = solvent.densityGPerMl < waterDensityGPerMl;
    const keepsWater = (keep === 'lower') === waterIsLower;
    return keepsWater
      ? take(vessel, { ...noPhases, layer }, 0)
      : take(vessel, { ...noPhases, solution, solids }, vessel.volumeMl);
  }
  if (vessel.volumeMl === 0) throw ChemistryError.of('emptyVessel', 'decant');
  return keep === 'upper'
    ? take(
        vessel,
        { ...noPhases, solution: scaleAmounts(solution, staysWithSolid), solids },
        staysWithSolid * vessel.volumeMl,
      )
    : take(
        vessel,
        { ...noPhases, solution: scaleAmounts(solution, 1 - staysWithSolid) },
        (1 - staysWithSolid) * vessel.volumeMl,
      );
}

/** Boils water off. Dissolved gases leave with it as far as saturation says; acids are taken to stay. */
function evaporate(vessel: Vessel, toVolumeMl = evaporatesTo * vessel.volumeMl): Step {
  if (vessel.volumeMl === 0) throw ChemistryError.of('emptyVessel', 'evaporate');
  if (toVolumeMl >= vessel.volumeMl)
    throw ChemistryError.of(
      'outOfRange',
      'The volume to evaporate to',
      `${toVolumeMl} mL`,
      `less than the ${vessel.volumeMl.toFixed(2)} mL that are there`,
    ).in('toVolumeMl');
  const water = vessel.phases.solution.H2O ?? 0;
  const gone = water * (1 - toVolumeMl / vessel.volumeMl);
  const left: Vessel = {
    ...vessel,
    volumeMl: toVolumeMl,
    phases: { ...vessel.phases, solution: { ...vessel.phases.solution, H2O: water - gone } },
  };
  return come(left, left, { ...noPhases, gas: { H2O: gone } });
}

/** Heats a liquid as far as it goes, or what is dry by the stages it passes through. */
function heat(vessel: Vessel, { toC, strongly }: Extract<Action, { do: 'heat' }>): Step {
  if (isEmpty(vessel)) throw ChemistryError.of('emptyVessel', 'heat');
  if (vessel.volumeMl > 0) return warmTo(vessel, toC ?? boilsAtC);
  const temperatureC = toC ?? (strongly ? heatsTo.strongly : heatsTo.gently);
  if (temperatureC <= vessel.temperatureC) return resting({ ...vessel, temperatureC });
  const { phases, reactions, sights, warnings, notPredicted } = heatDry(vessel, temperatureC);
  const heated: Vessel = { ...vessel, temperatureC, phases };
  const gasEvolved = present(addAmounts(phases.gas, vessel.phases.gas, -1));
  const softens =
    temperatureC > glassSoftensC && vessel.container !== 'dish'
      ? [
          {
            code: 'glassSoftens',
            message: `Ordinary glass softens near ${glassSoftensC} °C: a crucible or hard glass for this heat.`,
          },
        ]
      : [];
  return {
    ...resting(heated),
    reactions,
    gasEvolved,
    solidsChange: addAmounts(phases.solids, vessel.phases.solids, -1),
    sights,
    warnings: unique([...warningsOf(heated, undefined, gasEvolved), ...warnings, ...softens]),
    notPredicted,
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

function isEmpty({ volumeMl, phases }: Vessel): boolean {
  return (
    volumeMl === 0 &&
    [phases.solids, phases.layer].every((amounts) => Object.keys(amounts).length === 0)
  );
}

function warmTo(vessel: Vessel, toC: number): Step {
  if (isEmpty(vessel)) throw ChemistryError.of('emptyVessel', 'heat or cool');
  if (vessel.volumeMl === 0) return resting({ ...vessel, temperatureC: toC });
  const limit = boilingPoint(vessel);
  const temperatureC = Math.min(limit, toC);
  if (toC < 0)
    return notFollowed(
      vessel,
      'below 0 °C water freezes, which is not part of the model in solution',
    );
  const warmed = { ...vessel, temperatureC };
  const step = come(vessel, warmed);
  return toC < limit
    ? step
    : { ...step, warnings: unique([...step.warnings, boilingWarning(limit)]) };
}

/** Where the liquid boils, °C: as water does, or higher in strong sulfuric acid. */
function boilingPoint({ phases, volumeMl }: Vessel): number {
  const acidM = (phases.solution['HSO4^-'] ?? 0) / volumeMl;
  return acidM > strongAcidM ? strongAcidToC : boilsAtC;
}

function boilingWarning(limitC: number): Warning {
  return {
    code: 'boiling',
    message: `The liquid boils at about ${limitC} °C and gets no hotter; it bumps and spits. Point the tube away from people.`,
  };
}

function scalePhases(phases: Phases, factor: number): Phases {
  return {
    solution: scaleAmounts(phases.solution, factor),
    solids: scaleAmounts(phases.solids, factor),
    layer: scaleAmounts(phases.layer, factor),
    gas: scaleAmounts(phases.gas, factor),
  };
}

function unique(warnings: readonly Warning[]): Warning[] {
  return warnings.filter(
    ({ code, message }, at) =>
      warnings.findIndex((one) => one.code === code && one.message === message) === at,
  );
}
