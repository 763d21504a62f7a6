import { ChemistryError } from '../common/errors';
import { molarMassOf } from '../matter/formula/molarMass';
import { magneticSolids } from '../matter/substances/data/magnetic';
import { addAmounts, present, scaleAmounts } from './amounts';
import { solventOf } from './layer';
import { waterDensityGPerMl } from './pour';
import { react, resting } from './eventResult';
import type { EventResult } from './eventResult';
import { noPhases } from './vessel';
import type { Phases, Vessel } from './vessel';
import { formatNumber, withPlaces } from '../common/formatNumber';

/** Liquid that filter paper keeps, mL, and what each gram of wet solid keeps besides, mL (common practice). */
const paperKeepsMl = 0.3;
const solidKeepsMlPerG = 1.5;
/** Share of the volume to which “evaporate” goes when no volume is named: crystals in a little mother liquor. */
const evaporatesTo = 0.05;
/** Liquid that stays with a solid when the rest is poured off it, share of the volume (common practice). */
const staysWithSolid = 0.1;

/** Takes a share of everything but the gas out of a vessel. */
export function discard(vessel: Vessel, fraction: number): EventResult {
  const out = { ...scalePhases(vessel.phases, fraction), gas: {} };
  return take(vessel, out, fraction * vessel.volumeMl);
}

/** Takes some of the contents out; what stays is at rest already. */
function take(vessel: Vessel, out: Phases, outMl: number): EventResult {
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
    : { ...react(left, left, out), reactions: [] };
}

/** Filters, and keeps the filtrate with what runs through, or the residue with the liquid that clings to it. */
export function filter(vessel: Vessel, keep: 'filtrate' | 'residue'): EventResult {
  if (vessel.volumeMl === 0) throw ChemistryError.of('emptyVessel', 'filter');
  const { solids, solution, layer } = vessel.phases;
  const keptMl = Math.min(0.9 * vessel.volumeMl, paperKeepsMl + clingingMl(solids));
  const share = keptMl / vessel.volumeMl;
  return keep === 'filtrate'
    ? take(vessel, { ...noPhases, solution: scaleAmounts(solution, share), solids }, keptMl)
    : take(
        vessel,
        { ...noPhases, solution: scaleAmounts(solution, 1 - share), layer },
        vessel.volumeMl - keptMl,
      );
}

/**
 * Draws the magnetic solids out with a magnet, and keeps them with the liquid that clings to them, or the rest. All of them
 * are taken to come, and nothing with them: a magnet in film, drawn through more than once.
 */
export function drawOut(vessel: Vessel, keep: 'drawn' | 'rest'): EventResult {
  const { solids, solution, layer } = vessel.phases;
  const isDrawn = ([formula]: readonly [string, number]) => magneticSolids.includes(formula);
  const all = Object.entries(solids);
  const drawn = Object.fromEntries(all.filter(isDrawn));
  if (Object.keys(drawn).length === 0)
    throw ChemistryError.of('nothingMagnetic', magneticSolids.join(', '));
  const keptMl = Math.min(0.9 * vessel.volumeMl, clingingMl(drawn));
  const share = vessel.volumeMl === 0 ? 0 : keptMl / vessel.volumeMl;
  const rest = Object.fromEntries(all.filter((one) => !isDrawn(one)));
  // Dry powders part cleanly, so each heap is now of what it holds; a liquid brings something of everything along.
  const parted =
    vessel.volumeMl > 0 ? vessel : { ...vessel, put: putInto(vessel.put, keep === 'drawn') };
  return keep === 'rest'
    ? take(parted, { ...noPhases, solution: scaleAmounts(solution, share), solids: drawn }, keptMl)
    : take(
        parted,
        { ...noPhases, solution: scaleAmounts(solution, 1 - share), solids: rest, layer },
        vessel.volumeMl - keptMl,
      );
}

/** What was put in of what a magnet draws, or of the rest; all of it where it came about in the vessel. */
function putInto(put: Vessel['put'], isDrawn: boolean): Vessel['put'] {
  const own = put.filter((formula) => magneticSolids.includes(formula) === isDrawn);
  return own.length > 0 ? own : put;
}

/** Liquid that wet solids keep, mL. */
function clingingMl(solids: Phases['solids']): number {
  return Object.entries(solids).reduce(
    (sum, [formula, n]) => sum + (solidKeepsMlPerG * n * molarMassOf(formula)) / 1000,
    0,
  );
}

/** Pours the upper of two layers off the lower, or a liquid off the solid that has settled in it. */
export function decant(vessel: Vessel, keep: 'upper' | 'lower'): EventResult {
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
export function evaporate(
  vessel: Vessel,
  toVolumeMl = evaporatesTo * vessel.volumeMl,
): EventResult {
  if (vessel.volumeMl === 0) throw ChemistryError.of('emptyVessel', 'evaporate');
  if (toVolumeMl >= vessel.volumeMl)
    throw ChemistryError.of(
      'outOfRange',
      'The volume to evaporate to',
      `${formatNumber(toVolumeMl)} mL`,
      `less than the ${withPlaces(vessel.volumeMl, 2)} mL that are there`,
    ).in('toVolumeMl');
  const water = vessel.phases.solution.H2O ?? 0;
  const gone = water * (1 - toVolumeMl / vessel.volumeMl);
  const left: Vessel = {
    ...vessel,
    volumeMl: toVolumeMl,
    phases: { ...vessel.phases, solution: { ...vessel.phases.solution, H2O: water - gone } },
  };
  return react(left, left, { ...noPhases, gas: { H2O: gone } });
}

function scalePhases(phases: Phases, factor: number): Phases {
  return {
    solution: scaleAmounts(phases.solution, factor),
    solids: scaleAmounts(phases.solids, factor),
    layer: scaleAmounts(phases.layer, factor),
    gas: scaleAmounts(phases.gas, factor),
  };
}
