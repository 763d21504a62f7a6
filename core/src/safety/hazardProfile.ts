import { parseFormula } from '../matter/formula/parseFormula';
import { findSubstance } from '../matter/substances/findSubstance';
import { gradeOf } from './hazardRank';
import { hazardsOf } from './hazards';
import type { Bottle } from './hazards';
import type { HazardCode } from './statements';

/** Ways in which something harms, each with the statements that say so. */
const respects = {
  poison: /^H(30[0-2]|31[0-2]|33[0-2]|304|EUH03)/,
  corrosion: /^H(314|315|318|319|290)/,
  allergy: /^H(317|334)/,
  cancerOrUnborn: /^H(34|35|36)/,
  organs: /^H(335|336|37)/,
  fire: /^H2[0-7]/,
  waters: /^H4/,
} as const;

export type HazardRespect = keyof typeof respects;

/** How grave the hazards of something are in each respect, 0 to 5. */
export type HazardProfile = Readonly<Record<HazardRespect, number>>;

/** The hazards of several bottles together, by respect: the gravest of them counts. */
export function hazardProfile(bottles: readonly Bottle[]): HazardProfile {
  const codes = bottles.flatMap((one) => hazardsOf(one).statements.map(({ code }) => code));
  const gravest = (pattern: RegExp): number =>
    codes
      .filter((code: HazardCode) => pattern.test(code))
      .reduce((most, code) => Math.max(most, gradeOf(code)), 0);
  return Object.fromEntries(
    Object.entries(respects).map(([name, pattern]) => [name, gravest(pattern)]),
  ) as HazardProfile;
}

/** Whether one is less dangerous than the other: in no respect more, and in at least one less. */
export function isSafer(one: HazardProfile, other: HazardProfile): boolean {
  const names = Object.keys(respects) as HazardRespect[];
  return (
    names.every((name) => one[name] <= other[name]) && names.some((name) => one[name] < other[name])
  );
}

/** Elements that no school replaces one toxic metal by another with. */
const heavyMetals: ReadonlySet<string> = new Set([
  ...['Pb', 'Hg', 'Cd', 'Tl', 'As', 'Sb', 'Ni', 'Co', 'V', 'Ba'],
]);

/** Whether a substance holds a toxic heavy metal, or chromium(VI). */
export function holdsHeavyMetal(substance: string): boolean {
  const { formula, ions } = findSubstance(substance).substance;
  return (
    Object.keys(parseFormula(formula).elements).some((element) => heavyMetals.has(element)) ||
    'CrO4^2-' in ions ||
    'Cr2O7^2-' in ions
  );
}
