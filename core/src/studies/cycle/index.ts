/** Rings of reactions that come back to where they started. */
export { arcMeansSchema } from './means';
export type { ArcMeans } from './means';
export { ringProcedure } from './ringProcedure';
export { rings } from './rings';
export type { ArcPlan, RingPlan } from './rings';
export { ringMasses } from './ringYield';
export type { RingMass } from './ringYield';
export { arcsFrom, runRing } from './runRing';
export type { Arc, Ring } from './runRing';
