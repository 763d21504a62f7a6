/** The view of Plan in which what is planned stands: the procedures, unless a day has tests of two solutions alone. */
export function planView({
  testCount,
  procedureCount,
}: {
  readonly testCount: number;
  readonly procedureCount: number;
}): 'plan' | 'plan/procedures' {
  return testCount > 0 && procedureCount === 0 ? 'plan' : 'plan/procedures';
}
