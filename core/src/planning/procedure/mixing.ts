import { containerKinds } from '../../vessel/containers';
import type { ContainerKind } from '../../vessel/containers';
import { portionSchema } from '../../vessel/portion';
import { portionWords } from '../../seeing/rack/eventWords';
import * as z from 'zod';
import { blankStep } from './procedure';
import type { Procedure } from './procedure';

/** Two solutions brought together in one vessel: the shortest procedure there is, written as a line of a table. */
export const mixingSchema = z.object({
  /** In the vessel first. */
  a: portionSchema,
  /** Poured in. */
  b: portionSchema,
  container: z.enum(containerKinds as [ContainerKind, ...ContainerKind[]]),
});
export type Mixing = z.infer<typeof mixingSchema>;

/** The one vessel of a mixing, and its one step. */
export const mixingVessel = 'vessel';
export const mixingStep = 'mix';

/** What a group takes to pour two solutions together, look and write it down, min: common practice. */
const mixingMinutes = 3;

/**
 * The procedure of one step that brings two solutions together.
 *
 * @param id of the procedure.
 * @example procedureOfMixing('p', { container: 'testTube',
 *   a: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 },
 *   b: { substance: 'NaCl', concentrationM: 0.1, volumeMl: 2 } }).name // 'AgNO3 with NaCl'
 */
export function procedureOfMixing(id: string, { a, b, container }: Mixing): Procedure {
  const add = (portion: Mixing['a']) => ({
    vessel: mixingVessel,
    action: { do: 'add' as const, portion },
  });
  return {
    id,
    name: `${a.substance} with ${b.substance}`,
    kind: 'precipitation',
    purpose: 'What happens when the two are brought together?',
    vessels: [{ name: mixingVessel, container }],
    apparatus: [],
    steps: [
      {
        ...blankStep(mixingStep),
        text: `Put ${portionWords(a)} in the vessel, note its colour, then pour in ${portionWords(b)}.`,
        events: [add(a), add(b)],
        minutes: mixingMinutes,
      },
    ],
    analyses: [],
    questions: [],
    answers: [],
    disposal: '',
  };
}

/** The two solutions of a procedure that does nothing but bring two together in its one vessel; undefined for any other. */
export function mixingOf({
  vessels,
  steps,
}: Pick<Procedure, 'vessels' | 'steps'>): Mixing | undefined {
  const [vessel, ...otherVessels] = vessels;
  const [step, ...otherSteps] = steps;
  if (!vessel || !step || otherVessels.length > 0 || otherSteps.length > 0) return undefined;
  const portions = step.events.map((event) =>
    'vessel' in event && event.action.do === 'add' ? event.action.portion : undefined,
  );
  if (portions.length !== 2) return undefined;
  const [a, b] = portions;
  const read = mixingSchema.safeParse({ a, b, container: vessel.container });
  return read.success ? read.data : undefined;
}
