import type { VesselView } from '@stoichos/core/seeing/appearance';

/** A vessel in words, for those who do not see the drawing. */
export function describeView(view: VesselView | undefined): string {
  if (!view) return 'empty vessel, nothing recorded';
  const liquid = view.fill === 0 ? 'no liquid' : `${view.colour} liquid, ${view.clarity}`;
  const solid = view.solid
    ? `, ${view.solid.colour} ${view.fill === 0 ? 'solid' : 'precipitate'}`
    : '';
  const layer = view.layer ? `, ${view.layer.colour} layer ${view.layer.position}` : '';
  return `${liquid}${solid}${layer}${view.bubbles ? ', bubbles' : ''}${view.closed ? ', closed' : ''}`;
}
