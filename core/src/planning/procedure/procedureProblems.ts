import { orderProblems } from './orderGuard';
import { procedureSchema } from './procedure';
import type { Procedure } from './procedure';

/** What keeps it from being saved, in words that name the step. */
export function procedureProblems(procedure: Procedure): string[] {
  const read = procedureSchema.safeParse(procedure);
  const ofShape = read.success
    ? []
    : read.error.issues.map(({ path, message }) => {
        const [field, at] = path;
        return field === 'steps' && typeof at === 'number'
          ? `Step ${at + 1}: ${message}.`
          : `${message}.`;
      });
  return [
    ...new Set([...ofShape, ...orderProblems(procedure.steps).map(({ message }) => message)]),
  ];
}
