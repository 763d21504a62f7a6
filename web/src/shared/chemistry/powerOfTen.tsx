import type { ReactNode } from 'react';

/** A number given by its decimal logarithm, as 1.8 × 10⁻¹⁰ with a true superscript; plain between 0.001 and 1000. */
export function powerOfTen(log: number): ReactNode {
  if (!Number.isFinite(log)) return '0';
  if (Math.abs(log) < 3) return Number((10 ** log).toPrecision(2)).toString();
  const exponent = Math.floor(log);
  const mantissa = (10 ** (log - exponent)).toPrecision(2);
  return (
    <span className="formula">
      {mantissa} × 10<sup>{String(exponent).replace('-', '−')}</sup>
    </span>
  );
}
