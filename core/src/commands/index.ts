/** The verbs of the chem command. */
export { commands, parseInput } from './commands';
