/** Where the thread begins: it has to learn to read TypeScript before it can load the engine. */
import { register } from 'tsx/esm/api';

register();
export const { cautions, groupView, ready, results } = await import('./calculations.ts');
