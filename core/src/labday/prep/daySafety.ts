import { stepSafety } from '../../planning/procedure/stepSafety';
import type { StepSafety } from '../../planning/procedure/stepSafety';
import { shortText } from '../../planning/procedure/orderGuard';
import { firstAidFor, protectionFor } from '../../safety/protection';
import type { Protection } from '../../safety/protection';
import type { LabDay } from '../day/labDay';
import { wasteSources } from '../day/dayPlan';
import type { Bottle } from '../../safety/hazards';
import { stockOf } from '../../solution/preparation/prepare';
import { bottleMeetings } from '../../planning/waste/wastePlan';
import { otherNeeds, solutionsNeeded } from '../day/solutionsNeeded';
import { runOf } from '../day/work';

/** One procedure of the day with what deserves care in its steps. */
export interface ProcedureSafety {
  readonly id: string;
  readonly name: string;
  readonly steps: readonly (StepSafety & { readonly text: string })[];
}

/** Safety of a whole day. */
export interface DaySafety {
  /** Everything the class handles, at its strength. */
  readonly bottles: readonly Bottle[];
  /** Concentrated reagents that are poured in preparing. */
  readonly poured: readonly Bottle[];
  readonly protection: Protection;
  readonly firstAid: readonly string[];
  readonly procedures: readonly ProcedureSafety[];
  /** What must not happen at all: with one of these the day is not run as it is planned. */
  readonly stops: readonly string[];
}

/**
 * Everything that deserves care on a day: substances, meetings in every vessel and down every row of vessels, quantities,
 * and names that are mixed up.
 */
export function daySafety(day: Pick<LabDay, 'procedures' | 'groups' | 'sparePercent'>): DaySafety {
  const solutions = solutionsNeeded(day);
  const bottles = [
    ...solutions.map(({ substance, concentrationM }): Bottle => ({ substance, concentrationM })),
    ...otherNeeds(day)
      .filter(({ kind }) => kind !== 'indicator' && kind !== 'water')
      .map(({ substance }): Bottle => ({ substance })),
  ];
  const poured = [...new Set(solutions.filter(isDiluted).map(({ substance }) => substance))].map(
    (substance): Bottle => ({ substance }),
  );
  const procedures = day.procedures.map(({ id, procedure, manner }): ProcedureSafety => {
    const found = stepSafety(runOf({ procedure }), manner);
    return {
      id,
      name: procedure.name,
      steps: found.map((safety) => {
        const step = procedure.steps.find((one) => one.id === safety.stepId);
        return { ...safety, text: step ? shortText(step) : safety.stepId };
      }),
    };
  });
  const ofBottles = bottleMeetings(wasteSources(day)).flatMap(({ bottle, clashes: met }) =>
    met
      .filter(({ stopsADay }) => stopsADay)
      .map(
        ({ one, other, gives }) => `In the bottle “${bottle}”: ${one} and ${other} give ${gives}.`,
      ),
  );
  const ofProcedures = procedures.flatMap(({ name, steps }) =>
    steps.flatMap((step) =>
      step.clashes
        .filter(({ stopsADay }) => stopsADay)
        .map(
          ({ one, other, gives }) => `${name}, “${step.text}”: ${one} and ${other} give ${gives}.`,
        ),
    ),
  );
  return {
    bottles,
    poured,
    protection: protectionFor(bottles),
    firstAid: firstAidFor([...bottles, ...poured]),
    procedures,
    stops: [...new Set([...ofProcedures, ...ofBottles])],
  };
}

/** Whether a solution is made from a concentrated reagent. */
const isDiluted = ({ substance, concentrationM }: Bottle): boolean =>
  (concentrationM ?? 0) < (stockOf(substance)?.concentrationM ?? 0);
