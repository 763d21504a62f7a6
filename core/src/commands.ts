import * as z from 'zod';
import { balance } from './equation/balance';
import { equilibrate } from './equilibrium/equilibrate';
import { ChemistryError, inField } from './errors';
import { parseFormula } from './formula/parseFormula';
import { mix, mixSchema } from './observation/mix';
import { prepare, prepareSchema } from './solution/prepare';
import { describeFormula } from './substances/describeFormula';
import { react, reactSchema } from './vessel/react';

/** One verb of the chem command: what it takes, and the public function it calls. */
function verb<S extends z.ZodType>(input: S, run: (input: z.output<S>) => unknown) {
  return (raw: unknown): unknown => run(parseInput(input, raw));
}

/** Totals of ions and molecules as put in, mol/L, by formula in any spelling. */
const speciateSchema = z.object({
  totals: z.record(z.string().min(1).max(100), z.number()),
  temperatureC: z.number().min(0).max(100).optional(),
  pH: z.number().min(-2).max(16).optional(),
  allowSolids: z.boolean().optional(),
});

/** The verbs of the chem command by name. */
export const commands: Readonly<Record<string, (raw: unknown) => unknown>> = {
  formula: verb(z.object({ formula: z.string() }), ({ formula }) =>
    inField('formula', () => describeFormula(formula)),
  ),
  balance: verb(z.object({ equation: z.string() }), ({ equation }) =>
    inField('equation', () => balance(equation)),
  ),
  react: verb(reactSchema, react),
  mix: verb(mixSchema, mix),
  speciate: verb(speciateSchema, ({ totals, temperatureC, pH, allowSolids }) =>
    inField('totals', () =>
      equilibrate(canonical(totals), {
        ...(temperatureC !== undefined && { temperatureC }),
        ...(pH !== undefined && { pH }),
        ...(allowSolids !== undefined && { allowSolids }),
      }),
    ),
  ),
  prepare: verb(prepareSchema, prepare),
};

/** Totals under the one spelling of each formula; two spellings of one add up. */
function canonical(totals: Readonly<Record<string, number>>): Record<string, number> {
  const sum: Record<string, number> = {};
  for (const [text, total] of Object.entries(totals)) {
    const { formula } = parseFormula(text);
    sum[formula] = (sum[formula] ?? 0) + total;
  }
  return sum;
}

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
