/**
 * The chem command: `npm run -s chem -- VERB [--lines]` reads JSON on standard input, writes JSON on standard output.
 * A thin shell over the verbs of core; exit status 2 when any input was bad.
 */
import { createInterface } from 'node:readline';
import { text } from 'node:stream/consumers';
import { commands } from '@stoichos/core/commands';
import { ChemistryError } from '@stoichos/core/common';

interface Failure {
  readonly error: { code: string; message: string; field: string | null; remedy: string };
}

function failure(code: string, message: string, field: string | null, remedy: string): Failure {
  return { error: { code, message, field, remedy } };
}

async function answer(run: (raw: unknown) => unknown, line: string): Promise<unknown> {
  let raw: unknown;
  try {
    raw = JSON.parse(line);
  } catch {
    const start = line.slice(0, 60);
    return failure('malformedJson', `“${start}” is not JSON.`, 'input', 'Send one JSON object.');
  }
  try {
    return await run(raw);
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return failure(error.code, error.message, error.field ?? null, error.remedy);
  }
}

function write(result: unknown): void {
  process.stdout.write(`${JSON.stringify(result)}\n`);
  if (typeof result === 'object' && result !== null && 'error' in result) process.exitCode = 2;
}

const [verb = '', ...flags] = process.argv.slice(2);
const run = Object.hasOwn(commands, verb) ? commands[verb] : undefined;
if (!run) {
  const known = Object.keys(commands).join(', ');
  write(failure('unknownVerb', `“${verb}” is not a verb.`, 'verb', `Use one of: ${known}.`));
} else if (flags.includes('--lines')) {
  for await (const line of createInterface({ input: process.stdin, crlfDelay: Infinity }))
    if (line.trim() !== '') write(await answer(run, line));
} else {
  write(await answer(run, await text(process.stdin)));
}
