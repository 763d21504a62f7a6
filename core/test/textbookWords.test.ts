import { describe, expect, it } from 'vitest';
import { readColour } from '../src/seeing/appearance/colourNames';
import { compareShades } from '../src/seeing/observation/shades';
import { mix } from '../src/seeing/rack/mix';
import { action, portion } from './support/bench';

/**
 * Well-known coloured liquids and solids in a test tube at bench strength, each with the words that general and inorganic
 * chemistry texts and manuals of qualitative analysis use for it (Greenwood and Earnshaw; Vogel's Qualitative Inorganic Analysis;
 * Svehla; Shakhashiri, Chemical Demonstrations; OpenStax Chemistry 2e; all recalled). Every one of the words is a right record.
 */
type Row = readonly [portions: readonly string[], ...words: string[]];

const liquids: readonly Row[] = [
  [['CuSO4 0.1M'], 'pale blue', 'light blue', 'blue'],
  [['CuSO4 0.5M'], 'blue', 'bright blue'],
  [['CuSO4 1M'], 'deep blue', 'blue', 'dark blue'],
  [['CuSO4 0.04M', 'NH3 4M'], 'deep blue', 'blue-violet', 'dark blue', 'royal blue', 'violet-blue'],
  [['CuCl2 0.5M'], 'blue-green', 'turquoise', 'green-blue'],
  [['CuCl2 2M'], 'green', 'deep green'],
  [['CuCl2 0.2M 1mL', 'HCl 12M 4mL'], 'yellow-green', 'yellow', 'greenish yellow'],
  [['NiSO4 0.2M'], 'green', 'pale green', 'light green'],
  [['NiSO4 0.2M', 'NH3 6M'], 'blue', 'violet-blue', 'blue-violet', 'lilac-blue'],
  [['CoCl2 0.1M'], 'pink', 'rose', 'pale pink', 'rose-pink'],
  [['CoCl2 0.1M 1mL', 'HCl 12M 6mL'], 'blue', 'deep blue', 'dark blue'],
  [['FeSO4 0.2M'], 'pale green', 'very pale green'],
  [['FeCl3 0.1M'], 'yellow', 'yellow-brown', 'amber', 'orange-yellow'],
  [['FeCl3 1M'], 'orange-brown', 'brown', 'orange', 'yellow-brown'],
  [['FeCl3 0.004M', 'KSCN 0.004M'], 'orange', 'orange-red', 'red-orange', 'red'],
  [['FeCl3 0.05M', 'KSCN 0.1M'], 'deep red', 'blood-red', 'dark red', 'red'],
  [['FeCl3 0.1M', 'KSCN 0.1M'], 'deep red', 'blood red', 'dark red', 'red'],
  [['K2CrO4 0.1M'], 'yellow', 'bright yellow', 'lemon yellow'],
  [['K2Cr2O7 0.02M', 'H2SO4 1M'], 'orange', 'yellow-orange'],
  [['K2Cr2O7 0.1M'], 'orange', 'deep orange', 'orange-red'],
  [['CrCl3 0.05M'], 'green', 'dark green', 'deep green'],
  [['KMnO4 0.0002M'], 'pink', 'pale purple', 'light purple', 'magenta'],
  [['KMnO4 0.002M'], 'purple', 'violet', 'magenta'],
  [['KMnO4 0.02M'], 'deep purple', 'dark purple', 'purple', 'dark violet', 'violet'],
  [['MnSO4 0.5M'], 'colourless', 'very pale pink'],
  [['KI 0.001M', 'I2 0.001g'], 'pale yellow', 'yellow', 'yellow-brown', 'pale brown', 'brown'],
  [['KI 0.2M', 'I2 0.012g'], 'brown', 'red-brown', 'orange-brown', 'dark brown'],
  [['KI 0.05M', 'I2 0.01g', 'starch 5drops'], 'blue-black', 'deep blue', 'dark blue', 'black'],
  [['KI 0.001M', 'I2 0.0005g', 'starch 3drops'], 'blue-black', 'deep blue', 'blue', 'dark blue'],
  [['Br2 0.02M'], 'orange', 'yellow-orange', 'orange-brown', 'orange-yellow'],
  [['Br2 0.1M'], 'red-brown', 'orange', 'deep orange', 'orange-red', 'reddish brown'],
  [
    ['NaOH 0.1M', 'phenolphthalein 3drops'],
    'pink',
    'magenta',
    'fuchsia',
    'bright pink',
    'purple-pink',
  ],
  [['HCl 0.1M', 'phenolphthalein 3drops'], 'colourless'],
  [['HCl 0.1M', 'methyl orange 3drops'], 'red', 'pink-red'],
  [['NaOH 0.1M', 'methyl orange 3drops'], 'yellow', 'orange-yellow'],
  [['HCl 0.1M', 'bromothymol blue 3drops'], 'yellow'],
  [['NaOH 0.1M', 'bromothymol blue 3drops'], 'blue'],
  [['HCl 0.1M', 'litmus 5drops'], 'red', 'pink'],
  [['NaOH 0.1M', 'litmus 5drops'], 'blue'],
  [['HCl 0.1M', 'universal indicator 4drops'], 'red'],
  [['NaOH 0.1M', 'universal indicator 4drops'], 'violet', 'purple'],
  [['HCl 0.1M', 'methyl red 3drops'], 'red'],
  [['NaOH 0.1M', 'methyl red 3drops'], 'yellow'],
  [['NaOH 0.1M', 'thymolphthalein 3drops'], 'blue'],
  [['K3Fe(CN)6 0.05M'], 'yellow', 'yellow-green', 'greenish yellow'],
  [['K4Fe(CN)6 0.1M'], 'pale yellow', 'light yellow', 'yellow', 'straw'],
  [['(NH4)2Ce(NO3)6 0.1M', 'HNO3 1M'], 'orange', 'yellow', 'yellow-orange'],
  [['VOSO4 0.1M'], 'blue', 'bright blue', 'sky blue'],
  [['NH4VO3 0.03M', 'H2SO4 2M'], 'yellow', 'pale yellow'],
  [['TiOSO4 0.02M', 'H2SO4 1M', 'H2O2 0.2M'], 'yellow', 'orange', 'yellow-orange'],
  [['FeCl3 0.01M', 'C6H5OH 0.1M'], 'violet', 'purple', 'blue-violet'],
  [['NaCl 1M'], 'colourless'],
  [['AgNO3 0.1M'], 'colourless'],
  [['ZnSO4 1M'], 'colourless'],
  [['Pb(NO3)2 0.1M'], 'colourless'],
];

const solids: readonly Row[] = [
  [['Pb(NO3)2 0.1M', 'KI 0.1M'], 'yellow', 'bright yellow', 'golden yellow'],
  [['AgNO3 0.1M', 'NaCl 0.1M'], 'white'],
  [['AgNO3 0.1M', 'KBr 0.1M'], 'cream', 'pale yellow', 'off-white', 'yellowish white'],
  [['AgNO3 0.1M', 'KI 0.1M'], 'yellow', 'pale yellow'],
  [['AgNO3 0.1M', 'K2CrO4 0.1M'], 'brick-red', 'red-brown', 'dark red', 'red'],
  [['BaCl2 0.1M', 'Na2SO4 0.1M'], 'white'],
  [['BaCl2 0.1M', 'K2CrO4 0.1M'], 'yellow', 'pale yellow'],
  [['Pb(NO3)2 0.1M', 'K2CrO4 0.1M'], 'yellow', 'bright yellow'],
  [['CuSO4 0.1M', 'NaOH 0.3M'], 'blue', 'pale blue', 'light blue'],
  [['FeCl3 0.1M', 'NaOH 0.5M'], 'red-brown', 'rust', 'brown', 'orange-brown', 'rusty brown'],
  [['FeSO4 0.1M', 'NaOH 0.3M'], 'green', 'dirty green', 'pale green', 'grey-green'],
  [['MnSO4 0.1M', 'NaOH 0.3M'], 'white', 'cream', 'off-white', 'buff'],
  [['NiSO4 0.1M', 'NaOH 0.3M'], 'green', 'pale green', 'apple green', 'light green'],
  [['Al2(SO4)3 0.05M', 'NaOH 0.2M'], 'white'],
  [['ZnSO4 0.1M', 'NaOH 0.2M'], 'white'],
  [['MgSO4 0.1M', 'NaOH 0.3M'], 'white'],
  [['Cr(NO3)3 0.1M', 'NaOH 0.3M'], 'green', 'grey-green', 'dark green'],
  [['CuSO4 0.1M', 'Na2S 0.1M'], 'black', 'brown-black', 'dark brown'],
  [['Pb(NO3)2 0.1M', 'Na2S 0.1M'], 'black'],
  [['CdSO4 0.1M', 'Na2S 0.1M'], 'yellow', 'bright yellow', 'orange-yellow'],
  [['ZnSO4 0.1M', 'Na2S 0.1M'], 'white'],
  [['MnSO4 0.1M', 'Na2S 0.1M'], 'pink', 'salmon', 'flesh', 'pale pink', 'buff'],
  [['AgNO3 0.1M', 'NaOH 0.1M'], 'brown', 'dark brown', 'grey-brown'],
  [['CaCl2 0.2M', 'Na2CO3 0.2M'], 'white'],
  [['Pb(NO3)2 0.1M', 'Na2SO4 0.1M'], 'white'],
  [['AgNO3 0.3M', 'Na3PO4 0.1M'], 'yellow', 'pale yellow'],
  [['CuSO4 0.2M', 'Na2CO3 0.2M'], 'green', 'blue-green', 'pale blue', 'blue', 'turquoise'],
  [['CuSO4 0.1M', 'K4Fe(CN)6 0.05M'], 'red-brown', 'chocolate', 'brown', 'chocolate brown'],
  [['FeCl3 0.1M', 'K4Fe(CN)6 0.05M'], 'deep blue', 'dark blue', 'blue', 'Prussian blue'],
  [['FeCl3 0.1M', 'Na2HPO4 0.1M'], 'cream', 'pale yellow', 'white', 'yellowish white'],
  [['Na2S2O3 0.1M', 'HCl 1M'], 'pale yellow', 'cream', 'yellow'],
  [['CuSO4 0.2M', 'KI 0.5M'], 'white', 'off-white', 'cream', 'buff'],
  [['CoCl2 0.1M', 'NaOH 0.5M'], 'blue'],
  [['HgCl2 0.05M', 'KI 0.1M'], 'red', 'orange-red', 'scarlet', 'orange'],
  [['Bi(NO3)3 0.05M', 'Na2S 0.1M'], 'brown', 'dark brown', 'black', 'brown-black'],
  [['KMnO4 0.02M', 'MnSO4 0.1M'], 'brown', 'dark brown', 'black', 'brown-black'],
];

/** Records that are wrong of each, whatever one calls a shade. */
const wrong: readonly Row[] = [
  [['CuSO4 0.5M'], 'green', 'yellow', 'colourless', 'purple'],
  [['FeCl3 0.05M', 'KSCN 0.1M'], 'yellow', 'blue', 'colourless', 'green'],
  [['KMnO4 0.002M'], 'green', 'blue', 'colourless', 'orange'],
  [['K2CrO4 0.1M'], 'red', 'green', 'blue', 'colourless'],
  [['NaOH 0.1M', 'methyl orange 3drops'], 'red', 'blue', 'colourless'],
  [['NaOH 0.1M', 'phenolphthalein 3drops'], 'colourless', 'blue', 'yellow'],
  [['KI 0.05M', 'I2 0.01g', 'starch 5drops'], 'red', 'yellow', 'colourless', 'green'],
  [['NiSO4 0.2M'], 'blue', 'pink', 'yellow'],
  [['CoCl2 0.1M'], 'blue', 'green', 'yellow'],
];
const wrongSolids: readonly Row[] = [
  [['AgNO3 0.1M', 'NaCl 0.1M'], 'yellow', 'brown', 'blue'],
  [['AgNO3 0.1M', 'KI 0.1M'], 'white', 'red'],
  [['Pb(NO3)2 0.1M', 'KI 0.1M'], 'white', 'red', 'black'],
  [['CuSO4 0.1M', 'NaOH 0.3M'], 'white', 'red-brown', 'black', 'green'],
  [['FeCl3 0.1M', 'NaOH 0.5M'], 'green', 'white', 'blue'],
];

const told = ([first = '', ...then]: readonly string[]) => {
  const { steps } = mix({
    vessel: { contents: [portion(first)], container: 'testTube' },
    actions: then.map(action),
  });
  const last = steps.at(-1);
  if (!last) throw new Error('No step.');
  return last;
};
const solidOf = (portions: readonly string[]) => {
  const solid = told(portions).observations.find(
    (one) => one.kind === 'precipitate' || one.kind === 'deposit',
  );
  if (!solid || !('colour' in solid) || !solid.colour) throw new Error('No solid.');
  return solid.colour;
};
const each = (rows: readonly Row[]) =>
  rows.flatMap(([portions, ...words]) =>
    words.map((word) => [portions.join(' + '), word, portions] as const),
  );

describe('a right record is never marked as different', () => {
  it.each(each(liquids))('%s is %s', (_, word, portions) => {
    const { colour } = told(portions).state;
    expect(`${colour} ${compareShades(colour, readColour(word))}`).not.toMatch(/differs/);
  });
  it.each(each(solids))('the solid of %s is %s', (_, word, portions) => {
    const colour = solidOf(portions);
    expect(`${colour} ${compareShades(colour, readColour(word), 'solid')}`).not.toMatch(/differs/);
  });
  it('has at least eighty liquids and solids, and 150 words for them', () => {
    expect(liquids.length + solids.length).toBeGreaterThanOrEqual(80);
    expect(each([...liquids, ...solids]).length).toBeGreaterThanOrEqual(150);
  });
});

describe('a wrong record is', () => {
  it.each(each(wrong))('%s is not %s', (_, word, portions) => {
    const { colour } = told(portions).state;
    expect(`${colour} ${compareShades(colour, readColour(word))}`).toMatch(/differs/);
  });
  it.each(each(wrongSolids))('the solid of %s is not %s', (_, word, portions) => {
    const colour = solidOf(portions);
    expect(`${colour} ${compareShades(colour, readColour(word), 'solid')}`).toMatch(/differs/);
  });
});

describe('a colour as people say it', () => {
  it.each([
    ['purple', 'purple'],
    ['magenta', 'magenta'],
    ['lilac', 'pale violet'],
    ['blue-black', 'blue-black'],
    ['blue black', 'blue-black'],
    ['dark red', 'deep red'],
    ['Dark Red', 'deep red'],
    ['blood red', 'deep red'],
    ['turquoise', 'blue-green'],
    ['light blue', 'pale blue'],
    ['very pale pink', 'pale pink'],
    ['slightly yellow', 'pale yellow'],
    ['reddish brown', 'red-brown'],
    ['greenish yellow', 'yellow-green'],
    ['yellowish', 'yellow'],
    ['bluish green', 'blue-green'],
    ['gray', 'grey'],
    ['colorless', 'colourless'],
    ['pea green', 'green'],
    ['dark greenish blue', 'deep blue-green'],
    ['orange in colour', 'orange'],
  ])('%s is %s', (said, phrase) => {
    expect(readColour(said)).toBe(phrase);
  });
  it.each(['', 'loud', 'not seen', '42', 'green red white'.slice(0, 4) + '?'])(
    '“%s” is none',
    (said) => {
      expect(() => readColour(said)).toThrow(/is not a colour/);
    },
  );
});
