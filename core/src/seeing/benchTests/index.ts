/** Tests held to a vessel: splints, papers, flames, a magnet. */
export { outcomeShows, testOutcomes } from './outcomes';
export { sourcesOfTest, testNames } from './performTest';
