import { describe, expect, it } from 'vitest';
import { setReader } from '../src/common/reader';
import { actionWords, eventWords, portionWords, testLabels } from '../src/seeing/rack/eventWords';
import type { RackEvent } from '../src/seeing/rack/rackShape';
import type { Action } from '../src/vessel/action';
import type { AnyPortion } from '../src/vessel/portion';

describe('what was done to a vessel, as a line of the bench notes', () => {
  it.each<[Action, string]>([
    [
      { do: 'add', portion: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 } },
      'added 2 mL 0.1 M AgNO3',
    ],
    [{ do: 'bubble', gas: 'CO2', amountMmol: 0.5 }, 'led in 0.5 mmol of CO2'],
    [{ do: 'heat', toC: 60 }, 'heated to 60 °C'],
    [{ do: 'heat', strongly: true }, 'heated strongly'],
    [{ do: 'heat', minutes: 5 }, 'heated gently'],
    [{ do: 'cool', toC: 5 }, 'cooled to 5 °C'],
    [{ do: 'dilute', toVolumeMl: 100 }, 'diluted to 100 mL'],
    [{ do: 'discard', fraction: 0.25 }, '25 % taken out'],
    [{ do: 'filter', keep: 'residue' }, 'filtered, residue kept'],
    [{ do: 'filter', keep: 'filtrate' }, 'filtered, filtrate kept'],
    [{ do: 'drawOut', keep: 'drawn' }, 'drawn out with a magnet, what it draws kept'],
    [{ do: 'drawOut', keep: 'rest' }, 'drawn out with a magnet, the rest kept'],
    [{ do: 'decant', keep: 'upper' }, 'decanted, upper part kept'],
    [{ do: 'decant', keep: 'lower' }, 'decanted, lower part kept'],
    [{ do: 'evaporate' }, 'evaporated'],
    [{ do: 'evaporate', toVolumeMl: 5 }, 'boiled down to 5 mL'],
    [{ do: 'light', minutes: 10 }, 'stood in light for 10 min'],
    [{ do: 'test', test: 'litSplint' }, 'lit splint'],
    [{ do: 'test', test: 'starchIodidePaper' }, 'starch–iodide paper'],
    [{ do: 'shakeWithAir' }, 'shaken with air'],
    [{ do: 'shakeWithAir', gently: true }, 'swirled gently'],
    [
      { do: 'electrolyse', currentA: 0.25, minutes: 15, cathode: 'copper', anode: 'graphite' },
      '0.25 A passed for 15 min, copper at minus and graphite at plus',
    ],
    [{ do: 'ignite' }, 'a flame held to it'],
    [{ do: 'wait', minutes: 5 }, 'left to stand for 5 min'],
    [{ do: 'close' }, 'closed with a stopper'],
    [{ do: 'open' }, 'opened'],
  ])('%j', (action, words) => expect(actionWords(action)).toBe(words));

  it('has the degrees of whoever reads', () => {
    setReader({ decimalSign: ',', scale: '°F' });
    expect(actionWords({ do: 'heat', toC: 60 })).toBe('heated to 140 °F');
    expect(actionWords({ do: 'bubble', gas: 'CO2', amountMmol: 0.5 })).toBe(
      'led in 0,5 mmol of CO2',
    );
    setReader({ decimalSign: '.', scale: '°C' });
  });

  it('has a word on a button for every test, none twice', () => {
    const labels = Object.values(testLabels);
    expect(new Set(labels).size).toBe(labels.length);
    for (const label of labels) expect(label).toMatch(/^[A-Z]/);
  });
});

describe('what was done between vessels', () => {
  it.each<[RackEvent, string]>([
    [{ vessel: 'A', action: { do: 'close' } }, 'A: closed with a stopper'],
    [{ pour: 'A', into: 'B' }, 'A poured into B'],
    [{ pour: 'A', into: 'B', share: 0.5 }, '50 % of A poured into B'],
    [{ pour: 'A', into: 'B', filtered: true }, 'A poured into B through a filter'],
    [{ pour: 'A', into: 'B', fromHeight: true }, 'A poured into B from a height'],
    [
      { pour: 'A', into: 'B', share: 0.1, filtered: true, fromHeight: true },
      '10 % of A poured into B through a filter from a height',
    ],
    [{ leadGasOf: 'A', into: 'B' }, 'gas of A led into B'],
    [{ drawOutOf: 'A', into: 'B' }, 'what a magnet draws from A put into B'],
  ])('%j', (event, words) => expect(eventWords(event)).toBe(words));
});

describe('a portion in words', () => {
  it.each<[AnyPortion, string]>([
    [{ indicator: 'phenolphthalein', drops: 1 }, '1 drop of phenolphthalein'],
    [{ indicator: 'litmus', drops: 3 }, '3 drops of litmus'],
    [{ gas: 'CO2', amountMmol: 2 }, '2 mmol of CO2 gas'],
    [{ substance: 'Zn', massG: 0.25 }, '0.25 g Zn'],
    [{ substance: 'HCl', concentrationM: 0.12345, volumeMl: 10 }, '10 mL 0.123 M HCl'],
    [{ substance: 'starch', percentWV: 1, volumeMl: 5 }, '5 mL 1 % starch'],
    [{ substance: 'cyclohexane', volumeMl: 2 }, '2 mL cyclohexane'],
  ])('%j', (portion, words) => expect(portionWords(portion)).toBe(words));
});
