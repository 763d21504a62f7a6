import { molarMassOf } from '../../matter/formula/molarMass';
import { findSubstance } from '../../matter/substances/findSubstance';
import { isWater } from '../../matter/substances/isWater';
import type { AnyPortion } from '../../vessel/portion';
import type { Procedure } from './procedure';

/** How a reagent is set out on the bench. */
export type ReagentForm =
  | { readonly kind: 'solution'; readonly concentrationM: number; readonly amountMl: number }
  | { readonly kind: 'solid'; readonly amountG: number }
  | { readonly kind: 'liquid'; readonly amountMl: number }
  | { readonly kind: 'water'; readonly amountMl: number }
  | { readonly kind: 'indicator'; readonly drops: number }
  | { readonly kind: 'gas'; readonly amountMmol: number };

/** One reagent that a procedure needs, for one group. Where an amount is a range, its upper end counts. */
export type Reagent = ReagentForm & {
  readonly key: string;
  /** Formula on the shelf, or the name of an indicator. */
  readonly substance: string;
  /** Which hydrate, where the procedure names one. */
  readonly form?: string;
};

/** The reagents of a procedure, each once, in the order they are first used. */
export function reagentsOf({ steps }: Pick<Procedure, 'steps'>): Reagent[] {
  const found = new Map<string, Reagent>();
  for (const { events, ranges } of steps)
    events.forEach((event, at) => {
      if (!('vessel' in event)) return;
      const { action } = event;
      const high = ranges.find((range) => range.event === at)?.high;
      const reagent =
        action.do === 'add'
          ? asReagent(action.portion, high)
          : action.do === 'bubble'
            ? asReagent({ gas: action.gas, amountMmol: action.amountMmol }, high)
            : undefined;
      if (!reagent) return;
      const before = found.get(reagent.key);
      found.set(reagent.key, before ? sumOf(before, reagent) : reagent);
    });
  return [...found.values()];
}

/** The amount of a portion in its own unit: mL, g, drops or mmol. */
export function amountOf(portion: AnyPortion): number {
  if ('indicator' in portion) return portion.drops;
  if ('gas' in portion) return portion.amountMmol;
  return 'massG' in portion ? portion.massG : portion.volumeMl;
}

/** The unit that the amount of a portion is in. */
export function amountUnit(portion: AnyPortion): 'drops' | 'mmol' | 'g' | 'mL' {
  if ('indicator' in portion) return 'drops';
  if ('gas' in portion) return 'mmol';
  return 'massG' in portion ? 'g' : 'mL';
}

/** The same portion with another amount, in its own unit. */
export function withAmount(portion: AnyPortion, amount: number): AnyPortion {
  if ('indicator' in portion) return { ...portion, drops: amount };
  if ('gas' in portion) return { ...portion, amountMmol: amount };
  return 'massG' in portion ? { ...portion, massG: amount } : { ...portion, volumeMl: amount };
}

function asReagent(portion: AnyPortion, high = amountOf(portion)): Reagent {
  if ('indicator' in portion)
    return {
      kind: 'indicator',
      key: `drops ${portion.indicator}`,
      substance: portion.indicator,
      drops: high,
    };
  if ('gas' in portion) {
    const { formula } = findSubstance(portion.gas).substance;
    return { kind: 'gas', key: `gas ${formula}`, substance: formula, amountMmol: high };
  }
  if (isWater(portion.substance))
    return { kind: 'water', key: 'water', substance: 'water', amountMl: high };
  const { substance, form } = findSubstance(portion.substance);
  const named = { substance: substance.formula, ...(form && { form }) };
  if ('massG' in portion)
    return { kind: 'solid', key: `solid ${form ?? substance.formula}`, ...named, amountG: high };
  const concentrationM =
    'concentrationM' in portion
      ? portion.concentrationM
      : 'percentWV' in portion
        ? (10 * portion.percentWV) / molarMassOf(form ?? substance.formula)
        : undefined;
  return concentrationM === undefined
    ? { kind: 'liquid', key: `liquid ${substance.formula}`, ...named, amountMl: high }
    : {
        kind: 'solution',
        key: `${substance.formula} ${concentrationM}`,
        substance: substance.formula,
        concentrationM,
        amountMl: high,
      };
}

/** Two amounts of the same reagent together. */
export function sumOf(one: Reagent, other: Reagent): Reagent {
  return timesReagent(one, 1, other);
}

/** A reagent so many times, and another amount of it on top. */
export function timesReagent(one: Reagent, times: number, other?: Reagent): Reagent {
  const extra = other ? quantityOf(other) : 0;
  const amount = times * quantityOf(one) + extra;
  switch (one.kind) {
    case 'solid':
      return { ...one, amountG: amount };
    case 'indicator':
      return { ...one, drops: amount };
    case 'gas':
      return { ...one, amountMmol: amount };
    default:
      return { ...one, amountMl: amount };
  }
}

/** How much of a reagent, in its own unit. */
export function quantityOf(reagent: Reagent): number {
  switch (reagent.kind) {
    case 'solid':
      return reagent.amountG;
    case 'indicator':
      return reagent.drops;
    case 'gas':
      return reagent.amountMmol;
    default:
      return reagent.amountMl;
  }
}
