import * as z from 'zod';
import { rackEventSchema, rackSchema } from '../../seeing/rack/rackShape';
import { kindNames } from './kinds';
import type { ProcedureKind } from './kinds';
import { analysisSchema, measureSchema } from './measures';

const line = (most: number) => z.string().trim().max(most);
const stepId = z.string().min(1).max(40);
const minutes = z
  .number()
  .min(0, 'A time is 0 minutes or more')
  .max(600, 'A step lasts at most 600 minutes');

/** Kit that benches share, by the names it goes under in a lab day. */
export const kitKinds = ['hot plate', 'balance', 'hood', 'burner', 'desiccator'] as const;
export type KitKind = (typeof kitKinds)[number];

/** One step: what to do in words, what that means for the vessels, how long it takes and what it hangs on. */
export const stepSchema = z.object({
  id: stepId,
  text: line(400).min(1, 'A step says what to do'),
  /** What the engine runs; empty where nothing is done to a vessel. */
  events: z.array(rackEventSchema).max(20).default([]),
  /** Amounts that are approximate on purpose, by the event they belong to, in that portion’s own unit. */
  ranges: z
    .array(
      z.object({
        event: z.number().int().min(0).max(19),
        low: z.number().positive('An amount is above 0'),
        high: z.number().positive('An amount is above 0'),
      }),
    )
    .max(20)
    .default([]),
  minutes,
  /** Somebody stays with it; otherwise it runs by itself and the hands are free. */
  attended: z.boolean(),
  uses: z.partialRecord(z.enum(kitKinds), z.number().int().min(1).max(50)).default({}),
  /** Steps it follows; the step before it in the list when left out. */
  after: z
    .array(
      z.object({ step: stepId, minWaitMin: minutes.optional(), maxWaitMin: minutes.optional() }),
    )
    .max(10)
    .optional(),
  /** What is at hand before it begins. */
  ready: z.array(line(120).min(1)).max(10).default([]),
  /** Steps that must have been done before it, and why: they stay so when steps are moved. */
  needs: z
    .array(z.object({ step: stepId, because: line(200).min(1) }))
    .max(10)
    .default([]),
  caution: line(400).optional(),
  /** What the class writes down. */
  record: z.array(line(160).min(1)).max(10).default([]),
  /** What is measured in it, with a unit. */
  measures: z.array(measureSchema).max(10).default([]),
  /** Why the engine cannot say what is seen, where it cannot. */
  notPredicted: line(400).optional(),
});
/** One step of a procedure. */
export type Step = z.infer<typeof stepSchema>;

/** A step with nothing in it yet. */
export const blankStep = (id: string): Step => ({
  id,
  text: '',
  events: [],
  ranges: [],
  minutes: 2,
  attended: true,
  uses: {},
  ready: [],
  needs: [],
  record: [],
  measures: [],
});

/** A test as it is written down: what for, what with, in what order, and what to ask. */
export const procedureSchema = z.object({
  id: z.string().min(1).max(80),
  name: line(100).min(1, 'A procedure needs a name'),
  kind: z.enum(Object.keys(kindNames) as [ProcedureKind, ...ProcedureKind[]]),
  purpose: line(600).min(1, 'Say what it is for'),
  /** The procedure it was adapted from, as it was then. */
  from: z.string().max(80).optional(),
  vessels: rackSchema.shape.vessels.max(12),
  /** What is needed besides the vessels, for one group. */
  apparatus: z
    .array(z.object({ name: line(80).min(1), count: z.number().int().min(1).max(100) }))
    .max(30)
    .default([]),
  steps: z.array(stepSchema).min(1, 'A procedure has at least one step').max(60),
  /** What is worked out from what was measured. */
  analyses: z.array(analysisSchema).max(6).default([]),
  questions: z.array(line(300).min(1)).max(12).default([]),
  /** What a good answer to each question says, with the points that earn marks; empty where there is none. */
  answers: z.array(line(600)).max(12).default([]),
  /** What to do with what is left, besides the bottle the waste plan names. */
  disposal: line(600).default(''),
});
/** A test as it is written down. */
export type Procedure = z.infer<typeof procedureSchema>;
/** A procedure as a person writes it: what may be left out is left out. */
export type WrittenProcedure = z.input<typeof procedureSchema>;
