import { commonPractice } from '../../matter/substances/source';
import { organicTests } from '../../matter/substances/data/organicTests';
import type { UnknownTest } from '../../matter/substances/types';
import { firstAidForUnknowns } from '../../safety/protection';
import { inorganicTests } from './inorganic/runTests';
import type { UnknownKind } from './nextBest';

/** What stands ready where unknowns are identified. */
export interface TestKit {
  /** Reagents of every test that may be chosen, each once, in the order of the tests. */
  readonly reagents: readonly string[];
  /** Tests that can hurt someone, with their cautions. */
  readonly cautions: readonly { readonly label: string; readonly caution: string }[];
  /** How jars of unknown content are treated. */
  readonly handling: readonly string[];
  /** What is done at once when something goes wrong with one. */
  readonly firstAid: readonly string[];
  /** Where what is left of them goes. */
  readonly waste: readonly string[];
}

/** A jar is held for the worst it may be, as long as those at the bench do not know what it is. */
export const unknownsSource = commonPractice('handling of samples of unknown content');

const atTheBench = [
  'Nobody at the bench knows what is in the jar: treat it as harmful, corrosive and flammable until it is told.',
  'Goggles throughout; the smallest sample; nothing is tasted, and smelt only by fanning, where the instructor allows it.',
];

const left: Readonly<Record<UnknownKind, string>> = {
  organic:
    'What is left of an organic unknown goes by its key; without the key, to the halogenated solvent waste, never down the sink.',
  inorganic:
    'What is left of an inorganic unknown goes by its key; without the key, to the heavy metal waste, and to no acid.',
};

/** Reagents, cautions and handling for unknowns of these kinds; nothing for none. */
export function testKit(kinds: Iterable<UnknownKind>): TestKit {
  const own = (['organic', 'inorganic'] as const).filter((kind) => new Set(kinds).has(kind));
  const tests = own.flatMap(
    (kind): readonly Pick<UnknownTest, 'label' | 'reagents' | 'caution'>[] =>
      kind === 'organic' ? organicTests : inorganicTests,
  );
  return {
    reagents: [...new Set(tests.flatMap(({ reagents }) => reagents))],
    cautions: tests.flatMap(({ label, caution }) => (caution ? [{ label, caution }] : [])),
    handling: own.length === 0 ? [] : atTheBench,
    firstAid: own.length === 0 ? [] : firstAidForUnknowns,
    waste: own.map((kind) => left[kind]),
  };
}
