import type { ReactNode } from 'react';
import { atMostFigures, withFigures } from '@stoichos/core/common';

/** A number given by its decimal logarithm, as 1.8 × 10⁻¹⁰ with a true superscript; plain between 0.001 and 1000. */
export function powerOfTen(log: number): ReactNode {
  if (!Number.isFinite(log)) return '0';
  if (Math.abs(log) < 3) return atMostFigures(10 ** log, 2);
  const exponent = Math.floor(log);
  const mantissa = withFigures(10 ** (log - exponent), 2);
  return (
    <span className="formula">
      {mantissa} × 10<sup>{String(exponent).replace('-', '−')}</sup>
    </span>
  );
}
