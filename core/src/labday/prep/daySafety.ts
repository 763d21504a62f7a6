import { stepSafety } from '../../planning/procedure/stepSafety';
import type { StepSafety } from '../../planning/procedure/stepSafety';
import { shortText } from '../../planning/procedure/orderGuard';
import { firstAidFor, protectionFor } from '../../safety/protection';
import type { Protection } from '../../safety/protection';
import type { Clash } from '../../safety/clashes';
import type { LabDay } from '../day/labDay';
import { wasteSources } from '../day/dayPlan';
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
  readonly substances: readonly string[];
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
  const substances = [
    ...new Set(
      [...solutionsNeeded(day), ...otherNeeds(day)]
        .filter((need) => !('kind' in need) || (need.kind !== 'indicator' && need.kind !== 'water'))
        .map(({ substance }) => substance),
    ),
  ];
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
      .filter(stopsThePlan)
      .map(
        ({ one, other, gives }) => `In the bottle “${bottle}”: ${one} and ${other} give ${gives}.`,
      ),
  );
  const ofProcedures = procedures.flatMap(({ name, steps }) =>
    steps.flatMap((step) =>
      step.clashes
        .filter(stopsThePlan)
        .map(
          ({ one, other, gives }) => `${name}, “${step.text}”: ${one} and ${other} give ${gives}.`,
        ),
    ),
  );
  return {
    substances,
    protection: protectionFor(substances),
    firstAid: firstAidFor(substances),
    procedures,
    stops: [...new Set([...ofProcedures, ...ofBottles])],
  };
}

/** Cyanide, azide and their like; and any sulfide that meets an acid, which has killed in school stores. */
const stopsThePlan = ({ never, gives }: Clash): boolean =>
  never || gives.startsWith('hydrogen sulfide');
