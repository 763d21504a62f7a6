/** What the tables know of each pair of ions, and of which they know nothing. */
export { everyPair, knownPair, pairsCsv, unknownPairs } from './knownPairs';
export type { KnownPair } from './knownPairs';
