const subscripts = '₀₁₂₃₄₅₆₇₈₉';
const superscripts = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/**
 * Brings the ways people type a formula to one alphabet: Unicode subscripts become digits,
 * a run of superscripts becomes `^…`, every dash becomes `-`, and dots of crystal water become `·`.
 */
export function normaliseText(text: string): string {
  return text
    .normalize('NFC')
    .replace(
      /[⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻]+/gu,
      (run) =>
        `^${[...run].map((c) => (c === '⁺' ? '+' : c === '⁻' ? '-' : superscripts.indexOf(c))).join('')}`,
    )
    .replace(/[₀-₉]/gu, (c) => String(subscripts.indexOf(c)))
    .replace(/[−–—‐‑]/gu, '-')
    .replace(/½/gu, '1/2')
    .replace(/[•∙⋅*]/gu, '·')
    .trim();
}
