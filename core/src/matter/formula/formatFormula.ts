import type { FormulaNode, FormulaPart } from './species';

const closing = { '(': ')', '[': ']', '{': '}' } as const;

function formatNodes(nodes: readonly FormulaNode[]): string {
  return nodes
    .map((node) => {
      const count = node.count === 1 ? '' : String(node.count);
      return 'element' in node
        ? node.element + count
        : node.bracket + formatNodes(node.group) + closing[node.bracket] + count;
    })
    .join('');
}

/** The canonical text of a formula's parts: `CuSO4·5H2O`. */
export function formatParts(parts: readonly FormulaPart[]): string {
  return parts
    .map(
      ({ multiplier, nodes }) => (multiplier === 1 ? '' : String(multiplier)) + formatNodes(nodes),
    )
    .join('·');
}

/** The canonical text of a charge: `^2+`, `^-`, or nothing for 0. */
export function formatCharge(charge: number): string {
  if (charge === 0) return '';
  const size = Math.abs(charge) === 1 ? '' : String(Math.abs(charge));
  return `^${size}${charge > 0 ? '+' : '-'}`;
}

/** A run of text set at one height. */
export interface FormulaRun {
  readonly text: string;
  readonly set: 'line' | 'sub' | 'super';
}

/**
 * Splits a canonical formula, an equation or a sentence with formulae in it into runs to be set as line, subscript or superscript.
 * Coefficients and the multipliers of crystal water stay on the line; powers such as 10^−8.0 are raised.
 *
 * @example formulaRuns('SO4^2-') // SO, sub 4, super 2−
 */
export function formulaRuns(text: string): FormulaRun[] {
  const runs: FormulaRun[] = [];
  const push = (piece: string, set: FormulaRun['set']): void => {
    const last = runs.at(-1);
    if (last?.set === set) runs[runs.length - 1] = { text: last.text + piece, set };
    else runs.push({ text: piece, set });
  };
  const pattern = /\^(\d*[+-]|−?\d+(?:\.\d+)?)|(?<=[A-Za-z)\]}])(\d+)|([^\d^]+|\d+|\^)/gu;
  for (const [, charge, subscript, rest] of text.matchAll(pattern)) {
    if (charge !== undefined) push(charge.replace('-', '−'), 'super');
    else if (subscript !== undefined) push(subscript, 'sub');
    else if (rest !== undefined) push(rest, 'line');
  }
  return runs;
}
