import type { Pictogram } from '@stoichos/core/safety';
import type { ReactNode } from 'react';

/** Our own simple drawings inside the GHS diamond. */
const drawings: Readonly<Record<Pictogram, ReactNode>> = {
  flame: (
    <>
      <path
        d="M20 8c1 5 7 7 7 13a7 7 0 0 1-14 0c0-4 3-5 3-9 2 1 3 2.5 3 4 1.500-2 1.500-5 1-8z"
        fill="#111"
      />
      <path d="M12 31h16" stroke="#111" strokeWidth="2" />
    </>
  ),
  oxidiser: (
    <>
      <circle cx="20" cy="23" r="5" fill="none" stroke="#111" strokeWidth="2" />
      <path d="M16 17c0-4 4-4 4-8 3 3 4 5 4 8" fill="#111" />
      <path d="M13 30h14" stroke="#111" strokeWidth="2" />
    </>
  ),
  corrosion: (
    <>
      <path d="M10 12.5l9-3.5 1.6 4-9 3.5z" fill="#111" />
      <path d="M22.5 13.5c2 2.6 3 4 3 5.4a3 3 0 0 1-6 0c0-1.4 1-2.8 3-5.4z" fill="#111" />
      <path d="M9 25h9l2 2.5 3 .5 2-3h6v5H9z" fill="#111" />
    </>
  ),
  skull: (
    <>
      <circle cx="20" cy="17" r="6" fill="#111" />
      <circle cx="17.7" cy="17" r="1.5" fill="#fff" />
      <circle cx="22.3" cy="17" r="1.5" fill="#fff" />
      <path d="M13 26l14 5M27 26l-14 5" stroke="#111" strokeWidth="2" />
    </>
  ),
  exclamation: (
    <>
      <path d="M20 10v12" stroke="#111" strokeWidth="4" strokeLinecap="round" />
      <circle cx="20" cy="28.5" r="2.3" fill="#111" />
    </>
  ),
  'health hazard': (
    <>
      <circle cx="20" cy="12.5" r="3.5" fill="#111" />
      <path d="M12 31c0-9 3-13 8-13s8 4 8 13z" fill="#111" />
      <path d="M20 20l1.4 3.2 3.4.6-2.5 2.3.7 3.5-3-1.8-3 1.8.7-3.5-2.5-2.3 3.4-.6z" fill="#fff" />
    </>
  ),
  environment: (
    <>
      <path d="M8 29h24v2.5H8z" fill="#111" />
      <path d="M13 29V12M13 18l-4-4M13 22l4.5-5" stroke="#111" strokeWidth="2.6" fill="none" />
      <path d="M18 25c3.5-4.5 8-4.5 10.5-1.5L32 21v8h-3.5c-3 1-7.5 0-10.5-4z" fill="#111" />
    </>
  ),
};

/** One hazard pictogram with its name. */
function HazardPictogram({ of }: { of: Pictogram }) {
  return (
    <svg role="img" aria-label={of} viewBox="0 0 40 40" width={34} height={34}>
      <title>{of}</title>
      <path d="M20 1.8L38.2 20 20 38.2 1.8 20z" fill="#fff" stroke="#c81e1e" strokeWidth="2.4" />
      {drawings[of]}
    </svg>
  );
}

/** The pictograms of a substance in a row. */
export function PictogramRow({ pictograms }: { pictograms: readonly Pictogram[] }) {
  return (
    <span style={{ display: 'inline-flex', gap: 2, verticalAlign: 'middle' }}>
      {pictograms.map((one) => (
        <HazardPictogram key={one} of={one} />
      ))}
    </span>
  );
}
