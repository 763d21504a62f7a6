import type { AnyPortion } from '../../vessel/portion';
import { formatNumber } from '../../common/formatNumber';

/** How a reagent is used. */
export type ReagentUse = 'solid' | 'solution' | 'concentrated' | 'liquid' | 'gas';

/** A reagent of a route, as it is put in. */
export interface RouteReagent {
  /** Formula without crystal water; `H2O` for water. */
  readonly substance: string;
  /** The form on the shelf, with its crystal water. */
  readonly kept: string;
  readonly use: ReagentUse;
  /** mol/L, of a solution. */
  readonly concentrationM?: number;
  /** What it is there for, where it is no partner of the equation. */
  readonly role?: ReagentRole;
  /** Of a dehydrating agent, mL for each mL or gram of what it takes the water from. */
  readonly mlPerPart?: number;
}

/** A catalyst only makes the others react; a dehydrating agent takes up the water that comes. */
export type ReagentRole = 'catalyst' | 'dehydrating';

/** Reagents in the order in which they go in: what lies in the generator, then what comes to it a little at a time. */
export function chargeOrder<R extends { readonly reagent: RouteReagent }>(
  all: readonly R[],
): { readonly first: readonly R[]; readonly later: readonly R[] } {
  const isFirst = [
    ({ reagent }: R) => reagent.use === 'solid',
    ({ reagent }: R) => reagent.role === 'dehydrating',
    (one: R) => one === all[0],
  ].find((rule) => all.some(rule));
  return {
    first: all.filter((one) => isFirst?.(one)),
    later: all.filter((one) => !isFirst?.(one)),
  };
}

/** Reagents brought together, to see whether they give the gas. */
export interface Attempt {
  readonly reagents: readonly RouteReagent[];
  /** What they are put in as: solids first, liquids onto them. */
  readonly portions: readonly AnyPortion[];
  /** °C; in the cold when left out. */
  readonly heatedToC?: number;
}

/** A reagent in a few words: `concentrated HCl`, `2 M H2SO4`, `CaCO3`. */
export function reagentText({ substance, use, concentrationM }: RouteReagent): string {
  if (substance === 'H2O') return 'water';
  if (use === 'concentrated') return `concentrated ${substance}`;
  if (use === 'solution' && concentrationM !== undefined)
    return `${formatNumber(concentrationM)} M ${substance}`;
  return substance;
}
