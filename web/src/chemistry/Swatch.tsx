import { phraseHex } from '@stoichos/core';
import type { ColourPhrase } from '@stoichos/core';

/** A round sample of a colour; always stands beside its word. */
export function Swatch({ colour }: { colour: ColourPhrase }) {
  return <span className="swatch" aria-hidden style={{ background: phraseHex(colour) }} />;
}
