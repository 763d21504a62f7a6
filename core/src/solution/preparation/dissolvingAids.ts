import { formatNumber } from '../../common/formatNumber';
import { commonPractice } from '../../matter/substances/source';
import type { Source } from '../../matter/substances/source';

/** Something that is put in so that a substance dissolves, or stays dissolved. */
export interface DissolvingAid {
  readonly of: string;
  /** A solid of which so many grams go with each gram, which is dissolved first; absent where the words say it all. */
  readonly with?: { readonly substance: string; readonly gPerG: number };
  /** What dissolves with it, mol/L; what water alone takes when left out. */
  readonly dissolvesM?: number;
  readonly words: string;
  /** Whether the words say how it is dissolved, and no other step has to. */
  readonly saysHow?: true;
  /** The acid that keeps its solution clear: how much of it goes with the substance, and as what it is put in. */
  readonly keptIn?: {
    readonly formula: string;
    readonly molPerMol: number;
    readonly asM: number;
    readonly called: string;
  };
  /** What its solution holds besides, by equilibrium with what lies at the bottom of the bottle, mol to a mole. */
  readonly beside?: { readonly formula: string; readonly molPerMol: number };
  /** What it is made up with, where that is not water. */
  readonly makeUpWith?: string;
  readonly source: Source;
}

const bench = commonPractice('how solutions that water alone would spoil or not take are made up');

/** Substances that are not simply put into water. */
export const dissolvingAids: readonly DissolvingAid[] = [
  {
    of: 'I2',
    with: { substance: 'KI', gPerG: 2 },
    dissolvesM: 0.5,
    words:
      'Dissolve the potassium iodide in as little water as it takes, the iodine in that, stoppered, in the hood, and only then make up: iodine alone hardly dissolves in water.',
    saysHow: true,
    source: bench,
  },
  {
    of: 'SnCl2',
    words:
      'Warm it with a few millilitres of concentrated hydrochloric acid until it is clear, then add the water: water alone makes it cloudy.',
    saysHow: true,
    source: bench,
  },
  {
    of: 'Bi(NO3)3',
    words:
      'Water alone throws down a white basic salt: dissolve it in the acid, until it is clear, before any water.',
    saysHow: true,
    keptIn: { formula: 'HNO3', molPerMol: 5, asM: 2, called: '2 M nitric acid' },
    source: bench,
  },
  {
    of: 'Hg2(NO3)2',
    words:
      'Water alone throws down a basic salt: dissolve it in the acid, until it is clear, before any water.',
    saysHow: true,
    keptIn: { formula: 'HNO3', molPerMol: 0.5, asM: 2, called: '2 M nitric acid' },
    // Over a drop of mercury, with 88 mercury(I) to one mercury(II) ion (from the standard potentials).
    beside: { formula: 'Hg(NO3)2', molPerMol: 0.0115 },
    source: bench,
  },
  {
    of: 'Hg(NO3)2',
    words:
      'Water alone throws down a basic salt: dissolve it in the acid, until it is clear, before any water.',
    saysHow: true,
    keptIn: { formula: 'HNO3', molPerMol: 1, asM: 2, called: '2 M nitric acid' },
    source: bench,
  },
  {
    of: 'FeSO4',
    words:
      'Put a few drops of dilute sulfuric acid into the water first, boiled and cooled: it browns more slowly.',
    source: bench,
  },
  {
    of: '(NH4)2Fe(SO4)2',
    words:
      'Put a few drops of dilute sulfuric acid into the water first, boiled and cooled: it browns more slowly.',
    source: bench,
  },
  {
    of: 'FeCl3',
    words: 'A few drops of hydrochloric acid keep it clear.',
    source: bench,
  },
  {
    of: 'NaOH',
    words:
      'It gets hot: dissolve it in a plastic or borosilicate beaker standing in cold water, stirring, never in a stoppered flask.',
    saysHow: true,
    source: bench,
  },
  {
    of: 'KOH',
    words:
      'It gets hot: dissolve it in a plastic or borosilicate beaker standing in cold water, stirring, never in a stoppered flask.',
    saysHow: true,
    source: bench,
  },
  {
    of: 'C4H8N2O2',
    dissolvesM: 0.09,
    words: 'Dissolve it in ethanol instead of water, away from flames.',
    saysHow: true,
    makeUpWith: 'ethanol',
    source: bench,
  },
];

/** What a substance needs besides water, where it does. */
export function dissolvingAid(formula: string): DissolvingAid | undefined {
  return dissolvingAids.find(({ of }) => of === formula);
}

/** The words for how much of the acid that keeps it clear a substance is dissolved in; none where it needs none. */
export function acidWords({ keptIn }: DissolvingAid, amountMmol: number): string[] {
  if (!keptIn) return [];
  const volumeMl = Number(((keptIn.molPerMol * amountMmol) / keptIn.asM).toPrecision(2));
  return [`Dissolve it in ${formatNumber(volumeMl)} mL of ${keptIn.called}.`];
}
