import type { Part, Point, Shape } from './drawing';

/** The parts an apparatus is put together from. Every length is in drawing units, about a millimetre of real glass to one and a half. */

const path = (...points: readonly Point[]): string =>
  points.map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join(' ');
const closed = (...points: readonly Point[]): string => `${path(...points)} Z`;
const box = (x: number, y: number, width: number, height: number): string =>
  closed([x, y], [x + width, y], [x + width, y + height], [x, y + height]);
const circle = (x: number, y: number, r: number): string =>
  `M${x - r} ${y} a${r} ${r} 0 1 0 ${2 * r} 0 a${r} ${r} 0 1 0 ${-2 * r} 0`;

/** A tube along points, hollow. */
export const tubeAlong = (points: readonly Point[]): Shape => ({ d: path(...points), ink: 'tube' });

/** The bench everything stands on. */
export function bench(width: number, y: number): Shape {
  return { d: path([0, y], [width, y]), ink: 'bench' };
}

/** Where the parts of a flask generator are. */
export interface FlaskPlace {
  readonly x: number;
  readonly baseY: number;
}

/** Heights in a flask, measured from its base: the liquid, and the ends of what goes through its stopper. */
export const flaskHeights = {
  liquid: 46,
  funnelTip: 14,
  deliveryEnd: 118,
  neck: 110,
  mouth: 152,
} as const;

/** A conical flask with a liquid, over a solid where there is one. */
export function flask({ x, baseY }: FlaskPlace, name: string, hasSolid: boolean): Part {
  const { liquid, neck, mouth } = flaskHeights;
  const halfAt = (height: number): number => 62 - (62 - 15) * (height / neck);
  const level = halfAt(liquid);
  return {
    name,
    check: 'no star cracks; clamped at the neck, not squeezed',
    labelAt: [x - 40, baseY - 24],
    shapes: [
      {
        d: closed(
          [x - 60, baseY - 1],
          [x + 60, baseY - 1],
          [x + level, baseY - liquid],
          [x - level, baseY - liquid],
        ),
        ink: 'liquid',
      },
      ...(hasSolid ? [-34, -12, 10, 28, -2, 40] : []).map((dx, at): Shape => ({
        d: circle(x + dx, baseY - 6 - (at % 3) * 4, 6),
        ink: 'solid',
      })),
      {
        d: `${path([x - 15, baseY - mouth], [x - 15, baseY - neck], [x - 62, baseY - 6])} Q${x - 64} ${baseY} ${x - 56} ${baseY} L${x + 56} ${baseY} Q${x + 64} ${baseY} ${x + 62} ${baseY - 6} L${x + 15} ${baseY - neck} L${x + 15} ${baseY - mouth}`,
        ink: 'glass',
      },
      { d: path([x - level, baseY - liquid], [x + level, baseY - liquid]), ink: 'glass' },
    ],
  };
}

/** The stopper of a flask. */
export function flaskStopper({ x, baseY }: FlaskPlace): Part {
  const { mouth } = flaskHeights;
  return {
    name: 'stopper with two holes',
    check: 'tight; glass pushed through it with a cloth and a turning motion',
    labelAt: [x + 14, baseY - mouth + 2],
    shapes: [
      {
        d: closed(
          [x - 18, baseY - mouth - 10],
          [x + 18, baseY - mouth - 10],
          [x + 14, baseY - mouth + 16],
          [x - 14, baseY - mouth + 16],
        ),
        ink: 'rubber',
      },
    ],
  };
}

/** A thistle or dropping funnel through the stopper, its end below the liquid. */
export function funnel({ x, baseY }: FlaskPlace, kind: 'thistle' | 'dropping'): Part {
  const { funnelTip } = flaskHeights;
  const at = x - 7;
  const top = baseY - 235;
  const cup: Shape[] =
    kind === 'thistle'
      ? [
          {
            d: `M${at - 18} ${top} Q${at - 18} ${top + 30} ${at - 3} ${top + 36} L${at + 3} ${top + 36} Q${at + 18} ${top + 30} ${at + 18} ${top}`,
            ink: 'glass',
          },
        ]
      : [
          {
            d: `M${at - 14} ${top - 6} Q${at - 22} ${top + 26} ${at - 3} ${top + 36} L${at + 3} ${top + 36} Q${at + 22} ${top + 26} ${at + 14} ${top - 6} Z`,
            ink: 'glass',
          },
          { d: path([at - 9, top + 46], [at + 9, top + 46]), ink: 'metal' },
        ];
  return {
    name: kind === 'thistle' ? 'thistle funnel' : 'dropping funnel',
    check: 'its end dips below the liquid: otherwise the gas leaves through it',
    labelAt: [at - 16, top + 8],
    shapes: [{ d: path([at, top + 36], [at, baseY - funnelTip]), ink: 'tube' }, ...cup],
  };
}

/** A hard-glass tube with a dry solid, clamped; its mouth a little down where water comes off, so that it does not run back. */
export function heatedTube(
  x: number,
  y: number,
  {
    mouthDown,
    name,
    plug,
  }: { readonly mouthDown: boolean; readonly name: string; readonly plug?: string },
): Part {
  const drop = mouthDown ? 16 : -10;
  const [long, r] = [150, 13];
  const at = (along: number): number => y + (drop * along) / long;
  return {
    name,
    check: mouthDown
      ? 'hard glass, dry; clamped near the mouth, which points a little down so that water does not run back onto hot glass'
      : 'hard glass, dry; clamped near the mouth, pointing away from people',
    labelAt: [x + 14, at(14) - r],
    shapes: [
      {
        d: closed(
          [x + 6, at(6) - 2],
          [x + 52, at(52) + 2],
          [x + 52, at(52) + r - 2],
          [x + 6, at(6) + r - 3],
        ),
        ink: plug === undefined ? 'solid' : 'wool',
      },
      ...(plug === undefined
        ? []
        : [
            {
              d: closed(
                [x + 70, at(70) - r + 3],
                [x + 104, at(104) - r + 3],
                [x + 104, at(104) + r - 2],
                [x + 70, at(70) + r - 2],
              ),
              ink: 'granules' as const,
            },
          ]),
      {
        d: `M${x + long} ${at(long) - r} L${x + r} ${at(r) - r} A${r} ${r} 0 0 0 ${x + r} ${at(r) + r} L${x + long} ${at(long) + r}`,
        ink: 'glass',
      },
      {
        d: closed(
          [x + long - 8, at(long - 8) - r + 1],
          [x + long + 12, at(long + 12) - r - 2],
          [x + long + 12, at(long + 12) + r + 2],
          [x + long - 8, at(long - 8) + r - 1],
        ),
        ink: 'rubber',
      },
    ],
  };
}

/** Where the delivery tube leaves a heated tube. */
export function heatedTubeOutlet(x: number, y: number, mouthDown: boolean): Point {
  return [x + 160, y + (mouthDown ? 17 : -11)];
}

/** A stand with a clamp. */
export function clamp(x: number, y: number, benchY: number): Part {
  return {
    name: 'clamp and stand',
    check: 'near the mouth; firm, and loose enough not to crack what grows hot',
    labelAt: [x - 22, benchY - 60],
    shapes: [
      { d: path([x - 22, benchY - 2], [x - 22, y - 40]), ink: 'metal' },
      { d: path([x - 48, benchY - 2], [x + 4, benchY - 2]), ink: 'metal' },
      { d: path([x - 22, y], [x + 2, y]), ink: 'metal' },
    ],
  };
}

/** A burner under what is heated. */
export function burner(x: number, benchY: number, flameTopY: number, check: string): Part {
  const top = benchY - 58;
  const tip = Math.min(flameTopY, top - 12);
  return {
    name: 'burner',
    check,
    labelAt: [x + 8, benchY - 30],
    shapes: [
      {
        d: `M${x - 8} ${top} Q${x - 10} ${(top + tip) / 2} ${x} ${tip} Q${x + 10} ${(top + tip) / 2} ${x + 8} ${top} Z`,
        ink: 'flame',
      },
      { d: path([x - 6, top], [x - 6, benchY - 10]), ink: 'metal' },
      { d: path([x + 6, top], [x + 6, benchY - 10]), ink: 'metal' },
      {
        d: path(
          [x - 22, benchY - 3],
          [x - 16, benchY - 10],
          [x + 16, benchY - 10],
          [x + 22, benchY - 3],
        ),
        ink: 'metal',
      },
    ],
  };
}

/** A tripod with a gauze. */
export function tripod(x: number, topY: number, benchY: number): Part {
  return {
    name: 'tripod and gauze',
    check: 'steady; the flask in the middle of the gauze',
    labelAt: [x - 62, topY + 30],
    shapes: [
      { d: path([x - 74, topY + 3], [x + 74, topY + 3]), ink: 'metal' },
      { d: path([x - 58, topY + 4], [x - 70, benchY - 2]), ink: 'metal' },
      { d: path([x + 58, topY + 4], [x + 70, benchY - 2]), ink: 'metal' },
    ],
  };
}

/** A wash bottle: in below the liquid, out above it. */
export function washBottle(x: number, lineY: number, benchY: number, liquid: string): Part {
  const [top, level] = [benchY - 118, benchY - 62];
  return {
    name: `wash bottle, ${liquid}`,
    check: 'the way in dips below the liquid, the way out does not',
    labelAt: [x + 8, benchY - 30],
    shapes: [
      { d: box(x + 3, level, 64, benchY - level - 3), ink: 'liquid' },
      {
        d: path(
          [x + 22, top],
          [x + 22, top + 14],
          [x + 2, top + 30],
          [x + 2, benchY - 2],
          [x + 68, benchY - 2],
          [x + 68, top + 30],
          [x + 48, top + 14],
          [x + 48, top],
        ),
        ink: 'glass',
      },
      {
        d: closed([x + 20, top - 8], [x + 50, top - 8], [x + 48, top + 12], [x + 22, top + 12]),
        ink: 'rubber',
      },
      tubeAlong([
        [x - 6, lineY],
        [x + 28, lineY],
        [x + 28, benchY - 16],
      ]),
      tubeAlong([
        [x + 42, top + 26],
        [x + 42, lineY],
        [x + 84, lineY],
      ]),
      ...[0, 1, 2].map((n): Shape => ({
        d: circle(x + 34 + 4 * (n % 2), benchY - 22 - 12 * n, 3),
        ink: 'bubbles',
      })),
    ],
  };
}

/** A tube with a drying agent between two plugs. */
export function dryingTube(x: number, lineY: number, agent: string): Part {
  return {
    name: `drying tube, ${agent}`,
    check: 'grains, not powder, between loose plugs of mineral wool',
    labelAt: [x + 40, lineY - 12],
    shapes: [
      tubeAlong([
        [x - 6, lineY],
        [x + 6, lineY],
      ]),
      { d: box(x + 18, lineY - 10, 46, 20), ink: 'granules' },
      { d: box(x + 8, lineY - 10, 10, 20), ink: 'wool' },
      { d: box(x + 64, lineY - 10, 10, 20), ink: 'wool' },
      { d: box(x + 6, lineY - 12, 70, 24), ink: 'glass' },
      tubeAlong([
        [x + 76, lineY],
        [x + 92, lineY],
      ]),
    ],
  };
}

/** Heights over the bench at a trough: its water, the end of the delivery tube, the mouth of the jar. */
export const troughHeights = { water: 64, deliveryEnd: 30, jarMouth: 36 } as const;

/** A jar full of water, mouth down in a trough, with the gas rising into it. */
export function overWater(x: number, benchY: number, caughtIn: string): readonly Part[] {
  const { water, jarMouth } = troughHeights;
  const jarX = x + 58;
  return [
    {
      name: 'water trough',
      check: 'filled over the shelf; room for the water that the gas pushes out',
      labelAt: [x + 6, benchY - 20],
      shapes: [
        { d: box(x + 1, benchY - water, 148, water - 3), ink: 'water' },
        {
          d: path([x, benchY - 78], [x, benchY - 2], [x + 150, benchY - 2], [x + 150, benchY - 78]),
          ink: 'glass',
        },
        { d: path([x, benchY - water], [x + 150, benchY - water]), ink: 'glass' },
      ],
    },
    {
      name: 'shelf',
      check: 'its hole under the middle of the jar',
      labelAt: [x + 122, benchY - 14],
      shapes: [
        {
          d: `${path([x + 44, benchY - 3], [x + 44, benchY - 34], [x + 74, benchY - 34])} ${path([x + 92, benchY - 34], [x + 124, benchY - 34], [x + 124, benchY - 3])}`,
          ink: 'metal',
        },
      ],
    },
    {
      name: `${caughtIn}, full of water`,
      check: 'no bubble of air left at its top; lids and spare ones at hand',
      labelAt: [jarX + 42, benchY - 140],
      shapes: [
        { d: box(jarX + 2, benchY - 112, 46, 112 - jarMouth), ink: 'water' },
        {
          d: path(
            [jarX, benchY - jarMouth],
            [jarX, benchY - 160],
            [jarX + 50, benchY - 160],
            [jarX + 50, benchY - jarMouth],
          ),
          ink: 'glass',
        },
        ...[0, 1, 2, 3].map((n): Shape => ({
          d: circle(jarX + 24 + 5 * (n % 2), benchY - 42 - 18 * n, 3.5),
          ink: 'bubbles',
        })),
      ],
    },
  ];
}

/** A dry jar, mouth up, with the tube down to its bottom. */
export function downwardJar(x: number, benchY: number, caughtIn: string): readonly Part[] {
  return [
    {
      name: `dry ${caughtIn}, mouth up`,
      check: 'dry; the tube reaches its bottom; a lid at hand',
      labelAt: [x + 64, benchY - 40],
      shapes: [
        {
          d: path(
            [x + 10, benchY - 130],
            [x + 10, benchY - 2],
            [x + 66, benchY - 2],
            [x + 66, benchY - 130],
          ),
          ink: 'glass',
        },
      ],
    },
    {
      name: 'card with a hole',
      check: 'lies loose: air must get out',
      labelAt: [x + 62, benchY - 132],
      shapes: [{ d: box(x + 4, benchY - 136, 68, 6), ink: 'card' }],
    },
  ];
}

/** A dry jar, mouth down, with the tube up to its top. */
export function upwardJar(
  x: number,
  lineY: number,
  benchY: number,
  caughtIn: string,
): readonly Part[] {
  return [
    {
      name: `dry ${caughtIn}, mouth down`,
      check: 'dry; the tube reaches its top; damp paper at its mouth tells when it is full',
      labelAt: [x + 64, lineY - 60],
      shapes: [
        {
          d: path(
            [x + 10, lineY + 6],
            [x + 10, lineY - 96],
            [x + 66, lineY - 96],
            [x + 66, lineY + 6],
          ),
          ink: 'glass',
        },
      ],
    },
    {
      ...clamp(x + 90, lineY - 50, benchY),
      name: `clamp for the ${caughtIn}`,
      check: 'holds it upright; opened with one hand',
    },
  ];
}

/** A syringe, its plunger just off the bottom, loosely clamped. */
export function syringe(x: number, lineY: number, benchY: number): readonly Part[] {
  return [
    {
      name: 'gas syringe',
      check: 'plunger greased, just off the bottom, moving freely; a spare one ready',
      labelAt: [x + 60, lineY - 14],
      shapes: [
        { d: box(x + 14, lineY - 14, 110, 28), ink: 'glass' },
        { d: box(x + 40, lineY - 12, 10, 24), ink: 'rubber' },
        { d: path([x + 50, lineY], [x + 150, lineY]), ink: 'metal' },
        { d: path([x + 150, lineY - 12], [x + 150, lineY + 12]), ink: 'metal' },
        tubeAlong([
          [x, lineY],
          [x + 14, lineY],
        ]),
        ...[60, 76, 92, 108].map((dx): Shape => ({
          d: path([x + dx, lineY - 14], [x + dx, lineY - 8]),
          ink: 'bench',
        })),
      ],
    },
    {
      ...clamp(x + 118, lineY + 14, benchY),
      name: 'clamp, loose',
      check: 'so loose that the plunger runs',
    },
  ];
}

/** A three-way tap before a syringe: to the syringe, to the air, or shut. */
export function tap(x: number, lineY: number): Part {
  return {
    name: 'three-way tap',
    check: 'open to the air until the first gas is discarded, and again as soon as the heat goes',
    labelAt: [x + 8, lineY - 8],
    shapes: [
      { d: circle(x + 8, lineY, 9), ink: 'rubber' },
      tubeAlong([
        [x + 8, lineY + 10],
        [x + 8, lineY + 34],
      ]),
    ],
  };
}
