import * as z from 'zod';

/** How a question stands with a learner: in which box it lies, and when it is due again (Leitner’s boxes, 1972). */
export const learnedSchema = z.object({
  box: z.int().min(0).max(5),
  /** Milliseconds since 1970. */
  dueAt: z.number(),
  right: z.int().min(0),
  wrong: z.int().min(0),
});
export type Learned = z.infer<typeof learnedSchema>;

const minute = 60_000;
const day = 24 * 60 * minute;
/** How long until a question of each box is asked again, ms; the first two come back in the same sitting. */
const intervalsMs = [minute, 10 * minute, day, 3 * day, 7 * day, 21 * day] as const;

/** A right answer moves a question one box on, a wrong one back to the first. */
export function answered(before: Learned | undefined, right: boolean, nowMs: number): Learned {
  const box = right ? Math.min(intervalsMs.length - 1, (before?.box ?? 0) + 1) : 0;
  return {
    box,
    dueAt: nowMs + (intervalsMs[box] ?? day),
    right: (before?.right ?? 0) + (right ? 1 : 0),
    wrong: (before?.wrong ?? 0) + (right ? 0 : 1),
  };
}

/**
 * The question to ask next: the one due longest, missed ones first; then one that was never asked; then the one due soonest.
 *
 * @param ids in the order in which new ones are brought in.
 */
export function nextQuestion(
  ids: readonly string[],
  learned: Readonly<Record<string, Learned>>,
  nowMs: number,
  justAsked?: string,
): string | undefined {
  const others = ids.filter((id) => id !== justAsked);
  const known = others
    .flatMap((id) => (learned[id] ? [{ id, ...learned[id] }] : []))
    .sort((one, other) => one.box - other.box || one.dueAt - other.dueAt);
  const due = known.find(({ dueAt }) => dueAt <= nowMs);
  const fresh = others.find((id) => !learned[id]);
  const soonest = [...known].sort((one, other) => one.dueAt - other.dueAt)[0];
  return due?.id ?? fresh ?? soonest?.id ?? ids[0];
}
