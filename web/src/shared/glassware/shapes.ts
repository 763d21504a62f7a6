import type { ContainerKind } from '@stoichos/core/vessel';

/** The outline of one piece of glassware in a box of 100 × 140. */
export interface GlassShape {
  /** Inside of the vessel, closed; liquid is clipped to it. */
  readonly inside: string;
  /** The glass that is drawn. */
  readonly outline: string;
  /** Height of the floor and of the brim. */
  readonly floor: number;
  readonly brim: number;
  /** Left and right edge of the inside, for bubbles and flecks. */
  readonly left: number;
  readonly right: number;
  /** The opening, where a stopper or lid sits: its left and right edge and its height. */
  readonly mouth: readonly [left: number, right: number, y: number];
}

/** Beakers of all sizes are drawn alike: the picture says how full, the caption how large. */
const beaker: GlassShape = {
  inside: 'M16 30 V124 Q16 132 24 132 H76 Q84 132 84 124 V30 Z',
  outline: 'M10 28 Q16 28 16 34 V124 Q16 132 24 132 H76 Q84 132 84 124 V34 Q84 28 90 28',
  floor: 132,
  brim: 36,
  left: 20,
  right: 80,
  mouth: [16, 84, 30],
};

export const shapes: Readonly<Record<ContainerKind, GlassShape>> = {
  testTube: {
    inside: 'M34 8 V112 A16 16 0 0 0 66 112 V8 Z',
    outline: 'M29 6 Q34 6 34 11 V112 A16 16 0 0 0 66 112 V11 Q66 6 71 6',
    floor: 128,
    brim: 12,
    left: 37,
    right: 63,
    mouth: [34, 66, 8],
  },
  beaker50: beaker,
  beaker,
  beaker250: beaker,
  beaker400: beaker,
  beaker600: beaker,
  dish: {
    inside: 'M6 98 Q10 132 34 132 H66 Q90 132 94 98 Z',
    outline: 'M3 96 H6 Q10 132 34 132 H66 Q90 132 94 96 H97',
    floor: 132,
    brim: 100,
    left: 20,
    right: 80,
    mouth: [6, 94, 98],
  },
  flask: {
    inside: 'M41 10 V50 L12 120 Q8 132 20 132 H80 Q92 132 88 120 L59 50 V10 Z',
    outline: 'M37 8 Q41 8 41 13 V50 L12 120 Q8 132 20 132 H80 Q92 132 88 120 L59 50 V13 Q59 8 63 8',
    floor: 132,
    brim: 56,
    left: 26,
    right: 74,
    mouth: [41, 59, 10],
  },
  crucible: {
    inside: 'M22 62 L32 122 Q34 132 44 132 H56 Q66 132 68 122 L78 62 Z',
    outline: 'M18 60 H22 L32 122 Q34 132 44 132 H56 Q66 132 68 122 L78 60 H82',
    floor: 132,
    brim: 68,
    left: 36,
    right: 64,
    mouth: [22, 78, 62],
  },
  cup: {
    inside: 'M18 24 L28 126 Q29 132 35 132 H65 Q71 132 72 126 L82 24 Z',
    outline:
      'M14 20 H86 M14 20 V26 H86 V20 M18 26 L28 126 Q29 132 35 132 H65 Q71 132 72 126 L82 26',
    floor: 132,
    brim: 34,
    left: 32,
    right: 68,
    mouth: [18, 82, 24],
  },
  bottle: {
    inside:
      'M38 16 V40 Q38 46 28 52 Q18 58 18 68 V124 Q18 132 26 132 H74 Q82 132 82 124 V68 Q82 58 72 52 Q62 46 62 40 V16 Z',
    outline:
      'M33 14 H67 M38 14 V40 Q38 46 28 52 Q18 58 18 68 V124 Q18 132 26 132 H74 Q82 132 82 124 V68 Q82 58 72 52 Q62 46 62 40 V14',
    floor: 132,
    brim: 60,
    left: 22,
    right: 78,
    mouth: [38, 62, 16],
  },
};
