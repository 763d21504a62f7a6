import { collectionNames } from '../collection';
import type { CollectionMethod } from '../collection';
import { reagentText } from '../attempt';
import type { Route } from '../route';
import { placeLabels } from './drawing';
import type { Drawing, Part, Point } from './drawing';
import * as parts from './parts';

/** What an apparatus is put together for. */
export interface ApparatusChoice {
  readonly route: Pick<Route, 'gas' | 'reagents' | 'heatedToC' | 'steam' | 'electrolysis'>;
  readonly method: CollectionMethod;
  /** Liquids the gas is led through, in order. */
  readonly washings?: readonly string[];
  /** A drying agent in a tube. */
  readonly drying?: string;
  /** What the gas is caught in, where it is not a syringe; a gas jar when left out. */
  readonly caughtIn?: string;
}

/** An apparatus: its drawing, and what is checked before the gas is made. */
export interface Apparatus {
  readonly title: string;
  readonly drawing: Drawing;
  readonly checklist: readonly string[];
  /** Heights that decide whether it works, in drawing units over the bench: for whoever wants to be sure. */
  readonly heights: {
    readonly funnelTip?: number;
    readonly generatorLiquid?: number;
    readonly deliveryStart?: number;
    readonly deliveryEnd?: number;
    readonly troughWater?: number;
  };
}

const margin = { top: 84, bottom: 88 } as const;
const lineHeight = 190;

/**
 * Puts the apparatus for a route together: a flask with a funnel for a liquid on a solid, a hard-glass tube for a dry solid that
 * is heated; wash bottles and a drying tube; and what the gas is caught in. Returns undefined for a gas made by a current.
 */
export function assemble(choice: ApparatusChoice): Apparatus | undefined {
  const { route, method, washings = [], drying, caughtIn = 'gas jar' } = choice;
  if (route.electrolysis) return undefined;
  const isWarm = route.heatedToC !== undefined;
  const isDry = route.reagents.every(({ use }) => use === 'solid');
  const isCracking =
    route.reagents.some(({ substance, use }) => use === 'liquid' && substance !== 'H2O') ||
    (isWarm &&
      route.reagents.some(({ role, use }) => role === 'catalyst' && use === 'solid') &&
      !isDry);
  const inTube = isDry || isCracking;
  const headY = margin.top + (method === 'upwardDelivery' ? 60 : 0);
  const benchY = headY + (isWarm && !inTube ? 330 : 250);
  const lineY = benchY - lineHeight - (isWarm && !inTube ? 80 : 0);
  const generator = inTube
    ? tubeGenerator(route, isCracking, benchY, method)
    : flaskGenerator(route, isWarm, benchY, lineY, method);
  let x = generator.toX;
  const train: Part[] = [];
  for (const liquid of washings) {
    train.push(parts.washBottle(x, lineY, benchY, liquid));
    x += 84;
  }
  if (drying !== undefined) {
    train.push(parts.dryingTube(x, lineY, drying));
    x += 92;
  }
  const collection = collect(method, { x, lineY, benchY, isWarm, caughtIn });
  const all = [...generator.parts, ...train, ...collection.parts];
  const width = Math.max(560, collection.toX + 20);
  const delivery: Part = {
    name: 'delivery tube',
    check: inTube
      ? `clear all the way${method === 'overWater' ? '; it comes out of the water before the flame goes' : ''}`
      : 'clear all the way; its end in the flask stays above the liquid',
    labelAt: [(generator.out[0] + generator.toX) / 2, lineY - 2],
    shapes: [
      parts.tubeAlong([
        ...generator.rise,
        [generator.toX - 6, lineY],
        ...(train.length === 0 ? collection.along : []),
      ]),
      ...(train.length > 0 ? [parts.tubeAlong([[x - 6, lineY], ...collection.along])] : []),
    ],
  };
  const ordered = [delivery, ...all];
  const labels = placeLabels(ordered, { width, top: margin.top, bottom: benchY });
  const { name, alsoCalled } = collectionNames[method];
  return {
    title: `${route.reagents.map(reagentText).join(' and ')}: ${route.gas}, ${name} (${alsoCalled})`,
    drawing: {
      width,
      height: benchY + margin.bottom,
      // What is drawn last lies in front: the tube is seen in the water of the trough.
      parts: [...all, { ...delivery, shapes: [parts.bench(width, benchY), ...delivery.shapes] }],
      labels,
    },
    checklist: ordered.map(({ name: part, check }) => `${part}: ${check}`),
    heights: { ...generator.heights, ...collection.heights },
  };
}

interface Generator {
  readonly parts: readonly Part[];
  /** Where the delivery tube begins. */
  readonly out: Point;
  /** From there up to the line of the train. */
  readonly rise: readonly Point[];
  readonly toX: number;
  readonly heights: Apparatus['heights'];
}

function flaskGenerator(
  route: ApparatusChoice['route'],
  isWarm: boolean,
  benchY: number,
  lineY: number,
  method: CollectionMethod,
): Generator {
  const baseY = isWarm ? benchY - 90 : benchY - 1;
  const place = { x: 96, baseY };
  const { deliveryEnd, funnelTip, liquid } = parts.flaskHeights;
  const out: Point = [place.x + 8, baseY - deliveryEnd];
  return {
    parts: [
      parts.flask(
        place,
        `flask: ${route.reagents.map(reagentText).join(', ')}`,
        route.reagents.some(({ use }) => use === 'solid'),
      ),
      parts.flaskStopper(place),
      parts.funnel(place, isWarm ? 'dropping' : 'thistle'),
      ...(isWarm
        ? [
            parts.tripod(place.x, baseY, benchY),
            parts.burner(place.x, benchY, baseY + 10, burnerCheck(method)),
          ]
        : []),
    ],
    out,
    rise: [out, [out[0], lineY]],
    toX: 190,
    heights: { funnelTip, generatorLiquid: liquid, deliveryStart: deliveryEnd },
  };
}

function tubeGenerator(
  route: ApparatusChoice['route'],
  isCracking: boolean,
  benchY: number,
  method: CollectionMethod,
): Generator {
  const y = benchY - 110;
  const mouthDown = route.steam && !isCracking;
  const catalyst = route.reagents.find(({ role }) => role === 'catalyst');
  const out = parts.heatedTubeOutlet(24, y, mouthDown);
  const lineY = benchY - lineHeight;
  const names = route.reagents
    .filter(({ role }) => role !== 'catalyst')
    .map(reagentText)
    .join(', ');
  return {
    parts: [
      parts.heatedTube(24, y, {
        mouthDown,
        name: isCracking
          ? `hard-glass tube: ${names} on mineral wool, ${catalyst?.substance ?? 'porcelain'}`
          : `hard-glass tube: ${route.reagents.map(reagentText).join(', ')}`,
        ...(isCracking && { plug: catalyst?.substance ?? 'porcelain' }),
      }),
      parts.clamp(168, y + (mouthDown ? 12 : -8), benchY),
      parts.burner(isCracking ? 112 : 56, benchY, y + 18, burnerCheck(method)),
    ],
    out,
    rise: [out, [out[0] + 22, out[1]], [out[0] + 22, lineY]],
    toX: 246,
    heights: {},
  };
}

function burnerCheck(method: CollectionMethod): string {
  if (method === 'overWater')
    return 'lit last; taken away only when the delivery tube is out of the water';
  return method === 'syringe'
    ? 'lit last; taken away before the last syringe is full'
    : 'lit last; taken away when the vessel is closed';
}

interface Caught {
  readonly parts: readonly Part[];
  /** The delivery tube from the line to its end. */
  readonly along: readonly Point[];
  readonly toX: number;
  readonly heights: Apparatus['heights'];
}

/** Where the collection stands, and in what the gas is caught. */
interface Place {
  readonly x: number;
  readonly lineY: number;
  readonly benchY: number;
  readonly isWarm: boolean;
  readonly caughtIn: string;
}

function collect(method: CollectionMethod, { x, lineY, benchY, isWarm, caughtIn }: Place): Caught {
  switch (method) {
    case 'overWater': {
      const { deliveryEnd, water } = parts.troughHeights;
      const jarX = x + 40;
      return {
        parts: parts.overWater(jarX, benchY, caughtIn),
        along: [
          [jarX + 24, lineY],
          [jarX + 24, benchY - 18],
          [jarX + 84, benchY - 18],
          [jarX + 84, benchY - deliveryEnd],
        ],
        toX: jarX + 160,
        heights: { deliveryEnd, troughWater: water },
      };
    }
    case 'downwardDelivery':
      return {
        parts: parts.downwardJar(x + 30, benchY, caughtIn),
        along: [
          [x + 68, lineY],
          [x + 68, benchY - 12],
        ],
        toX: x + 130,
        heights: { deliveryEnd: 12 },
      };
    case 'upwardDelivery':
      return {
        parts: parts.upwardJar(x + 20, lineY - 20, benchY, caughtIn),
        along: [
          [x + 58, lineY],
          [x + 58, lineY - 104],
        ],
        toX: x + 150,
        heights: { deliveryEnd: benchY - lineY + 104 },
      };
    case 'syringe':
      return {
        parts: [
          ...(isWarm ? [parts.tap(x, lineY)] : []),
          ...parts.syringe(x + (isWarm ? 18 : 0), lineY, benchY),
        ],
        along: [[x + 2, lineY]],
        toX: x + 190,
        heights: {},
      };
  }
}
