import * as z from 'zod';
import { ChemistryError, inField } from '../../common/errors';
import { observationSchema } from '../../seeing/observation/observation';
import { contradictions } from './contradictions';
import type { Contradiction } from './contradictions';
import { posterior, posteriorByClass } from './inference';
import type { ClassPosterior, Posterior, TestResult } from './inference';
import { readCandidate } from './inorganic/candidate';
import { inorganicClass } from './inorganic/inorganicClass';
import { inorganicModel } from './inorganic/inorganicModel';
import { outcomesOf } from './inorganic/runTests';
import type { Model } from './model';
import { rankTests } from './nextBest';
import { findCompound } from './organic/compounds';
import { organicClass, organicClasses, readClass } from './organic/organicClass';
import { organicModel } from './organic/organicModel';
import { readOutcome } from './readOutcome';
import { alikeCandidates } from './setCheck';

const name = z.string().trim().min(1, 'A name is not empty').max(120);

/** What the identify verb takes. */
export const identifySchema = z.object({
  kind: z.enum(['organic', 'inorganic']),
  candidates: z
    .array(z.union([name, z.object({ name, smiles: z.string().max(300) })]))
    .min(1, 'Name at least one candidate')
    .max(400, 'At most 400 candidates'),
  excludedClasses: z.array(name).max(40).default([]),
  results: z
    .array(
      z.object({
        test: name,
        outcome: z.union([z.string().max(200), z.number(), observationSchema]),
        blank: z.enum(['clean', 'same', 'none']).optional(),
      }),
    )
    .max(100)
    .default([]),
  school: z.enum(['solubilityFirst', 'mostInformative']).default('mostInformative'),
});
export type IdentifyRequest = z.input<typeof identifySchema>;

/** What the results leave of the candidates, and what to do next. */
export interface Identified {
  readonly posterior: readonly Posterior[];
  readonly classes: readonly ClassPosterior[];
  readonly next: readonly {
    readonly test: string;
    readonly informationBits: number;
    readonly why: string;
  }[];
  readonly contradictions: readonly Contradiction[];
  /** Candidates that no test tells apart. */
  readonly alike: readonly (readonly string[])[];
}

/**
 * Narrows an unknown down by what its tests showed, and says which test to do next.
 *
 * @throws ChemistryError for a candidate, class, test or outcome that is not known, and when no candidate is left.
 */
export async function identify(request: z.output<typeof identifySchema>): Promise<Identified> {
  const { model, classOf } = await (request.kind === 'organic'
    ? organic(request)
    : inorganic(request));
  const results = request.results.map(({ test, outcome, blank }, at): TestResult => {
    const found = model.tests.find((one) => one.name === test);
    if (!found)
      throw ChemistryError.of(
        'unknownTest',
        test,
        model.tests.map((one) => one.name).join(', '),
      ).in(`results.${at}.test`);
    return inField(`results.${at}.outcome`, () => ({
      test,
      outcome: readOutcome(test, outcome, found.outcomes, request.kind === 'inorganic'),
      ...(blank && { blank }),
    }));
  });
  const all = posterior(model, results);
  return {
    posterior: all,
    classes: posteriorByClass(all, classOf),
    next: rankTests(model, results, { kind: request.kind, school: request.school }).map(
      ({ test, bits, why }) => ({ test, informationBits: bits, why }),
    ),
    contradictions: contradictions(model, results),
    alike: alikeCandidates(model),
  };
}

interface Reasoning {
  readonly model: Model;
  readonly classOf: (candidate: string) => string;
}

async function organic({
  candidates,
  excludedClasses,
}: z.output<typeof identifySchema>): Promise<Reasoning> {
  const out = new Set(
    excludedClasses.map((text, at) => {
      const found = readClass(text);
      if (!found)
        throw ChemistryError.of('unknownClass', text, organicClasses.join(', ')).in(
          `excludedClasses.${at}`,
        );
      return found;
    }),
  );
  const compounds = await Promise.all(
    candidates.map(async (candidate, at) => {
      try {
        return await findCompound(candidate);
      } catch (error) {
        throw error instanceof ChemistryError ? error.in(`candidates.${at}`) : error;
      }
    }),
  );
  const byName = new Map(compounds.map((one) => [one.name, one]));
  const left = [...byName.values()].filter(({ structure }) => !out.has(organicClass(structure)));
  if (left.length === 0)
    throw ChemistryError.of('noCandidates', 'every candidate is of a class that was taken out').in(
      'excludedClasses',
    );
  return {
    model: organicModel(left),
    classOf: (candidate) => {
      const found = byName.get(candidate);
      return found ? organicClass(found.structure) : 'other';
    },
  };
}

function inorganic({
  candidates,
  excludedClasses,
}: z.output<typeof identifySchema>): Promise<Reasoning> {
  const read = candidates.map((candidate, at) =>
    inField(`candidates.${at}`, () =>
      readCandidate(typeof candidate === 'string' ? candidate : candidate.name),
    ),
  );
  const byName = new Map(read.map((one) => [one.name, one]));
  const classOf = (candidate: string): string => {
    const found = byName.get(candidate);
    return found ? inorganicClass(found) : 'other';
  };
  const out = new Set(excludedClasses.map((text) => text.trim().toLowerCase().replace(/s$/, '')));
  const left = [...byName.values()].filter((one) => !out.has(inorganicClass(one)));
  if (left.length === 0)
    throw ChemistryError.of('noCandidates', 'every candidate is of a class that was taken out').in(
      'excludedClasses',
    );
  const outcomes = Object.fromEntries(left.map((one) => [one.name, outcomesOf(one)]));
  return Promise.resolve({ model: inorganicModel(outcomes), classOf });
}
