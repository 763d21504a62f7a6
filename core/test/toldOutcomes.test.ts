import { describe, expect, it } from 'vitest';
import { unsure } from '../src/studies/identify/inference';
import { inorganicTests } from '../src/studies/identify/inorganic/runTests';
import { organicTest } from '../src/studies/identify/organic/organicModel';
import { boilingPoint, meltingPoint } from '../src/studies/identify/organic/physicalPoint';
import { readOutcome } from '../src/studies/identify/readOutcome';
import { toldOutcomes } from '../src/studies/identify/toldOutcomes';

const chloride = ['no change', 'white precipitate', 'cream precipitate', 'yellow precipitate'];
const flames = ['no colour', 'yellow', 'violet', 'red', 'orange', 'yellow-green', 'blue-green'];
const read = (test: string, told: Parameters<typeof readOutcome>[1], outcomes: readonly string[]) =>
  readOutcome(test, told, outcomes, false);

describe('an outcome, as a bench says it', () => {
  it.each([
    ['White precipitate', 'white precipitate'],
    ['white', 'white precipitate'],
    ['a white precipitate forms', 'white precipitate'],
    ['bright yellow precipitate', 'yellow precipitate'],
    ['nothing', 'no change'],
    ['none', 'no change'],
    ['no reaction', 'no change'],
    ['no precipitate', 'no change'],
  ])('“%s” with silver nitrate is %s', (told, outcome) =>
    expect(read('AgNO3', told, chloride)).toBe(outcome),
  );

  // Names of flame colours as schools teach them (CRC Handbook; Vogel’s Qualitative Inorganic Analysis).
  it.each([
    ['lilac', 'violet'],
    ['crimson', 'red'],
    ['brick red', 'orange'],
    ['apple green', 'yellow-green'],
    ['golden yellow', 'yellow'],
    ['none', 'no colour'],
  ])('a %s flame is %s', (told, outcome) => expect(read('flame', told, flames)).toBe(outcome));

  it.each([
    ['NaOHExcess', 'soluble', 'dissolves'],
    ['NaOHExcess', 'redissolves', 'dissolves'],
    ['NH3Excess', 'insoluble', 'stays'],
    ['NH3Excess', 'none', 'no precipitate'],
  ])('in %s, “%s” is %s', (test, told, outcome) =>
    expect(read(test, told, ['dissolves', 'stays', 'no precipitate'])).toBe(outcome),
  );

  it.each([
    ['litmus', 'turns red', 'positive'],
    ['litmus', 'stays blue', 'negative'],
    ['redLitmus', 'blue', 'positive'],
    ['redLitmus', 'stays red', 'negative'],
    ['bromineWater', 'yes', 'positive'],
    ['bromineWater', '-', 'negative'],
  ])('%s: “%s” is %s', (test, told, outcome) =>
    expect(read(test, told, ['positive', 'negative'])).toBe(outcome),
  );

  it('knows fizzing by its many names', () => {
    for (const told of ['fizzes', 'effervescence', 'gas', 'bubbles'])
      expect(read('HCl', told, ['no change', 'bubbles'])).toBe('bubbles');
  });

  it('takes the one that says no more than was said', () => {
    const excess = ['dissolves', 'dissolves, deep blue solution', 'stays'];
    expect(read('NH3Excess', 'dissolves', excess)).toBe('dissolves');
    expect(read('NH3Excess', 'deep blue', excess)).toBe('dissolves, deep blue solution');
  });

  it('may be unsure', () => expect(read('AgNO3', 'Unsure', chloride)).toBe(unsure));

  it('says what the test can show where the word means none of it, or two', () => {
    expect(() => read('AgNO3', 'purple', chloride)).toThrowError(
      expect.objectContaining({
        code: 'unknownOutcome',
        remedy: expect.stringContaining('cream precipitate') as string,
      }),
    );
    expect(() => read('AgNO3', 'precipitate', chloride)).toThrow();
  });

  it('keeps what no candidate shows where that may be told too', () => {
    expect(readOutcome('AgNO3', 'Pink', chloride, true)).toBe('pink');
    expect(readOutcome('AgNO3', { kind: 'precipitate', colour: 'blue' }, chloride, true)).toBe(
      'blue precipitate',
    );
  });
});

describe('an observation, as an outcome', () => {
  it.each([
    [{ kind: 'precipitate', colour: 'white' }, chloride, 'white precipitate'],
    [{ kind: 'precipitate', colour: 'pale yellow' }, chloride, 'yellow precipitate'],
    [{ kind: 'noPrecipitate' }, chloride, 'no change'],
    [{ kind: 'noChange' }, chloride, 'no change'],
    [{ kind: 'gas' }, ['no change', 'bubbles'], 'bubbles'],
    [{ kind: 'dissolves' }, ['stays', 'dissolves'], 'dissolves'],
    [{ kind: 'flame', result: 'a lilac flame', colour: 'violet' }, flames, 'violet'],
    [
      { kind: 'colour', to: 'red-brown' },
      ['no change', 'red-brown solution'],
      'red-brown solution',
    ],
    [{ kind: 'gasTest', test: 'litSplint', result: 'pops' }, ['pops', 'goes out'], 'pops'],
  ] as const)('%j', (observation, outcomes, outcome) =>
    expect(read('test', observation, outcomes)).toBe(outcome),
  );
});

describe('a melting or boiling point', () => {
  it('is read as a number, out of words too', () => {
    const point = read(meltingPoint.name, 122, []);
    expect(read(meltingPoint.name, '122 °C', [])).toBe(point);
    expect(read(meltingPoint.name, 'melts at 122.0', [])).toBe(point);
    expect(read(boilingPoint.name, '-33.3', [])).not.toBe(point);
  });

  it('may be unsure, or not there', () => {
    expect(read(meltingPoint.name, unsure, [])).toBe(unsure);
    expect(read(meltingPoint.name, meltingPoint.none, [])).toBe(meltingPoint.none);
  });

  it('is not a word', () =>
    expect(() => read(boilingPoint.name, 'high', [])).toThrowError(
      expect.objectContaining({ remedy: expect.stringContaining('temperature in °C') as string }),
    ));
});

describe('the outcomes a test is recorded in', () => {
  it('are those of the test, for what is organic', () => {
    expect(toldOutcomes('organic', 'bromineWater')).toEqual(organicTest('bromineWater')?.outcomes);
    expect(toldOutcomes('organic', 'no such test')).toEqual([]);
  });

  it('are none where a number is read', () => {
    expect(toldOutcomes('inorganic', meltingPoint.name)).toEqual([]);
    expect(toldOutcomes('inorganic', boilingPoint.name)).toEqual([]);
  });

  it('are there for every test of salts, each once', () => {
    for (const { name } of inorganicTests) {
      const outcomes = toldOutcomes('inorganic', name);
      expect(outcomes.length, name).toBeGreaterThan(1);
      expect(new Set(outcomes).size, name).toBe(outcomes.length);
    }
  });

  it('are a pair for the paper, and another for lime water', () => {
    expect(toldOutcomes('inorganic', 'NaOHWarm')).toEqual(['stays red', 'turns blue']);
    const other = inorganicTests.find(
      ({ name, reading }) => reading === 'held' && name !== 'NaOHWarm',
    );
    expect(other && toldOutcomes('inorganic', other.name)).toEqual(['stays clear', 'turns milky']);
  });

  it('are none for what is no test', () =>
    expect(toldOutcomes('inorganic', 'sniffing')).toEqual([]));
});
