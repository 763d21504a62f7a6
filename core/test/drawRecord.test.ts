import { describe, expect, it } from 'vitest';
import { phraseHex } from '../src/seeing/appearance/colourWords';
import { describeObservation, observationSchema } from '../src/seeing/observation/observation';
import type { Observation } from '../src/seeing/observation/observation';
import { drawRecord } from '../src/seeing/observation/drawRecord';

describe('a vessel drawn from what was recorded', () => {
  it('is nothing while nothing was', () => expect(drawRecord([], 0.4)).toBeUndefined());

  it('is clear and colourless until more is said', () =>
    expect(drawRecord([{ kind: 'noChange' }], 0.4)).toEqual({
      liquidHex: phraseHex('colourless'),
      colour: 'colourless',
      clarity: 'clear',
      fill: 0.4,
      bubbles: false,
    }));

  it.each<[Observation, object]>([
    [
      { kind: 'colour', from: 'blue', to: 'green' },
      { colour: 'green', liquidHex: phraseHex('green') },
    ],
    [{ kind: 'colour', from: 'blue' }, { colour: 'blue' }],
    [{ kind: 'clarity', to: 'cloudy' }, { clarity: 'cloudy' }],
    [{ kind: 'gas' }, { bubbles: true }],
    [
      { kind: 'precipitate', colour: 'yellow', amount: 'much' },
      { solid: { colour: 'yellow', amount: 1 } },
    ],
    [{ kind: 'precipitate', colour: 'white', amount: 'a trace' }, { solid: { amount: 0.05 } }],
    [{ kind: 'precipitate' }, { solid: { colour: 'white', amount: 0.5 } }],
    [{ kind: 'deposit', colour: 'red-brown' }, { solid: { colour: 'red-brown', amount: 0.5 } }],
    [{ kind: 'solid', colour: 'black' }, { solid: { colour: 'black' } }],
    [
      { kind: 'layer', colour: 'violet', position: 'below' },
      { layer: { colour: 'violet', position: 'below' } },
    ],
    [{ kind: 'layer' }, { layer: { colour: 'colourless', position: 'above' } }],
  ])('%j', (seen, drawn) => expect(drawRecord([seen], 0.5)).toMatchObject(drawn));

  it('puts together what was seen one after the other, the last of each kind', () =>
    expect(
      drawRecord(
        [
          { kind: 'colour', to: 'pink' },
          { kind: 'precipitate', colour: 'blue' },
          { kind: 'colour', to: 'colourless' },
          { kind: 'gas', vigour: 'steady' },
        ],
        0.5,
      ),
    ).toMatchObject({ colour: 'colourless', solid: { colour: 'blue' }, bubbles: true }));
});

describe('an observation in words', () => {
  it.each<[Observation, RegExp]>([
    [{ kind: 'colour', from: 'blue', to: 'colourless' }, /blue.*colourless/],
    [{ kind: 'colour', to: 'green' }, /green/],
    [{ kind: 'clarity', to: 'opaque' }, /opaque/],
    [
      { kind: 'precipitate', colour: 'white', texture: 'curdy', formula: 'AgCl' },
      /white.*curdy|curdy.*white/,
    ],
    [{ kind: 'noPrecipitate' }, /no precipitate/i],
    [{ kind: 'deposit', colour: 'red-brown', formula: 'Cu' }, /red-brown/],
    [{ kind: 'dissolves', complete: true }, /dissolve/],
    [{ kind: 'solid', from: 'blue', colour: 'white' }, /white/],
    [{ kind: 'gas', vigour: 'vigorous', formula: 'CO2' }, /vigorous/],
    [{ kind: 'layer', position: 'above', colour: 'brown' }, /brown/],
    [{ kind: 'gasTest', test: 'limewater', result: 'turns milky' }, /milky/],
    [{ kind: 'flame', result: 'a lilac flame' }, /lilac/],
    [{ kind: 'magnet', result: 'drawn', attracts: true }, /drawn|magnet/],
    [{ kind: 'temperature', deltaC: 6 }, /6/],
    [{ kind: 'temperature', felt: 'cold' }, /cold/],
    [{ kind: 'smell', smell: 'of rotten eggs' }, /rotten eggs/],
    [{ kind: 'noChange' }, /no change|nothing/i],
  ])('%j', (observation, words) => {
    expect(observationSchema.parse(observation)).toEqual(observation);
    expect(describeObservation(observation)).toMatch(words);
  });

  it.each([
    { kind: 'colour', to: 'mauve-ish' },
    { kind: 'clarity', to: 'muddy' },
    { kind: 'precipitate', amount: 'lots' },
    { kind: 'gas', amountMmol: -1 },
    { kind: 'temperature', deltaC: 5000 },
    { kind: 'smell', smell: '' },
    { kind: 'dance' },
  ])('is refused outside the vocabulary: %j', (wrong) =>
    expect(observationSchema.safeParse(wrong).success).toBe(false),
  );
});
