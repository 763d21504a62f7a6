import * as z from 'zod';
import { ChemistryError } from '../../common/errors';
import { faraday } from '../../solution/equilibrium/temperature';
import { gasSolubility } from '../../solution/gasSolubility';
import { molarVolumeMl } from './gasVolume';
import type { GasConditions } from './gasVolume';
import { formatNumber, withFigures, withPlaces } from '../../common/formatNumber';
import { formatSetTemperature } from '../../common/temperature';

/** A tube a gas is collected in: by its volume, or by what a ruler says. */
export const tubeSchema = z.union([
  z.object({ volumeMl: z.number().positive('A tube holds more than 0 mL').max(10_000) }),
  z.object({
    innerDiameterMm: z.number().positive('A diameter is above 0 mm').max(500),
    lengthMm: z.number().positive('A length is above 0 mm').max(3000),
    /** The closed end is round: half a ball instead of a flat bottom. */
    round: z.boolean().default(true),
  }),
]);
export type Tube = z.infer<typeof tubeSchema>;

/** Volume of a tube, mL: a cylinder, with half a ball at the closed end where it is round. */
export function tubeVolumeMl(tube: Tube): number {
  if ('volumeMl' in tube) return tube.volumeMl;
  const radiusCm = tube.innerDiameterMm / 20;
  const lengthCm = tube.lengthMm / 10;
  const cap = tube.round ? Math.min(radiusCm, lengthCm) : 0;
  return Math.PI * radiusCm ** 2 * (lengthCm - cap) + (2 / 3) * Math.PI * cap ** 3;
}

/** How many electrons one molecule of a gas takes at an electrode. */
const electronsPer: Readonly<Record<string, number>> = { H2: 2, O2: 4, Cl2: 2 };

/** What is wanted of a gas. */
export interface GasWanted {
  readonly gas: 'H2' | 'O2' | 'Cl2';
  /** As collected, mL. */
  readonly volumeMl: number;
  readonly conditions: GasConditions;
  /** Share of the current that makes this gas, 0 to 1; all of it when left out. */
  readonly share?: number;
  /** Either is worked out from the other. */
  readonly currentA?: number | undefined;
  readonly timeS?: number | undefined;
}

/** Charge, time and current for a volume of gas. */
export interface GasPlan {
  readonly amountMmol: number;
  readonly chargeC: number;
  readonly currentA?: number;
  readonly timeS?: number;
  /** Most that dissolves in the liquid it rises through, mL, and what that adds to the charge, C. */
  readonly lostMl: number;
  readonly lostC: number;
  readonly molarVolumeMl: number;
  readonly working: readonly string[];
}

/**
 * Charge for a volume of gas (Faraday’s law and the gas law), and the time at a current or the current for a time. The liquid
 * in the tube takes some gas up at first: at most what saturates it.
 *
 * @throws ChemistryError when a value is not above zero.
 */
export function planGas(wanted: GasWanted): GasPlan {
  const { gas, volumeMl, conditions, share = 1, currentA, timeS } = wanted;
  if (!(volumeMl > 0))
    throw outOf('The volume', `${formatNumber(volumeMl)} mL`, 'above 0 mL', 'volumeMl');
  if (!(share > 0)) throw outOf('The share of the current', String(share), 'above 0', 'share');
  const molar = molarVolumeMl(conditions);
  const electrons = electronsPer[gas] ?? 2;
  const perMl = (electrons * faraday) / 1000 / molar / share;
  const amountMmol = volumeMl / molar;
  const chargeC = volumeMl * perMl;
  const lostMl = volumeMl * gasSolubility(gas, 25);
  const found = {
    ...(currentA !== undefined && { currentA, timeS: chargeC / currentA }),
    ...(currentA === undefined && timeS !== undefined && { timeS, currentA: chargeC / timeS }),
  };
  return {
    amountMmol,
    chargeC,
    ...found,
    lostMl,
    lostC: lostMl * perMl,
    molarVolumeMl: molar,
    working: [
      `1 mmol of gas takes ${withPlaces(molar, 2)} mL at ${formatSetTemperature(conditions.temperatureC)} and ${formatNumber(conditions.pressureKPa)} kPa${conditions.overWater ? ', water vapour counted' : ''}`,
      `${withFigures(volumeMl, 3)} mL ÷ ${withPlaces(molar, 2)} mL/mmol = ${withFigures(amountMmol, 3)} mmol of ${gas}`,
      `${withFigures(amountMmol, 3)} mmol × ${formatNumber(electrons)} × 96 485 C/mol ÷ 1000${share < 1 ? ` ÷ ${withPlaces(share, 3)} of the current` : ''} = ${Math.round(chargeC)} C`,
    ],
  };
}

function outOf(what: string, value: string, range: string, field: string): ChemistryError {
  return ChemistryError.of('outOfRange', what, value, range).in(field);
}

/** What a class sees of two to one: the volumes at both electrodes after the same charge, with what dissolves at first. */
export interface TwoToOne {
  readonly hydrogenMl: number;
  readonly oxygenMl: number;
  /** Least oxygen, when its tube takes up all it can. */
  readonly oxygenLeastMl: number;
  readonly ratio: number;
  /** Highest ratio, for the same reason. */
  readonly ratioMost: number;
}

/** Hydrogen against oxygen by volume after a charge. @param shares of the current at each electrode that make them. */
export function twoToOne(
  chargeC: number,
  conditions: GasConditions,
  shares: { readonly hydrogen: number; readonly oxygen: number } = { hydrogen: 1, oxygen: 1 },
): TwoToOne {
  const molar = molarVolumeMl(conditions);
  const volume = (share: number, electrons: number) =>
    ((share * chargeC) / faraday / electrons) * 1000 * molar;
  const hydrogenMl = volume(shares.hydrogen, 2);
  const oxygenMl = volume(shares.oxygen, 4);
  // Each gas pushes its own volume of liquid out, which it has met on the way.
  const dissolved = (gas: string, ml: number) => ml * gasSolubility(gas, 25);
  const oxygenLeastMl = oxygenMl - dissolved('O2', oxygenMl);
  return {
    hydrogenMl,
    oxygenMl,
    oxygenLeastMl,
    ratio: hydrogenMl / oxygenMl,
    ratioMost: hydrogenMl / oxygenLeastMl,
  };
}

/** Classes one after the other at one set of tubes. */
export interface TubeClasses {
  /** When each begins, minutes since the first. */
  readonly startsMin: readonly number[];
  /** Time to fill the tube at minus, min. */
  readonly fillMin: number;
  /** How full the tube at plus is then, 0 to 1; nothing is said of it where no gas is collected there. */
  readonly plusFull?: number | undefined;
  /** Minutes until the solution should be renewed, where the electrodes give something off. */
  readonly renewAfterMin?: number | undefined;
}

/** One line of the schedule for whoever stands at the tubes. */
export interface TubeLine {
  readonly atMin: number;
  readonly classNumber: number;
  readonly what: string;
}

/** Time to empty both tubes, fill them and turn them over again, min (common practice). */
const refillMin = 4;

/** What to do with the tubes when, and what does not fit. */
export interface TubeSchedule {
  readonly lines: readonly TubeLine[];
  readonly clashes: readonly string[];
}

/** When to switch on, test, empty and refill, class by class, and whether it fits. */
export function tubeSchedule({
  startsMin,
  fillMin,
  plusFull,
  renewAfterMin,
}: TubeClasses): TubeSchedule {
  const lines: TubeLine[] = [];
  const clashes: string[] = [];
  let ranMin = 0;
  startsMin.forEach((start, at) => {
    const classNumber = at + 1;
    const full = start + fillMin;
    const next = startsMin[at + 1];
    ranMin += fillMin;
    const renew = renewAfterMin !== undefined && ranMin > renewAfterMin;
    lines.push(
      {
        atMin: start,
        classNumber,
        what: 'Both tubes full of solution and turned over; check the marked leads; current on.',
      },
      {
        atMin: full,
        classNumber,
        what: `Tube at minus is full${plusFull === undefined ? '' : `, the one at plus ${plusFull > 0.45 && plusFull < 0.55 ? 'half' : `${Math.round(100 * Math.min(1, plusFull))} %`} full`}: current off, then test each gas by itself.`,
      },
      {
        atMin: full + 1,
        classNumber,
        what: renew
          ? 'Empty both tubes. The solution has taken up metal: pour it into its waste bottle, rinse, fill with fresh solution.'
          : 'Empty both tubes, refill them with solution and turn them over. Do not swap the leads.',
      },
    );
    if (renew) ranMin = 0;
    if (next !== undefined && full + 1 + refillMin > next)
      clashes.push(
        `Class ${classNumber + 1} begins ${Math.ceil(full + 1 + refillMin - next)} min before the tubes of class ${classNumber} are emptied and refilled: use more current, smaller tubes or a second set.`,
      );
  });
  return { lines, clashes };
}
