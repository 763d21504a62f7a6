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
  | 'blue-black'
  | 'violet'
  | 'purple'
  | 'magenta';

/** How strong a colour is; pale and deep are what an observer adds to the hue word. */
export type ColourDepth = 'pale' | 'bright' | 'deep';

/** A colour as the bench says it: a hue word, or one with pale, bright or deep before it. */
export type ColourPhrase = ColourWord | `${ColourDepth} ${ColourWord}`;

/** What else is seen of heat, flame and water, by the word for it. */
export type Sight =
  | 'melts'
  | 'boils'
  | 'turns to vapour'
  | 'settles again where it is cooler'
  | 'burns'
  | 'glows'
  | 'browns or chars'
  | 'drops of water form'
  | 'freezes'
  | 'floats'
  | 'sinks'
  | 'changes colour on the way'
  | 'comes and goes'
  | 'takes up the water and warms';

/** How fast a gas comes off, by eye. */
export type Vigour = 'a few bubbles' | 'steady' | 'vigorous';

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
  /** A trivial name that means this form and no other. */
  readonly commonName?: string;
}

export interface Substance {
  /** Formula without water of crystallisation; the substance's key. */
  readonly formula: string;
  /** What one formula unit brings into a solution: ions, or itself where it does not ionise. */
  readonly ions: Readonly<Record<string, number>>;
  readonly commonName?: string;
  readonly forms: readonly [ShelfForm, ...ShelfForm[]];
  /** State as kept; solid when left out. */
  readonly state?: 'liquid' | 'gas';
  /** The concentrated reagent, for what is sold as one. */
  readonly stock?: StockSolution;
  /** Grams of the anhydrous substance that dissolve in 100 g of water at about 20–25 °C; Infinity when miscible. */
  readonly solubilityGPer100G: number;
  /** The constant that the solubility was computed from; tabulated where left out. */
  readonly solubilityFrom?: 'solubility product' | 'Henry’s constant';
  /** Solubility in g per 100 g of water by temperature in °C, rising. */
  readonly curve?: readonly (readonly [temperatureC: number, gPer100G: number])[];
  readonly source: Source;
}

/** A substance as it is written down: without a solubility where that follows from a constant. */
export type ShelfRow = Omit<Substance, 'solubilityGPer100G' | 'solubilityFrom'> & {
  readonly solubilityGPer100G?: number;
};

/** How long a solution keeps, by an ion or a molecule that it holds. */
export interface Keeping {
  readonly of: string;
  /** Made for the class and not kept. */
  readonly fresh: boolean;
  readonly words: string;
  readonly source: Source;
}

/** What a reagent becomes in an old bottle. */
export interface Ageing {
  readonly of: string;
  /** Share that is still itself, 0 to 1. */
  readonly left: number;
  /** What the rest is by then, amount by amount of what there was. */
  readonly becomes: readonly { readonly substance: string; readonly share: number }[];
  readonly words: string;
  readonly source: Source;
}

/** A concentrated reagent as sold. */
export interface StockSolution {
  readonly concentrationM: number;
  readonly percentWW: number;
  readonly densityGPerMl: number;
}

/** A neutral molecule that is a component of solutions of its own. */
export interface Molecule {
  readonly formula: string;
}

/** An ion of a solid that turns into others in water. */
export interface IonInWater {
  readonly formula: string;
  readonly becomes: Readonly<Record<string, number>>;
  readonly source: Source;
}

/** A solid that keeps no equilibrium with its ions: an element, or an oxide that only electron transfer touches. */
export interface PureSolid {
  readonly formula: string;
  readonly colour: ColourPhrase;
  readonly kind: 'metal' | 'non-metal' | 'oxide';
  readonly state?: 'liquid';
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
  /** Enthalpy of dissolving into the ions given, kJ/mol, which moves Ksp with temperature (van 't Hoff). */
  readonly dissolutionKJPerMol?: number;
  /** Put in as such; it does not settle from cold solution, where a hydroxide forms instead. */
  readonly asAdded?: true;
  /** Solids under a hot liquid that lose water, or carbon dioxide, to become this `asAdded` one, and how much one of each gives. */
  readonly formsFrom?: {
    readonly solids: Readonly<Record<string, number>>;
    readonly aboveC: number;
  };
  /** Settles only when a base is put in: its ion is too weak an acid for water alone to bring it out, hot or cold. */
  readonly needsBase?: true;
  /** Settles where a weak base, ammonia, brings it down, or the first drops of strong alkali: more of that makes the hydroxide. */
  readonly fromWeakBase?: true;
  /** Why it hardly dissolves although its product says it should. */
  readonly slow?: string;
  /** The solid of an element, which is no salt. */
  readonly elementary?: true;
  /** What daylight turns it into, and how long that takes on a bright bench. */
  readonly darkensInLight?: { readonly to: ColourPhrase; readonly minutes: number };
  /** The form it turns into for good when it is warmed under its liquid. */
  readonly turnsWhenWarm?: { readonly to: ColourPhrase; readonly aboveC: number };
  /** What air does to the fresh solid, as a sentence for the bench. */
  readonly inAir?: string;
  readonly source: Source;
}

/** A species formed from components: `formula` = Σ components, log10 β at 25 °C and zero ionic strength. */
export interface FormedSpecies {
  readonly formula: string;
  readonly from: Readonly<Record<string, number>>;
  readonly logBeta: number;
  /** Enthalpy of formation from the components as written, kJ/mol, which moves β with temperature (van 't Hoff). */
  readonly enthalpyKJPerMol?: number;
  /** A loose pair of ions that nobody at the bench would call a reaction. */
  readonly ionPair?: true;
  readonly source: Source;
}

/** A dissolved gas that leaves as bubbles when its pressure would exceed one atmosphere. */
export interface DissolvedGas {
  readonly formula: string;
  /** Henry's constant at 25 °C, mol L⁻¹ atm⁻¹. */
  readonly henryMPerAtm: number;
  /** Enthalpy of dissolving, kJ/mol; gases dissolve less when warm. */
  readonly enthalpyKJPerMol: number;
  readonly colour: ColourPhrase;
  readonly flammable?: true;
  /** What air turns it into above the liquid. */
  readonly inAir?: { readonly becomes: string; readonly colour: ColourPhrase };
  /** Amount set free at the bench above which the user is warned, mmol. */
  readonly toxicAboveMmol?: number;
  readonly source: Source;
}

/** An acid that leaves its solution as vapour. */
export interface VolatileAcid {
  readonly formula: string;
  readonly anion: string;
  /** log10 of [H⁺][A⁻]/p at 25 °C, mol² L⁻² atm⁻¹. */
  readonly logK: number;
  /** Enthalpy of dissolving into the ions, kJ/mol. */
  readonly enthalpyKJPerMol: number;
  readonly source: Source;
}

/** A solution that is known by the name on its bottle. */
export interface Bottle {
  readonly names: readonly string[];
  /** What it holds, mol/L by formula. */
  readonly holdsM: Readonly<Record<string, number>>;
  readonly source: Source;
}

/** A gas as one meets it on the bench. */
export interface GasProperties {
  readonly formula: string;
  /** mL of gas that dissolve in 100 mL of water at 25 °C and 1 atm. */
  readonly solubilityMlPer100Ml?: number;
  /** What becomes of a burning splint held in it, or what the gas does there. */
  readonly litSplint: 'pops' | 'burns' | 'flares' | 'goes out';
  /** Whether a glowing splint bursts into flame in it. */
  readonly relights?: true;
  /** Whether it bleaches damp litmus. */
  readonly bleaches?: true;
  /** Whether bromine adds to it. */
  readonly unsaturated?: true;
  /** What may be noticed, told as a caution and never as an instruction; empty when there is nothing. */
  readonly smell: string;
  readonly colour?: ColourPhrase;
  /** Pressure over a solution from which one smells it, atm. */
  readonly smelledFromAtm?: number;
  readonly hazard: string;
  readonly sources: readonly Source[];
}

/** The colour an ion gives to a flame. */
export interface FlameColour {
  readonly ion: string;
  readonly colour: ColourPhrase;
  readonly words: string;
  /** How it outshines others, per amount of ion. */
  readonly strength: number;
  /** Amount in the vessel from which it shows, mmol. */
  readonly fromMmol: number;
  readonly source: Source;
}

/** What is seen, in the words of the bench and by the codes of what it comes to. */
export interface Shown {
  readonly says: string;
  readonly sights: readonly Sight[];
}

/** What heat does to a dry substance, or to several together. */
export interface ThermalChange {
  /** Balanced, with states; oxygen on the left comes from the air. */
  readonly equation: string;
  /** Temperature from which it is seen to run on the bench, °C. */
  readonly atC: number;
  /** Whether water turns it back in the cold. */
  readonly rewets?: true;
  /** What is seen when water turns it back. */
  readonly rewetsTo?: string;
  /** What is seen besides the change of colour. */
  readonly shows?: Shown;
  readonly caution?: string;
  /** A flame held to it sets it going, and it goes on by itself. */
  readonly lights?: true;
  /** Solids of which one must be there and is not used up. */
  readonly catalyst?: readonly string[];
  readonly source: Source;
}

/** Why no solid settles from pairs of ions: of any cations where none are named, and of any anions. */
export interface PairGround {
  readonly cations?: readonly string[];
  readonly anions?: readonly string[];
  readonly ground: string;
  readonly source: Source;
}

/** What dry substances do with one another. */
export interface DryCombination {
  /** Balanced, with states. */
  readonly equation: string;
  /** What sets it going. */
  readonly by: 'cold' | 'heated' | 'light' | 'spark' | 'catalyst';
  readonly catalyst?: string;
  readonly caution?: string;
  readonly source: Source;
}

/** What a flame does to a liquid. */
export interface BurningLiquid {
  readonly formula: string;
  /** Complete combustion; without one it does not catch fire. */
  readonly equation?: string;
  /** Concentration in water from which it catches fire, mol/L, for one that mixes with water. */
  readonly fromM?: number;
  readonly shows: Shown;
  readonly source: Source;
}

/** A solid that heat leaves what it is. Exactly one of the temperatures is given, °C. */
export interface HotSolid {
  readonly formula: string;
  readonly meltsC?: number;
  /** It sublimes and settles again where it is cooler. */
  readonly sublimesC?: number;
  /** It boils and condenses again where it is cooler. */
  readonly boilsC?: number;
  /** Nothing happens to it up to here. */
  readonly staysToC?: number;
  /** What it looks like only while hot. */
  readonly whileHot?: Shown;
  readonly caution?: string;
  readonly source: Source;
}

/** A dye that takes up electrons and gives them to air again. */
export interface RedoxDye {
  readonly name: string;
  /** The dye as it is on the shelf. */
  readonly salt: string;
  /** Amount in one drop (0.05 mL) of the usual solution, mol. */
  readonly molPerDrop: number;
  readonly stages: readonly DyeStage[];
  /** Of the forms, and of the speeds. */
  readonly sources: readonly [forms: Source, speeds: Source];
}

/** One stage of a dye’s reduction by glucose, and of its oxidation by air. */
export interface DyeStage {
  readonly oxidised: string;
  readonly reduced: string;
  /** v = k [oxidised] [glucose] [OH⁻] at 25 °C, L² mol⁻² s⁻¹. */
  readonly perM2PerS: number;
  readonly reduction: string;
  readonly oxidation: string;
}

/** A metal that reacts with cold water. */
export interface MetalOnWater {
  readonly formula: string;
  readonly densityGPerMl: number;
  readonly meltsC: number;
  readonly pace: string;
  /** How fast hydrogen comes off, and whether it catches fire by itself. */
  readonly vigour: Vigour;
  readonly burns?: true;
  /** The largest piece a class is shown, g. */
  readonly mostG: number;
  readonly sources: readonly Source[];
}

/** A standard enthalpy of formation at 25 °C. */
export interface FormationEnthalpy {
  readonly formula: string;
  readonly state: 's' | 'l' | 'g' | 'aq';
  readonly kJPerMol: number;
  readonly source: Source;
}

/** Heat of diluting a strong acid: q(n) = full · n/(n + half) for n mol of water to one of acid. */
export interface DilutionHeat {
  /** The anion of a strong acid, which counts as far as there are protons for it; or a molecule. */
  readonly of: string;
  readonly fullKJPerMol: number;
  readonly halfAtWater: number;
  readonly source: Source;
}

/** A couple by its half-equation, written as a reduction: `MnO4^-(aq) + 8 H^+(aq) + 5 e^- → Mn^2+(aq) + 4 H2O(l)`. */
export interface RedoxCouple {
  readonly half: string;
  /** Standard potential at 25 °C against the standard hydrogen electrode, V. */
  readonly standardPotentialV: number;
  readonly source: Source;
}

/** What must hold in a vessel for a slow transfer to go after all. All that are given must hold. */
export interface TransferCondition {
  readonly pHBelow?: number;
  readonly pHAbove?: number;
  readonly temperatureAboveC?: number;
  /** Dissolved species that must be at least this concentrated, mol/L. */
  readonly aboveM?: Readonly<Record<string, number>>;
  /** Dissolved species that must be less concentrated than this, mol/L. */
  readonly belowM?: Readonly<Record<string, number>>;
  /** Solids or species of which one must be there, as a catalyst. */
  readonly catalyst?: readonly string[];
}

/** A reaction that runs to its end once its condition holds, whatever constants and potentials say. */
export interface OneWay {
  /** With coefficients and states; solids that ions make, and what is dissolved, count by what they are made of. */
  readonly equation: string;
  /** What has to hold; always when left out. */
  readonly when?: TransferCondition;
  /** Share that goes this way; all of it when left out. */
  readonly share?: number;
  /** What is seen besides what the equation tells. */
  readonly sees?: Shown;
  /** Its heat is not known, so that the vessel is told at the temperature it had. */
  readonly heat?: 'unknown';
  readonly caution?: { readonly code: string; readonly message: string };
  readonly source: Source;
}

/** A transfer of electrons that potentials allow and the bench does not show. */
export interface SlowTransfer {
  /** Oxidised forms it applies to; any when left out. */
  readonly oxidants?: readonly string[];
  /** Oxidised forms it does not apply to. */
  readonly exceptOxidants?: readonly string[];
  /** Reduced forms it applies to; any when left out. */
  readonly reductants?: readonly string[];
  /** Reduced forms it does not apply to. */
  readonly exceptReductants?: readonly string[];
  /** Products of the reduction it applies to; any when left out. */
  readonly reducedTo?: readonly string[];
  /** Products of the oxidation it applies to; any when left out. */
  readonly oxidisedTo?: readonly string[];
  /** It goes after all when one of these holds. */
  readonly unless?: readonly TransferCondition[];
  readonly because: string;
  readonly source: Source;
}

/** A liquid that does not mix with water. */
export interface ImmiscibleSolvent {
  readonly formula: string;
  readonly densityGPerMl: number;
  /** Concentration of a dissolved molecule in the solvent over that in water, at equilibrium. */
  readonly partition: Readonly<Record<string, number>>;
  readonly source: Source;
}

/** A solid that is sealed by a coat of another. */
export interface Coat {
  readonly solid: string;
  readonly coat: string;
  /** Dissolved anions of the coat; above any of these concentrations, mol/L, a metal is sealed at once. */
  readonly sealsAboveM?: Readonly<Record<string, number>>;
  readonly source: Source;
}

/** A dangerous outcome, told by dissolved species above a concentration, mol/L. */
export interface Danger {
  readonly code: string;
  readonly aboveM: Readonly<Record<string, number>>;
  readonly message: string;
  readonly source: Source;
}

/** Two groups of species that react in a way the model does not follow. */
export interface Unmodelled {
  readonly one: readonly string[];
  readonly other: readonly string[];
  readonly because: string;
  /** From where a group counts as there, mol/L; 1e-4 when left out. */
  readonly seenFromM?: number;
  /** Species that must be less concentrated than this, mol/L. */
  readonly without?: Readonly<Record<string, number>>;
  /** Further species that must be more concentrated than this, mol/L. */
  readonly needs?: Readonly<Record<string, number>>;
  /** Code of the warning it also deserves. */
  readonly code?: string;
  /** The warning is given when both groups are more concentrated than this, mol/L; always when left out. */
  readonly codeFromM?: readonly [one: number, other: number];
  readonly source: Source;
}

/** An acid–base indicator: its forms from acid to alkaline, with the pKa between neighbours. */
export interface Indicator {
  readonly name: string;
  readonly pKa: readonly number[];
  /** Bands of each form, one more than the pKa values. */
  readonly forms: readonly (readonly AbsorptionBand[])[];
  /** Amount in one drop (0.05 mL) of the usual solution, mol. */
  readonly molPerDrop: number;
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

/** How fast an ion spreads in water by itself. */
export interface IonicDiffusion {
  readonly formula: string;
  /** Diffusion coefficient at 25 °C and infinite dilution, 1e-9 m²/s. */
  readonly coefficient: number;
  readonly source: Source;
}

/** What an electrode is made of, by the name it goes under. */
export type ElectrodeMaterial =
  | 'graphite'
  | 'platinum'
  | 'copper'
  | 'silver'
  | 'zinc'
  | 'nickel'
  | 'lead'
  | 'tin'
  | 'aluminium'
  | 'iron'
  | 'steel'
  | 'stainless steel';

/** A surface whose overpotentials are tabulated: an electrode, or a metal that others are covered with. */
export type Surface = ElectrodeMaterial | 'cadmium' | 'bismuth' | 'mercury' | 'lead dioxide';

/** Something a current goes in and out by. */
export interface Electrode {
  readonly material: ElectrodeMaterial;
  /** What it is made of, for the equations. */
  readonly formula: string;
  /** As plus it stays what it is. */
  readonly inert: boolean;
  /** Couples by which it may go into solution as plus, as the table of potentials writes them; empty for an inert one. */
  readonly dissolvesBy: readonly string[];
  /** What holds it together as plus, where something does: then oxygen comes off it. Any of them is enough. */
  readonly passive: readonly Passivity[];
  readonly source: Source;
}

/** What covers an electrode so that it dissolves no more. */
export interface Passivity {
  readonly pHAbove?: number;
  readonly pHBelow?: number;
  /** Anions of which one must be more concentrated than this, mol/L. */
  readonly aboveM?: Readonly<Record<string, number>>;
  /** Anions that break the cover open, mol/L. */
  readonly brokenByM?: Readonly<Record<string, number>>;
  readonly cover: string;
  /** What gas then leaves, as from this surface; the electrode itself when left out. */
  readonly surface?: Surface;
  /** The cover does not conduct: the current dies away instead. */
  readonly insulates?: true;
}

/** How much more than its equilibrium potential a gas needs at a surface, by current density. */
export interface Overpotential {
  readonly gas: 'H2' | 'O2' | 'Cl2' | 'Br2';
  readonly surface: Surface;
  /** Rising: mA/cm², V. */
  readonly points: readonly (readonly [mAPerCm2: number, volts: number])[];
  readonly source: Source;
}

/** A process at an electrode other than a gas, with how easily it goes. */
export interface ElectrodeProcess {
  /** The couple as the table of potentials writes it. */
  readonly half: string;
  readonly side: 'cathode' | 'anode';
  /** Exchange current density, A/cm², effective: what gives the overpotentials one meets. */
  readonly exchangeAPerCm2: number;
  readonly source: Source;
}

/** What an electrode does to a species, that is not calculated, or does not happen; each with why. */
export interface NotAtElectrode {
  readonly side: 'cathode' | 'anode';
  readonly of: readonly string[];
  /** From this concentration on it matters, mol/L. */
  readonly fromM: number;
  /** Only in acid that is stronger than this, mol/L. */
  readonly inAcidFromM?: number;
  /** The species is left alone (and the rest is predicted), or the electrode is not predicted. */
  readonly means: 'left alone' | 'not predicted';
  readonly because: string;
  readonly source: Source;
}

/** A salt that is electrolysed as a melt. */
export interface Melt {
  readonly formula: string;
  readonly meltsC: number;
  /** In what it is dissolved to melt lower. */
  readonly dissolvedIn?: string;
  readonly source: Source;
}

/** How much of a gas may be breathed. */
export interface ExposureLimit {
  readonly gas: string;
  /** Mean over eight hours, ppm by volume. */
  readonly eightHoursPpm?: number;
  /** Mean over any fifteen minutes, ppm by volume. */
  readonly fifteenMinutesPpm?: number;
  readonly source: Source;
}

/** Shares of the mixture with air between which a gas burns, % by volume. */
export interface Flammability {
  readonly gas: string;
  readonly lowPercent: number;
  readonly highPercent: number;
  readonly source: Source;
}

/** What dries a gas. */
export interface DryingAgent {
  readonly name: string;
  readonly substance: string;
  readonly vessel: 'tube' | 'wash bottle';
  /** Gases it must not meet, each with the reason. */
  readonly reactsWith: Readonly<Record<string, string>>;
  readonly source: Source;
}

/** A liquid that takes one gas out of another. */
export interface Scrubber {
  readonly name: string;
  readonly substance: string;
  /** Gases it takes out. */
  readonly takes: readonly string[];
  /** Gases it takes in part, so that it is no use for keeping them. */
  readonly alsoTakes: readonly string[];
  readonly source: Source;
}

/** The test a gas is proved by. */
export interface GasProof {
  readonly gas: string;
  /** A test of the bench, by name. */
  readonly test: string;
  /** How it is done, in words. */
  readonly method: string;
  /** What it shows. */
  readonly positive: string;
  /** What else would do the same, or what must stand beside it. */
  readonly but?: string;
  readonly source: Source;
}

/** An ion that looks otherwise where it was made beside another that it keeps. */
export interface BoundAsMade {
  readonly ion: string;
  /** Substances put in, any of which it is made from. */
  readonly from: readonly string[];
  /** Species of which more must be there than of the ion; none where it is always so. */
  readonly beside: readonly string[];
  readonly bands: readonly AbsorptionBand[];
  readonly source: Source;
}

/** An organic compound that is issued as an unknown. */
export interface TeachingCompound {
  /** Systematic or preferred name, in British spelling. */
  readonly name: string;
  readonly alsoCalled?: readonly string[];
  /** Structure in SMILES. */
  readonly smiles: string;
  /** Written down apart from the structure, so that one checks the other. */
  readonly formula: string;
  /** Melting point, °C. */
  readonly meltsC?: number;
  /** Boiling point at 101 kPa, °C. */
  readonly boilsC?: number;
  /** Solubility in water near room temperature, g per 100 mL. */
  readonly waterGPer100Ml?: number | 'miscible';
  /** Colour of the pure compound; colourless or white where left out. */
  readonly colour?: ColourPhrase;
  readonly source: Source;
}

/** A functional group as a pattern to look for in a structure. */
export interface FunctionalGroup {
  readonly name: string;
  /** Pattern in SMARTS. */
  readonly pattern: string;
}

/** How far a test can hurt who does it: 1 the usual care, 2 gloves and splash, 3 hood or flame, 4 only where the local rules allow it. */
export type TestHazard = 1 | 2 | 3 | 4;

/** A test for an unknown, with what it costs. */
export interface UnknownTest {
  readonly name: string;
  /** What the bench calls it. */
  readonly label: string;
  /** Reagents that must be at hand. */
  readonly reagents: readonly string[];
  /** How it is done, in a line. */
  readonly how: string;
  /** What stands beside it. */
  readonly blank: string;
  /** Minutes of a person’s time, blank included. */
  readonly minutes: number;
  /** What it costs against a drop of dilute acid: 1 cheap, 5 dear. */
  readonly cost: 1 | 2 | 3 | 4 | 5;
  /** Sample it uses up, mg. */
  readonly sampleMg: number;
  readonly hazard: TestHazard;
  /** What to take care of; defers to the local rules and the supplier’s sheet. */
  readonly caution?: string;
  /** What may be told; of a yes-or-no test the yes first. */
  readonly outcomes: readonly string[];
  /** How often it is told positive where it should be negative, 0 to 1; of tests with other outcomes how often the wrong one is told. */
  readonly falsePositive: number;
  /** How often it is told negative where it should be positive, 0 to 1. */
  readonly falseNegative: number;
  readonly source: Source;
}

/** One doing in the run of an inorganic test. */
export type TestDoing =
  | { readonly add: string; readonly concentrationM: number; readonly volumeMl: number }
  | { readonly addSolid: string; readonly massG: number }
  | { readonly bubble: string; readonly amountMmol: number }
  | { readonly heatToC: number }
  | { readonly evaporateToMl: number }
  | { readonly hold: string };

/** A series of doings on the unknown, and which tests are read at which of them. */
export interface InorganicRun {
  /** On the solid itself, or on its solution (what does not dissolve stays in it). */
  readonly on: 'solid' | 'solution';
  readonly doings: readonly TestDoing[];
  /** Tests by name; `at` the number of the doing after which it is read, 0 for before the first. */
  readonly reads: readonly (Omit<UnknownTest, 'outcomes'> & {
    readonly at: number;
    /** What is looked at. */
    readonly reading:
      | 'solidColour'
      | 'solutionColour'
      | 'dissolving'
      | 'paper'
      | 'flame'
      | 'change'
      | 'excess'
      | 'held';
  })[];
}

/** A group of the classical separation of cations. */
export interface AnalyticalGroup {
  readonly label: string;
  /** What is added, in words. */
  readonly reagent: string;
  readonly doings: readonly TestDoing[];
  /** Cations that belong here. */
  readonly cations: readonly string[];
  /** How the members are told apart once they are down. */
  readonly confirm: string;
  readonly caution?: string;
}

/** What is known of an element or a family; the tables are put together from these. */
export interface ElementData {
  /** Its ions, with their names. */
  readonly ions?: readonly Ion[];
  /** Its acids and bases, and its cations with water. */
  readonly acidBase?: readonly FormedSpecies[];
  readonly complexes?: readonly FormedSpecies[];
  /** Its solids that settle from solution. */
  readonly solids?: readonly SparinglySoluble[];
  /** Its half-equations. */
  readonly couples?: readonly RedoxCouple[];
  /** The colours of what it forms in water. */
  readonly spectra?: readonly Spectrum[];
  /** The colours of its ions in a flame. */
  readonly flames?: readonly FlameColour[];
  /** What heat does to its compounds. */
  readonly heated?: readonly ThermalChange[];
  readonly formation?: readonly FormationEnthalpy[];
}
