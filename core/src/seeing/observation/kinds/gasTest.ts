import { capital } from '../../../common/capital';
import * as z from 'zod';
import { all, define } from '../definition';
import type { Question } from '../definition';
import { compareOutcomes, outcomeShows, testOutcomes } from '../outcomes';
import { formulaField } from './colourField';

/** What the gas tests are called in a sentence. */
export const testWords: Readonly<Record<string, string>> = {
  litSplint: 'lit splint',
  glowingSplint: 'glowing splint',
  limewater: 'lime water',
  dampRedLitmus: 'damp red litmus',
  dampBlueLitmus: 'damp blue litmus',
  bromineWater: 'bromine water',
  starchIodidePaper: 'starch–iodide paper',
  leadAcetatePaper: 'lead acetate paper',
  dichromatePaper: 'acidified dichromate paper',
  permanganatePaper: 'acidified permanganate paper',
  silverNitrateDrop: 'drop of silver nitrate',
};

/** Every test of the gas, a flame or a paper. */
const gasTests: Question = (expected, seen) =>
  all(expected, gasTest).map((wanted) => {
    const got = all(seen, gasTest).findLast(({ test }) => test === wanted.test);
    return {
      item: wanted.test,
      expected: wanted.result,
      ...(got && { seen: got.result }),
      outcome: got ? compareOutcomes(wanted.test, wanted.result, got.result) : 'missing',
      decides: true,
      tells: true,
    };
  });

export const gasTest = define(
  z.object({
    kind: z.literal('gasTest'),
    test: z.string().max(60),
    result: z.string().max(200),
    formula: formulaField,
  }),
)({
  says: ({ test, result }) => `${testWords[test] ?? test}: ${result}`,
  saysPlainly: ({ result }) => result,
  tellsChange: ({ test, result }) => outcomeShows(test, result) !== 'nothing',
  proves: ({ test, result }) =>
    outcomeShows(test, result) === 'reaction' ? `the test: ${result}` : undefined,
  isJudgedApart: true,
  about: ({ test, result, formula = '' }) => `${formula} ${test} ${result}`,
  answers: ({ test }) => `gasTest ${test}`,
  signs: ({ test, result }) =>
    outcomeShows(test, result) === 'nothing'
      ? []
      : [
          {
            sign: `a test shows the gas: ${result}`,
            weight: 0.6,
            counterCase: 'it proves the gas, not that it was new',
            isNew: true,
          },
        ],
  compare: gasTests,
  asks: Object.entries(testOutcomes).map(([test, results]) => ({
    panel: 'gasTests',
    title: capital(testWords[test] ?? test),
    choices: () =>
      results.map((result) => ({ words: result, record: { kind: 'gasTest', test, result } })),
  })),
});
