import { phraseHex } from '@stoichos/core/seeing/appearance';
import type { ColourPhrase } from '@stoichos/core/matter/substances';

/** A round sample of a colour; always stands beside its word. */
export function Swatch({ colour }: { colour: ColourPhrase }) {
  return <span className="swatch" aria-hidden style={{ background: phraseHex(colour) }} />;
}
