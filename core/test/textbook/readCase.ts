/** One case of the table: what is done, and what a textbook says is seen in the last step. */
export interface Case {
  readonly area: string;
  /** The line as written, which names it. */
  readonly line: string;
  /** What is put together at first, joined by `+`. */
  readonly start: string;
  /** What is added or done then, in order. */
  readonly then: readonly string[];
  readonly sees: readonly Expectation[];
}

/** What a textbook says of one thing to see. */
export interface Expectation {
  /** One of {@link whatIsSeen}. */
  readonly what: string;
  /** Colours, formulae or results, any of which is right; none where any will do. */
  readonly any: readonly string[];
  /** The formula a solid is said to have. */
  readonly formula?: string;
}

/**
 * Reads a table of cases, one a line: `CuSO4 0.1M 2mL; NaOH 1M 1mL => solid blue/pale blue {Cu(OH)2}`.
 *
 * @throws Error for a line without an expectation.
 */
export function readCases(area: string, table: string): Case[] {
  return table
    .trim()
    .split('\n')
    .map((line) => {
      const [does = '', sees] = line.split(' => ');
      if (!sees) throw new Error(`Says nothing of what is seen: ${line}`);
      const [start = '', ...then] = does.split('; ');
      return { area, line, start, then, sees: sees.split(' & ').map(readExpectation) };
    });
}

/** Everything that one word can say, with or without more. */
const alone = [
  'stays',
  'gone',
  'part',
  'clear',
  'nothing',
  'warm',
  'cold',
  'solid',
  'gas',
  'sight',
] as const;
const withMore = [
  'solid',
  'stays',
  'turns',
  'deposit',
  'liquid',
  'layer',
  'gas',
  'smell',
  'test',
  'flame',
  'magnet',
  'sight',
  'no',
  'nothing',
] as const;

function readExpectation(text: string): Expectation {
  const [, what = '', more = '', formula] = /^(\S+)(?: ([^{]+?))?(?: \{(.+)\})?$/.exec(text) ?? [];
  const known: readonly string[] = more === '' ? alone : withMore;
  if (!known.includes(what)) throw new Error(`Not something to see: ${text}`);
  return {
    what,
    any: more === '' ? [] : more.split('/'),
    ...(formula !== undefined && { formula }),
  };
}
