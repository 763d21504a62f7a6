import { findSubstance } from '../../../matter/substances/findSubstance';
import type { AnyPortion, Portion } from '../../../vessel/portion';
import { isWater } from '../../../matter/substances/isWater';
import type { Rack, RackEvent } from '../../rack/rackShape';
import { vesselsOf } from '../../rack/rackShape';

/** What was planned for one vessel, and which of the events its look is compared after. */
export interface Plan {
  readonly vessels: Rack['vessels'];
  readonly events: readonly RackEvent[];
  readonly vessel: string;
  /** First and last event that is told of, by number. */
  readonly from: number;
  readonly to: number;
  /** The form each solution was made from, by the formula of its substance, where a weigh-out says so. */
  readonly forms?: Readonly<Record<string, string>>;
}

/** One way a fault can have come about: every planned event with what was done in its place. */
export interface Slip {
  readonly fault: string;
  /** What would settle whether it was so. */
  readonly check: string;
  readonly done: readonly (readonly RackEvent[])[];
}

/** A fault of the bench: how common it is, and every slip of its kind a plan has room for. */
export interface Fault {
  readonly name: string;
  /** How often it is met at a bench against the others, 0 to 1 (common practice). */
  readonly commonness: number;
  readonly slips: (plan: Plan) => readonly Slip[];
}

/** A portion being put into a vessel. */
export interface Putting {
  readonly at: number;
  readonly vessel: string;
  readonly portion: AnyPortion;
  readonly event: RackEvent;
}

/** Vessels that what is in the watched one has come through. */
function upstream({ events, vessel, to }: Plan): ReadonlySet<string> {
  const found = new Set([vessel]);
  for (const event of events.slice(0, to + 1).reverse()) {
    const touched = vesselsOf(event);
    if (touched.length > 1 && found.has(touched.at(-1) ?? ''))
      touched.forEach((one) => found.add(one));
  }
  return found;
}

/** Every portion that reaches the watched vessel. */
export function puttings(plan: Plan): Putting[] {
  const through = upstream(plan);
  return plan.events
    .slice(0, plan.to + 1)
    .flatMap((event, at): Putting[] =>
      'vessel' in event && event.action.do === 'add' && through.has(event.vessel)
        ? [{ at, vessel: event.vessel, portion: event.action.portion, event }]
        : [],
    );
}

/** The plan as it is, event by event. */
export const asPlanned = ({ events }: Plan): readonly (readonly RackEvent[])[] =>
  events.map((event) => [event]);

/** The plan with other things done at one place. */
export function instead(
  plan: Plan,
  at: number,
  ...done: readonly RackEvent[]
): readonly (readonly RackEvent[])[] {
  return plan.events.map((event, index) => (index === at ? done : [event]));
}

/** A portion put into a vessel. */
export const putting = (vessel: string, portion: AnyPortion): RackEvent => ({
  vessel,
  action: { do: 'add', portion },
});

/** Whether a portion is a solution of known strength. */
export const isSolution = (portion: AnyPortion): portion is Portion => 'concentrationM' in portion;

/** Whether a portion was made up with water, or is water. */
export const isWatery = (
  portion: AnyPortion,
): portion is Extract<AnyPortion, { volumeMl: number }> =>
  'volumeMl' in portion &&
  (isSolution(portion) || 'percentWV' in portion || isWater(portion.substance));

/** What a portion goes by at the bench. */
export function nameOf(portion: AnyPortion): string {
  if ('indicator' in portion) return portion.indicator;
  if ('gas' in portion) return portion.gas;
  if (isWater(portion.substance)) return 'water';
  const { substance, form } = findSubstance(portion.substance);
  return form ?? substance.formula;
}

/** Every other solution of the plan, in whatever vessel: the bottles that stand beside the right one. */
export function otherSolutions({ events }: Plan, portion: AnyPortion): Portion[] {
  const found = new Map<string, Portion>();
  for (const event of events)
    if ('vessel' in event && event.action.do === 'add' && isSolution(event.action.portion))
      found.set(nameOf(event.action.portion), event.action.portion);
  found.delete(nameOf(portion));
  return [...found.values()];
}
