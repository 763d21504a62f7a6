import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { activityEvidence } from '../src/labday/judge/activityEvidence';
import { analyse } from '../src/labday/judge/analyse';
import { benchProgress, waitingSteps } from '../src/labday/bench/benchProgress';
import { classSpread } from '../src/labday/judge/classSpread';
import { describeRecord } from '../src/labday/bench/describeRecord';
import { judgeDay, judgeWork } from '../src/labday/judge/judgeDay';
import { entrySchema } from '../src/labday/day/labDay';
import { readAlone } from '../src/labday/judge/readAlone';
import { repeatedReadings } from '../src/labday/judge/repeatedReadings';
import { weighedOtherwise } from '../src/labday/prep/weighedOtherwise';
import { benchesOf, stationsOf, worksAsMade, worksOf } from '../src/labday/day/work';
import { activitySeries } from '../src/seeing/judgement/activitySeries';
import { classifyChange } from '../src/seeing/judgement/change/classifyChange';
import { compareObservations } from '../src/seeing/judgement/compare/compareObservations';
import { mergeObservations } from '../src/seeing/observation/mergeObservations';
import { observationSchema } from '../src/seeing/observation/observation';
import type { BenchEntry, BenchRecord, LabDay } from '../src/labday/day/labDay';
import type { Observation } from '../src/seeing/observation/observation';
import { colourPhrases } from '../src/seeing/appearance/colourWords';
import { dayOf, shipped } from './support/day';

const heron = { id: crypto.randomUUID(), name: 'Heron' };
const tern = { id: crypto.randomUUID(), name: 'Tern' };

function dayWith(...ids: readonly string[]): LabDay {
  return dayOf(ids, 0, { groups: [heron, tern] });
}

let clock = Date.parse('2026-03-01T10:00:00.000Z');
function entry(
  day: LabDay,
  at: { step: string; vessel?: string | null; group?: { id: string }; work?: number },
  record: BenchRecord,
): BenchEntry {
  clock += 1000;
  return {
    id: crypto.randomUUID(),
    workId: worksOf(day)[at.work ?? 0]?.id ?? '',
    stepId: at.step,
    vessel: at.vessel ?? null,
    part: 'test',
    groupId: (at.group ?? heron).id,
    record,
    supersedes: null,
    recordedAt: new Date(clock).toISOString(),
  };
}
const mass = (name: string, value: number): BenchRecord => ({
  kind: 'measurement',
  name,
  quantity: 'mass',
  value,
});

describe('a bench in the middle of the class', () => {
  const day = dayWith('crystal-water-by-mass');
  const progressOf = (...entries: BenchEntry[]) =>
    benchProgress({ ...day, entries }, worksAsMade(day), heron);
  const state = (step: string, what: 'begun' | 'done' | 'skipped') =>
    entry(day, { step }, { kind: 'step', state: what });

  it('begins with the first step and knows the next', () => {
    const { current, next, waiting } = progressOf();
    expect([current?.step.id, next?.step.id, waiting.length]).toEqual(['empty', 'fill', 0]);
  });
  it('goes on when a step is done, and waits beside what runs by itself', () => {
    const progress = progressOf(
      state('empty', 'begun'),
      state('empty', 'done'),
      state('fill', 'done'),
      state('heat', 'begun'),
    );
    expect(progress.waiting.map(({ step }) => step.id)).toEqual(['heat']);
    const [first] = waitingSteps(progress);
    expect((first?.overAtMs ?? 0) - Date.parse(first?.one.begunAt ?? '')).toBe(9 * 60_000);
  });
  it('knows what must have been done before a step', () => {
    const weigh = progressOf().steps.find(({ step }) => step.id === 'weigh');
    expect(weigh?.unmet.map(({ step, because }) => `${step.id}: ${because}`)).toEqual([
      'cool: a hot crucible lifts air and reads light',
    ]);
    const after = progressOf(state('cool', 'skipped')).steps.find(
      ({ step }) => step.id === 'weigh',
    );
    expect(after?.unmet).toEqual([]);
  });
  it('follows the timetable where there is one', () => {
    const two = dayWith('crystal-water-by-mass', 'drops-one-and-two');
    const [, drops] = worksOf(two);
    const timetable = {
      tasks: [{ id: `${drops?.id}/${heron.id}/sulfuric`, startMin: -1, endMin: 3 }],
      makespanMin: 3,
      lowerBoundMin: 3,
      optimal: true,
      planKey: '',
    };
    const { current } = benchProgress({ ...two, timetable }, worksAsMade(two), heron);
    expect(current?.step.id).toBe('sulfuric');
  });
  it('is not upset by a clock that jumps back', () => {
    const early = { ...state('empty', 'done'), recordedAt: '2001-01-01T00:00:00.000Z' };
    const { steps } = progressOf(state('empty', 'begun'), early);
    expect(steps[0]?.state).toBe('done');
  });
});

describe('what is worked out of a record', () => {
  it('a hydrate, once every weighing is there', () => {
    const day = dayWith('crystal-water-by-mass');
    const [work] = worksAsMade(day);
    if (!work) throw new Error('no work');
    const entries = [
      entry(day, { step: 'empty' }, mass('crucible and lid', 18.34)),
      entry(day, { step: 'fill' }, mass('with the crystals', 21.17)),
    ];
    const of = (all: BenchEntry[]) => analyse({ entries: all }, work, heron)[0];
    expect(of(entries)).toMatchObject({ state: 'open', missing: 'after heating' });
    const whole = [
      ...entries,
      entry(day, { step: 'weigh' }, mass('after heating', 19.75)),
      entry(day, { step: 'weigh-again' }, mass('after heating', 19.73)),
    ];
    expect(of(whole)).toMatchObject({
      state: 'done',
      found: { kind: 'hydrate', result: { nearestWhole: 7, constantMass: true } },
    });
    const heavy = [...whole, entry(day, { step: 'weigh-again' }, mass('after heating', 25))];
    expect(of(heavy)).toMatchObject({ state: 'refused' });
  });

  it('the spread over the class, with who stands out', () => {
    const groups = ['a', 'b', 'c', 'd', 'e'].map((name) => ({ id: crypto.randomUUID(), name }));
    const day = { ...dayWith('sand-salt-iron'), groups };
    const entries = groups.map((group, at) =>
      entry(day, { step: 'yield', group }, mass('the salt', at === 4 ? 0.6 : 1.8 + 0.02 * at)),
    );
    const [work] = worksAsMade(day);
    if (!work) throw new Error('no work');
    const [spread] = classSpread({ ...day, entries }, work);
    expect(spread).toMatchObject({ name: 'recovered', unit: '%', oddOnes: ['e'] });
    expect(spread?.spread.count).toBe(5);
  });

  it('repeated readings with their mean, and no log or falling mass among them', () => {
    const day = dayWith('drops-one-and-two', 'crystal-water-by-mass');
    const [drops, crystal] = worksAsMade(day);
    if (!drops || !crystal) throw new Error('no work');
    const count = (value: number) =>
      entry(
        day,
        { step: 'sulfuric' },
        { kind: 'measurement', name: 'drops, sulfuric acid', quantity: 'drops', value },
      );
    const heated = [19.8, 19.7].map((value) =>
      entry(day, { step: 'weigh', work: 1 }, mass('after heating', value)),
    );
    const entries = [count(41), count(43), ...heated];
    expect(repeatedReadings({ entries }, drops, heron)).toMatchObject([
      { name: 'drops, sulfuric acid', values: [41, 43], spread: { mean: 42 } },
    ]);
    expect(repeatedReadings({ entries }, crystal, heron)).toEqual([]);
  });

  it('readings that nothing is worked out of', () => {
    const day = dayWith('crystal-water-by-mass');
    const [crystal] = worksAsMade(day);
    if (!crystal) throw new Error('no work');
    const entries = ['after heating', 'the sand'].map((name) =>
      entry(day, { step: 'weigh' }, mass(name, 19.8)),
    );
    expect(readAlone({ ...day, entries }, crystal)).toEqual([
      { name: 'the sand', unit: 'g', byBench: [{ bench: heron.name, values: [19.8] }] },
    ]);
  });

  it('solutions that the weigh-out made otherwise than planned', () => {
    const day = dayWith('metal-trees');
    const weighing = {
      id: crypto.randomUUID(),
      substance: 'CuSO4',
      concentrationM: 0.15,
      volumeMl: 100,
      form: 'CuSO4·5H2O',
      purityPercent: 100,
      // The mass of the salt without its water, of which 2.39 g make 100 mL of 0.15 M; of the hydrate 3.74 g would.
      actualG: 2.39,
      recordedAt: '2026-03-01T09:00:00.000Z',
    };
    const weighed = { ...day, weighings: [weighing] };
    const [planned] = worksOf(weighed);
    const [made] = worksAsMade(weighed);
    if (!planned || !made) throw new Error('no work');
    const [off] = weighedOtherwise(planned, made);
    expect(off?.times).toBeCloseTo(159.6 / 249.7, 2);
    expect(weighedOtherwise(planned, planned)).toEqual([]);
  });

  it('a record in words, whatever its kind', () => {
    expect(
      describeRecord({ kind: 'departure', what: 'time', planned: '10 min', done: '8 min' }),
    ).toBe('departure, time: 10 min → 8 min');
    expect(
      describeRecord({
        kind: 'measurement',
        name: 'water',
        quantity: 'volume',
        value: 3.5,
        low: 3,
        high: 4,
      }),
    ).toBe('water: 3–4 mL');
  });
});

describe('expectations of shipped procedures', () => {
  it('stand for every vessel of a step, merged over its events', () => {
    const [work] = worksOf(dayWith('eight-small-changes'));
    const step = work?.procedure.steps.find(({ id }) => id === 'carbonate');
    if (!work || !step) throw new Error('no step');
    const [station] = stationsOf(work, step);
    expect(station?.expected.map(({ kind }) => kind)).toEqual([
      'colour',
      'clarity',
      'dissolves',
      'gas',
      'gasTest',
    ]);
  });
  it('are met by somebody who writes down just what the engine tells', () => {
    const day = dayWith('eight-small-changes', 'metal-trees', 'metals-in-acid', 'six-hydroxides');
    const off = worksAsMade(day).flatMap((work, index) => {
      const entries = work.procedure.steps.flatMap((step) =>
        stationsOf(work, step).flatMap((station) =>
          station.expected.map((record) =>
            entry(day, { step: step.id, vessel: station.vessel, work: index }, record),
          ),
        ),
      );
      return judgeWork({ entries }, work, heron).filter(
        ({ verdict, station }) => verdict !== 'agrees' && station.expected.length > 0,
      );
    });
    expect(off.map(({ step, verdict }) => `${step.id} ${verdict}`)).toEqual([]);
  });
  it('are shown to all where a demonstration is planned', () => {
    const procedure = shipped('metals-on-water');
    const day = dayOf([], 0, {
      groups: [heron],
      procedures: [{ id: crypto.randomUUID(), manner: 'demonstration', procedure }],
    });
    const [work] = worksOf(day);
    expect(work && benchesOf(day, work)).toEqual([{ id: null, name: 'Shown to all' }]);
    expect(judgeDay(day).every(({ bench }) => bench.id === null)).toBe(true);
  });
});

describe('the activity series', () => {
  const more = (one: string, other: string, weight = 1) => ({
    more: one,
    less: other,
    weight,
    evidence: `${one} over ${other}`,
  });
  it('is put together from incomplete comparisons', () => {
    const { order, conflicts, separated } = activitySeries([
      more('Zn', 'Cu'),
      more('Cu', 'Ag'),
      more('Fe', 'Cu'),
    ]);
    expect(order).toEqual(['Zn', 'Fe', 'Cu', 'Ag']);
    expect(separated).toEqual([false, true, true]);
    expect(conflicts).toEqual([]);
  });
  it('outvotes a single wrong observation and names it', () => {
    const { order, conflicts } = activitySeries([
      more('Zn', 'Cu'),
      more('Zn', 'Cu'),
      more('Cu', 'Zn'),
      more('Cu', 'Ag'),
    ]);
    expect(order).toEqual(['Zn', 'Cu', 'Ag']);
    expect(conflicts.map(({ evidence }) => evidence)).toEqual(['Cu over Zn']);
  });
  // Common practice: observed with water K > Na > Li, although the potential of lithium is the lowest (CRC Handbook, recalled).
  it('says where it stands against the potentials, and why lithium does', () => {
    const { againstPotentials, notes } = activitySeries([more('K', 'Na'), more('Na', 'Li')]);
    expect(againstPotentials[0]?.words).toContain('Li (−3.04 V) comes before Na (−2.71 V)');
    expect(notes.join()).toContain('Lithium');
  });
  it('reads displacement and acid out of the record', () => {
    const day = dayWith('metal-trees', 'metals-in-acid');
    const entries = [
      entry(day, { step: 'zinc-copper', vessel: 'A' }, { kind: 'deposit', colour: 'red-brown' }),
      entry(day, { step: 'copper-silver', vessel: 'C' }, { kind: 'deposit', colour: 'grey' }),
      entry(day, { step: 'copper-zinc', vessel: 'D' }, { kind: 'noChange' }),
      entry(day, { step: 'magnesium', vessel: 'Mg', work: 1 }, { kind: 'gas', vigour: 'vigorous' }),
      entry(day, { step: 'zinc', vessel: 'Zn', work: 1 }, { kind: 'gas', vigour: 'steady' }),
      entry(day, { step: 'copper', vessel: 'Cu', work: 1 }, { kind: 'noChange' }),
    ];
    const { order, conflicts } = activitySeries(activityEvidence(judgeDay({ ...day, entries })));
    expect(order).toEqual(['Mg', 'Zn', 'H2', 'Cu', 'Ag']);
    expect(conflicts).toEqual([]);
  });
});

describe('whatever is recorded', () => {
  const colour = fc.constantFrom(...colourPhrases);
  const words = fc.string({ minLength: 1, maxLength: 20 });
  const anyObservation: fc.Arbitrary<Observation> = fc.oneof(
    fc.record({ kind: fc.constant('colour' as const), from: colour, to: colour }),
    fc.record({
      kind: fc.constant('clarity' as const),
      to: fc.constantFrom('clear' as const, 'cloudy' as const),
    }),
    fc.record({ kind: fc.constant('precipitate' as const), colour }),
    fc.record({ kind: fc.constant('deposit' as const), colour }),
    fc.record({ kind: fc.constant('solid' as const), colour, from: colour }),
    fc.record({ kind: fc.constant('gas' as const), colour }),
    fc.record({ kind: fc.constant('gasTest' as const), test: words, result: words }),
    fc.record({ kind: fc.constant('sight' as const), result: words }),
    fc.record({ kind: fc.constant('smell' as const), smell: words }),
    fc.record({ kind: fc.constant('flame' as const), result: words, colour }),
    fc.record({ kind: fc.constant('magnet' as const), result: words, attracts: fc.boolean() }),
    fc.record({
      kind: fc.constant('temperature' as const),
      deltaC: fc.double({ min: -200, max: 200, noNaN: true }),
    }),
    fc.record({ kind: fc.constant('layer' as const), colour }),
    fc.constant({ kind: 'dissolves' as const }),
    fc.constant({ kind: 'noPrecipitate' as const }),
    fc.constant({ kind: 'noChange' as const }),
  );
  const list = fc.array(anyObservation, { maxLength: 8 });

  it('is of the schema', () =>
    fc.assert(fc.property(anyObservation, (one) => observationSchema.safeParse(one).success)));
  it('is compared, and with itself never differs in what it says twice alike', () => {
    fc.assert(
      fc.property(list, list, (expected, seen) => {
        const { agreement, items } = compareObservations(expected, seen);
        expect(['agrees', 'partly', 'differs', 'incomplete']).toContain(agreement);
        for (const { item, outcome } of items) {
          expect(item).not.toBe('');
          expect(['agrees', 'near', 'differs', 'missing']).toContain(outcome);
        }
      }),
    );
  });
  it('is weighed without ever being certain', () => {
    fc.assert(
      fc.property(list, fc.string(), (seen, context) => {
        const { confidence } = classifyChange({ observations: seen, context });
        return confidence >= 0 && confidence <= 1;
      }),
    );
  });
  it('is merged without inventing anything', () => {
    fc.assert(
      fc.property(fc.array(list, { maxLength: 4 }), (lists) => {
        const kinds = new Set(lists.flat().map(({ kind }) => kind));
        return mergeObservations(lists).every(({ kind }) => kinds.has(kind));
      }),
    );
  });
  it('is refused as an entry when one field of it is wrong', () => {
    const whole = entry(dayWith('metal-trees'), { step: 'zinc-copper' }, { kind: 'noChange' });
    expect(entrySchema.safeParse(whole).success).toBe(true);
    fc.assert(
      fc.property(fc.constantFrom(...Object.keys(whole)), (field) => {
        const broken = { ...whole, [field]: { not: 'this' } };
        return !entrySchema.safeParse(broken).success;
      }),
    );
  });
});
