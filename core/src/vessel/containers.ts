import { commonPractice } from '../matter/substances/source';

/** To what temperature it may be heated, °C, and what happens above. */
const glass = {
  heatsToC: 550,
  ifHotter: 'Ordinary glass softens near 550 °C: a crucible or hard glass for this heat.',
} as const;
const porcelain = {
  heatsToC: 1100,
  ifHotter: 'Porcelain and its glaze do not stand more than about 1100 °C.',
} as const;

/** Glassware a test is done in. Sizes are typical school glassware. Through a round vessel one looks along its mean chord, π/4 of the inner width; into a dish, a crucible and a cup from above. */
export const containers = {
  testTube: { name: 'Test tube', pathCm: 1.3, brimMl: 25, heatCapacityJPerK: 5, ...glass },
  beaker50: { name: 'Beaker, 50 mL', pathCm: 2.9, brimMl: 65, heatCapacityJPerK: 15, ...glass },
  beaker: { name: 'Beaker, 100 mL', pathCm: 3.5, brimMl: 120, heatCapacityJPerK: 25, ...glass },
  beaker250: { name: 'Beaker, 250 mL', pathCm: 5, brimMl: 310, heatCapacityJPerK: 45, ...glass },
  beaker400: { name: 'Beaker, 400 mL', pathCm: 5.7, brimMl: 480, heatCapacityJPerK: 65, ...glass },
  beaker600: { name: 'Beaker, 600 mL', pathCm: 6.7, brimMl: 720, heatCapacityJPerK: 90, ...glass },
  dish: { name: 'Dish', pathCm: 0.8, brimMl: 60, heatCapacityJPerK: 40, ...porcelain },
  flask: { name: 'Conical flask', pathCm: 3.9, brimMl: 150, heatCapacityJPerK: 30, ...glass },
  crucible: { name: 'Crucible', pathCm: 2.5, brimMl: 25, heatCapacityJPerK: 15, ...porcelain },
  cup: {
    name: 'Foam cup',
    pathCm: 6,
    brimMl: 200,
    heatCapacityJPerK: 3,
    heatsToC: 80,
    ifHotter: 'Foam softens and melts near 80 °C: nothing hot goes into it, and no flame near it.',
  },
  bottle: {
    name: 'Bottle',
    pathCm: 4.7,
    brimMl: 270,
    heatCapacityJPerK: 90,
    heatsToC: 60,
    ifHotter: 'A thick bottle cracks when it is heated: pour into a beaker or flask for that.',
  },
} as const;

export type ContainerKind = keyof typeof containers;
export const containerKinds = Object.keys(containers) as readonly ContainerKind[];
/** A piece of glassware in the middle of a sentence: `beaker, 250 mL`. */
export function containerInWords(kind: ContainerKind): string {
  const { name } = containers[kind];
  return name.charAt(0).toLowerCase() + name.slice(1);
}

export const containersSource = commonPractice(
  'path of the light and brim volume of school glassware; heat capacity of the glass that is wetted; to what temperature it may be heated',
);
