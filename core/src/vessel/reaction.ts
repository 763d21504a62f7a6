import { balance } from '../matter/equation/balance';
import type { OxidationChange } from '../matter/equation/oxidationNumbers';
import type { ReactionTypes } from '../matter/equation/reactionType';
import { ChemistryError } from '../common/errors';
import type { DrivingForce } from '../matter/equation/reactionType';
import type { RawEquation } from './change';
import { asReagents } from './asReagents';
import { ionicText, molecularEquation } from './molecularEquation';

/** One process that really went on in a vessel. */
export interface Reaction {
  /** What came of it, or what reacted: the formula the reader knows it by. */
  readonly about: string;
  /** Molecular equation where the reagents allow one, the net ionic one otherwise. */
  readonly equation: string;
  readonly netIonic: string;
  readonly spectators: readonly string[];
  /** mmol of the net ionic equation as written. */
  readonly extentMmol: number;
  readonly oxidationChanges: readonly OxidationChange[];
  readonly types: ReactionTypes;
  /** The constants that decided, with their sources. */
  readonly why: readonly Reason[];
}

/** A constant that decided, in a sentence, and where it comes from. */
export interface Reason {
  readonly text: string;
  readonly source?: string;
}

/** What a rule found: an equation, what drives it, and the reasons. */
export interface Process {
  readonly about: string;
  readonly force: DrivingForce;
  readonly equation: RawEquation;
  /** Extent of the equation as given, before it is brought to whole numbers, mmol. */
  readonly extentMmol: number;
  readonly why: readonly Reason[];
}

/**
 * Puts a process into the reader’s form: whole numbers, molecular equation, type in both schools.
 *
 * @param put substances that were put into the vessel.
 * @param settling solids that come down in the same step, by formula.
 * @returns undefined when its coefficients do not come to small whole numbers.
 */
export function describeProcess(
  process: Process,
  put: readonly string[],
  settling: ReadonlySet<string>,
): Reaction | undefined {
  const equation = asReagents(process.equation, put);
  if (equation.left.length === 0) return undefined;
  const whole = ionicText(equation);
  if (!whole) return undefined;
  const ionic = check(whole.text);
  if (!ionic) return undefined;
  const found = molecularEquation(equation, put, settling);
  const asMolecular = found && check(found.text);
  const balanced = asMolecular ?? ionic;
  // What dissolves precipitates nothing, nor does a solid that water turns into another, whatever rule wrote it down.
  const has = (side: 'left' | 'right', phase: string): boolean =>
    process.equation[side].some(([{ state }]) => state === phase);
  const settles = has('left', 'aq') && has('right', 's');
  // Triiodide and its like make fractions out of the rules for oxidation numbers; forming them moves no electrons.
  const electrons = process.force !== 'complexation';
  return {
    about: process.about,
    equation: asMolecular ? found.text : whole.text,
    netIonic: whole.text,
    spectators: asMolecular ? found.spectators : [],
    extentMmol: process.extentMmol / whole.factor,
    oxidationChanges: electrons ? (ionic.oxidationChanges ?? []) : [],
    types: {
      five: balanced.types.five,
      drivingForce: [
        ...new Set([
          ...(process.force === 'precipitation' && !settles ? [] : [process.force]),
          ...ionic.types.drivingForce.filter((force) => electrons || force !== 'redox'),
        ]),
      ],
    },
    why: process.why,
  };
}

/** A process that stands in a table with its whole equation. */
export function tabulated(
  equation: string,
  { about, extentMmol, why }: Pick<Reaction, 'about' | 'extentMmol' | 'why'>,
): Reaction {
  const { oxidationChanges = [], types } = balance(equation);
  return {
    about,
    equation,
    netIonic: equation,
    spectators: [],
    extentMmol,
    oxidationChanges,
    types,
    why,
  };
}

function check(text: string) {
  try {
    return balance(text);
  } catch (error) {
    // An equation pieced together that does not balance is not shown.
    if (error instanceof ChemistryError) return undefined;
    throw error;
  }
}
