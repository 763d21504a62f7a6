/** Progress, one line at a time. */
export function say(line: string): void {
  console.log(`· ${line}`);
}

/** A failure that is explained to the reader instead of shown as a stack. */
export class Explained extends Error {
  constructor(
    message: string,
    readonly remedy: string,
  ) {
    super(message);
    this.name = 'Explained';
  }
}

/** Prints an explained failure as two lines, anything else whole, and ends the process. */
export function fail(error: unknown): never {
  if (error instanceof Explained) console.error(`✗ ${error.message}\n  ${error.remedy}`);
  else console.error(error);
  process.exit(1);
}
