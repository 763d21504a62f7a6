import { ChemistryError } from '../common/errors';
import { commonPractice } from '../matter/substances/source';
import { combined } from './uncertainty';
import type { Quantity } from './uncertainty';

/** Drops counted to the first colour that stays, for one sample; more than one where it was repeated. */
export interface DropCount {
  readonly name: string;
  readonly drops: readonly number[];
  /** What the sample was, for concentrations: its volume and what it is titrated with. */
  readonly sampleMl?: number;
}

/** One sample’s count set against another. */
export interface DropComparison {
  readonly name: string;
  readonly against: string;
  readonly ratio: Quantity;
  /** Drops that separate the two. */
  readonly apart: number;
  readonly withinOneDrop: boolean;
  /** Whole number of times as many protons that the ratio allows, where only one does. */
  readonly times?: number;
  readonly words: string;
}

/** Counts are read to the drop: the end lies somewhere within the last one. */
export const countsTo = 1;
export const dropSource = commonPractice(
  'about 20 drops to the millilitre until calibrated; the end point is known to one drop',
);
const wholeTimes = [1, 2, 3] as const;
const dropsPerMl = 20;

/** The mean of the counts of one sample and what it may be off by, drops. @throws ChemistryError for a count that cannot be. */
export function meanDrops({ name, drops }: DropCount): Quantity {
  const bad = drops.find((one) => !Number.isInteger(one) || one < 1);
  if (drops.length === 0 || bad !== undefined)
    throw ChemistryError.of(
      'invalidInput',
      drops.length === 0
        ? `No drops are counted for ${name}.`
        : `${bad} is no count of drops for ${name}.`,
    ).in('drops');
  const mean = drops.reduce((sum, one) => sum + one, 0) / drops.length;
  return { value: mean, uncertainty: countsTo / Math.sqrt(drops.length) };
}

/**
 * Sets counts against the first of them: the ratio with its counting uncertainty, whether they agree within a drop, and how
 * many times as many protons that means for equal volumes of equal concentration.
 *
 * @example compareDrops([{ name: 'HCl', drops: [15] }, { name: 'H2SO4', drops: [30] }])[0].times // 2
 */
export function compareDrops(counts: readonly DropCount[]): DropComparison[] {
  const [reference, ...others] = counts;
  if (!reference) return [];
  const base = meanDrops(reference);
  return others.map((one) => {
    const own = meanDrops(one);
    const value = own.value / base.value;
    const uncertainty =
      value * combined(own.uncertainty / own.value, base.uncertainty / base.value);
    const apart = Math.abs(own.value - base.value);
    const fitting = wholeTimes.filter(
      (times) => Math.abs(own.value - times * base.value) <= countsTo * Math.max(1, times) + 1e-9,
    );
    const times = fitting.length === 1 ? fitting[0] : undefined;
    const withinOneDrop = apart <= countsTo + 1e-9;
    return {
      name: one.name,
      against: reference.name,
      ratio: { value, uncertainty },
      apart,
      withinOneDrop,
      ...(times !== undefined && { times }),
      words: wordsFor(one.name, reference.name, withinOneDrop, times, fitting.length),
    };
  });
}

function wordsFor(
  name: string,
  reference: string,
  within: boolean,
  times: number | undefined,
  fitting: number,
): string {
  if (fitting > 1)
    return `too few drops to tell: the ratio of ${name} to ${reference} is not sure to a whole number; count more`;
  if (within) return `${name} and ${reference} agree within a drop: as many protons each`;
  if (times === undefined)
    return `the ratio of ${name} to ${reference} is no whole number within a drop: repeat both counts`;
  return `${name} takes ${times === 2 ? 'twice' : 'three times'} the drops of ${reference}: ${times} protons for its one`;
}

/**
 * Concentration of a sample, mol/L, from the drops of a reagent of known concentration.
 *
 * @param protons reacting with each formula unit of the sample.
 * @param perMl drops to the millilitre.
 */
export function concentrationByDrops(
  count: DropCount & { readonly sampleMl: number },
  reagentM: number,
  protons = 1,
  perMl = dropsPerMl,
): Quantity {
  const { value, uncertainty } = meanDrops(count);
  const perDrop = reagentM / perMl / count.sampleMl / protons;
  return { value: value * perDrop, uncertainty: uncertainty * perDrop };
}
