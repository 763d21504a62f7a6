/** How many atoms of each element; keys in order of first appearance. */
export type Composition = Readonly<Record<string, number>>;

/** The physical state written after a formula. */
export type State = 's' | 'l' | 'g' | 'aq';

/** A formula's inside: an element or a bracketed group, each with its count. */
export type FormulaNode =
  | { readonly element: string; readonly count: number }
  | {
      readonly group: readonly FormulaNode[];
      readonly bracket: '(' | '[' | '{';
      readonly count: number;
    };

/** One part between the dots of a formula such as CuSO4·5H2O. */
export interface FormulaPart {
  readonly multiplier: number;
  readonly nodes: readonly FormulaNode[];
}

/** A parsed formula. `formula` is its one canonical spelling, without state. */
export interface Species {
  readonly formula: string;
  readonly parts: readonly FormulaPart[];
  readonly elements: Composition;
  readonly charge: number;
  readonly state?: State;
}
