import { describe, expect, it } from 'vitest';
import { massQuestion, readingSlip } from '../src/studies/electrolysis/slips';
import type { TypedReading } from '../src/studies/electrolysis/slips';
import { emptyRun, seriesOf, signSlip } from '../src/studies/electrolysis/typedSeries';
import type { TypedRun, TypedSeries } from '../src/studies/electrolysis/typedSeries';

describe('a reading as it is typed', () => {
  const good: TypedReading = { timeS: 300, currentA: 0.25, last: { timeS: 240 }, elapsedS: 301 };

  it('is written where it fits', () => {
    expect(readingSlip(good)).toBeUndefined();
    expect(readingSlip({ timeS: 0, currentA: 0 })).toBeUndefined();
  });

  it.each([
    [{ timeS: undefined }, /There is no time/],
    [{ currentA: '' as const }, /There is no current/],
    [{ currentA: -0.25 }, /−0.25 A.*swapped/],
    [{ timeS: 240 }, /Minute 4 is not later than the last line, at minute 4/],
    [{ timeS: 60 }, /not later/],
  ])('is asked about: %j', (part, words) => {
    const slip = readingSlip({ ...good, ...part });
    expect(slip?.message).toMatch(words);
    expect(slip?.remedy).not.toBe('');
  });

  it('in seconds instead of minutes is known by the clock, with what it would be', () => {
    // Five minutes after switching on somebody types 300, and 300 min are 18 000 s.
    const slip = readingSlip({ ...good, timeS: 18_000, elapsedS: 300 });
    expect(slip?.message).toMatch(/Minute 300 is far ahead of the clock, which shows 5 min/);
    expect(slip?.remedy).toMatch(/5 min if seconds were typed/);
  });

  it('is not held against a clock that has only just begun', () =>
    expect(readingSlip({ ...good, timeS: 900, elapsedS: 20 })).toBeUndefined());
});

describe('a weighing of an electrode', () => {
  it('is written where it is like one', () => {
    expect(massQuestion(42.15)).toBeUndefined();
    expect(massQuestion(42.27, 42.15)).toBeUndefined();
  });

  it('is asked about where the balance may show kilograms, with what it would be', () => {
    const asked = massQuestion(0.04215);
    expect(asked?.ratherG).toBe(42.15);
    expect(asked?.question).toMatch(/kilograms\? Then it is 42.15 g/);
  });

  it('is asked about where it is far from what it was', () => {
    expect(massQuestion(80, 42.15)?.question).toMatch(/far from the 42.15 g before/);
    expect(massQuestion(20, 42.15)?.ratherG).toBeUndefined();
  });
});

describe('a series as it is typed', () => {
  const run = (part: Partial<TypedRun>): TypedRun => ({
    ...emptyRun('Bench Heron'),
    currentA: 0.2,
    minutes: 20,
    cathodeG: 0.079,
    ...part,
  });
  const series = (rows: readonly TypedRun[], part: Partial<TypedSeries> = {}) =>
    seriesOf({ metal: 'Cu', through: 'origin', rows: [...rows], ...part });

  it('needs two runs that are whole, and says what one needs', () => {
    expect(series([run({}), emptyRun('Bench Tern')])).toEqual({
      missing: expect.stringMatching(/at least two runs/) as string,
    });
    expect(series([run({}), run({ minutes: '' })])).toHaveProperty('missing');
    expect(series([run({}), run({ cathodeG: '' })])).toHaveProperty('missing');
  });

  it('of good numbers gives M/zF of copper: 0.329 mg/C (Faraday)', () => {
    const outcome = series([
      run({ currentA: 0.1, cathodeG: 0.0395 }),
      run({ currentA: 0.2, cathodeG: 0.079 }),
      run({ currentA: 0.3, cathodeG: 0.1186 }),
    ]);
    if (!('series' in outcome)) throw new Error('No series.');
    expect(outcome.series.theoryGPerC * 1000).toBeCloseTo(0.3293, 4);
    expect(outcome.series.electrodes[0]?.ofTheory.value).toBeCloseTo(1, 2);
    expect(outcome.series.electrodes).toHaveLength(1);
  });

  it('takes both electrodes where both were weighed', () => {
    const outcome = series([
      run({ anodeG: -0.079 }),
      run({ currentA: 0.4, cathodeG: 0.158, anodeG: -0.158 }),
    ]);
    expect('series' in outcome && outcome.series.electrodes.map(({ side }) => side)).toEqual([
      'cathode',
      'anode',
    ]);
  });

  it.each([
    [{ cathodeG: -0.08 }, /Minus gains/],
    [{ anodeG: 0.08 }, /Plus loses/],
    [{ cathodeG: -0.08, anodeG: 0.08 }, /swapped/],
  ])('asks about the sign: %j', (part, words) => {
    expect(signSlip(run(part))).toMatch(words);
    expect(series([run({}), run(part)])).toEqual({
      problem: expect.stringMatching(words) as string,
    });
  });

  it('finds no slip in zero, nor in what is not typed', () => {
    expect(signSlip(run({ cathodeG: 0, anodeG: 0 }))).toBeUndefined();
    expect(signSlip(emptyRun('x'))).toBeUndefined();
  });
});
