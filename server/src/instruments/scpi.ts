/** Lines of SCPI (IEEE 488.2): keywords in a long and a short form, questions that end in “?”, parameters after a blank. */

/** One command of a line, its keywords in capitals. */
export interface ScpiCommand {
  readonly keywords: string;
  readonly isQuery: boolean;
  readonly parameters: readonly string[];
}

/** The commands of a line; a path carries over a semicolon unless the next begins with a colon or a star. */
export function parseLine(line: string): ScpiCommand[] {
  let path: readonly string[] = [];
  return line
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const [head = '', ...rest] = part.split(/\s+/);
      const isQuery = head.endsWith('?');
      const bare = (isQuery ? head.slice(0, -1) : head).toUpperCase();
      const isRooted = bare.startsWith(':') || bare.startsWith('*');
      const own = bare.replace(/^:/, '').split(':');
      const keywords = isRooted ? own : [...path, ...own];
      if (!bare.startsWith('*')) path = keywords.slice(0, -1);
      const parameters = rest
        .join(' ')
        .split(',')
        .map((one) => one.trim())
        .filter((one) => one !== '');
      return { keywords: keywords.join(':'), isQuery, parameters };
    });
}

/** Whether keywords as sent are those of a command as it is written in a manual: `MEASure:MASS`. */
export function matches(sent: string, written: string): boolean {
  const [given, known] = [sent.split(':'), written.split(':')];
  return (
    given.length === known.length &&
    known.every((word, at) => {
      const long = word.toUpperCase();
      const short = word.replace(/[a-z]/g, '');
      return given[at] === long || given[at] === short;
    })
  );
}

/** A number as an instrument answers it; undefined for anything else. */
export function readNumber(answer: string): number | undefined {
  const text = answer.trim();
  if (!/^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(text)) return undefined;
  const value = Number(text);
  // 9.9E37 is how an instrument says that it is beyond its range.
  return Number.isFinite(value) && Math.abs(value) < 9e36 ? value : undefined;
}
