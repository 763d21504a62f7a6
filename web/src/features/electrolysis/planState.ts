import * as z from 'zod';
import { useSettings } from '../../data/settings/useSettings';
import { useKept } from '../../data/kept/useKept';
import { useInAddress } from '../../shared/study/useInAddress';

const typed = z.union([z.number(), z.literal('')]);

/** What is planned, as this browser keeps it. */
const planSchema = z.object({
  gas: z.enum(['H2', 'O2', 'Cl2']),
  find: z.enum(['time', 'current']).default('time'),
  tube: z.enum(['volume', 'ruler']),
  tubeMl: typed,
  innerMm: typed,
  lengthMm: typed,
  round: z.boolean(),
  pressureKPa: typed,
  overWater: z.boolean(),
  classes: typed,
  apartMin: typed,
  metal: z.string(),
  widthCm: typed,
  heightCm: typed,
  faces: z.enum(['1', '2']),
  densityAPerM2: typed,
  depositMin: typed,
  everyMin: typed,
  supply: z.enum(['cells', 'supply']),
  cells: typed,
  eachV: typed,
  eachOhm: typed,
  supplyV: typed,
  limitA: typed,
});
export type PlanState = z.output<typeof planSchema>;

const firstPlan: PlanState = {
  gas: 'H2',
  find: 'time',
  tube: 'ruler',
  tubeMl: 20,
  innerMm: 14,
  lengthMm: 120,
  round: true,
  pressureKPa: 101.3,
  overWater: true,
  classes: 3,
  apartMin: 50,
  metal: 'Zn',
  widthCm: 7.5,
  heightCm: 8,
  faces: '1',
  densityAPerM2: 400,
  depositMin: 60,
  everyMin: 10,
  supply: 'cells',
  cells: 2,
  eachV: 9,
  eachOhm: 2,
  supplyV: 12,
  limitA: '',
};

/** The plan for tubes, coats and supplies, and a way to change a part of it; the same wherever it is asked for. */
export function usePlan() {
  const { airKPa } = useSettings();
  const initial = { ...firstPlan, pressureKPa: airKPa };
  const [plan, setPlan] = useKept('stoichos.electrolysis.plan', planSchema, initial);
  useInAddress({ name: 'plan', schema: planSchema, initial, value: plan, onRead: setPlan });
  const set = (part: Partial<PlanState>) => setPlan((before) => ({ ...before, ...part }));
  return { plan, set };
}
