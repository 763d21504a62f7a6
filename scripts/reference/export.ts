/** Writes the tables for `compare.py`: `npx tsx scripts/reference/export.ts`. */
import { ourConstants } from '../../core/test/support/ourConstants';
import { ourMeasured } from '../../core/test/support/ourMeasured';

console.log(JSON.stringify({ constants: ourConstants, measured: ourMeasured }));
