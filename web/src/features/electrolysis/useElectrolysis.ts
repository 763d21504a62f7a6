import {
  brineCell,
  firstPlan,
  typedCellSchema,
  typedPlanSchema,
} from '@stoichos/core/studies/electrolysis';
import { useSettings } from '../../data/settings/useSettings';
import { useStudy } from '../../shared/study/useStudy';

export const cellStudy = {
  key: 'stoichos.electrolysis',
  name: 'cell',
  schema: typedCellSchema,
  initial: brineCell,
};

/** The cell of the study, the same in all its views, and a way to change a part of it. */
export const useElectrolysis = () => useStudy(cellStudy);

/** What the plan for tubes, coats and supplies is set to where nothing is: in the air of this place. */
export function usePlanStudy() {
  const { airKPa } = useSettings();
  return {
    key: 'stoichos.electrolysis.plan',
    name: 'plan',
    schema: typedPlanSchema,
    initial: { ...firstPlan, pressureKPa: airKPa },
  };
}

/** The plan for tubes, coats and supplies, and a way to change a part of it; the same wherever it is asked for. */
export function usePlan() {
  const { state: plan, change: set } = useStudy(usePlanStudy());
  return { plan, set };
}
