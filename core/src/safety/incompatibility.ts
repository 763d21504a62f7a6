import { commonPractice } from '../matter/substances/source';
import { findSubstance } from '../matter/substances/findSubstance';
import { parseFormula } from '../matter/formula/parseFormula';
import { isWater } from '../matter/substances/isWater';
import { pKaOf } from '../matter/substances/acidity';
import { chargeOf } from '../matter/substances/ionsOf';
import type { Substance } from '../matter/substances/types';
import { classification } from './data/classification';
import type { HazardCode } from './statements';

/** Groups of substances that are kept and used apart, by what they do to each other. */
const classes = {
  acid: 'acids',
  acidSalt: 'salts that make water acid',
  strongAcid: 'concentrated strong acids',
  oxidisingAcid: 'oxidising acids',
  alkali: 'alkalis',
  oxidiser: 'oxidisers',
  chlorate: 'chlorates, permanganates and their like',
  hypochlorite: 'hypochlorites',
  halogen: 'halogens',
  peroxide: 'peroxides',
  nitrite: 'nitrites',
  flammable: 'flammable liquids and gases',
  combustible: 'things that burn',
  activeMetal: 'active metals',
  waterReactive: 'things that water sets alight or gas free from',
  water: 'water',
  cyanide: 'cyanides',
  cyanidoferrate: 'hexacyanidoferrates',
  sulfide: 'sulfides',
  sulfite: 'sulfites and thiosulfates',
  azide: 'azides',
  ammonia: 'ammonia and ammonium salts',
  silver: 'silver salts',
  gold: 'gold salts',
  ethyne: 'ethyne',
  thiocyanate: 'thiocyanates',
  lightMetal: 'aluminium and magnesium',
  metalOxide: 'oxides of heavy metals',
  heavyMetal: 'salts of lead, copper, silver and mercury',
  carbonate: 'carbonates',
  fluoride: 'fluorides',
} as const;

export type IncompatibilityClass = keyof typeof classes;

/** The words for a class. */
export function classWords(name: IncompatibilityClass): string {
  return classes[name];
}

/** Two classes, and what comes of their meeting. */
interface Rule {
  readonly a: IncompatibilityClass;
  readonly b: IncompatibilityClass;
  readonly gives: string;
  /** Not even in small amounts outside special provision. */
  readonly never?: true;
  /** As a dry mixture that is rubbed, heated or lit: only so, since it does nothing under water, or above all. */
  readonly whenDry?: 'only' | 'above all';
  /** What the engine follows although it warns of it: a show for trained people. */
  readonly isShow?: true;
  /** A day that brings them together is not run as it is planned, though a demonstration in the hood may be. */
  readonly stopsADay?: true;
}

export const incompatibilityRules: readonly Rule[] = [
  { a: 'cyanide', b: 'acid', gives: 'hydrogen cyanide, which kills', never: true },
  { a: 'cyanide', b: 'acidSalt', gives: 'hydrogen cyanide, which kills', never: true },
  { a: 'cyanide', b: 'oxidiser', gives: 'cyanogen or an explosion', never: true },
  {
    a: 'cyanidoferrate',
    b: 'acid',
    gives:
      'hydrogen cyanide when the acid is hot or concentrated: only cold and dilute, and never heated afterwards',
  },
  { a: 'sulfide', b: 'acid', gives: 'hydrogen sulfide, very toxic', stopsADay: true },
  { a: 'sulfide', b: 'acidSalt', gives: 'hydrogen sulfide, very toxic', stopsADay: true },
  { a: 'azide', b: 'acid', gives: 'hydrazoic acid, toxic and explosive', never: true },
  { a: 'azide', b: 'heavyMetal', gives: 'azides that explode when touched', never: true },
  { a: 'hypochlorite', b: 'acid', gives: 'chlorine, toxic' },
  { a: 'hypochlorite', b: 'acidSalt', gives: 'chlorine, toxic' },
  { a: 'hypochlorite', b: 'ammonia', gives: 'chloramines, toxic', never: true },
  { a: 'hypochlorite', b: 'combustible', gives: 'fire after a delay' },
  { a: 'hypochlorite', b: 'flammable', gives: 'fire, or chlorinated vapours' },
  { a: 'nitrite', b: 'acid', gives: 'oxides of nitrogen, toxic' },
  { a: 'nitrite', b: 'ammonia', gives: 'nitrogen, violently when warm or dry' },
  { a: 'sulfite', b: 'acid', gives: 'sulfur dioxide' },
  { a: 'fluoride', b: 'acid', gives: 'hydrofluoric acid, which burns deep', never: true },
  {
    a: 'chlorate',
    b: 'strongAcid',
    gives: 'explosive chlorine dioxide or manganese heptoxide',
    never: true,
  },
  {
    a: 'chlorate',
    b: 'combustible',
    gives: 'mixtures that explode when rubbed, knocked or heated',
    never: true,
    whenDry: 'above all',
  },
  {
    a: 'chlorate',
    b: 'activeMetal',
    gives: 'mixtures that explode when rubbed, knocked or heated',
    never: true,
    whenDry: 'above all',
  },
  { a: 'chlorate', b: 'ammonia', gives: 'salts that explode', never: true, whenDry: 'above all' },
  {
    a: 'chlorate',
    b: 'sulfide',
    gives: 'mixtures that explode when rubbed, knocked or heated',
    never: true,
    whenDry: 'above all',
  },
  {
    a: 'chlorate',
    b: 'sulfite',
    gives: 'mixtures that explode when rubbed, knocked or heated',
    whenDry: 'only',
  },
  {
    a: 'chlorate',
    b: 'thiocyanate',
    gives: 'mixtures that explode when rubbed, knocked or heated',
    whenDry: 'only',
  },
  {
    a: 'lightMetal',
    b: 'metalOxide',
    gives: 'a thermite, which burns white-hot, throws molten metal and cannot be put out',
    never: true,
    whenDry: 'only',
    isShow: true,
  },
  { a: 'gold', b: 'ammonia', gives: 'fulminating gold, which explodes when touched', never: true },
  {
    a: 'ethyne',
    b: 'heavyMetal',
    gives: 'acetylides, which explode when they are dry',
    never: true,
  },
  { a: 'chlorate', b: 'flammable', gives: 'fire' },
  { a: 'oxidiser', b: 'flammable', gives: 'fire' },
  {
    a: 'oxidiser',
    b: 'combustible',
    gives: 'mixtures that burn fiercely once lit',
    whenDry: 'only',
  },
  {
    a: 'oxidiser',
    b: 'activeMetal',
    gives: 'mixtures that burn fiercely once lit',
    whenDry: 'only',
  },
  {
    a: 'peroxide',
    b: 'flammable',
    gives: 'explosive organic peroxides, in acid above all',
    never: true,
  },
  { a: 'oxidisingAcid', b: 'flammable', gives: 'fire, after a delay', never: true },
  { a: 'oxidisingAcid', b: 'combustible', gives: 'heat, brown fumes or fire' },
  { a: 'oxidisingAcid', b: 'activeMetal', gives: 'toxic oxides of nitrogen, or fire' },
  { a: 'strongAcid', b: 'combustible', gives: 'charring and much heat' },
  { a: 'strongAcid', b: 'alkali', gives: 'boiling and spattering when concentrated' },
  {
    a: 'strongAcid',
    b: 'water',
    gives: 'boiling and spattering: acid into water, never the reverse',
  },
  { a: 'acid', b: 'activeMetal', gives: 'hydrogen, flammable' },
  { a: 'acid', b: 'carbonate', gives: 'carbon dioxide: foams over, bursts a closed vessel' },
  {
    a: 'acidSalt',
    b: 'carbonate',
    gives: 'carbon dioxide: foams over, bursts a closed vessel',
  },
  { a: 'alkali', b: 'ammonia', gives: 'ammonia gas' },
  { a: 'waterReactive', b: 'water', gives: 'heat and a gas that may catch fire' },
  { a: 'waterReactive', b: 'acid', gives: 'fire or explosion', never: true },
  { a: 'halogen', b: 'ammonia', gives: 'nitrogen halides, which explode', never: true },
  { a: 'halogen', b: 'activeMetal', gives: 'fire' },
  { a: 'halogen', b: 'flammable', gives: 'fire or explosion in light' },
  {
    a: 'silver',
    b: 'ammonia',
    gives: 'explosive silver nitride on standing: make it fresh, destroy it the same day',
  },
];

export const incompatibilitySource = commonPractice(
  'lists of incompatible chemicals in laboratory rules; the supplier’s sheet (section 10) decides',
);

const byIon: Readonly<Record<string, readonly IncompatibilityClass[]>> = {
  'CN^-': ['cyanide'],
  'Fe(CN)6^4-': ['cyanidoferrate'],
  'Fe(CN)6^3-': ['cyanidoferrate'],
  'S^2-': ['sulfide'],
  'HS^-': ['sulfide'],
  'N3^-': ['azide'],
  'ClO^-': ['hypochlorite'],
  'ClO3^-': ['chlorate', 'oxidiser'],
  'ClO4^-': ['chlorate', 'oxidiser'],
  'BrO3^-': ['chlorate', 'oxidiser'],
  'MnO4^-': ['chlorate', 'oxidiser'],
  'S2O8^2-': ['chlorate', 'oxidiser'],
  'NO2^-': ['nitrite'],
  'SO3^2-': ['sulfite'],
  'HSO3^-': ['sulfite'],
  'S2O5^2-': ['sulfite'],
  'S2O3^2-': ['sulfite'],
  'NH4^+': ['ammonia'],
  'Ag^+': ['silver', 'heavyMetal'],
  'Pb^2+': ['heavyMetal'],
  'Cu^2+': ['heavyMetal'],
  'Hg^2+': ['heavyMetal'],
  'Hg2^2+': ['heavyMetal'],
  'CO3^2-': ['carbonate'],
  'HCO3^-': ['carbonate'],
  'F^-': ['fluoride'],
  'SCN^-': ['thiocyanate'],
  'AuCl4^-': ['gold'],
  C2H2: ['ethyne'],
};
const bySubstance: Readonly<Record<string, readonly IncompatibilityClass[]>> = {
  H2SO4: ['strongAcid'],
  HNO3: ['strongAcid', 'oxidisingAcid'],
  HClO4: ['strongAcid', 'oxidisingAcid'],
  NH3: ['ammonia'],
  H2O2: ['peroxide', 'oxidiser'],
  Na2O2: ['peroxide'],
  Cl2: ['halogen'],
  Br2: ['halogen'],
  I2: ['halogen'],
  C: ['combustible'],
  S: ['combustible'],
  FeS: ['sulfide'],
  P: ['combustible'],
  Al: ['lightMetal'],
  Mg: ['lightMetal'],
  ...Object.fromEntries(
    ['Fe2O3', 'Fe3O4', 'CuO', 'Cu2O', 'PbO', 'Pb3O4', 'PbO2', 'MnO2', 'Cr2O3', 'SnO2', 'Ag2O'].map(
      (oxide) => [oxide, ['metalOxide'] as const],
    ),
  ),
};
const activeMetals = new Set(['Li', 'Na', 'K', 'Ca', 'Mg', 'Al', 'Zn', 'Mn', 'Fe']);
/** Solubility from which a hydroxide counts as an alkali, g per 100 g. */
const alkaliFrom = 0.1;

/**
 * pKa up to which an acid drives carbon dioxide, hydrogen sulfide and hydrogen cyanide out of their salts, and up to which a
 * cation's water does: carbonic acid has 6.4 and 10.3, hydrogen sulfide 7.0, hydrogen cyanide 9.2.
 */
const mostPKa = { acid: 7.3, cation: 5.2 } as const;

/** Whether a dissolved species is an acid, strong or weak: vinegar and citric acid as well as hydrochloric acid. */
export function isAcid(species: string): boolean {
  if (species === 'H^+') return true;
  return chargeOf(species) <= 0 && (pKaOf(species) ?? Infinity) <= mostPKa.acid;
}

const isAcidCation = (species: string): boolean =>
  species !== 'H^+' && chargeOf(species) > 0 && (pKaOf(species) ?? Infinity) <= mostPKa.cation;

const coded = (codes: readonly HazardCode[], pattern: RegExp): boolean =>
  codes.some((code) => pattern.test(code));

/** Share of its strength as sold from which a reagent counts as concentrated (common practice). */
const concentratedShare = 1 / 3;
/** Classes that a diluted acid no longer belongs to. */
const concentratedOnly: ReadonlySet<IncompatibilityClass> = new Set([
  'strongAcid',
  'oxidisingAcid',
]);

/**
 * The incompatibility classes of a shelf substance: by its ions, its hazard statements and what it is made of.
 *
 * @param concentrationM mol/L; as supplied when left out. What is sold concentrated loses its fire when it is diluted.
 * @throws ChemistryError for an unknown substance.
 */
export function incompatibilityClasses(
  substance: string,
  concentrationM?: number,
): readonly IncompatibilityClass[] {
  if (isWater(substance)) return ['water'];
  const row: Substance = findSubstance(substance).substance;
  const { formula, ions, stock } = row;
  const isDilute =
    stock !== undefined && (concentrationM ?? Infinity) < concentratedShare * stock.concentrationM;
  const codes = isDilute ? [] : (classification[formula] ?? []);
  const found = new Set<IncompatibilityClass>(
    bySubstance[formula]?.filter((one) => !isDilute || !concentratedOnly.has(one)),
  );
  for (const ion of Object.keys(ions)) for (const one of byIon[ion] ?? []) found.add(one);
  if (Object.keys(ions).some(isAcid)) found.add('acid');
  if (Object.keys(ions).some(isAcidCation)) found.add('acidSalt');
  if ('OH^-' in ions && row.solubilityGPer100G >= alkaliFrom) found.add('alkali');
  const isMolecular = Object.keys(ions).every((ion) => chargeOf(ion) === 0);
  // A salt such as a nitrate feeds a fire as a solid; dissolved in water it does not.
  if (coded(codes, /^H27[0-2]$/) && (isMolecular || concentrationM === undefined))
    found.add('oxidiser');
  if (coded(codes, /^H22[0-6]$/)) found.add('flammable');
  if (coded(codes, /^H260$/)) found.add('waterReactive');
  if (activeMetals.has(formula)) found.add('activeMetal');
  const { C: carbon = 0, H: hydrogen = 0 } = parseFormula(formula).elements;
  if (isMolecular && carbon > 0 && hydrogen > 0 && row.state !== 'gas') found.add('combustible');
  return [...found];
}

/** Something a substance must not meet, and what comes of it. */
export interface Incompatibility {
  readonly with: IncompatibilityClass;
  readonly gives: string;
  readonly never: boolean;
}

/** What a substance is kept apart from, the gravest first. */
export function keepApartFrom(substance: string): readonly Incompatibility[] {
  const own = new Set(incompatibilityClasses(substance));
  return incompatibilityRules
    .flatMap(({ a, b, gives, never = false }): Incompatibility[] => {
      if (own.has(a)) return [{ with: b, gives, never }];
      return own.has(b) ? [{ with: a, gives, never }] : [];
    })
    .sort((one, other) => Number(other.never) - Number(one.never));
}
