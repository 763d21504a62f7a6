import { isotopesObject } from 'chemical-elements';
import { isElement } from './elements';

/** Hydrogen has symbols of its own for its heavy isotopes (IUPAC Red Book 2005, IR-3.3.2). */
const heavyHydrogen: Readonly<Record<string, string>> = { D: '^2H', T: '^3H' };
const symbolOf = new Map(
  Object.entries(heavyHydrogen).map(([symbol, written]) => [written, symbol]),
);

const massNumbered = /^\^(\d+)([A-Z][a-z]?)$/;

/** The one spelling of a nuclide: `^14C`, and `D` for `^2H`. */
export function nuclideSymbol(massNumber: string, element: string): string {
  const written = `^${massNumber}${element}`;
  return symbolOf.get(written) ?? written;
}

/** The element of a nuclide, `C` for `^14C` and `H` for `D`; an element is its own. */
export function elementOf(symbol: string): string {
  return massNumbered.exec(heavyHydrogen[symbol] ?? symbol)?.[2] ?? symbol;
}

/** Whether `symbol` names a nuclide whose mass is known. */
export function isNuclide(symbol: string): boolean {
  return !isElement(symbol) && nuclideMassGPerMol(symbol) !== undefined;
}

/** Molar mass of a nuclide, g/mol (package `chemical-elements`); undefined for anything else. */
export function nuclideMassGPerMol(symbol: string): number | undefined {
  const [, massNumber, element] = massNumbered.exec(heavyHydrogen[symbol] ?? symbol) ?? [];
  return massNumber === undefined ? undefined : isotopesObject[`${massNumber}${element}`]?.mass;
}
