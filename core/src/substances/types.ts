import type { Source } from './source';

/** The ways a substance can be named. */
export type NamingSchool = 'common' | 'stock' | 'oxo';

/** Colour words an observer uses; the drawable value of each stands in appearance/colourWords. */
export type ColourWord =
  | 'colourless'
  | 'white'
  | 'cream'
  | 'grey'
  | 'black'
  | 'brown'
  | 'red-brown'
  | 'red'
  | 'pink'
  | 'orange'
  | 'yellow'
  | 'yellow-green'
  | 'green'
  | 'blue-green'
  | 'blue'
  | 'violet';

/** How strong a colour is; pale and deep are what an observer adds to the hue word. */
export type ColourDepth = 'pale' | 'bright' | 'deep';

/** A colour as the bench says it: a hue word, or one with pale, bright or deep before it. */
export type ColourPhrase = ColourWord | `${ColourDepth} ${ColourWord}`;

/** How far one sees through a liquid. */
export type Clarity = 'clear' | 'cloudy' | 'opaque';

/** How a precipitate looks and feels. */
export type Texture = 'curdy' | 'gelatinous' | 'fine' | 'crystalline' | 'flocculent';

export interface Ion {
  readonly formula: string;
  /** The ion's part of a systematic name, `copper(II)` or `sulfate`. */
  readonly stock: string;
  /** The part in the oxo school where it differs, `tetraoxosulfate(VI)`. */
  readonly oxo?: string;
  /** The part in the common school where it differs, `ferrous`. */
  readonly common?: string;
}

/** What a substance is kept as on the shelf. */
export interface ShelfForm {
  readonly formula: string;
  readonly appearance: string;
}

export interface SolubleSubstance {
  /** Formula without water of crystallisation; the substance's key. */
  readonly formula: string;
  readonly ions: Readonly<Record<string, number>>;
  readonly commonName?: string;
  readonly forms: readonly [ShelfForm, ...ShelfForm[]];
  /** Grams of the anhydrous substance that dissolve in 100 g of water at about 20–25 °C. */
  readonly solubilityGPer100G: number;
  readonly source: Source;
}

export interface SparinglySoluble {
  readonly formula: string;
  readonly ions: Readonly<Record<string, number>>;
  /** −log10 of the solubility product at 25 °C, activities on the mol/L scale. */
  readonly pKsp: number;
  readonly colour: ColourPhrase;
  readonly texture: Texture;
  readonly commonName?: string;
  readonly darkensInLight?: true;
  /** What air does to the fresh solid, as a sentence for the bench. */
  readonly inAir?: string;
  readonly source: Source;
}

/** A species formed from components: `formula` = Σ components, log10 β at 25 °C and zero ionic strength. */
export interface FormedSpecies {
  readonly formula: string;
  readonly from: Readonly<Record<string, number>>;
  readonly logBeta: number;
  /** A loose pair of ions that nobody at the bench would call a reaction. */
  readonly ionPair?: true;
  readonly source: Source;
}

/** A dissolved gas that leaves as bubbles when its pressure would exceed one atmosphere. */
export interface DissolvedGas {
  readonly formula: string;
  readonly from: Readonly<Record<string, number>>;
  /** log10 of the activity product of the components at 1 atm (101.325 kPa) of the gas. */
  readonly logProductAtOneAtm: number;
  readonly source: Source;
}

/** A half-reaction: oxidised form + n e⁻ (+ h H⁺) ⇌ reduced form. */
export interface RedoxCouple {
  readonly oxidised: string;
  readonly reduced: string;
  readonly electrons: number;
  readonly protons: number;
  /** The form that is a solid or a dissolved element, whose activity counts as 1. */
  readonly unitActivity?: 'oxidised' | 'reduced';
  /** An anion that the reduced form binds, besides the oxidised form. */
  readonly withAnion?: string;
  /** Standard potential in volts at 25 °C against the standard hydrogen electrode. */
  readonly standardPotentialV: number;
  readonly source: Source;
}

/** One absorption band: a Gaussian in wavenumber. */
export interface AbsorptionBand {
  readonly maximumNm: number;
  /** Molar absorptivity at the maximum, L mol⁻¹ cm⁻¹. */
  readonly absorptivity: number;
  /** Full width at half height, cm⁻¹. */
  readonly widthPerCm: number;
}

export interface Spectrum {
  readonly formula: string;
  readonly bands: readonly AbsorptionBand[];
  readonly source: Source;
}
