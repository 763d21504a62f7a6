import * as z from 'zod';
import { balance } from '../matter/equation/balance';
import {
  electrolyseSchema,
  predictElectrolysis,
} from '../studies/electrolysis/predictElectrolysis';
import { equilibrate } from '../solution/equilibrium/equilibrate';
import { inField } from '../common/errors';
import { parseInput } from '../common/parseInput';
import { readFormula } from '../matter/substances/readFormula';
import { gasRoutes, gasSchema } from '../studies/gas/gasVerb';
import { identify, identifySchema } from '../studies/identify/identify';
import { label, labelSchema } from '../safety/label';
import { hydrate, hydrateSchema } from '../measuring/hydrate';
import { classifyChange, classifySchema } from '../seeing/judgement/change/classifyChange';
import { compare, compareSchema } from '../seeing/judgement/compare/compare';
import { mix, mixSchema } from '../seeing/rack/mix';
import { schedule } from '../planning/schedule/schedule';
import { scheduleSchema } from '../planning/schedule/timetable';
import { prepare, prepareSchema } from '../solution/preparation/prepare';
import { describeFormula } from '../matter/substances/describeFormula';
import { react, reactSchema } from '../vessel/react';

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

/** The verbs of the chem command by name; a verb that reads structures answers with a promise. */
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
  label: verb(labelSchema, label),
  hydrate: verb(hydrateSchema, ({ literatureX, ...request }) =>
    hydrate({ ...request, ...(literatureX !== undefined && { literatureX }) }),
  ),
  electrolyse: verb(electrolyseSchema, predictElectrolysis),
  gas: verb(gasSchema, gasRoutes),
  classify: verb(classifySchema, classifyChange),
  compare: verb(compareSchema, compare),
  identify: verb(identifySchema, identify),
  schedule: verb(scheduleSchema, (request) => schedule(request)),
};

/** Totals under the one spelling of each formula; two spellings of one add up. */
function canonical(totals: Readonly<Record<string, number>>): Record<string, number> {
  const sum: Record<string, number> = {};
  for (const [text, total] of Object.entries(totals)) {
    const { formula } = readFormula(text);
    sum[formula] = (sum[formula] ?? 0) + total;
  }
  return sum;
}
