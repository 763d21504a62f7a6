import { learnedSchema } from '@stoichos/core/studies/practice';
import type { Learned } from '@stoichos/core/studies/practice';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';

/** One round at the virtual bench, as it is kept. */
const roundSchema = z.object({
  at: z.number(),
  level: z.string(),
  truth: z.string(),
  right: z.boolean(),
  tests: z.int(),
  shortest: z.int(),
});
export type KeptRound = z.infer<typeof roundSchema>;

const learnerSchema = z.object({
  rounds: z.array(roundSchema),
  drills: z.record(z.string(), learnedSchema),
});
const learnersSchema = z.object({ name: z.string(), all: z.record(z.string(), learnerSchema) });

/** Most rounds that are kept of one learner. */
const mostRounds = 200;

/** Progress by learner name, kept in this browser alone. */
export function useLearner() {
  const [{ name, all }, setLearners] = useKept('stoichos.practice', learnersSchema, {
    name: 'me',
    all: {},
  });
  const own = all[name] ?? { rounds: [], drills: {} };
  const keep = (next: typeof own) =>
    setLearners((before) => ({ ...before, all: { ...before.all, [before.name]: next } }));
  return {
    name,
    names: Object.keys(all),
    rounds: own.rounds,
    drills: own.drills,
    setName: (next: string) => setLearners((before) => ({ ...before, name: next })),
    keepRound: (round: KeptRound) =>
      keep({ ...own, rounds: [...own.rounds, round].slice(-mostRounds) }),
    keepDrill: (id: string, learned: Learned) =>
      keep({ ...own, drills: { ...own.drills, [id]: learned } }),
  };
}
