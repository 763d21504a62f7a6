import * as z from 'zod';
import { balance } from './equation/balance';
import { ChemistryError, inField } from './errors';
import { prepare, prepareSchema } from './solution/prepare';
import { describeFormula } from './substances/describeFormula';

/** One verb of the chem command: what it takes, and the public function it calls. */
function verb<S extends z.ZodType>(input: S, run: (input: z.output<S>) => unknown) {
  return (raw: unknown): unknown => run(parseInput(input, raw));
}

/** The verbs of the chem command by name. */
export const commands: Readonly<Record<string, (raw: unknown) => unknown>> = {
  formula: verb(z.object({ formula: z.string() }), ({ formula }) =>
    inField('formula', () => describeFormula(formula)),
  ),
  balance: verb(z.object({ equation: z.string() }), ({ equation }) =>
    inField('equation', () => balance(equation)),
  ),
  prepare: verb(prepareSchema, prepare),
};

/**
 * Checks input against a schema.
 *
 * @throws ChemistryError `invalidInput` naming the first field that is wrong.
 */
export function parseInput<S extends z.ZodType>(schema: S, raw: unknown): z.output<S> {
  const parsed = schema.safeParse(raw);
  if (parsed.success) return parsed.data;
  const [issue] = parsed.error.issues;
  const field = issue?.path.join('.') ?? '';
  throw ChemistryError.of(
    'invalidInput',
    `${field || 'The input'}: ${issue?.message ?? 'not valid'}.`,
  ).in(field || 'input');
}
