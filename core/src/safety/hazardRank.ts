import { hazardsOf } from './hazards';
import type { Bottle } from './hazards';
import type { HazardCode } from './statements';

/** Statements by how grave they are for a class: 5 may kill in small amounts, 1 irritates. */
const grades: readonly (readonly [grade: number, pattern: RegExp])[] = [
  [5, /^H(300|310|330)/],
  [4, /^H(301|311|331|340|350|360|250|260|271|270)/],
  [3, /^H(314|318|334|341|351|361|370|372|220|225|228|261|272|304)/],
  [2, /^H(302|312|332|317|290|371|373|226|251|400|410)/],
  [1, /^H(315|319|335|336|411|412|413)/],
];

/** What a grade means, in a word or two. */
export const hazardGrades = [
  'no classified hazard',
  'irritant',
  'harmful',
  'lasting harm, or fire',
  'toxic or worse',
  'can kill',
] as const;

/**
 * How grave the gravest hazard of something is, 0 (none classified) to 5 (fatal), as supplied or at a strength.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function hazardRank(what: string | Bottle): number {
  return hazardsOf(what).statements.reduce((most, { code }) => Math.max(most, gradeOf(code)), 0);
}

/** How grave a statement is, 0 to 5. */
export const gradeOf = (code: HazardCode): number =>
  grades.find(([, pattern]) => pattern.test(code))?.[0] ?? 0;

/** From this grade on a substance is marked wherever it can be chosen. */
const markedFrom = 5;

/** What a list of substances says beside one that can kill in small amounts; nothing beside any other. */
export function hazardMark(what: string | Bottle): string | undefined {
  const grade = hazardRank(what);
  return grade >= markedFrom ? hazardGrades[grade] : undefined;
}
