import { describe, expect, it } from 'vitest';
import { compare, compareSchema } from '../src/seeing/judgement/compare/compare';
import { action, portion } from './support/bench';

/**
 * Right records, as manuals of qualitative analysis and demonstration describe what is seen (Vogel, Qualitative Inorganic Analysis;
 * Svehla; Shakhashiri; OpenStax Chemistry 2e; recalled), written as an outsider writes them: in people's words, and with no more
 * than what struck them. None of them differs from what the engine expects of the whole run.
 */
const records: readonly (readonly [does: string, run: readonly string[], ...seen: object[]])[] = [
  ['chalk in dilute sulfuric acid fizzes', ['CaCO3 0.5g', 'H2SO4 1M 5mL'], { kind: 'gas' }],
  [
    'permanganate loses its purple',
    ['KMnO4 0.001M', 'H2SO4 1M 1mL', 'FeSO4 0.1M'],
    { kind: 'colour', from: 'purple', to: 'colorless' },
  ],
  [
    'sulfite in acid smells choking',
    ['Na2SO3 0.5M', 'HCl 2M'],
    { kind: 'smell', smell: 'choking' },
  ],
  ['water boils', ['water 20mL', 'heat 100'], { kind: 'gas' }, { kind: 'sight', result: 'boils' }],
  [
    'iron(III) thiocyanate is blood red',
    ['FeCl3 0.05M', 'KSCN 0.1M'],
    { kind: 'colour', to: 'blood red' },
  ],
  [
    'starch with iodine is deep blue',
    ['KI 0.05M', 'I2 0.01g', 'starch 5drops'],
    { kind: 'colour', to: 'deep blue' },
  ],
  ['iodine in iodide is brown', ['KI 0.2M', 'I2 0.012g'], { kind: 'colour', to: 'brown' }],
  [
    'methyl orange is yellow in alkali',
    ['NaOH 0.1M', 'methyl orange 2drops'],
    { kind: 'colour', to: 'yellow' },
  ],
  [
    'zinc hydroxide comes and goes',
    ['ZnSO4 0.1M', 'NaOH 0.2M 5mL', 'NaOH 4M 5mL'],
    { kind: 'precipitate', colour: 'white' },
    { kind: 'dissolves' },
  ],
  [
    'zinc hydroxide has gone in the end',
    ['ZnSO4 0.1M', 'NaOH 0.2M 5mL', 'NaOH 4M 5mL'],
    { kind: 'dissolves' },
    { kind: 'clarity', to: 'clear' },
  ],
  [
    'copper hydroxide goes in ammonia',
    ['CuSO4 0.1M', 'NH3 0.1M 2mL', 'NH3 6M 5mL'],
    { kind: 'precipitate', colour: 'pale blue' },
    { kind: 'colour', to: 'royal blue' },
  ],
  [
    'silver chloride is white and curdy',
    ['AgNO3 0.1M', 'NaCl 0.1M'],
    { kind: 'precipitate', colour: 'white', texture: 'curdy' },
  ],
  [
    'silver chloride goes in ammonia',
    ['AgNO3 0.1M', 'NaCl 0.1M', 'NH3 6M'],
    { kind: 'precipitate', colour: 'white' },
    { kind: 'dissolves' },
  ],
  [
    'lead iodide is golden',
    ['Pb(NO3)2 0.1M', 'KI 0.1M'],
    { kind: 'precipitate', colour: 'golden yellow' },
  ],
  [
    'barium sulfate, and nothing else',
    ['BaCl2 0.1M', 'Na2SO4 0.1M'],
    { kind: 'precipitate', colour: 'white' },
    { kind: 'nothingElse' },
  ],
  ['magnesium fizzes in acid', ['HCl 1M 10mL', 'Mg 0.05g'], { kind: 'gas' }, { kind: 'dissolves' }],
  ['zinc fizzes in acid, warm to the hand', ['HCl 2M 10mL', 'Zn 0.3g'], { kind: 'gas' }],
  ['copper does nothing in acid', ['HCl 1M 10mL', 'Cu 0.3g'], { kind: 'noChange' }],
  ['copper comes out on zinc', ['CuSO4 0.2M', 'Zn 0.3g'], { kind: 'deposit', colour: 'red-brown' }],
  ['silver comes out on copper', ['AgNO3 0.1M', 'Cu 0.3g'], { kind: 'deposit', colour: 'silver' }],
  ['salt and nitrate do nothing', ['NaCl 0.1M', 'KNO3 0.1M'], { kind: 'noChange' }],
  [
    'salt and nitrate stay clear',
    ['NaCl 0.1M', 'KNO3 0.1M'],
    { kind: 'noPrecipitate' },
    { kind: 'clarity', to: 'clear' },
  ],
  [
    'saltpetre makes water cold',
    ['water 10mL', 'KNO3 2g'],
    { kind: 'dissolves' },
    { kind: 'temperature', felt: 'cold' },
  ],
  [
    'calcium chloride makes water hot',
    ['water 10mL', 'CaCl2 3g'],
    { kind: 'dissolves' },
    { kind: 'temperature', felt: 'hot' },
  ],
  ['acid and alkali get warm', ['HCl 2M', 'NaOH 2M'], { kind: 'temperature', felt: 'warm' }],
  [
    'lime water goes milky',
    ['Ca(OH)2 0.015M 10mL', 'CO2 0.1mmol'],
    { kind: 'precipitate', colour: 'white' },
  ],
  [
    'chromate goes orange in acid',
    ['K2CrO4 0.1M', 'H2SO4 1M 2mL'],
    { kind: 'colour', from: 'yellow', to: 'orange' },
  ],
  [
    'dichromate goes yellow in alkali',
    ['K2Cr2O7 0.05M', 'NaOH 1M'],
    { kind: 'colour', from: 'orange', to: 'yellow' },
  ],
  [
    'cobalt goes blue in strong acid',
    ['CoCl2 0.1M 1mL', 'HCl 12M 6mL'],
    { kind: 'colour', from: 'pink', to: 'deep blue' },
  ],
  [
    'phenolphthalein goes pink',
    ['NaOH 0.1M', 'phenolphthalein 2drops'],
    { kind: 'colour', to: 'magenta' },
  ],
  [
    'phenolphthalein loses its pink',
    ['NaOH 0.1M', 'phenolphthalein 2drops', 'HCl 0.2M'],
    { kind: 'colour', from: 'pink', to: 'colourless' },
  ],
  ['litmus goes red', ['HCl 0.1M', 'litmus 4drops'], { kind: 'colour', to: 'red' }],
  [
    'iron hydroxide is rusty',
    ['FeCl3 0.1M', 'NaOH 0.5M'],
    { kind: 'precipitate', colour: 'rusty brown' },
  ],
  [
    'iron(II) hydroxide is dirty green',
    ['FeSO4 0.1M', 'NaOH 0.3M'],
    { kind: 'precipitate', colour: 'dirty green' },
  ],
  [
    'Prussian blue',
    ['FeCl3 0.1M', 'K4Fe(CN)6 0.05M'],
    { kind: 'precipitate', colour: 'Prussian blue' },
  ],
  [
    'chocolate-brown copper hexacyanidoferrate',
    ['CuSO4 0.1M', 'K4Fe(CN)6 0.05M'],
    { kind: 'precipitate', colour: 'chocolate' },
  ],
  [
    'ammonia smells where alkali is warmed with ammonium',
    ['NH4Cl 1M', 'NaOH 2M'],
    { kind: 'smell', smell: 'pungent' },
  ],
  ['hexane lies on water', ['water 5mL', 'C6H14 3mL'], { kind: 'layer', position: 'above' }],
  [
    'iodine is violet in hexane',
    ['KI 0.0005M', 'I2 0.002g', 'C6H14 3mL'],
    { kind: 'layer', position: 'above', colour: 'violet' },
  ],
  ['soda and vinegar fizz', ['NaHCO3 1g', 'CH3COOH 1M 10mL'], { kind: 'gas', vigour: 'vigorous' }],
  [
    'a carbonate fizzes, and clears lime water’s doubt',
    ['Na2CO3 1g', 'HCl 2M 10mL', 'test limewater'],
    { kind: 'gas' },
    { kind: 'gasTest', test: 'limewater', result: 'turns milky' },
  ],
  [
    'hydrogen pops',
    ['HCl 2M 10mL', 'Mg 0.1g', 'test litSplint'],
    { kind: 'gasTest', test: 'litSplint', result: 'squeaky pop' },
  ],
  [
    'oxygen relights',
    ['H2O2 3M 10mL', 'MnO2 0.2g', 'test glowingSplint'],
    { kind: 'gas' },
    { kind: 'gasTest', test: 'glowingSplint', result: 'relights' },
  ],
  [
    'aluminium hydroxide goes in excess',
    ['Al2(SO4)3 0.05M', 'NaOH 0.2M', 'NaOH 4M'],
    { kind: 'precipitate', colour: 'white' },
    { kind: 'dissolves' },
  ],
  [
    'sulfur clouds thiosulfate',
    ['Na2S2O3 0.1M', 'HCl 1M'],
    { kind: 'precipitate', colour: 'pale yellow' },
  ],
];
const outsider = records.map(([does, run, ...seen]) => [does, run, seen] as const);

describe('a right record of the whole run', () => {
  it.each(outsider)('%s', (_, [first = '', ...then], seen) => {
    const found = compare(
      compareSchema.parse({
        seen,
        vessel: { contents: [portion(first)], container: 'testTube' },
        actions: then.map(action),
      }),
    );
    expect(found.differences).toEqual([]);
    expect(found.agreement).not.toBe('differs');
    expect(found.causes).toEqual([]);
  });
});

describe('what nobody recorded', () => {
  it('is not said to have been seen not to be', () => {
    const { items } = compare(
      compareSchema.parse({
        seen: [{ kind: 'colour', to: 'colourless' }],
        vessel: { contents: [portion('HCl 1M')], container: 'testTube' },
        actions: [action('Mg 0.05g')],
      }),
    );
    const gas = items.find(({ item }) => item === 'gas');
    expect(gas?.outcome).toBe('missing');
    expect(gas?.seen).toBeUndefined();
  });
  it('is closed by “nothing else changed”', () => {
    const { agreement } = compare(
      compareSchema.parse({
        seen: [{ kind: 'colour', to: 'colourless' }, { kind: 'nothingElse' }],
        vessel: { contents: [portion('HCl 1M')], container: 'testTube' },
        actions: [action('Mg 0.05g')],
      }),
    );
    expect(agreement).toBe('differs');
  });
});
