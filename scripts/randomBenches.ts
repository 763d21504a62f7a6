/**
 * Mixes anything on the shelf with anything else, so often as is said (5000), from a seed, and counts what fails, what loses atoms,
 * what is not predicted and what is told as nothing. Of the last, so many lines drawn at random are written out to be looked at.
 *
 *   npm run benches -- 5000 seed 200
 */
import { dice } from '../core/src/common/dice';
import { inShorthand, randomBench, tryBench } from '../core/test/support/randomBench';

const [count = '5000', seed = '1', shown = '200'] = process.argv.slice(2);
const next = dice(Number(seed));
const counts: Record<string, number> = {};
const nothing: string[] = [];
for (let n = 0; n < Number(count); n += 1) {
  const bench = randomBench(next);
  const found = tryBench(bench);
  counts[found.came] = (counts[found.came] ?? 0) + 1;
  if (found.came === 'nothing') nothing.push(inShorthand(bench));
  if ('why' in found) console.log(`${found.came}: ${inShorthand(bench)} (${found.why})`);
}
console.log(counts);
for (let n = 0; n < Number(shown) && nothing.length > 0; n += 1)
  console.log(nothing.splice(Math.floor(next() * nothing.length), 1)[0]);
