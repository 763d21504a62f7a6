import { converter, differenceCiede2000 } from 'culori';
import type { VesselView } from '../../seeing/appearance/vesselView';

const toLab = converter('lab');
const difference = differenceCiede2000();

/** How different a vessel looks before and after. */
export interface Visibility {
  /** CIEDE2000, on the background that shows it best. */
  readonly visibility: number;
  readonly background: 'white' | 'black';
}

/** What one sees of a vessel before a card: the stirred-up solid where there is one, else the liquid over the card. */
function faceOf(view: VesselView, background: 'white' | 'black'): string {
  if (view.solid && view.clarity !== 'clear') return view.suspensionHex ?? view.solid.hex;
  // A clear liquid before a black card is black whatever its colour.
  return background === 'black' ? '#161616' : view.liquidHex;
}

/** How different a vessel looks before and after, on the card that shows it best (CIEDE2000; 2 is just seen, 10 at a glance). */
export function seenBest(before: VesselView, after: VesselView): Visibility {
  const [white, black] = (['white', 'black'] as const).map((background) => {
    const [from, to] = [toLab(faceOf(before, background)), toLab(faceOf(after, background))];
    return { background, visibility: from && to ? Math.round(10 * difference(from, to)) / 10 : 0 };
  });
  return (white?.visibility ?? 0) >= (black?.visibility ?? 0)
    ? (white ?? { background: 'white', visibility: 0 })
    : (black ?? { background: 'black', visibility: 0 });
}
