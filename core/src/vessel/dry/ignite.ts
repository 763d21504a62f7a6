import { sidesOf } from '../../matter/equation/sides';
import { ChemistryError } from '../../common/errors';
import { burningLiquids } from '../../matter/substances/data/burningLiquids';
import { metalsOnWater } from '../../matter/substances/data/metalsOnWater';
import { findSubstance } from '../../matter/substances/findSubstance';
import { parseFormula } from '../../matter/formula/parseFormula';
import { formationEnthalpy } from '../../matter/substances/enthalpy';
import { dissolvedGas } from '../../matter/substances/gas';
import { chargeOf } from '../../matter/substances/ionsOf';
import { sourceText } from '../../matter/substances/source';
import { componentsOfSolid } from '../../matter/substances/componentsOf';
import type { BurningLiquid } from '../../matter/substances/types';
import { addAmounts, present, scaleAmounts } from '../amounts';
import type { Amounts } from '../amounts';
import { dryDanger } from './dryDanger';
import { tooDangerous } from '../heat';
import { runRows, sorted } from './dryHeat';
import type { HeatSight } from './dryHeat';
import { layerVolumeMl } from '../layer';
import { waterDensityGPerMl } from '../pour';
import { tabulated } from '../reaction';
import type { Reaction, Reason } from '../reaction';
import { react, isEmpty, resting, unique } from '../eventResult';
import type { EventResult } from '../eventResult';
import { thermalRows } from './thermalRows';
import type { Vessel } from '../vessel';
import { warningsOf } from '../warnings';
import type { Warning } from '../warnings';
import { formatNumber, withPlaces } from '../../common/formatNumber';

/** Liquid that is burned for a class to see, mL; more is a fire (common practice). */
const mostBurnedMl = 5;
const liquids: readonly BurningLiquid[] = burningLiquids;

/** What burned of a liquid, and what it left behind. */
interface Burned {
  readonly vessel: Vessel;
  readonly reactions: readonly Reaction[];
  readonly sights: readonly HeatSight[];
  readonly burnedMl: number;
}

/**
 * Holds a flame to what is in an open vessel. What catches fire burns away, with the oxygen of the air.
 *
 * @throws ChemistryError `emptyVessel` when there is nothing to light.
 */
export function ignite(vessel: Vessel): EventResult {
  if (isEmpty(vessel) && Object.keys(vessel.phases.gas).length === 0)
    throw ChemistryError.of('emptyVessel', 'light');
  const danger = dryDanger(vessel.phases.solids);
  if (danger && !danger.isFollowed) return tooDangerous(vessel, danger.warning);
  const liquid = burnLiquids(vessel);
  const step =
    liquid.vessel.volumeMl > 0 ? still(vessel, liquid.vessel) : burnSolids(vessel, liquid.vessel);
  const sights = [...liquid.sights, ...(step.sights ?? [])];
  const reactions = [...liquid.reactions, ...step.reactions];
  const warnings: Warning[] = [...step.warnings];
  if (reactions.length > 0)
    warnings.push({
      code: 'fire',
      message:
        'Fire: bottles closed and away, hair and sleeves back, a lid and a mat at hand. Never add more to what burns.',
    });
  if (liquid.burnedMl > mostBurnedMl)
    warnings.push({
      code: 'fireTooLarge',
      message: `${withPlaces(liquid.burnedMl, 0)} mL of a burning liquid is a fire, not a demonstration: a few drops on a dish.`,
    });
  const gas = Object.keys(vessel.phases.gas).find((one) => dissolvedGas(one)?.flammable);
  if (gas)
    warnings.push({
      code: 'flammableGas',
      message: `${gas} is above it and may explode with air: hold a lit splint to a small tube of it instead.`,
    });
  return {
    ...step,
    reactions,
    gasEvolved: present(addAmounts(step.vessel.phases.gas, vessel.phases.gas, -1)),
    sights,
    warnings: unique(warnings),
  };
}

/** A liquid that a flame changed only by what burned off it. */
function still(before: Vessel, left: Vessel): EventResult {
  return { ...react(before, left), reactions: [] };
}

function burnLiquids(start: Vessel): Burned {
  let vessel = start;
  let burnedMl = 0;
  const reactions: Reaction[] = [];
  const sights: HeatSight[] = [];
  for (const row of liquids) {
    const { phases, volumeMl } = vessel;
    const inWater = phases.solution[row.formula] ?? 0;
    const mmol = (phases.layer[row.formula] ?? 0) + inWater;
    if (mmol <= 0) continue;
    const { formula, equation, fromM = 0 } = row;
    if (!equation) {
      sights.push({ formula, result: row.shows.says, shows: row.shows.sights });
      continue;
    }
    if (inWater > 0 && inWater / volumeMl < fromM) {
      sights.push({
        formula,
        result: `does not catch fire: below about ${formatNumber(fromM)} mol/L there is too much water`,
        shows: [],
      });
      continue;
    }
    const { used, made } = sidesOf(equation);
    const extentMmol = mmol / (used[formula] ?? 1);
    burnedMl += volumeOf(formula, mmol);
    vessel = without(vessel, formula, scaleAmounts(made, extentMmol));
    reactions.push(
      tabulated(equation, { about: formula, extentMmol, why: [heatOf(row, equation)] }),
    );
    sights.push({ formula, result: row.shows.says, shows: row.shows.sights });
    if (made.H2O)
      sights.push({
        formula: 'H2O',
        result: 'a cold dish held above mists over',
        shows: ['drops of water form'],
        condenses: true,
      });
  }
  return { vessel, reactions, sights, burnedMl };
}

/** Volume of the pure liquid, mL. */
function volumeOf(formula: string, mmol: number): number {
  const { stock } = findSubstance(formula).substance;
  return stock ? mmol / stock.concentrationM : layerVolumeMl({ [formula]: mmol });
}

/** A vessel from which a liquid burned off; what water it held stays. */
function without(vessel: Vessel, formula: string, gases: Amounts): Vessel {
  const { [formula]: dissolved = 0, ...solution } = vessel.phases.solution;
  const layer = Object.fromEntries(
    Object.entries(vessel.phases.layer).filter(([name]) => name !== formula),
  );
  const left = ((solution.H2O ?? 0) * 18.015) / 1000 / waterDensityGPerMl;
  const { H2O: water = 0, ...solutes } = solution;
  // A film of water that came with the alcohol goes off as steam, if nothing is dissolved in it.
  const dries =
    dissolved > 0 && left < driesMl && Object.values(solutes).every((n) => n < traceMmol);
  return {
    ...vessel,
    volumeMl: dries ? 0 : dissolved > 0 ? left : vessel.volumeMl,
    phases: {
      ...vessel.phases,
      solution: dries ? {} : solution,
      layer,
      gas: addAmounts(addAmounts(vessel.phases.gas, gases), { H2O: dries ? water : 0 }),
    },
  };
}

/** Water that a flame dries up, mL (common practice). */
const driesMl = 0.3;
/** Dissolved matter below this is none, mmol. */
const traceMmol = 1e-6;

function heatOf({ formula, source }: BurningLiquid, equation: string): Reason {
  const { used, made } = sidesOf(equation);
  const sum = (side: Amounts, state: 'g' | 'l') =>
    Object.entries(side).reduce(
      (total, [one, n]) =>
        total +
        n * (one === 'O2' ? 0 : (formationEnthalpy(one, one === formula ? 'l' : state) ?? 0)),
      0,
    );
  const kJ = (sum(made, 'g') - sum(used, 'l')) / (used[formula] ?? 1);
  return {
    text: `burning gives off about ${Math.round(-kJ)} kJ per mole, water as steam`,
    source: sourceText(source),
  };
}

/** What a flame does to solids: some take fire and burn on, most do not. */
function burnSolids(before: Vessel, vessel: Vessel): EventResult {
  const rows = thermalRows().filter(({ lights }) => lights);
  const { condensed, gas, reactions, sights, warnings } = runRows(
    vessel.phases,
    rows,
    () => 'a flame sets it going, and it burns on by itself',
  );
  const { solids, layer } = sorted(condensed);
  const burned: Vessel = { ...vessel, phases: { solution: {}, solids, layer, gas } };
  const unlit = Object.keys(vessel.phases.solids).filter((formula) => formula in solids);
  return {
    ...resting(burned),
    reactions,
    sights: [
      ...sights,
      ...unlit
        .filter((formula) => !mayBurn(formula))
        .map((formula) => ({ formula, result: 'does not catch fire', shows: [] })),
    ],
    solidsChange: addAmounts(solids, before.phases.solids, -1),
    warnings: unique([
      ...warnings,
      ...warningsOf(burned, undefined, present(addAmounts(gas, before.phases.gas, -1))),
    ]),
    notPredicted: unlit
      .filter(mayBurn)
      .map(
        (formula) => `whether ${formula} burns on in a flame is not in the tables; heat it instead`,
      ),
  };
}

const alkaliMetals = new Set<string>(metalsOnWater.map(({ formula }) => formula));

/** Whether a solid may catch fire although no row says so: made of molecules with carbon, or one of the most reactive metals. */
function mayBurn(formula: string): boolean {
  const parts = Object.keys(componentsOfSolid(formula) ?? {});
  const isMolecular = parts.every((name) => name === 'H2O' || chargeOf(name) === 0);
  const isCarbon = 'C' in parseFormula(formula).elements;
  return alkaliMetals.has(formula) || (isMolecular && isCarbon);
}
