import { expect, it } from 'vitest';
import { dice } from '../src/common/dice';
import { inShorthand, randomBench, tryBench } from './support/randomBench';

/** So many in every run; `npm run benches` tries thousands. */
const tries = 150;

it('mixtures of anything on the shelf do not fail and lose no atom', { timeout: 90_000 }, () => {
  const next = dice(20_261_202);
  const faults: string[] = [];
  const told = new Set<string>();
  for (let n = 0; n < tries; n += 1) {
    const bench = randomBench(next);
    const found = tryBench(bench);
    told.add(found.came);
    if (found.came === 'failed' || found.came === 'lost atoms')
      faults.push(`${inShorthand(bench)}: ${found.why}`);
  }
  expect(faults).toEqual([]);
  expect([...told]).toEqual(expect.arrayContaining(['something', 'nothing', 'not predicted']));
});
