import { commonPractice } from '../substances/source';

/** Glassware a test is done in. Sizes are typical school glassware. */
export const containers = {
  testTube: { name: 'Test tube', pathCm: 1.6, brimMl: 25, heatCapacityJPerK: 5 },
  beaker: { name: 'Beaker', pathCm: 4.5, brimMl: 120, heatCapacityJPerK: 25 },
  dish: { name: 'Dish', pathCm: 0.8, brimMl: 60, heatCapacityJPerK: 40 },
  flask: { name: 'Conical flask', pathCm: 5, brimMl: 150, heatCapacityJPerK: 30 },
} as const;

export type Container = (typeof containers)[ContainerKind];
export type ContainerKind = keyof typeof containers;
export const containerKinds = Object.keys(containers) as readonly ContainerKind[];
export const containersSource = commonPractice(
  'inner width and brim volume of school glassware; heat capacity of the glass that is wetted',
);
