/** Tests held to a vessel: splints, papers, flames, a magnet. */
export { sourcesOfTest, testNames } from './performTest';
