import { ageing } from '../../../matter/substances/data/ageing';
import { findSubstance } from '../../../matter/substances/findSubstance';
import type { AnyPortion } from '../../../vessel/portion';
import { isWater } from '../../../matter/substances/isWater';
import type { RackEvent } from '../../rack/rackShape';
import { instead, isSolution, isWatery, nameOf, otherSolutions, putting, puttings } from './fault';
import type { Fault, Slip } from './fault';

/** Ions of a middling hard tap water, mol/L, as the salts that bring them (common practice). */
const tapWater = [
  { substance: 'NaHCO3', concentrationM: 3e-3 },
  { substance: 'CaCl2', concentrationM: 8e-4 },
  { substance: 'MgSO4', concentrationM: 4e-4 },
] as const;
/** So many times stronger and in so much less volume are traces put in, that they hardly dilute. */
const concentrated = 100;
/** Smallest portion there is: one drop, mL. */
const dropMl = 0.05;

/** Traces that a volume of water brings along. */
function traces(vessel: string, volumeMl: number): RackEvent[] {
  const ownMl = Math.max(dropMl, volumeMl / concentrated);
  return tapWater.map(({ substance, concentrationM }) =>
    putting(vessel, {
      substance,
      concentrationM: (concentrationM * volumeMl) / ownMl,
      volumeMl: ownMl,
    }),
  );
}

/** Tap water for distilled, in everything that was made up. */
export const tapWaterUsed: Fault = {
  name: 'tap water',
  commonness: 0.8,
  slips: (plan) => {
    const watery = new Map(
      puttings(plan)
        .filter(({ portion }) => isWatery(portion))
        .map((one) => [one.at, one]),
    );
    if (watery.size === 0) return [];
    return [
      {
        fault: 'tap water was used in place of distilled water',
        check: 'Run a blank: the water that was used, with the reagent alone.',
        done: plan.events.map((event, index) => {
          const one = watery.get(index);
          const volumeMl = one && isWatery(one.portion) ? one.portion.volumeMl : 0;
          return one ? [event, ...traces(one.vessel, volumeMl)] : [event];
        }),
      },
    ];
  },
};

/** What clings to glass that was not rinsed, of what it held (common practice: a few drops in a few millilitres). */
const clings = 0.03;

/** A cylinder or pipette that still held another reagent of the plan. */
export const dirtyGlass: Fault = {
  name: 'dirty glass',
  commonness: 0.55,
  slips: (plan) => {
    const solutions = puttings(plan).filter(({ portion }) => isSolution(portion));
    return solutions.flatMap(({ at, vessel, portion, event }) =>
      otherSolutions(plan, portion).map((from) => ({
        fault: `the glass for ${nameOf(portion)} still held ${nameOf(from)}`,
        check: 'Rinse it three times with distilled water and once with the reagent, and repeat.',
        done: instead(plan, at, event, ...rest(vessel, from, portion)),
      })),
    );
  },
};

function rest(vessel: string, from: AnyPortion, portion: AnyPortion): RackEvent[] {
  if (!isSolution(from) || !('volumeMl' in portion)) return [];
  return [putting(vessel, { ...from, volumeMl: Math.max(dropMl, clings * portion.volumeMl) })];
}

/** Traces of acid or alkali left from the class before. */
export const unwashedVessel: Fault = {
  name: 'unwashed vessel',
  commonness: 0.3,
  slips: (plan) => {
    const [first] = puttings(plan).filter(({ vessel }) => vessel === plan.vessel);
    if (!first) return [];
    return (['HCl', 'NaOH'] as const).map((substance) => ({
      fault: `the vessel still held ${substance === 'HCl' ? 'acid' : 'alkali'} from before`,
      check: 'Take a clean vessel, rinsed with distilled water, and repeat.',
      done: instead(
        plan,
        first.at,
        putting(first.vessel, { substance, concentrationM: 1, volumeMl: 0.15 }),
        first.event,
      ),
    }));
  },
};

/** A reagent from an old bottle, by what it becomes there. */
export const oldReagent: Fault = {
  name: 'old reagent',
  // Only what is known to spoil in its bottle is asked about.
  commonness: 0.85,
  slips: (plan) =>
    puttings(plan).flatMap(({ at, vessel, portion }): Slip[] => {
      if (!isSolution(portion) || isWater(portion.substance)) return [];
      const { formula, ions } = findSubstance(portion.substance).substance;
      const row = ageing.find(({ of }) => of === formula || of in ions);
      if (!row) return [];
      const { concentrationM, volumeMl } = portion;
      const ownMl = Math.max(dropMl, volumeMl / concentrated);
      return [
        {
          fault: `the ${formula} is old: ${row.words}`,
          check: `Repeat it with ${formula} made up today.`,
          done: instead(
            plan,
            at,
            putting(vessel, { ...portion, concentrationM: concentrationM * row.left }),
            ...row.becomes.map(({ substance, share }) =>
              putting(vessel, {
                substance,
                concentrationM: Math.min(10, (concentrationM * share * volumeMl) / ownMl),
                volumeMl: ownMl,
              }),
            ),
          ),
        },
      ];
    }),
};
