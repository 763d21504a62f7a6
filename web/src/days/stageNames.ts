import type { Stage } from '@stoichos/core';

export const stageNames: Readonly<Record<Stage, string>> = {
  plan: 'Plan',
  prepare: 'Prepare',
  bench: 'Bench',
  judge: 'Judge',
  report: 'Report',
};
