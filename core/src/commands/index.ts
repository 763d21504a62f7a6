/** The verbs of the chem command. */
export { commands } from './commands';
