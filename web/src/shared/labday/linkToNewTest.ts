/** A solution that a link asks for. */
interface AskedSolution {
  readonly substance: string;
  /** mol/L; the usual strength where it is left out. */
  readonly concentrationM?: number | undefined;
}

/** Where a test of one or two solutions is begun. */
export function linkToNewTest(dayId: string, solutions: readonly AskedSolution[]): string {
  const asked = new URLSearchParams(
    solutions.flatMap(({ substance, concentrationM }, at) => {
      const side = at === 0 ? 'a' : 'b';
      return [
        [side, substance],
        ...(concentrationM === undefined ? [] : [[`${side}M`, String(concentrationM)]]),
      ];
    }),
  );
  return `/days/${dayId}/plan?${asked.toString()}`;
}
