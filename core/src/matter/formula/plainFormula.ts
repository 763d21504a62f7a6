import { formulaRuns } from './formatFormula';

const raised: Readonly<Record<string, string>> = {
  '0': '⁰',
  '1': '¹',
  '2': '²',
  '3': '³',
  '4': '⁴',
  '5': '⁵',
  '6': '⁶',
  '7': '⁷',
  '8': '⁸',
  '9': '⁹',
  '+': '⁺',
  '−': '⁻',
};
const lowered = '₀₁₂₃₄₅₆₇₈₉';

/** A formula in characters that are small and raised or lowered by themselves, for where no markup can go. */
export function plainFormula(formula: string): string {
  return formulaRuns(formula)
    .map(({ text, set }) =>
      set === 'line'
        ? text
        : [...text]
            .map((one) => (set === 'sub' ? lowered[Number(one)] : raised[one]) ?? one)
            .join(''),
    )
    .join('');
}
