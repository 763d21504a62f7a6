import type * as z from 'zod';

/** What is wrong, and where. */
export interface Issue {
  readonly path: readonly PropertyKey[];
  readonly message: string;
}

/** The first problem; where one of several shapes was asked for, that of the shape which came nearest. */
export function mostTelling(issues: readonly z.core.$ZodIssue[]): Issue {
  const [issue] = issues;
  if (!issue) return { path: [], message: 'not valid' };
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return issue;
  const [nearest = []] = [...issue.errors].sort((a, b) => missing(a) - missing(b));
  const { path, message } = mostTelling(nearest);
  return { path: [...issue.path, ...path], message };
}

/** How many fields a shape lacks altogether; a wrong value counts for less than a missing one. */
function missing(issues: readonly z.core.$ZodIssue[]): number {
  return issues.reduce((sum, { code }) => sum + (code === 'invalid_type' ? 10 : 1), 0);
}
