import type { Stage } from '@stoichos/core/labday/day';

export const stageNames: Readonly<Record<Stage, string>> = {
  plan: 'Plan',
  prepare: 'Prepare',
  bench: 'Bench',
  judge: 'Judge',
  report: 'Report',
};
