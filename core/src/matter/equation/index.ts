/** Equations: reading, balancing, oxidation numbers, types of reaction, net ionic form. */
export { balance } from './balance';
export type { BalancedEquation } from './balance';
export type { DrivingForce, FiveType, ReactionTypes } from './reactionType';
