import { roundUpMl } from '../../planning/prep/measuring';
import type { SolutionNeed } from '../../planning/prep/prepSheet';
import { quantityOf, reagentsOf, timesReagent } from '../../planning/procedure/reagents';
import type { Reagent } from '../../planning/procedure/reagents';
import { concentrationMade } from '../../solution/preparation/prepare';
import { findSubstance } from '../../matter/substances/findSubstance';
import type { RackEvent } from '../../seeing/rack/rackShape';
import type { Procedure } from '../../planning/procedure/procedure';
import type { Portion } from '../../vessel/portion';
import type { LabDay, Weighing } from './labDay';

/** One solution to make up for the day, and what for. */
export interface NeededSolution extends SolutionNeed {
  readonly for: readonly string[];
}

/** Something that is set out as it is: a solid, a concentrated reagent, water, drops, a gas. */
export type NeededAsItIs = Exclude<Reagent, { kind: 'solution' }> & {
  readonly for: readonly string[];
};

type Planned = Pick<LabDay, 'procedures' | 'groups' | 'sparePercent'>;

interface Sum {
  readonly reagent: Reagent;
  readonly for: readonly string[];
}

/** Everything the day needs, once each, summed over procedures and groups, without the spare. */
function allNeeds({ procedures, groups }: Planned): Sum[] {
  const sums = new Map<string, Sum>();
  const add = (reagent: Reagent, times: number, what: string): void => {
    const before = sums.get(reagent.key);
    sums.set(reagent.key, {
      reagent: timesReagent(reagent, times, before?.reagent),
      for: before?.for.includes(what) ? before.for : [...(before?.for ?? []), what],
    });
  };
  for (const { procedure, manner } of procedures)
    for (const reagent of reagentsOf(procedure))
      add(reagent, manner === 'demonstration' ? 1 : groups.length, procedure.name);
  return [...sums.values()];
}

/** The solutions of a day: volumes summed over procedures and groups, plus the spare. */
export function solutionsNeeded(day: Planned): NeededSolution[] {
  return allNeeds(day).flatMap(({ reagent, for: what }): NeededSolution[] => {
    if (reagent.kind !== 'solution') return [];
    const { key, substance, concentrationM, amountMl } = reagent;
    return [
      {
        key,
        substance,
        concentrationM,
        usedMl: amountMl,
        makeMl: roundUpMl(amountMl * (1 + day.sparePercent / 100)),
        for: what,
      },
    ];
  });
}

/** What else is set out, with the spare. */
export function otherNeeds(day: Planned): NeededAsItIs[] {
  return allNeeds(day).flatMap(({ reagent, for: what }): NeededAsItIs[] => {
    if (reagent.kind === 'solution') return [];
    const spared = timesReagent(reagent, 1 + day.sparePercent / 100);
    return spared.kind !== 'solution' && quantityOf(spared) > 0 ? [{ ...spared, for: what }] : [];
  });
}

/** The latest weighing for a solution, or undefined. */
export function latestWeighing(
  weighings: readonly Weighing[],
  solution: Pick<NeededSolution, 'substance' | 'concentrationM'>,
): Weighing | undefined {
  return weighings
    .filter(
      ({ substance, concentrationM }) =>
        substance === solution.substance && concentrationM === solution.concentrationM,
    )
    .sort((one, other) => one.recordedAt.localeCompare(other.recordedAt))
    .at(-1);
}

/** The concentration, mol/L, that a weighing really made. */
export function concentrationOf({ actualG, form, volumeMl, purityPercent }: Weighing): number {
  return concentrationMade(actualG, form, volumeMl, purityPercent);
}

/**
 * The strength a solution of the day really has, mol/L: as it was weighed, or as what it is diluted from was. All strengths of a
 * substance come from one weighing, that of the strongest.
 */
export function strengthMade(
  weighings: readonly Weighing[],
  solution: Pick<NeededSolution, 'substance' | 'concentrationM'>,
): number {
  const own = latestWeighing(weighings, solution);
  if (own) return concentrationOf(own);
  const [stronger] = weighings
    .filter(
      ({ substance, concentrationM }) =>
        substance === solution.substance && concentrationM > solution.concentrationM,
    )
    .sort((one, other) => other.recordedAt.localeCompare(one.recordedAt));
  return stronger
    ? (solution.concentrationM * concentrationOf(stronger)) / stronger.concentrationM
    : solution.concentrationM;
}

/** A portion of solution with the concentration that was really made, where a weighing says so. */
function asMade<P extends Pick<Portion, 'substance' | 'concentrationM'>>(
  portion: P,
  weighings: readonly Weighing[],
): P {
  const substance = findSubstance(portion.substance).substance.formula;
  const concentrationM = strengthMade(weighings, {
    substance,
    concentrationM: portion.concentrationM,
  });
  return concentrationM === portion.concentrationM ? portion : { ...portion, concentrationM };
}

/** A procedure with the concentrations that were really made. */
export function procedureAsMade(procedure: Procedure, weighings: readonly Weighing[]): Procedure {
  const made = (event: RackEvent): RackEvent => {
    if (!('vessel' in event) || event.action.do !== 'add') return event;
    const { portion } = event.action;
    return 'concentrationM' in portion
      ? { ...event, action: { ...event.action, portion: asMade(portion, weighings) } }
      : event;
  };
  return {
    ...procedure,
    steps: procedure.steps.map((step) => ({ ...step, events: step.events.map(made) })),
  };
}
