/** Writes the table of what is known of each pair of ions: `npm run pairs`. A test sees to it that it is up to date. */
import { writeFileSync } from 'node:fs';
import { pairsCsv } from '@stoichos/core/solution/pairs';

writeFileSync('docs/reference/pairs.csv', pairsCsv());
