import { beforeAll, describe, expect, it } from 'vitest';
import { grade } from '../src/studies/identify/grade';
import { noneOfThese } from '../src/studies/identify/inference';
import { readCandidate } from '../src/studies/identify/inorganic/candidate';
import { inorganicModel } from '../src/studies/identify/inorganic/inorganicModel';
import { outcomesOf } from '../src/studies/identify/inorganic/runTests';
import { modelOf } from '../src/studies/identify/model';
import type { Model } from '../src/studies/identify/model';
import { findCompound } from '../src/studies/identify/organic/compounds';
import { organicModel, organicTestNames } from '../src/studies/identify/organic/organicModel';
import { observationsOf } from '../src/studies/identify/outcomeLook';
import { toldOutcomes } from '../src/studies/identify/toldOutcomes';
import { drillKinds, drillsOf } from '../src/studies/practice/drills';
import type { DrillKind } from '../src/studies/practice/drills';
import { answered, nextQuestion } from '../src/studies/practice/repetition';
import { drawResult, pathTo, reviewRound } from '../src/studies/practice/virtualBench';
import { organicTests } from '../src/matter/substances/data/organicTests';

describe('an answer is marked', () => {
  const table = (rows: Record<string, string>): Model =>
    modelOf(
      {
        candidates: Object.keys(rows),
        tests: ['s', 't'],
        outcome: (one, test) => rows[one]?.[test === 's' ? 0 : 1],
      },
      { misreadShare: 0.05, noneOfThese: 0.02 },
    );
  const model = table({ a1: 'pp', a2: 'pn', b1: 'np' });
  const mark = (
    answer: string,
    results: { test: string; outcome: string; blank?: 'clean' | 'none' }[],
  ) => grade({ model, key: 'a1', answer, results, classOf: (one) => one.charAt(0) });
  const good = [
    { test: 's', outcome: 'p', blank: 'clean' as const },
    { test: 't', outcome: 'p', blank: 'clean' as const },
  ];

  it('right, with its evidence and blanks: nearly all', () => {
    expect(mark('a1', good).points).toBeGreaterThan(9.5);
    expect(mark('a1', good).of).toBe(10);
  });

  it('right by luck alone gets half, and the class alone a part of it', () => {
    expect(mark('a1', []).points).toBe(5);
    expect(mark('a2', []).points).toBe(2);
    expect(mark('b1', []).points).toBe(0);
    expect(mark(noneOfThese, []).points).toBe(0);
  });

  it('wrong with honest evidence still gets credit for the evidence', () => {
    const wrong = mark('a2', good);
    expect(wrong.parts.find(({ what }) => what === 'Evidence')?.points).toBeGreaterThan(1.9);
    expect(wrong.points).toBeGreaterThan(mark('a2', []).points);
  });

  it('without blanks loses the point for them', () => {
    const bare = good.map((one) => ({ ...one, blank: 'none' as const }));
    expect(mark('a1', bare).parts.at(-1)).toMatchObject({ points: 0, of: 1 });
  });

  it('of a mixture counts each part, and what is not in it against it', () => {
    const outcomes = Object.fromEntries(
      ['Cu^2+ + Zn^2+', 'Cu^2+ + Al^3+'].map((one) => [one, outcomesOf(readCandidate(one))]),
    );
    const half = grade({
      model: inorganicModel(outcomes),
      key: 'Cu^2+ + Zn^2+',
      answer: 'Cu^2+',
      results: [],
      classOf: () => 'nitrate',
    });
    expect(half.parts[0]).toMatchObject({ points: 2.5, of: 5 });
    const both = grade({
      model: inorganicModel(outcomes),
      key: 'Cu^2+ + Zn^2+',
      answer: 'Cu^2+ + Al^3+',
      results: [],
      classOf: () => 'nitrate',
    });
    expect(both.parts[0]?.points).toBe(0);
  });
});

describe('the virtual bench', () => {
  let model: Model;
  beforeAll(async () => {
    const names = [
      'ethanol',
      'propanone',
      'butanal',
      'hexane',
      'cyclohexene',
      'ethanoic acid',
      'ethyl ethanoate',
    ];
    model = organicModel(await Promise.all(names.map((name) => findCompound(name))));
  });
  const draw = (test: string, seed: number, repeat = 0, withBlank = true) =>
    drawResult({ model, truth: 'propanone', test, seed, repeat, withBlank });

  it('shows the same again for the same seed, and mostly what the book says', () => {
    expect(draw('dnp', 5)).toEqual(draw('dnp', 5));
    const seen = Array.from({ length: 400 }, (_, seed) => draw('dnp', seed + 1));
    const positive = seen.filter((one) => one?.outcome === 'positive').length;
    // False negatives of this test: 3 %.
    expect(positive / 400).toBeGreaterThan(0.93);
    expect(positive / 400).toBeLessThan(1);
    expect(seen.some((one) => one?.flaw === 'faint')).toBe(true);
    expect(seen.some((one) => one?.flaw === 'late')).toBe(true);
  });

  it('has a blank that gives away what comes from the reagent', () => {
    const wrong = Array.from({ length: 3000 }, (_, seed) =>
      drawResult({
        model,
        truth: 'hexane',
        test: 'dnp',
        seed: seed + 1,
        repeat: 0,
        withBlank: true,
      }),
    ).filter((one) => one?.outcome === 'positive');
    expect(wrong.length).toBeGreaterThan(30);
    const shown = wrong.filter((one) => one?.blank === 'same').length / wrong.length;
    expect(shown).toBeGreaterThan(0.5);
    expect(shown).toBeLessThan(0.9);
    expect(draw('dnp', 3, 0, false)?.blank).toBeUndefined();
  });

  it('looks back: bits, waste, danger, a shorter way, and what was misread', () => {
    const review = reviewRound({
      model,
      kind: 'organic',
      truth: 'propanone',
      answer: 'propanone',
      results: [
        { test: 'dnp', outcome: 'positive' },
        { test: 'iodoform', outcome: 'positive' },
        { test: 'sulfuric', outcome: 'soluble' },
        { test: 'chromicAcid', outcome: 'positive' },
      ],
      drawn: ['positive', 'positive', 'soluble', 'negative'],
    });
    expect(review.right).toBe(true);
    expect(review.tests[0]?.gainedBits).toBeGreaterThan(0.5);
    expect(review.tests[2]).toMatchObject({ wasted: true });
    expect(review.tests[2]?.saferInstead).toBeDefined();
    expect(review.tests[3]).toMatchObject({ misread: 'negative' });
    expect(review.tests[3]?.gainedBits).toBeLessThan(0);
    expect(review.shorterPath.length).toBeLessThan(4);
  });

  it('finds a way to each of a set', () => {
    for (const truth of model.candidates) expect(pathTo(model, truth).length).toBeGreaterThan(0);
  });
});

describe('what a test shows can be drawn and told', () => {
  it.each(organicTestNames.map((name) => [name]))('%s has outcomes to tap', (name) => {
    expect(toldOutcomes('organic', name).length).toBeGreaterThan(1);
  });

  it('draws a solid in its colour, fainter when it is faint', () => {
    expect(observationsOf('organic', 'dnp', 'positive')).toContainEqual({
      kind: 'precipitate',
      colour: 'orange',
      amount: 'some',
    });
    expect(observationsOf('organic', 'dnp', 'positive', { dim: 'faint' })).toContainEqual({
      kind: 'precipitate',
      colour: 'pale orange',
      amount: 'a trace',
    });
    expect(
      observationsOf('inorganic', 'KI', 'white precipitate, red-brown solution'),
    ).toMatchObject([
      { kind: 'colour', to: 'red-brown' },
      { kind: 'clarity' },
      { kind: 'precipitate', colour: 'white' },
    ]);
    expect(observationsOf('inorganic', 'NH3Excess', 'dissolves, deep blue solution')?.[0]).toEqual({
      kind: 'colour',
      to: 'deep blue',
    });
    expect(observationsOf('inorganic', 'flame', 'yellow')).toBeUndefined();
  });

  it('states for every test how often it misleads, with a source', () => {
    for (const { name, falsePositive, falseNegative, source } of organicTests) {
      expect(falsePositive, name).toBeGreaterThan(0);
      expect(falseNegative, name).toBeLessThan(0.2);
      expect(source.kind, name).toBe('practice');
    }
  });
});

describe('drills', () => {
  it.each(Object.keys(drillKinds) as DrillKind[])(
    '%s have one right answer among two to four',
    (kind) => {
      const drills = drillsOf(kind);
      expect(drills.length).toBeGreaterThanOrEqual(6);
      expect(new Set(drills.map(({ id }) => id)).size).toBe(drills.length);
      for (const { id, choices, answer } of drills) {
        expect(
          choices.filter((choice) => choice === answer),
          id,
        ).toHaveLength(1);
        expect(new Set(choices).size, id).toBe(choices.length);
        expect(choices.length, id).toBeGreaterThanOrEqual(2);
        expect(choices.length, id).toBeLessThanOrEqual(4);
      }
      expect(drillsOf(kind)).toEqual(drills);
    },
  );

  // Colours of precipitates as every school table has them.
  it.each([
    ['AgNO3 NaCl', 'white precipitate'],
    ['Pb(NO3)2 KI', 'yellow precipitate'],
    ['CuSO4 NaOH', 'blue precipitate'],
    ['FeCl3 NaOH', 'red-brown precipitate'],
    ['NaCl KNO3', 'nothing comes down'],
  ])('%s: %s', (pair, answer) => {
    expect(drillsOf('precipitates').find(({ id }) => id === `precipitates ${pair}`)?.answer).toBe(
      answer,
    );
  });
});

describe('what was missed comes back', () => {
  const minute = 60_000;

  it('a right answer puts a question off, a wrong one brings it back', () => {
    const first = answered(undefined, true, 0);
    expect(first).toMatchObject({ box: 1, dueAt: 10 * minute, right: 1, wrong: 0 });
    const second = answered(first, true, first.dueAt);
    expect(second.dueAt - first.dueAt).toBe(24 * 60 * minute);
    expect(answered(second, false, 0)).toMatchObject({ box: 0, dueAt: minute, wrong: 1 });
  });

  it('asks what is due before what is new, the missed first, and never the same twice running', () => {
    const ids = ['a', 'b', 'c'];
    expect(nextQuestion(ids, {}, 0)).toBe('a');
    const learned = { a: answered(undefined, false, 0), b: answered(undefined, true, 0) };
    expect(nextQuestion(ids, learned, 0)).toBe('c');
    expect(nextQuestion(ids, learned, 2 * minute)).toBe('a');
    expect(nextQuestion(ids, learned, 20 * minute, 'a')).toBe('b');
    const all = { ...learned, c: answered(undefined, true, 0) };
    expect(nextQuestion(ids, all, 0)).toBe('a');
  });
});
