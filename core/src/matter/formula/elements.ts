import { elements } from 'chemical-elements';

/** Standard atomic masses in g/mol (unified atomic mass units), from the registry package `chemical-elements`. */
const massBySymbol = new Map(elements.map(({ symbol, mass }) => [symbol, mass]));
const numberBySymbol = new Map(elements.map(({ symbol, number }) => [symbol, number]));

/** Whether `symbol` names an element. */
export function isElement(symbol: string): boolean {
  return numberBySymbol.has(symbol);
}

/**
 * Relative atomic mass of an element in g/mol.
 * Elements without a stable isotope have none in the package; they give undefined.
 */
export function atomicMassGPerMol(symbol: string): number | undefined {
  return massBySymbol.get(symbol) ?? undefined;
}

/** Every element with its standard atomic mass, g/mol; those without a stable isotope have none. */
export function atomicMasses(): readonly {
  readonly symbol: string;
  readonly mass: number | undefined;
}[] {
  return elements.map(({ symbol, mass }) => ({ symbol, mass: mass ?? undefined }));
}
