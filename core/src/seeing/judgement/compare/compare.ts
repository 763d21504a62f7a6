import * as z from 'zod';
import { actionSchema, vesselSchema } from '../../../vessel/action';
import type { Action, VesselSetup } from '../../../vessel/action';
import { likelyCauses, withAnswers } from '../faults/likelyCauses';
import type { LikelyCause } from '../faults/likelyCauses';
import type { Plan } from '../faults/fault';
import { mergeObservations } from '../../observation/mergeObservations';
import { mix } from '../../rack/mix';
import { observationSchema } from '../../observation/observation';
import type { Observation } from '../../observation/observation';
import type { RackEvent } from '../../rack/rackShape';
import { compareObservations, fitOf } from './compareObservations';
import type { Agreement } from './compareObservations';
import type { ComparedItem } from '../../observation/definition';

/** People write “clear” for a liquid without colour; it answers the question of clarity, and leaves that of colour open. */
const clearIsNoColour = z.preprocess((raw) => {
  if (typeof raw !== 'object' || raw === null || !('kind' in raw)) return raw;
  const says = 'to' in raw ? raw.to : 'colour' in raw ? raw.colour : undefined;
  return raw.kind === 'colour' && says === 'clear' ? { kind: 'clarity', to: 'clear' } : raw;
}, observationSchema);

/** What was expected and what was seen; with the vessel and what was done to it, also why they differ. */
export const compareSchema = z.object({
  /** Left out, it is what the engine says of `vessel` and `actions`. */
  expected: z.array(clearIsNoColour).max(60).optional(),
  seen: z.array(clearIsNoColour).max(60),
  /** What a blank of the same test showed. */
  blank: z.array(clearIsNoColour).max(60).optional(),
  vessel: vesselSchema.optional(),
  actions: z.array(actionSchema).max(60).optional(),
});
export type CompareRequest = z.infer<typeof compareSchema>;

/** Whether seen and expected agree, on what they differ, and what would explain it, the likeliest first. */
export interface Compared {
  readonly agreement: Agreement;
  readonly items: readonly ComparedItem[];
  readonly differences: readonly ComparedItem[];
  /** What was expected and is not recorded either way. */
  readonly missing: readonly ComparedItem[];
  readonly causes: readonly LikelyCause[];
}

/**
 * Sets observations against what was expected, with the tolerance of the bench, and says why they differ by running the engine
 * again with the slips people make.
 *
 * @throws ChemistryError for a vessel or an action that cannot be.
 */
export function compare({ expected, seen, blank, vessel, actions = [] }: CompareRequest): Compared {
  const windows = vessel ? windowsOf(vessel, actions) : [];
  const given = expected ?? windows[0]?.expected ?? [];
  // The words given decide which part of the sequence they are about: its last action, or all of it.
  const [told] = [...windows].sort((one, other) => fits(other, given) - fits(one, given));
  const comparison = compareObservations(given, seen);
  const causes = told ? likelyCauses(told.plan, seen, { ...(blank && { blank }) }) : [];
  return {
    agreement: comparison.agreement,
    items: comparison.items,
    differences: comparison.items.filter(({ outcome }) => outcome === 'differs'),
    missing: comparison.items.filter(({ outcome, optional }) => outcome === 'missing' && !optional),
    causes: comparison.items.some(({ outcome }) => outcome === 'differs') ? causes : [],
  };
}

interface Window {
  readonly plan: Plan;
  readonly expected: readonly Observation[];
}

const fits = ({ expected }: Window, given: readonly Observation[]): number =>
  fitOf(compareObservations(expected, given));

const only = 'vessel';

/** A vessel and its actions as a rack of one, told of as a whole and of the last action. */
function windowsOf(vessel: VesselSetup, actions: readonly Action[]): Window[] {
  const { steps } = mix({ vessel, actions: [...actions] });
  const setUp = vessel.contents.map((portion): RackEvent => ({
    vessel: only,
    action: { do: 'add', portion },
  }));
  const warmed: RackEvent[] =
    vessel.temperatureC === undefined
      ? []
      : [{ vessel: only, action: { do: 'cool', toC: vessel.temperatureC } }];
  const events = [
    ...setUp,
    ...warmed,
    ...actions.map((action): RackEvent => ({ vessel: only, action })),
  ];
  const before = setUp.length + warmed.length;
  const plan = (from: number): Plan => ({
    vessels: [{ name: only, container: vessel.container ?? 'testTube' }],
    events,
    vessel: only,
    from,
    to: events.length - 1,
  });
  const told = steps.map(({ observations }) => observations);
  return [
    {
      plan: plan(actions.length === 0 ? 0 : before),
      expected: withAnswers(mergeObservations(actions.length === 0 ? told : told.slice(1))),
    },
    ...(actions.length > 1
      ? [{ plan: plan(events.length - 1), expected: withAnswers(told.at(-1) ?? []) }]
      : []),
  ];
}
