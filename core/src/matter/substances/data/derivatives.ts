import { handbook } from '../source';

/** The solid that an unknown of each class is turned into, so that its melting point proves what the tests suggest. */
export const derivatives = {
  byClass: {
    alcohol: '3,5-dinitrobenzoate, by its melting point',
    aldehyde: '2,4-dinitrophenylhydrazone, recrystallised, by its melting point',
    ketone: '2,4-dinitrophenylhydrazone, recrystallised, by its melting point',
    'carboxylic acid': 'amide or anilide, by its melting point; or the equivalent mass by titration',
    'acid derivative': 'amide or anilide, by its melting point',
    phenol: 'bromo derivative, by its melting point',
    ester: 'hydrolysed, and its acid and alcohol each identified',
    amide: 'hydrolysed, and its acid and amine each identified',
    amine: 'benzamide, or the hydrochloride, by its melting point',
    'nitro compound': 'reduced to the amine, and that identified',
    nitrile: 'hydrolysed to the acid, and that identified',
    'amino acid': 'benzoyl derivative, or its place on a paper chromatogram beside known ones',
    carbohydrate: 'osazone under the microscope, or paper chromatogram beside known ones',
    'sulfonic acid': 'S-benzylthiouronium salt, by its melting point',
    'aromatic hydrocarbon': 'nitro derivative or picrate, by its melting point',
    halide: 'density and boiling point; an alkyl halide by its S-alkylthiouronium picrate',
    ether: 'boiling point and density; an aromatic one by its bromo derivative',
    'alkene or alkyne': 'boiling point, and the bromine it takes up for each gram',
    alkane: 'boiling point and density: it has no derivative',
  } as Readonly<Record<string, string>>,
  source: handbook('The Systematic Identification of Organic Compounds (Shriner, Hermann, Morrill, Curtin, Fuson)', 'derivatives by class'),
} as const;
