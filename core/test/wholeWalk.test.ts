import { describe, expect, it } from 'vitest';
import { firstSettings } from '../src/labday/settings/settings';
import { judgeDay } from '../src/labday/judge/judgeDay';
import { classPlanOf, wasteSources } from '../src/labday/day/dayPlan';
import { benchesOf, refusalOf, stationsOf, worksOf } from '../src/labday/day/work';
import { kitKinds } from '../src/planning/procedure/procedure';
import { scheduleOf } from '../src/planning/procedure/classPlan';
import { brokenRules } from '../src/planning/schedule/brokenRules';
import { schedule } from '../src/planning/schedule/schedule';
import { wastePlan } from '../src/planning/waste/wastePlan';
import { dayReport } from '../src/report/dayReport/dayReport';
import { markdownOf } from '../src/report/dayReport/markdown';
import type { BenchEntry, LabDay } from '../src/labday/day/labDay';
import { anyId, dayOf, shipped } from './support/day';

/** The jobs of the trade, each with a procedure of the library that does it; their numbers are those of docs/coverage.md. */
const jobs: readonly (readonly [number: number, procedureId: string])[] = [
  [1, 'line-in-a-dish'],
  [2, 'metals-on-water'],
  [3, 'frozen-board'],
  [4, 'blue-white-blue'],
  [5, 'eight-small-changes'],
  [6, 'zinc-on-a-plate'],
  [7, 'salt-that-conducts-when-molten'],
  [8, 'sand-salt-iron'],
  [9, 'gas-through-three-colours'],
  [10, 'two-gases-from-water'],
  [11, 'copper-and-carbon-compared'],
  [12, 'five-kinds-of-reaction'],
  [13, 'three-colour-bottle'],
  [14, 'limestone-cycle'],
  [15, 'gas-in-syringes'],
  [16, 'one-jug-five-glasses'],
  [17, 'cracking-an-oil'],
  [18, 'jar-without-a-label'],
  [19, 'copper-blue-to-green'],
  [20, 'one-drop-under-a-lid'],
  [21, 'which-acid-for-which-carbonate'],
];

/** The first step that does something to a vessel, with “nothing happened” seen there. */
function recorded(day: LabDay): { readonly day: LabDay; readonly entry: BenchEntry } {
  const [work] = worksOf(day);
  const [bench] = work ? benchesOf(day, work) : [];
  const step = work?.procedure.steps.find(({ events }) => events.length > 0);
  const [station] = work && step ? stationsOf(work, step) : [];
  if (!work || !bench || !step || !station) throw new Error(`Nothing to see in ${day.name}.`);
  const entry: BenchEntry = {
    id: anyId(),
    workId: work.id,
    stepId: step.id,
    vessel: station.vessel,
    groupId: bench.id,
    part: 'test',
    record: { kind: 'noChange' },
    supersedes: null,
    recordedAt: '2027-02-03T10:00:00.000Z',
  };
  return { day: { ...day, entries: [entry] }, entry };
}

describe.each(jobs)('job %i, %s, from an empty day to its report', (_, id) => {
  const kit = Object.fromEntries(kitKinds.map((name) => [name, 2]));
  const day = dayOf([id], 2, { lengthMin: 240, kit });
  const [work] = worksOf(day);

  it('shows something at its steps, or says why that is not predicted', () => {
    if (!work) throw new Error('No work.');
    const silent = work.procedure.steps.filter((step) => {
      const stations = stationsOf(work, step);
      const isTold = stations.some(
        ({ expected, notPredicted }) => expected.length > 0 || notPredicted.length > 0,
      );
      return step.events.length > 0 && !isTold && refusalOf(work, step) === undefined;
    });
    // A plunger that a gas pushes out is not told of yet.
    const known = id === 'gas-in-syringes' ? ['collect'] : [];
    expect(silent.map((step) => step.id)).toEqual(known);
  });

  it('fits its steps, waits and kit together for both groups', () => {
    const request = scheduleOf(classPlanOf(day));
    const { tasks, makespanMin } = schedule(request);
    expect(brokenRules(request, tasks)).toEqual([]);
    expect(makespanMin).toBeGreaterThanOrEqual(
      Math.max(...shipped(id).steps.map(({ minutes }) => minutes)),
    );
  });

  it('knows a bottle, or the way back to the shelf, for what is left', () => {
    const bottles = wastePlan(wasteSources(day));
    for (const { bottle, vessels } of bottles) {
      expect(bottle).not.toBe('');
      expect(vessels).not.toEqual([]);
    }
    expect(bottles).not.toEqual([]);
  });

  it('judges that nothing was seen, and reports it with its waste', () => {
    const after = recorded(day);
    const judged = judgeDay(after.day).find(({ step }) => step.id === after.entry.stepId);
    expect(judged?.seen).toEqual([{ kind: 'noChange' }]);
    const report = markdownOf(
      dayReport({
        day: after.day,
        settings: firstSettings,
        scope: { of: 'day' },
        unknowns: [],
      }),
    );
    expect(report).toContain(shipped(id).name);
    expect(report).toContain('nothing happened');
    expect(report).toContain('Waste');
  });
});
