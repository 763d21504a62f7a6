import { ChemistryError } from '../../common/errors';
import { waterVapourKPa } from '../electrolysis/waterVapourPressure';
import { gasConstant, kelvin } from '../../solution/equilibrium/temperature';
import { gasSolubility } from '../../solution/gasSolubility';
import { molarMassOf } from '../../matter/formula/molarMass';
import { airGPerMol } from '../../matter/substances/gas';
import { commonPractice } from '../../matter/substances/source';
import { atMostFigures, formatNumber } from '../../common/formatNumber';

/** How a gas is caught. */
export type CollectionMethod = 'overWater' | 'downwardDelivery' | 'upwardDelivery' | 'syringe';

/** Both names of each way: by where the gas is led, and by what it displaces. */
export const collectionNames: Readonly<
  Record<
    CollectionMethod,
    {
      readonly name: string;
      readonly alsoCalled: string;
      /** In a sentence: the gas is collected … */ readonly how: string;
    }
  >
> = {
  overWater: { name: 'over water', alsoCalled: 'displacement of water', how: 'over water' },
  downwardDelivery: {
    name: 'downward delivery',
    alsoCalled: 'upward displacement of air',
    how: 'by downward delivery',
  },
  upwardDelivery: {
    name: 'upward delivery',
    alsoCalled: 'downward displacement of air',
    how: 'by upward delivery',
  },
  syringe: { name: 'gas syringe', alsoCalled: 'into a syringe', how: 'into syringes' },
};

export const collectionSource = commonPractice(
  'how gases are collected: from about 29 g/mol they sink in air; what dissolves well is not led through water',
);

/** Molar mass above which a gas is said to sink in air, g/mol (common practice). */
export const sinksAboveGPerMol = 29;
/** As different from air as a gas must be for the two to part in a jar, share of the density. */
const mustDiffer = 0.15;
/** mL of gas per mL of water: hardly any, noticeable, a good part, and more than can be led through it (common practice). */
const dissolves = { noticeably: 0.1, much: 1.5, tooMuch: 5 } as const;

/** The air of the room, and how hot the gas comes. */
export interface RoomAir {
  readonly temperatureC: number;
  readonly pressureKPa: number;
  /** Of the gas as it arrives; the room’s when left out. */
  readonly gasTemperatureC?: number;
  /** Relative humidity, 0 to 1. */
  readonly humidity?: number;
}

const usualHumidity = 0.5;

/** One way to collect a gas, whether it will do, and why. */
export interface Collecting {
  readonly method: CollectionMethod;
  readonly name: string;
  readonly alsoCalled: string;
  readonly ok: boolean;
  readonly why: string;
}

/** What decides how a gas is collected. */
export interface Collection {
  readonly molarMassGPerMol: number;
  /** Of the gas as it arrives and of the air of the room, g/L. */
  readonly densityGPerL: number;
  readonly airDensityGPerL: number;
  /** Gas over air. */
  readonly densityRatio: number;
  /** Molar mass at which a gas of that temperature is as heavy as the air of the room, g/mol. */
  readonly exactThresholdGPerMol: number;
  readonly ruleThresholdGPerMol: number;
  /** Whether the rule of thumb says otherwise than the densities. */
  readonly ruleDiffers?: string;
  /** mL of gas, at the room’s temperature and pressure, that a mL of water takes up at most. */
  readonly solubilityMlPerMl: number;
  /** The ways, those that will do first. */
  readonly methods: readonly Collecting[];
}

/** Gases that water does not only dissolve. */
const withWater: Readonly<Record<string, string>> = {
  NO2: 'it reacts with water to nitric acid and nitrogen monoxide',
  SO3: 'it reacts with water to sulfuric acid',
};
/** Gases that air changes. */
const withAir: Readonly<Record<string, string>> = {
  NO: 'air turns it into nitrogen dioxide at once',
};

/**
 * How a gas is collected: density as it arrives against the air of the room (ideal gas law, Dalton for the moisture of the
 * air), and solubility in water (Henry’s law with its temperature dependence, or the tabulated volume).
 *
 * @param air °C 0 to 100, kPa 20 to 200.
 * @throws ChemistryError for an unknown temperature range.
 * @example collectionOf('NH3', { temperatureC: 20, pressureKPa: 101.3 }).methods[0].method // 'upwardDelivery'
 */
export function collectionOf(gas: string, air: RoomAir): Collection {
  const { temperatureC, pressureKPa, gasTemperatureC = temperatureC, humidity } = air;
  const molarMassGPerMol = molarMassOf(gas);
  const steamKPa = (humidity ?? usualHumidity) * waterVapourKPa(temperatureC);
  if (steamKPa >= pressureKPa)
    throw ChemistryError.of(
      'outOfRange',
      'The pressure',
      `${formatNumber(pressureKPa)} kPa`,
      'more than the vapour pressure of water',
    ).in('pressureKPa');
  const airMean = airGPerMol + (steamKPa / pressureKPa) * (molarMassOf('H2O') - airGPerMol);
  const density = (gPerMol: number, atC: number) =>
    (pressureKPa * gPerMol) / (gasConstant * kelvin(atC));
  const densityGPerL = density(molarMassGPerMol, gasTemperatureC);
  const airDensityGPerL = density(airMean, temperatureC);
  const densityRatio = densityGPerL / airDensityGPerL;
  const exactThresholdGPerMol = (airMean * kelvin(gasTemperatureC)) / kelvin(temperatureC);
  const ruleSinks = molarMassGPerMol > sinksAboveGPerMol;
  const solubilityMlPerMl = gasSolubility(gas, temperatureC);
  const facts = { gas, densityRatio, solubilityMlPerMl };
  const methods = [byWater(facts), ...byAir(facts), bySyringe(facts)];
  return {
    molarMassGPerMol,
    densityGPerL,
    airDensityGPerL,
    densityRatio,
    exactThresholdGPerMol,
    ruleThresholdGPerMol: sinksAboveGPerMol,
    ...(ruleSinks !== densityRatio > 1 && {
      ruleDiffers: `The rule of thumb (sinks above ${formatNumber(sinksAboveGPerMol)} g/mol) says it ${ruleSinks ? 'sinks' : 'rises'}; at these temperatures it ${densityRatio > 1 ? 'sinks' : 'rises'}.`,
    }),
    solubilityMlPerMl,
    methods: [...methods].sort((one, other) => Number(other.ok) - Number(one.ok)),
  };
}

interface Facts {
  readonly gas: string;
  readonly densityRatio: number;
  readonly solubilityMlPerMl: number;
}

function way(method: CollectionMethod, ok: boolean, why: string): Collecting {
  return { method, ...collectionNames[method], ok, why };
}

const rounded = (n: number): string => (n >= 100 ? String(Math.round(n)) : atMostFigures(n, 2));

function byWater({ gas, solubilityMlPerMl: volumes }: Facts): Collecting {
  const reacts = withWater[gas];
  if (reacts) return way('overWater', false, reacts);
  const words = `a mL of water takes up about ${rounded(volumes)} mL of it`;
  if (volumes > dissolves.tooMuch)
    return way('overWater', false, `${words}: it would be gone, and the water would rush back`);
  if (volumes > dissolves.much)
    return way(
      'overWater',
      false,
      `${words}: much is lost; over saturated brine or warm water if it must be`,
    );
  if (volumes > dissolves.noticeably)
    return way(
      'overWater',
      true,
      `${words}: some is lost until the water in the trough is saturated`,
    );
  return way('overWater', true, `hardly soluble (${words}), and free of air`);
}

function byAir({ gas, densityRatio }: Facts): Collecting[] {
  const reacts = withAir[gas];
  const ratio = `${rounded(densityRatio)} times as heavy as air`;
  const tooAlike = Math.abs(densityRatio - 1) < mustDiffer;
  const downward = densityRatio > 1;
  const judge = (method: 'downwardDelivery' | 'upwardDelivery', isRight: boolean): Collecting => {
    if (reacts) return way(method, false, reacts);
    if (tooAlike) return way(method, false, `${ratio}: too like it, the two mix`);
    if (isRight) return way(method, true, `${ratio}: it ${downward ? 'sinks' : 'rises'}`);
    return way(
      method,
      false,
      `${ratio}: it ${downward ? 'sinks and runs out' : 'rises and escapes'}`,
    );
  };
  return [judge('downwardDelivery', downward), judge('upwardDelivery', !downward)];
}

function bySyringe({ gas }: Facts): Collecting {
  return way(
    'syringe',
    true,
    withAir[gas]
      ? 'keeps air away, once the apparatus is purged'
      : 'no water and no air; the volume is read at once, but the first gas is air from the apparatus',
  );
}

/** What is lost to the water a gas is collected over. */
export interface LostToWater {
  /** At most: all the water of the trough saturated, mL. */
  readonly mostMl: number;
  /** Usual: only the water in the tubes themselves and what the bubbles pass, mL. */
  readonly usualMl: number;
}

/**
 * Gas lost to the water, between what the tubes’ own water takes up and the whole trough saturated.
 *
 * @param troughMl water in the trough and the tubes.
 * @param tubesMl water that the gas displaces.
 */
export function lostToWater(
  gas: string,
  temperatureC: number,
  troughMl: number,
  tubesMl: number,
): LostToWater {
  const volumes = gasSolubility(gas, temperatureC);
  // The film and the skin of water that a rising bubble meets: about a tenth of the tube (common practice).
  return {
    mostMl: volumes * troughMl,
    usualMl: Math.min(volumes * 0.1 * tubesMl, volumes * troughMl),
  };
}
