/** The longest line that is read, bytes: a procedure with every field full has a tenth of that. */
const longestLine = 4_000_000;

/** A line that goes on for longer than any does. */
export class LineTooLong extends Error {}
/** A last line without its end. */
export class LineCut extends Error {}

/**
 * The lines of a text as they come, without their ends, in UTF-8; what is no UTF-8 is read as U+FFFD. Only \n ends a line: texts may hold
 * whatever else is called a line end.
 *
 * @throws LineTooLong for more than 4 MB without a line end, LineCut for a last line without one.
 */
export async function* linesOf(source: AsyncIterable<Uint8Array | string>) {
  let held: Buffer[] = [];
  let heldBytes = 0;
  for await (const chunk of source) {
    const bytes = Buffer.from(chunk as Uint8Array);
    let from = 0;
    for (let end = bytes.indexOf(10); end !== -1; end = bytes.indexOf(10, from)) {
      yield Buffer.concat([...held, bytes.subarray(from, end)]).toString('utf8');
      held = [];
      heldBytes = 0;
      from = end + 1;
    }
    held.push(bytes.subarray(from));
    heldBytes += bytes.length - from;
    if (heldBytes > longestLine) throw new LineTooLong();
  }
  if (heldBytes > 0) throw new LineCut();
}
