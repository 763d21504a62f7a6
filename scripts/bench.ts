/**
 * `npm run bench`: how fast and how steady the engine is, as ratios and counts. One thread; nothing here fails a test.
 * The comparison solves the same mass balances with a general-purpose least-squares root finder (ml-levenberg-marquardt).
 */
import { issuedAnions, issuedCations, solubleSubstances } from '@stoichos/core/matter/substances';
import { schedule } from '@stoichos/core/planning/schedule';
import { mix } from '@stoichos/core/seeing/rack';
import { dishOf, dishSchema } from '@stoichos/core/studies/dish';
import {
  allCompounds,
  inorganicModel,
  inorganicOutcomesOf,
  organicModel,
  pairsOfIons,
  rankTests,
  readCandidate,
} from '@stoichos/core/studies/identify';
import { actionOf, planColours, readySystems, shiftRunner } from '@stoichos/core/studies/shift';
import type { Task } from '@stoichos/core/planning/schedule';
import type { AnyPortion } from '@stoichos/core/vessel';
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { spreading } from '../core/src/studies/dish/spreading';
import { minimise } from '../core/src/solution/equilibrium/minimise';
import { systemOf } from '../core/src/solution/equilibrium/system';
import { testsToIdentify } from '../core/test/support/setsOfUnknowns';
import { rankOf, seededFaults } from '../core/test/support/seededFaults';
import { nestedDish } from './nestedDish';

const portion = (substance: string, concentrationM: number, volumeMl = 5): AnyPortion => ({
  substance,
  concentrationM,
  volumeMl,
});

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;
}

/** Milliseconds of one call, as the median of many. */
function timed(times: number, work: () => unknown): number {
  return median(
    Array.from({ length: times }, () => {
      const start = performance.now();
      work();
      return performance.now() - start;
    }),
  );
}

const typical: readonly (readonly [AnyPortion, AnyPortion])[] = [
  [portion('AgNO3', 0.1), portion('NaCl', 0.1)],
  [portion('CuSO4', 0.1), portion('NH3', 2)],
  [portion('HCl', 2), { substance: 'CaCO3', massG: 0.2 }],
  [portion('FeCl3', 0.1), portion('NaOH', 1)],
  [portion('CuSO4', 0.2), { substance: 'Zn', massG: 0.1 }],
  [portion('K2CrO4', 0.1), portion('H2SO4', 1)],
  [portion('Pb(NO3)2', 0.1), portion('KI', 0.2)],
  [portion('FeCl3', 0.01), portion('KSCN', 0.01)],
  [portion('Na2S2O3', 0.1), portion('HCl', 2)],
];

/** Numbers that look random and are the same in every run (Park and Miller’s generator). */
function* repeatable(seed: number): Generator<number, never> {
  let state = seed;
  for (;;) {
    state = (state * 48_271) % 2_147_483_647;
    yield state / 2_147_483_647;
  }
}

function benchSteps(): void {
  const start = (first: AnyPortion) => ({ vessel: { contents: [first] }, actions: [] });
  for (const [first, second] of typical)
    mix({ ...start(first), actions: [{ do: 'add', portion: second }] });
  const each = typical.map(([first, second]) => {
    const alone = timed(15, () => mix(start(first)));
    const both = timed(15, () =>
      mix({ ...start(first), actions: [{ do: 'add', portion: second }] }),
    );
    return both - alone;
  });
  console.log(`A mix step: median ${median(each).toFixed(2)} ms (aim: under 5 ms)`);
}

function benchRandom(count: number): void {
  const random = repeatable(20_261_124);
  const next = () => random.next().value;
  const shelf = solubleSubstances();
  const failures: string[] = [];
  for (let round = 0; round < count; round += 1) {
    const contents = Array.from({ length: 2 + Math.floor(3 * next()) }, () => {
      const { formula, stock } = shelf[Math.floor(next() * shelf.length)] ?? { formula: 'NaCl' };
      return portion(formula, Math.min(10 ** (4 * next() - 3), stock?.concentrationM ?? 5));
    });
    try {
      mix({ vessel: { contents, container: 'beaker' } });
    } catch (error) {
      failures.push(`${error instanceof Error ? error.message : String(error)}`);
    }
  }
  console.log(`${count} random mixtures: ${failures.length} failed to converge`);
  for (const failure of failures.slice(0, 5)) console.log(`  ${failure}`);
}

/** Two metals, ammonia, phosphate and chloride: a mixture as classical analysis has them. */
function benchSpeciation(): void {
  const names = ['Cl^-', 'Cu^2+', 'H^+', 'NH4^+', 'PO4^3-', 'Zn^2+'];
  const totals = [0.05, 0.001, 0.015, 0.02, 0.01, 0.002];
  const { species } = systemOf(names, 25);
  const own = minimise(totals, species, []);
  const ours = timed(200, () => minimise(totals, species, []));

  // The same equations for the general finder: each balance over its total, in decimal logarithms.
  const balances = (logs: readonly number[]) => (at: number) =>
    species.reduce(
      (sum, { logK, counts }) => {
        const log = counts.reduce((total, n, j) => total + n * (logs[j] ?? 0), logK);
        return sum + (counts[at] ?? 0) * 10 ** Math.min(log, 30);
      },
      -(totals[at] ?? 0),
    ) / (totals[at] ?? 1);
  const solve = () =>
    levenbergMarquardt({ x: names.map((_, at) => at), y: names.map(() => 0) }, balances, {
      initialValues: totals.map((total) => Math.log10(total / 2)),
      damping: 1e-2,
      gradientDifference: 1e-6,
      centralDifference: true,
      maxIterations: 500,
      errorTolerance: 1e-18,
    });
  const general = timed(15, solve);
  const found = solve().parameterValues;
  const apart = Math.max(...own.logFree.map((log, j) => Math.abs(log - (found[j] ?? 0))));
  console.log(
    `A speciation (${species.length} species): ${(general / ours).toFixed(0)} times as fast as the general root finder` +
      ` (aim: at least 20); the two agree to ${apart.toExponential(1)} in the logarithm`,
  );
}

/** Groups side by side with chains of steps, as a class is; how far from its bound a timetable is, and how soon it is there. */
function benchSchedule(groups: number, steps: number): void {
  const random = repeatable(7);
  const next = (most: number): number => Math.floor(most * random.next().value);
  const gaps: number[] = [];
  const times: number[] = [];
  for (let round = 0; round < 6; round += 1) {
    const tasks = Array.from({ length: groups * steps }, (_, at): Task => ({
      id: `t${at}`,
      minutes: 1 + next(12),
      attended: next(10) < 6,
      uses: next(10) < 4 ? { 'hot plate': 1 + next(2) } : next(10) < 3 ? { balance: 1 } : {},
      after: at % steps === 0 ? [] : [{ id: `t${at - 1}`, ...(next(10) < 3 && { maxWaitMin: 8 }) }],
    }));
    const began = performance.now();
    const { makespanMin, lowerBoundMin } = schedule({
      tasks,
      kit: { 'hot plate': 3, balance: 1 },
      people: 3,
    });
    times.push(performance.now() - began);
    gaps.push(makespanMin / lowerBoundMin - 1);
  }
  console.log(
    `A timetable of ${groups * steps} tasks: median ${(100 * median(gaps)).toFixed(1)} % over its bound, ${(median(times) / 1000).toFixed(1)} s`,
  );
}

/** Slips done to the engine on purpose, and how often their cause is named first or second. */
function benchFaults(): void {
  const times: number[] = [];
  const ranks = seededFaults.map((seeded) => {
    const began = performance.now();
    const { rank } = rankOf(seeded);
    times.push(performance.now() - began);
    return { name: seeded.name, rank };
  });
  const found = ranks.filter(({ rank }) => rank === 1 || rank === 2);
  console.log(
    `Seeded faults: ${found.length} of ${ranks.length} ranked first or second (${ranks.filter(({ rank }) => rank === 1).length} first; aim: all), median ${median(times).toFixed(0)} ms`,
  );
  for (const { name, rank } of ranks.filter((one) => !found.includes(one)))
    console.log(`  ${name}: ${rank === 0 ? 'not named' : `place ${rank}`}`);
}

/** One more thing done to a shifted mixture, with Q, K, shares and the words of it, as the study asks for it. */
function benchShift(): void {
  const slow: string[] = [];
  const times = readySystems.flatMap(({ id, vessel, watched, stresses }) => {
    const liquid = stresses.find((one) => 'solution' in one) ?? stresses[0];
    if (!liquid) return [];
    const actions = [0.5, 1, 2, 4].map((amount) => actionOf(liquid, amount, 25));
    const once = () => {
      const run = shiftRunner();
      run({ vessel, actions: [], watched: watched[0] });
      return actions.map((_, at) => {
        const began = performance.now();
        run({ vessel, actions: actions.slice(0, at + 1), watched: watched[0] });
        return performance.now() - began;
      });
    };
    for (let round = 0; round < 4; round += 1) once();
    const own = once();
    if (Math.max(...own) > 16) slow.push(`${id} ${Math.max(...own).toFixed(0)} ms`);
    return own;
  });
  console.log(
    `An addition to a shifted mixture: median ${median(times).toFixed(1)} ms, slowest ${Math.max(...times).toFixed(1)} ms (aim: within 16 ms)${slow.length > 0 ? `; over it: ${slow.join(', ')}` : ''}`,
  );
}

/** A plan through the colours of every ready-made system. */
function benchPlans(): void {
  const times = readySystems.map(({ vessel, stresses, targets }) => {
    const began = performance.now();
    planColours({ vessel, stresses: [...stresses], targets: [...targets] });
    return performance.now() - began;
  });
  console.log(
    `A plan of colours: median ${median(times).toFixed(0)} ms, slowest ${Math.max(...times).toFixed(0)} ms (aim: within 2000 ms)`,
  );
}

/** Steps of the dish at 200 by 200 cells against the same scheme on nested arrays, and against copying the same memory. */
function benchDish(): void {
  const ready = dishOf(
    dishSchema.parse({
      diameterMm: 90,
      depthMm: 4,
      across: 200,
      heaps: [
        { substance: 'Pb(NO3)2', massG: 0.2, angleDeg: 180 },
        { substance: 'KI', massG: 0.2 },
      ],
    }),
  );
  // Long enough that a line has grown: the dear part of the work.
  const steps = 3000;
  const fast = spreading(ready.grid, ready.meeting, ready.start);
  const ownMs = timed(1, () => fast.advance(steps)) / steps;
  const sample = 40;
  const slow = nestedDish(ready, 0.24);
  slow.advance(sample);
  const nestedMs = timed(1, () => slow.advance(sample)) / sample;
  const same = spreading(ready.grid, ready.meeting, ready.start);
  same.advance(2 * sample);
  const { width } = ready.grid;
  const apart = Math.max(
    ...same
      .fields()
      .first.map((one, i) =>
        Math.abs(one - (slow.first()[Math.floor(i / width)]?.[i % width] ?? 0)),
      ),
  );
  const source = new Float64Array(7 * ready.grid.inside.length);
  const copy = new Float64Array(source.length);
  const copyMs = timed(200, () => copy.set(source));
  console.log(
    `The dish at 200 × 200 cells: ${(1000 * ownMs).toFixed(0)} µs a step, ${(nestedMs / ownMs).toFixed(0)} times as fast as on nested arrays (aim: at least 30), ${(ownMs / copyMs).toFixed(1)} times what copying its memory takes; the two agree to ${apart.toExponential(1)} mol/L`,
  );
}

benchFaults();
benchShift();
benchPlans();
benchDish();
async function benchIdentify(): Promise<void> {
  const compounds = await allCompounds();
  const model = organicModel(compounds);
  const request = { kind: 'organic', school: 'mostInformative' } as const;
  const ranking = timed(15, () => rankTests(model, [], request));
  console.log(
    `Next test of ${model.candidates.length} organic unknowns × ${model.tests.length} tests, two ahead: ${ranking.toFixed(0)} ms (aim: under 100 ms)`,
  );
  const ions = [...issuedCations.slice(0, 13), ...issuedAnions.slice(0, 7)];
  const start = performance.now();
  const outcomes = Object.fromEntries(
    pairsOfIons(ions).map((pair) => [pair, inorganicOutcomesOf(readCandidate(pair))]),
  );
  const seconds = (performance.now() - start) / 1000;
  const pairs = inorganicModel(outcomes);
  const rankingPairs = timed(5, () =>
    rankTests(pairs, [], { kind: 'inorganic', school: 'mostInformative' }),
  );
  console.log(
    `Next test of the ${pairs.candidates.length} pairs of ${ions.length} ions: ${rankingPairs.toFixed(0)} ms (aim: under 2000 ms); what they show, by the engine, once: ${seconds.toFixed(0)} s`,
  );
  const { mostTelling, bestTree, fixed } = await testsToIdentify();
  console.log(
    `Tests to identify, against the best tree: × ${(mostTelling / bestTree).toFixed(3)} (aim: under 1.1); against the fixed solubility tree: × ${(mostTelling / fixed).toFixed(2)} (aim: under 0.75)`,
  );
}

benchSteps();
benchRandom(1000);
benchSpeciation();
benchSchedule(3, 4);
benchSchedule(10, 6);
await benchIdentify();
