/**
 * Every error the core can raise, in one table: what is wrong, and what the reader can do about it.
 * The server and the chem command pass `code`, `field`, `message` and `remedy` on unchanged.
 */
const catalogue = {
  emptyFormula: () => ['There is no formula here.', 'Type a formula such as CuSO4·5H2O.'],
  tooLong: (text: string) => [
    `The text is ${text.length} characters long; the longest accepted is 300.`,
    'Shorten it to one formula or one equation.',
  ],
  unknownElement: (text: string, hint: string) => [
    `“${text}” is not the symbol of an element.`,
    hint || 'Check capitals: Co is cobalt, CO is carbon and oxygen.',
  ],
  unexpectedCharacter: (text: string, at: string) => [
    `“${at}” cannot stand where it does in “${text}”.`,
    'Use element symbols, digits, brackets, · for water of crystallisation and a charge such as ^2+.',
  ],
  unbalancedBrackets: (text: string) => [
    `A bracket in “${text}” is not closed, or closes nothing.`,
    'Give every opening bracket its closing one.',
  ],
  zeroCount: (text: string) => [
    `“${text}” counts something zero times.`,
    'Leave the group out, or give it a count of 1 or more.',
  ],
  leadingZero: (text: string, meant: string) => [
    `“${text}” has a number that begins with the digit zero.`,
    `Did you mean ${meant}, with the letter O?`,
  ],
  lookAlike: (text: string, meant: string) => [
    `“${text}” is no substance of the tables, and looks like one that is.`,
    `Did you mean ${meant}? The digits 0, 1 and 5 are easily typed for the letters O, l, I and S.`,
  ],
  unknownNuclide: (text: string) => [
    `“${text}” is not a nuclide whose mass is known.`,
    'Give the mass number before the symbol, such as ^14C.',
  ],
  ambiguousCharge: (text: string, readings: string) => [
    `“${text}” can be read as ${readings}.`,
    'Write the charge after ^, for example N3^- or N^3-.',
  ],
  notAnEquation: (text: string) => [
    `“${text}” is not an equation.`,
    'Put the reactants and the products on the two sides of →, -> or =.',
  ],
  elementOnOneSide: (element: string, side: string) => [
    `${element} stands only among the ${side}, so no coefficients can balance it.`,
    'Add the substance that carries it on the other side, or take it out.',
  ],
  cannotBalance: (text: string) => [
    `No set of positive whole numbers balances “${text}”.`,
    'Check the formulae and charges; a substance may be missing or on the wrong side.',
  ],
  unknownColour: (text: string, words: string) => [
    `“${text}” is not a colour of the vocabulary, nor a name for one.`,
    `Use one of ${words}, with pale, bright or deep before it if you like.`,
  ],
  unknownSubstance: (text: string, near: string) => [
    `“${text}” is not in the substance table.`,
    near
      ? `Did you mean ${near}? Otherwise use its formula or systematic name.`
      : 'Use its formula or its systematic name; what the tables do not hold is not predicted.',
  ],
  ionNotSubstance: (text: string, ion: string, salt: string) => [
    `“${text}” is no substance: it is the ion ${ion} without its charge.`,
    `Name the salt that is in the jar, such as ${salt}; in an equation write ${ion}.`,
  ],
  unknownForm: (text: string, known: string) => [
    `“${text}” is not a form this substance is kept in.`,
    `Choose one of: ${known}.`,
  ],
  outOfRange: (what: string, value: string, range: string) => [
    `${what} is ${value}, outside ${range}.`,
    `Enter a value in ${range}.`,
  ],
  missingAmount: () => [
    'No concentration is given.',
    'Give exactly one of concentrationM, percentWV or massConcentrationGPerL.',
  ],
  severalAmounts: (given: string) => [
    `More than one concentration is given: ${given}.`,
    'Give exactly one of concentrationM, percentWV or massConcentrationGPerL.',
  ],
  oneStrength: () => [
    'A label is for one strength.',
    'Give exactly one of concentrationM, percentWW or pure: true.',
  ],
  missingDensity: () => [
    'A stock given by mass percentage needs its density to become a volume.',
    'Add densityGPerMl from the bottle’s label.',
  ],
  stockTooWeak: (wanted: string, stock: string) => [
    `${wanted} cannot be made by diluting a ${stock} stock.`,
    'Use a stronger stock, or dissolve the solid.',
  ],
  notInJars: (formula: string) => [
    `${formula} is a precipitate of the tables and stands in no jar, so there is nothing to make it up from.`,
    'Check the formula; if it is meant, bring the two solutions that make it together.',
  ],
  noSolidForm: (text: string) => [
    `${text} is not kept as a solid, so there is nothing to weigh.`,
    'Give the stock solution it is diluted from.',
  ],
  notConverged: (text: string) => [
    `The equilibrium in ${text} was not found.`,
    'Report the mixture; until it is mended treat it as not predicted.',
  ],
  mixtureOutsideData: (ions: string) => [
    `No data row describes ${ions} in solution.`,
    'Choose substances whose ions are in the table, or add a row.',
  ],
  notSoluble: (formula: string) => [
    `${formula} does not dissolve, so there is no solution of it.`,
    'Give a mass in grams (massG) instead of a concentration.',
  ],
  gasByMass: (formula: string) => [
    `${formula} is a gas and is not weighed into a vessel.`,
    'Give { "gas": …, "amountMmol": … } instead.',
  ],
  badStructure: (text: string, why: string) => [
    `“${text}” is not a structure: ${why}.`,
    'Write it in SMILES, such as CCO for ethanol or CC(=O)c1ccccc1 for acetophenone.',
  ],
  unknownCompound: (text: string, near: string) => [
    `“${text}” is not among the organic compounds that are known by name.`,
    near
      ? `Did you mean ${near}? Otherwise give its structure in SMILES with it.`
      : 'Give its structure in SMILES with it.',
  ],
  noCandidates: (why: string) => [
    `There is nothing it could be: ${why}.`,
    'Name candidates, or take fewer classes out.',
  ],
  unknownClass: (text: string, known: string) => [
    `“${text}” is not a class of unknowns.`,
    `Choose one of: ${known}.`,
  ],
  unknownOutcome: (text: string, test: string, known: string) => [
    `“${text}” is not what ${test} can show.`,
    `Choose one of: ${known}.`,
  ],
  unknownGas: (text: string, known: string) => [
    `“${text}” is not among the gases of the bench.`,
    `Ask for one of: ${known}.`,
  ],
  nothingOnShelf: () => [
    'There is nothing to make a gas from.',
    'Name what is on the shelf, or leave the list out to look through the whole table.',
  ],
  routeWithoutGas: (reagents: string) => [
    `${reagents} does not give the gas, so there is nothing to work out.`,
    'Choose a route that goes.',
  ],
  tooManyFillings: (most: string, purity: string) => [
    `After ${most} fillings the gas is still not ${purity} pure.`,
    'Ask for a little less purity, larger tubes, or an apparatus that holds less air.',
  ],
  emptyRing: () => [
    'A ring has at least one arrow.',
    'Choose what the first compound is turned into.',
  ],
  arcDoesNotGo: (how: string, wanted: string, comes: string) => [
    `“${how}” does not give ${wanted}; it gives ${comes}.`,
    'Choose another means, or what really comes.',
  ],
  nothingToCarry: (formula: string) => [
    `${formula} has no metal that a ring could carry round.`,
    'Begin with a compound of a metal, such as CaCO3 or Cu.',
  ],
  notAGas: (text: string) => [
    `“${text}” is not a gas the table knows.`,
    'Name a gas such as CO2, NH3 or Cl2, or add the substance as a solution or solid.',
  ],
  unknownIndicator: (text: string, known: string) => [
    `“${text}” is not an indicator in the table.`,
    `Choose one of: ${known}.`,
  ],
  unknownTest: (text: string, known: string) => [
    `“${text}” is not a test that is known here.`,
    `Choose one of: ${known}.`,
  ],
  noDiffusionRow: (ion: string) => [
    `How fast ${ion} spreads in water is not in the tables.`,
    'Choose a salt of more common ions, or add a row to substances/data/diffusion.ts.',
  ],
  notASalt: (text: string) => [
    `${text} is no salt of one kind of cation and one of anion, so two ions cannot keep pace.`,
    'Choose a salt such as Pb(NO3)2, KI or CuSO4.',
  ],
  hardlyDissolves: (text: string, molPerL: string) => [
    `${text} dissolves to only ${molPerL} mol/L: nothing to see would spread from it.`,
    'Choose a soluble salt of the same ion, for example its nitrate or its sodium salt.',
  ],
  noPrecipitate: (one: string, other: string) => [
    `${one} and ${other} make no solid where they meet.`,
    'Choose two salts whose ions make a precipitate, for example a carbonate and a calcium salt.',
  ],
  manyPrecipitates: (one: string, other: string, solids: string) => [
    `${one} and ${other} make more than one solid, or one that takes in other ions: ${solids}. Its line is not predicted.`,
    'Choose two salts that make one solid of one ion of each.',
  ],
  sameSpot: () => [
    'The two heaps lie on each other.',
    'Place them apart, best at opposite edges of the dish.',
  ],
  emptyVessel: (what: string) => [
    `There is nothing in the vessel to ${what}.`,
    'Put something in first.',
  ],
  nothingMagnetic: (drawn: string) => [
    'There is nothing in the vessel that a magnet draws.',
    `A hand magnet draws ${drawn} as solids; nothing dissolved.`,
  ],
  stoppered: (what: string) => [
    `The vessel is closed, so nothing can be ${what}.`,
    'Take the stopper out first.',
  ],
  noTimetable: (problem: string) => [
    problem,
    'Loosen that link, allow more time, or add kit or people.',
  ],
  unknownElectrode: (text: string, known: string) => [
    `“${text}” is no electrode that is known here.`,
    `Use one of ${known}.`,
  ],
  timesFall: (line: string, at: string, before: string) => [
    `Line ${line} of the log is at ${at}, not later than the line before at ${before}.`,
    'Times count from switching on and rise from line to line; check for a slip or minutes among seconds.',
  ],
  notMelted: (what: string, why: string) => [
    `What molten ${what} gives is not predicted: ${why}.`,
    'Choose a halide, an oxide or a hydroxide of a metal, or a solution in water.',
  ],
  doesNotConduct: (what: string, why: string) => [
    `${what} hardly conducts: ${why}.`,
    'Dissolve a salt, an acid or a base in it, or melt the salt.',
  ],
  badFile: (problem: string) => [
    `This file cannot be read. ${problem}`,
    'Choose a file that this application wrote. Nothing was changed.',
  ],
  invalidInput: (problem: string) => [problem, 'Correct the named field and send it again.'],
} satisfies Record<string, (...args: string[]) => [string, string] | string[]>;

export type ChemistryErrorCode = keyof typeof catalogue;
type Args<C extends ChemistryErrorCode> = Parameters<(typeof catalogue)[C]>;

/** A mistake in what was asked, with the field that holds it and what to do about it. */
export class ChemistryError extends Error {
  readonly remedy: string;

  private constructor(
    readonly code: ChemistryErrorCode,
    message: string,
    remedy: string,
    readonly field?: string,
  ) {
    super(message);
    this.name = 'ChemistryError';
    this.remedy = remedy;
  }

  /** Builds the error from the catalogue's texts. */
  static of<C extends ChemistryErrorCode>(code: C, ...args: Args<C>): ChemistryError {
    const text = catalogue[code] as (...args: string[]) => string[];
    const [message = code, remedy = ''] = text(...args);
    return new ChemistryError(code, message, remedy);
  }

  /** The same error, naming the field it was found in; a field already named lies inside it. */
  in(field: string): ChemistryError {
    const path = this.field === undefined ? field : `${field}.${this.field}`;
    return new ChemistryError(this.code, this.message, this.remedy, path);
  }

  /** The same error under another name for the outer part of its field, as the reader of a part counts from elsewhere. */
  renamed(outer: string, name: string): ChemistryError {
    if (this.field !== outer && !this.field?.startsWith(`${outer}.`)) return this;
    const path = name + this.field.slice(outer.length);
    return new ChemistryError(this.code, this.message, this.remedy, path);
  }
}

/** Runs `work`; a ChemistryError leaving it carries the name of `field`. */
export function inField<T>(field: string, work: () => T): T {
  try {
    return work();
  } catch (error) {
    throw error instanceof ChemistryError ? error.in(field) : error;
  }
}
