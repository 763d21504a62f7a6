/** Writes the thermodynamic tables for `compare.py`: `npx tsx scripts/reference/export.ts`. */
import { ourConstants } from './ourConstants';

console.log(JSON.stringify(ourConstants));
