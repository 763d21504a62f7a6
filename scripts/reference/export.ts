/** Writes the tables for `compare.py`: `npx tsx scripts/reference/export.ts`. */
import { ourConstants } from './ourConstants';
import { ourMeasured } from './ourMeasured';

console.log(JSON.stringify({ constants: ourConstants, measured: ourMeasured }));
