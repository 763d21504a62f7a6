import * as z from 'zod';
import { depositMetals, planDeposit, plateAreaCm2 } from './deposit';
import type { DepositPlan } from './deposit';
import { planGas, tubeSchedule, tubeVolumeMl, twoToOne } from './gasPlan';
import type { GasPlan, TubeSchedule, TwoToOne } from './gasPlan';
import { usualGapCm } from './cell';
import type { CellRequest } from './cellRequest';
import type { CellCurrent, PredictedCell } from './predictCell';
import type { Supply } from './supply';
import { aboveZero, typedNumber } from '../../common/typed';
import type { TypedNumber } from '../../common/typed';

/** What is planned for a cell as it is typed: gas in tubes, a coat on a plate, the supply. Units stand in the names. */
export const typedPlanSchema = z.object({
  gas: z.enum(['H2', 'O2', 'Cl2']),
  find: z.enum(['time', 'current']).default('time'),
  tube: z.enum(['volume', 'ruler']),
  tubeMl: typedNumber,
  innerMm: typedNumber,
  lengthMm: typedNumber,
  round: z.boolean(),
  pressureKPa: typedNumber,
  overWater: z.boolean(),
  classes: typedNumber,
  apartMin: typedNumber,
  metal: z.string(),
  widthCm: typedNumber,
  heightCm: typedNumber,
  faces: z.enum(['1', '2']),
  densityAPerM2: typedNumber,
  depositMin: typedNumber,
  everyMin: typedNumber,
  supply: z.enum(['cells', 'supply']),
  cells: typedNumber,
  eachV: typedNumber,
  eachOhm: typedNumber,
  supplyV: typedNumber,
  limitA: typedNumber,
});
export type TypedPlan = z.output<typeof typedPlanSchema>;

/** What a plan begins with: sizes of a class (common practice), air at the standard pressure. */
export const firstPlan: TypedPlan = {
  gas: 'H2',
  find: 'time',
  tube: 'ruler',
  tubeMl: 20,
  innerMm: 14,
  lengthMm: 120,
  round: true,
  pressureKPa: 101.3,
  overWater: true,
  classes: 3,
  apartMin: 50,
  metal: 'Zn',
  widthCm: 7.5,
  heightCm: 8,
  faces: '1',
  densityAPerM2: 400,
  depositMin: 60,
  everyMin: 10,
  supply: 'cells',
  cells: 2,
  eachV: 9,
  eachOhm: 2,
  supplyV: 12,
  limitA: '',
};

/** A gas that a cell makes and that can be collected. */
export interface MadeGas {
  readonly formula: 'H2' | 'O2' | 'Cl2';
  readonly where: 'minus' | 'plus';
  /** Of the current, 0 to 1. */
  readonly share: number;
}

/** The gases of a cell that can be collected, those at minus first. */
export function gasesOf({ cathode, anode }: Pick<PredictedCell, 'cathode' | 'anode'>): MadeGas[] {
  const sides = [
    ['minus', cathode],
    ['plus', anode],
  ] as const;
  return sides.flatMap(([where, { products }]) =>
    products.flatMap(({ formula, share }) =>
      formula === 'H2' || formula === 'O2' || formula === 'Cl2' ? [{ formula, where, share }] : [],
    ),
  );
}

/** Where no time is set, s (common practice). */
export const usualTimeS = 600;
/** Where no current is set, A: a gentle one (common practice). */
const gentleA = 0.1;

/** A tube of gas as it is planned. */
export interface PlannedTube {
  readonly tubeMl: number;
  readonly gasPlan: GasPlan;
  /** Both gases of water, where the cell makes both. */
  readonly pair?: TwoToOne;
}

/**
 * Charge, time or current for the tube that was typed.
 *
 * @param gases all that the cell makes, among them the one wanted.
 * @throws ChemistryError naming the number that is missing or not above zero.
 */
export function plannedTube(
  plan: TypedPlan,
  gas: MadeGas,
  gases: readonly MadeGas[],
  current: CellCurrent,
): PlannedTube {
  const tubeMl =
    plan.tube === 'volume'
      ? aboveZero(plan.tubeMl, 'The volume of the tube')
      : tubeVolumeMl({
          innerDiameterMm: aboveZero(plan.innerMm, 'The inside of the tube'),
          lengthMm: aboveZero(plan.lengthMm, 'The length of the tube'),
          round: plan.round,
        });
  const conditions = {
    temperatureC: current.conditions.temperatureC,
    pressureKPa: aboveZero(plan.pressureKPa, 'The air pressure'),
    overWater: plan.overWater,
  };
  const gasPlan = planGas({
    gas: gas.formula,
    volumeMl: tubeMl,
    conditions,
    share: gas.share,
    ...(plan.find === 'time'
      ? { currentA: current.currentA ?? gentleA }
      : { timeS: current.timeS ?? usualTimeS }),
  });
  const share = (formula: string) => gases.find((one) => one.formula === formula)?.share;
  const [hydrogen, oxygen] = [share('H2'), share('O2')];
  return {
    tubeMl,
    gasPlan,
    ...(hydrogen !== undefined &&
      oxygen !== undefined && {
        pair: twoToOne(gasPlan.chargeC, conditions, { hydrogen, oxygen }),
      }),
  };
}

/** More classes than this no day has. */
const mostClasses = 12;

/** The tubes of the classes that were typed, one class after the other. @param renewAfterMin min of current until metal from plus shows. */
export function plannedTubes(
  plan: TypedPlan,
  { gasPlan: { timeS = 0 }, pair }: PlannedTube,
  renewAfterMin?: number,
): TubeSchedule {
  const count =
    plan.classes === '' ? 0 : Math.min(mostClasses, Math.max(0, Math.round(plan.classes)));
  const apart = plan.apartMin === '' ? 0 : plan.apartMin;
  return tubeSchedule({
    startsMin: Array.from({ length: count }, (_, at) => at * apart),
    fillMin: Math.ceil(timeS / 60),
    ...(renewAfterMin !== undefined && { renewAfterMin }),
    ...(pair && { plusFull: pair.oxygenMl / pair.hydrogenMl }),
  });
}

/** The metal that a cell puts on its cathode, of those a coat can be planned for. */
export function platedBy({ cathode }: Pick<PredictedCell, 'cathode'>): string | undefined {
  return cathode.products.find(({ formula }) =>
    depositMetals.some(({ metal }) => metal === formula),
  )?.formula;
}

/**
 * The coat that was typed.
 *
 * @param share of the current that makes the metal, 0 to 1.
 * @throws ChemistryError naming the number that is missing or not above zero.
 */
export function plannedCoat(plan: TypedPlan, share: number): DepositPlan {
  return planDeposit({
    metal: plan.metal,
    areaCm2: plateAreaCm2({
      widthCm: aboveZero(plan.widthCm, 'The width'),
      heightCm: aboveZero(plan.heightCm, 'The height'),
      faces: plan.faces === '2' ? 2 : 1,
    }),
    densityAPerM2: aboveZero(plan.densityAPerM2, 'The current density'),
    timeS: 60 * aboveZero(plan.depositMin, 'The time'),
    everyS: 60 * aboveZero(plan.everyMin, 'The interval'),
    share,
  });
}

/** More volts than this can kill (common practice). */
const mostV = 60;
const mostCells = 20;
const mostOfOneV = 30;
const mostLimitA = 100;
/** Resistance inside a battery where none is typed, Ω: the usual small block (common practice). */
const usualInsideOhm = 2;

/** The supply that was typed; undefined where it drives nothing or more than 60 V. */
export function supplyOf(plan: TypedPlan): Supply | undefined {
  const above = (value: TypedNumber, most: number): value is number =>
    value !== '' && value > 0 && value <= most;
  if (plan.supply === 'supply')
    return above(plan.supplyV, mostV)
      ? { supplyV: plan.supplyV, ...(above(plan.limitA, mostLimitA) && { limitA: plan.limitA }) }
      : undefined;
  return above(plan.cells, mostCells) &&
    above(plan.eachV, mostOfOneV) &&
    plan.cells * plan.eachV <= mostV
    ? {
        cells: Math.round(plan.cells),
        eachV: plan.eachV,
        eachOhm: plan.eachOhm === '' ? usualInsideOhm : Math.max(0, plan.eachOhm),
      }
    : undefined;
}

/** A supply on a cell, to be tried. */
export interface CurrentTry {
  readonly name: string;
  readonly request: CellRequest;
  readonly gapCm: number;
  readonly areaCm2: number;
  readonly supply: Supply;
}

/** No solution is stronger, mol/L. */
const strongestM = 20;

/** The cell as it is, and then with more of one thing at a time. */
export function currentTries(request: CellRequest, areaCm2: number, supply: Supply): CurrentTry[] {
  const gapCm = request.gapCm ?? usualGapCm;
  const base = { name: 'as set', request, gapCm, areaCm2, supply };
  const { electrolyte } = request;
  const stronger: CellRequest =
    'molten' in electrolyte
      ? request
      : {
          ...request,
          electrolyte: electrolyte.map((one) => ({
            ...one,
            concentrationM: Math.min(strongestM, 2 * one.concentrationM),
          })),
        };
  const more =
    'cells' in supply
      ? {
          name: 'twice the batteries in series',
          supply: { ...supply, cells: Math.min(mostCells, 2 * supply.cells) },
        }
      : {
          name: 'twice the voltage',
          supply: { ...supply, supplyV: Math.min(mostV, 2 * supply.supplyV) },
        };
  return [
    base,
    { ...base, ...more },
    { ...base, name: 'twice the concentration', request: stronger },
    { ...base, name: 'half the gap', gapCm: gapCm / 2 },
    { ...base, name: 'twice the area', areaCm2: 2 * areaCm2 },
  ];
}
