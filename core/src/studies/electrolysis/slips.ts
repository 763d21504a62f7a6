import { atMostFigures, atMostPlaces, formatNumber } from '../../common/formatNumber';
import { formatDuration } from '../../common/formatAmount';
import type { LogLine } from './runLog';
import type { TypedNumber } from '../../common/typed';

/** What looks wrong about a number that was typed, and what to do. */
export interface Slip {
  readonly message: string;
  readonly remedy: string;
}

/** How far a typed time may lie ahead of the clock before it is asked about. */
const clockFactor = 20;
/** The clock is not yet held against a time, s. */
const clockBegunS = 30;

/** A reading as it is typed. */
export interface TypedReading {
  /** Since switching on, s; undefined where none is known. */
  readonly timeS: number | undefined;
  readonly currentA: TypedNumber;
  /** The line before it. */
  readonly last?: Pick<LogLine, 'timeS'> | undefined;
  /** What the clock shows, s, where it runs. */
  readonly elapsedS?: number | undefined;
}

/** Why a reading cannot be written as it is typed: no time or current, swapped leads, a time that does not rise or is in seconds. */
export function readingSlip({ timeS, currentA, last, elapsedS }: TypedReading): Slip | undefined {
  if (timeS === undefined)
    return {
      message: 'There is no time.',
      remedy: 'Type the minute since switching on, or start the clock.',
    };
  if (currentA === '')
    return { message: 'There is no current.', remedy: 'Type what the ammeter shows, in A.' };
  if (currentA < 0)
    return {
      message: `The ammeter shows ${formatNumber(currentA)} A: a minus there means that its leads, or those of the cell, are swapped.`,
      remedy: 'Switch off, look at the marks on the leads; type the current without the minus.',
    };
  if (last && timeS <= last.timeS)
    return {
      message: `Minute ${atMostPlaces(timeS / 60, 2)} is not later than the last line, at minute ${atMostPlaces(last.timeS / 60, 2)}.`,
      remedy:
        'Times count from switching on and rise; take the last line back if that one is wrong.',
    };
  if (elapsedS !== undefined && elapsedS > clockBegunS && timeS > clockFactor * elapsedS)
    return {
      message: `Minute ${atMostPlaces(timeS / 60, 1)} is far ahead of the clock, which shows ${formatDuration(elapsedS)}.`,
      remedy: `The field takes minutes: ${atMostPlaces(timeS / 3600, 2)} min if seconds were typed.`,
    };
  return undefined;
}

/** Lighter than any electrode, g: a balance in kilograms, or a slip of the point. */
const lighterThanAnyG = 0.2;
/** More than this share of itself no electrode changes in a class: a slip, or the other electrode. */
const changesAtMost = 0.5;

/** A weighing to be asked about before it is written. */
export interface MassQuestion {
  readonly question: string;
  /** What it is likely to be instead, g. */
  readonly ratherG?: number;
}

/** What is asked about a weighing of an electrode, g. @param beforeG what the same electrode weighed before the run. */
export function massQuestion(massG: number, beforeG?: number): MassQuestion | undefined {
  if (massG > 0 && massG < lighterThanAnyG) {
    const ratherG = Number((massG * 1000).toPrecision(6));
    return {
      question: `${formatNumber(massG)} g is lighter than any electrode. Does the balance show kilograms? Then it is ${atMostFigures(ratherG, 6)} g.`,
      ratherG,
    };
  }
  if (beforeG !== undefined && Math.abs(massG - beforeG) > changesAtMost * beforeG)
    return {
      question: `${formatNumber(massG)} g is far from the ${formatNumber(beforeG)} g before. Is it the same electrode, and in grams?`,
    };
  return undefined;
}
