import { ChemistryError } from '../../common/errors';
import { exposureLimits } from '../../matter/substances/data/exposureLimits';
import { flammability } from '../../matter/substances/data/flammability';
import { sourceText } from '../../matter/substances/source';
import type { ExposureLimit } from '../../matter/substances/types';
import { formatNumber } from '../../common/formatNumber';

/** A room in which a gas gets out. */
export interface Room {
  /** m³. */
  readonly volumeM3: number;
  /** Times the air is changed in an hour; 0 in a closed room. */
  readonly airChangesPerHour: number;
}

/** What a volume of gas does to the air of a room, if all of it gets out at once and mixes. */
export interface InRoom {
  /** At once, ppm by volume. */
  readonly peakPpm: number;
  /** Mean over the first fifteen minutes, and over eight hours, ppm. */
  readonly fifteenMinutesPpm: number;
  readonly eightHoursPpm: number;
  /** Against each published limit: share of it, and the most gas that keeps below. */
  readonly limits: readonly {
    readonly name: '15 minutes' | '8 hours';
    readonly limitPpm: number;
    readonly share: number;
    readonly mostMl: number;
  }[];
  readonly source?: string;
  /** Share of the lower limit of burning, for a gas that burns. */
  readonly ofFlammable?: number;
  readonly words: string;
}

const rows = new Map<string, ExposureLimit>(exposureLimits.map((row) => [row.gas, row]));

/**
 * The air of a room after gas got out: c₀ = V/V_room, which then falls as e^(−kt) with the air changes k (well-mixed room); the mean
 * over a time T is c₀ (1 − e^(−kT))/(kT). Near the apparatus it is many times more.
 *
 * @param volumeMl gas that gets out, mL, 0 or more.
 * @throws ChemistryError for a room without volume.
 */
export function inRoom(gas: string, volumeMl: number, room: Room): InRoom {
  const { volumeM3, airChangesPerHour } = room;
  if (!(volumeM3 > 0 && volumeM3 <= 100_000))
    throw ChemistryError.of(
      'outOfRange',
      'The room',
      `${formatNumber(volumeM3)} m³`,
      'above 0 and at most 100000 m³',
    ).in('volumeM3');
  if (!(airChangesPerHour >= 0 && airChangesPerHour <= 100))
    throw ChemistryError.of(
      'outOfRange',
      'The air change',
      `${airChangesPerHour} per hour`,
      '0 to 100 per hour',
    ).in('airChangesPerHour');
  // 1 mL in 1 m³ is one part in a million.
  const peakPpm = volumeMl / volumeM3;
  const mean = (hours: number): number => {
    const kt = airChangesPerHour * hours;
    return kt < 1e-9 ? peakPpm : (peakPpm * (1 - Math.exp(-kt))) / kt;
  };
  const fifteenMinutesPpm = mean(0.25);
  const eightHoursPpm = mean(8);
  const row = rows.get(gas);
  const against = (name: '15 minutes' | '8 hours', limitPpm: number | undefined, ppm: number) =>
    limitPpm === undefined
      ? []
      : [
          {
            name,
            limitPpm,
            share: ppm / limitPpm,
            mostMl: ppm === 0 ? Infinity : (volumeMl * limitPpm) / ppm,
          },
        ];
  const limits = [
    ...against('15 minutes', row?.fifteenMinutesPpm, fifteenMinutesPpm),
    ...against('8 hours', row?.eightHoursPpm, eightHoursPpm),
  ];
  const burns = flammability.find((one) => one.gas === gas);
  const worst = Math.max(0, ...limits.map(({ share }) => share));
  return {
    peakPpm,
    fifteenMinutesPpm,
    eightHoursPpm,
    limits,
    ...(row && { source: sourceText(row.source) }),
    ...(burns && { ofFlammable: peakPpm / (burns.lowPercent * 1e4) }),
    words: wordsFor(worst, limits.length > 0),
  };
}

function wordsFor(worst: number, known: boolean): string {
  if (!known) return 'No exposure limit is tabulated; it can displace the air one breathes.';
  if (worst >= 1)
    return 'All of it in the room would pass a published limit: hood only, and less of it.';
  if (worst >= 0.1)
    return 'All of it in the room would come to a good part of a published limit: hood, small amounts.';
  return 'Mixed into the whole room it stays well below the published limits; near the apparatus it does not: hood or good ventilation.';
}
