/** One outcome of a test: its words at the bench, what people call it, and which other of the test’s outcomes it is hard to tell from. */
interface Outcome {
  readonly result: string;
  /** Words that tell it, each of them enough. */
  readonly said: readonly string[];
  /** Others of the same kind: the same gas shows now one and now the other. */
  readonly kin?: string;
  /** What plain air shows. */
  readonly isNothing?: true;
}

const outcome = (result: string, said: string, kin?: string): Outcome => ({
  result,
  said: said === '' ? [] : said.split('|'),
  ...(kin !== undefined && { kin }),
  ...(said.includes('no change') && { isNothing: true }),
});

/** What each test can show, the telling outcome first, and the one of plain air marked. */
const outcomes: Readonly<Record<string, readonly Outcome[]>> = {
  litSplint: [
    outcome('squeaky pop', 'pop|squeak|bark', 'hydrogen'),
    outcome('burns at the mouth', 'burns at|flame at|burns with', 'hydrogen'),
    outcome('burns more brightly', 'bright', 'oxygen'),
    outcome('goes out', 'out|extinguish'),
    outcome('goes on burning, as in air', 'goes on|as in air|no change|nothing|burns'),
  ],
  glowingSplint: [
    outcome('relights', 'relight|rekindle|flame', 'oxygen'),
    outcome('glows more brightly', 'bright', 'oxygen'),
    outcome('goes out', 'out|extinguish'),
    outcome('goes on glowing, as in air', 'goes on|as in air|no change|nothing|glow'),
  ],
  limewater: [
    outcome('turns milky', 'milky|cloudy|white|turbid', 'carbonate'),
    outcome('turns milky, then clears with excess gas', 'then clear|clears again', 'carbonate'),
    outcome('stays clear', 'clear|no change|nothing'),
  ],
  dampRedLitmus: [
    outcome('turns blue', 'blue'),
    outcome('stays red', 'red|no change|nothing'),
    outcome('is red, then is bleached white', 'bleach|white|colourless'),
  ],
  dampBlueLitmus: [
    outcome('turns red', 'red', 'acid'),
    outcome('turns red, then is bleached white', 'bleach|white|colourless', 'acid'),
    outcome('stays blue', 'blue|no change|nothing'),
  ],
  bromineWater: [
    outcome('is decolourised', 'decolo|colourless|colorless|clear|fades'),
    outcome('keeps its colour', 'keeps|stays|no change|nothing|orange|brown'),
  ],
  starchIodidePaper: [
    outcome('turns blue-black', 'blue|black|violet|purple'),
    outcome('stays white', 'white|stays|no change|nothing'),
  ],
  leadAcetatePaper: [
    outcome('turns black', 'black', 'sulfide'),
    outcome('turns brown', 'brown|silvery|grey', 'sulfide'),
    outcome('stays colourless', 'colourless|white|stays|no change|nothing'),
  ],
  dichromatePaper: [
    outcome('turns green', 'green'),
    outcome('stays orange', 'orange|stays|no change|nothing'),
  ],
  permanganatePaper: [
    outcome('turns colourless', 'colourless|decolo|white|fades|brown'),
    outcome('stays purple', 'purple|violet|pink|stays|no change|nothing'),
  ],
  silverNitrateDrop: [
    outcome('turns white', 'white|milky|cloudy', 'halide'),
    outcome('turns cream', 'cream|pale yellow|yellow', 'halide'),
    outcome('stays colourless', 'colourless|clear|stays|no change|nothing'),
  ],
};

/** The outcomes of each test in the words of the bench. */
export const testOutcomes: Readonly<Record<string, readonly string[]>> = Object.fromEntries(
  Object.entries(outcomes).map(([test, rows]) => [test, rows.map(({ result }) => result)]),
);

/**
 * The outcome of a test that words come to: its own, or the one that the longest of its telling words stands for. The words
 * themselves where none fits.
 *
 * @example readGasTest('limewater', 'goes cloudy') // 'turns milky'
 */
export function readGasTest(test: string, words: string): string {
  return outcomeOf(test, words)?.result ?? words;
}

function outcomeOf(test: string, words: string): Outcome | undefined {
  const rows = Object.hasOwn(outcomes, test) ? (outcomes[test] ?? []) : [];
  const said = words.trim().toLowerCase();
  const told = ({ said: telling }: Outcome): number =>
    Math.max(0, ...telling.map((word) => (said.includes(word) ? word.length : 0)));
  const best = [...rows].sort((one, other) => told(other) - told(one))[0];
  return rows.find(({ result }) => result === said) ?? (best && told(best) > 0 ? best : undefined);
}

/** How two outcomes of a test compare: the same, of one kind, or different. */
export function compareOutcomes(
  test: string,
  expected: string,
  seen: string,
): 'agrees' | 'near' | 'differs' {
  const [wanted, got] = [outcomeOf(test, expected), outcomeOf(test, seen)];
  if (wanted && got && wanted !== got)
    return wanted.kin !== undefined && wanted.kin === got.kin ? 'near' : 'differs';
  return wanted === got && (wanted || expected === seen) ? 'agrees' : 'differs';
}

/** Outcomes that show a gas by what it does not feed; nothing new comes of them. */
const smothers = 'goes out';

/** What an outcome shows: that something reacts, only that a gas is there, or nothing. */
export function outcomeShows(test: string, words: string): 'reaction' | 'gas' | 'nothing' {
  const found = outcomeOf(test, words);
  if (found?.isNothing) return 'nothing';
  return found?.result === smothers ? 'gas' : 'reaction';
}
