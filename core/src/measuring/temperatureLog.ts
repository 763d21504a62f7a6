import { ChemistryError } from '../common/errors';
import { handbook } from '../matter/substances/source';
import { straightLine } from './straightLine';
import type { StraightLine } from './straightLine';
import { formatDegrees, formatSetTemperature, formatTemperature } from '../common/temperature';
import { formatNumber, withFigures, withPlaces } from '../common/formatNumber';

/** A thermometer read at a time since the clock was started. */
export interface TemperatureReading {
  readonly timeS: number;
  readonly temperatureC: number;
}

/** What was mixed, as far as heat is calculated from it. */
export interface Calorimetry {
  readonly readings: readonly TemperatureReading[];
  /** When the two were brought together, s. Without it, the moment before the first clear change. */
  readonly mixedAtS?: number;
  /** Mass that shares the heat, g, taken to be like water unless `specificHeatJPerGK` says otherwise. */
  readonly massG?: number;
  readonly specificHeatJPerGK?: number;
  /** Heat the vessel takes, J/K. */
  readonly vesselJPerK?: number;
  /** The amount that ΔH is per, mol. */
  readonly amountMol?: number;
}

/** A temperature log read as calorimetry does it. */
export interface TemperatureChange {
  readonly startC: number;
  readonly mixedAtS: number;
  /** Highest of a warming, lowest of a cooling. */
  readonly extremeC: number;
  readonly extremeAtS: number;
  readonly lowestC: number;
  readonly highestC: number;
  /** Read off directly: extreme less start. */
  readonly readDeltaC: number;
  /** With the loss to the room taken out: both lines carried to the moment of mixing. */
  readonly deltaC: number;
  /** Lines before mixing and after the extreme, where there are enough readings for one. */
  readonly before?: StraightLine;
  readonly after?: StraightLine;
  readonly direction: 'exothermic' | 'endothermic' | 'neither';
  /** Heat taken up by the reaction, J: below zero where it gives heat off. */
  readonly heatJ?: number;
  /** Per mole of what was named, kJ/mol. */
  readonly enthalpyKJPerMol?: number;
  readonly working: readonly string[];
  readonly advice: readonly string[];
}

export const waterHeatSource = handbook(
  'CRC Handbook of Chemistry and Physics',
  'specific heat capacity of liquid water, 4.18 J g⁻¹ K⁻¹ at 25 °C; enthalpy of fusion of ice, 334 J/g',
);
export const waterJPerGK = 4.18;
export const iceJPerG = 334;
/** A thermometer read by eye is within this, °C (common practice). */
const readsTo = 0.5;
/** Readings after the extreme that make a line of return worth drawing. */
const enoughForLine = 3;
const room = 25;

/**
 * Reads a temperature–time log: the steady line before mixing and the line of return to room temperature after the extreme are
 * both carried to the moment of mixing, and their distance there is ΔT without the heat exchanged with the room.
 * q = −C·ΔT for the reaction.
 *
 * @throws ChemistryError for fewer than two readings or clocks that run backwards.
 * @example readTemperatureLog({ readings: [{ timeS: 0, temperatureC: 24.9 }, { timeS: 60, temperatureC: 20.3 }],
 *   massG: 53.21 }).heatJ // about 1000 J taken up (OpenStax Chemistry 2e, the instant ice pack)
 */
export function readTemperatureLog(log: Calorimetry): TemperatureChange {
  const readings = [...log.readings].sort((a, b) => a.timeS - b.timeS);
  const [first, last] = [readings[0], readings.at(-1)];
  if (!first || !last || readings.length < 2)
    throw ChemistryError.of('invalidInput', 'A temperature log has at least two readings.').in(
      'readings',
    );
  const bad = readings.findIndex(
    ({ timeS, temperatureC }) => !Number.isFinite(timeS) || !Number.isFinite(temperatureC),
  );
  if (bad >= 0)
    throw ChemistryError.of('invalidInput', `Reading ${bad + 1} is no number.`).in(
      `readings.${bad}`,
    );
  const mixedAtS = log.mixedAtS ?? momentOfMixing(readings);
  const early = readings.filter(({ timeS }) => timeS <= mixedAtS);
  const late = readings.filter(({ timeS }) => timeS > mixedAtS);
  const startC = early.length > 0 ? lineEnd(early, mixedAtS) : first.temperatureC;
  const extreme = farthest(late.length > 0 ? late : [last], startC);
  const readDeltaC = extreme.temperatureC - startC;
  const returning = late.filter(({ timeS }) => timeS >= extreme.timeS);
  const after = lineOf(returning.length >= enoughForLine ? returning : []);
  const carried = after && isReturn(after, readDeltaC) ? after.at(mixedAtS) : extreme.temperatureC;
  const deltaC = carried - startC;
  const before = lineOf(early.length >= enoughForLine ? early : []);
  const temperatures = readings.map(({ temperatureC }) => temperatureC);
  const capacity =
    log.massG === undefined
      ? undefined
      : log.massG * (log.specificHeatJPerGK ?? waterJPerGK) + (log.vesselJPerK ?? 0);
  const heatJ = capacity === undefined ? undefined : -capacity * deltaC;
  const enthalpy = heatJ === undefined || !log.amountMol ? undefined : heatJ / log.amountMol / 1000;
  return {
    startC,
    mixedAtS,
    extremeC: extreme.temperatureC,
    extremeAtS: extreme.timeS,
    lowestC: Math.min(...temperatures),
    highestC: Math.max(...temperatures),
    readDeltaC,
    deltaC,
    ...(before && { before }),
    ...(after && isReturn(after, readDeltaC) && { after }),
    direction:
      Math.abs(readDeltaC) <= readsTo ? 'neither' : readDeltaC > 0 ? 'exothermic' : 'endothermic',
    ...(heatJ !== undefined && { heatJ }),
    ...(enthalpy !== undefined && { enthalpyKJPerMol: enthalpy }),
    working: [
      `ΔT = ${formatTemperature(carried, 1)} − ${formatTemperature(startC, 1)} = ${formatDegrees(deltaC)}`,
      ...(capacity !== undefined && heatJ !== undefined
        ? [
            `q = −C·ΔT = −${withPlaces(capacity, 0)} J/K × ${withPlaces(deltaC, 1)} K = ${withPlaces(heatJ / 1000, 2)} kJ`,
          ]
        : []),
      ...(enthalpy !== undefined && log.amountMol
        ? [
            `ΔH = q ÷ n = ${withPlaces((heatJ ?? 0) / 1000, 2)} kJ ÷ ${withFigures(log.amountMol, 3)} mol = ${withPlaces(enthalpy, 1)} kJ/mol`,
          ]
        : []),
    ],
    advice: adviceOn(early.length, returning.length, readDeltaC),
  };
}

/** The moment before the temperature first leaves its steady beginning by more than a reading is unsure. */
function momentOfMixing(readings: readonly TemperatureReading[]): number {
  const [first] = readings;
  const moved = readings.findIndex(
    ({ temperatureC }) => Math.abs(temperatureC - (first?.temperatureC ?? 0)) > readsTo,
  );
  return readings[Math.max(0, moved - 1)]?.timeS ?? 0;
}

function lineOf(readings: readonly TemperatureReading[]): StraightLine | undefined {
  const points = readings.map(({ timeS, temperatureC }) => ({ x: timeS, y: temperatureC }));
  return new Set(points.map(({ x }) => x)).size < 2 ? undefined : straightLine(points);
}

/** Where the line of the readings before mixing stands at the moment of mixing. */
function lineEnd(early: readonly TemperatureReading[], atS: number): number {
  const line = early.length >= enoughForLine ? lineOf(early) : undefined;
  return line
    ? line.at(atS)
    : early.reduce((sum, { temperatureC }) => sum + temperatureC, 0) / early.length;
}

function farthest(readings: readonly TemperatureReading[], fromC: number): TemperatureReading {
  return readings.reduce((best, one) =>
    Math.abs(one.temperatureC - fromC) > Math.abs(best.temperatureC - fromC) ? one : best,
  );
}

/** Whether a line leads back towards where it came from; a drift the other way is no exchange with the room. */
const isReturn = (line: StraightLine, deltaC: number): boolean => line.slope * deltaC < 0;

function adviceOn(early: number, returning: number, deltaC: number): string[] {
  if (Math.abs(deltaC) <= readsTo)
    return ['The temperature hardly moved: less than a thermometer read by eye can show.'];
  return [
    ...(early < 2
      ? ['Only one reading before mixing: take two or three, to know that it was steady.']
      : []),
    ...(returning < enoughForLine
      ? [
          'Go on reading after the extreme: three readings on the way back let the loss to the room be taken out.',
        ]
      : []),
  ];
}

/** Whether a cold vessel freezes the film of water it stands on. */
export interface FilmFreezing {
  readonly freezes: 'yes' | 'in part' | 'no';
  /** Heat the film must give off to become ice at 0 °C, J. */
  readonly neededJ: number;
  /** Heat the cold mixture can take before it is back at 0 °C, J. */
  readonly availableJ: number;
  readonly frozenG: number;
  readonly why: string;
}

/**
 * Whether a film of water under a cold vessel freezes: it cools to 0 °C and gives off its enthalpy of fusion to the mixture,
 * which can take C·(0 − T) from its lowest temperature T. What the reaction goes on taking up meanwhile is left out, so that
 * “yes” is safe and “in part” may become “yes”.
 *
 * @param filmG mass of the film, g. @param lowestC lowest temperature of the mixture. @param capacityJPerK of the mixture.
 */
export function filmFreezing(
  filmG: number,
  lowestC: number,
  capacityJPerK: number,
  startC = room,
): FilmFreezing {
  const perGram = waterJPerGK * Math.max(0, startC) + iceJPerG;
  const neededJ = filmG * perGram;
  const availableJ = Math.max(0, -lowestC) * capacityJPerK;
  const frozenG = Math.min(filmG, availableJ / perGram);
  if (lowestC >= 0)
    return {
      freezes: 'no',
      neededJ,
      availableJ,
      frozenG: 0,
      why: `the mixture came down to ${formatTemperature(lowestC, 1)} only; water freezes at ${formatSetTemperature(0)}`,
    };
  const freezes = frozenG >= filmG ? 'yes' : 'in part';
  return {
    freezes,
    neededJ,
    availableJ,
    frozenG,
    why: `${formatNumber(filmG)} g of water give off ${withPlaces(neededJ, 0)} J in freezing; the mixture at ${formatTemperature(lowestC, 1)} takes ${withPlaces(availableJ, 0)} J before it is back at ${formatSetTemperature(0)}`,
  };
}
