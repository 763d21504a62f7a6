import { commonPractice, handbook } from '../../source';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'solubility product constants, 25 °C');
const lange = handbook('Lange’s Handbook of Chemistry', 'solubility products, 25 °C');
const fresh = handbook(
  'Stumm and Morgan, Aquatic Chemistry',
  'freshly precipitated amorphous hydroxide, 25 °C; reported values run from 37 to 39 as it ages',
);
const freshCopper = handbook('Stumm and Morgan, Aquatic Chemistry', 'freshly precipitated copper(II) hydroxide, 25 °C; reported values run from 18.6 to 19.7 as it ages');
const freshZinc = handbook('Baes and Mesmer, The Hydrolysis of Cations', 'freshly precipitated amorphous zinc hydroxide, 25 °C; reported values run from 15.5 to 17.0 as it ages');
const freshChromium = handbook('Baes and Mesmer, The Hydrolysis of Cations', 'freshly precipitated chromium(III) hydroxide, 25 °C; reported values run from 29.8 to 30.2');
const martell = handbook(
  'Smith and Martell, Critical Stability Constants',
  'solubility product, 25 °C; tabulated values run from 15.8 to 17.6',
);
const waters = handbook(
  'Stumm and Morgan, Aquatic Chemistry',
  'solubility of basic carbonates, 25 °C, ±0.5 in the logarithm',
);

const sulfides = handbook('Lange’s Handbook of Chemistry', 'solubility products of sulfides, with K1 K2 of hydrogen sulfide 10^-20.9; the fresh, more soluble form where two are given');
const baes = handbook('Baes and Mesmer, The Hydrolysis of Cations', 'solubility of the hydroxide or oxide with the hydrolysis constants, 25 °C');
const oxides = handbook('CRC Handbook of Chemistry and Physics', 'free energies of oxides and hydroxides, as a solubility product');
const estimated = handbook('Lange’s Handbook of Chemistry', 'solubility product, order of magnitude only, ±1 in the logarithm');
const electrode = handbook('CRC Handbook of Chemistry and Physics', 'solubility product as the standard potential of the bismuth oxychloride electrode gives it; tabulated products run from 30.7 to 35.6');
const meeussen = handbook('Meeussen et al., Environmental Science & Technology 26 (1992) 511', 'solubility of Prussian blue; the older value 10^-40.5 would let it fall apart in neutral water, which it does not');
const minteq = handbook('MINTEQA2 (minteq.v4.dat)', 'solubility of basic salts and oxides, 25 °C, turned into a product with hydroxide');
/** Values of our own, where no table has one. */
const placed = commonPractice('order of magnitude, placed so that it settles, and dissolves again, as textbooks of qualitative analysis tell; not a published product');
export const heats = (dissolutionKJPerMol: number) => ({ dissolutionKJPerMol });

/** What solids look like, whatever their products were read in. */
export const solidLooks = {
  colour: handbook('Vogel’s Qualitative Inorganic Analysis', 'colours of precipitates'),
  texture: commonPractice('how the fresh solid looks as it settles; strength and warmth change it'),
} as const;

/** Where rows of this kind come from, where that is not the usual work. */
export const solidsFrom = { crc, lange, fresh, freshCopper, freshZinc, freshChromium, martell, waters, sulfides, baes, oxides, estimated, electrode, meeussen, minteq, placed };
