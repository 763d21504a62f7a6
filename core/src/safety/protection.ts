import { commonPractice, handbook } from '../matter/substances/source';
import { hazardsOf } from './hazards';
import type { HazardCode } from './statements';

type Needed = readonly (readonly [what: string, pattern: RegExp])[];

/** What to wear besides what everyone always wears, by the statements that call for it. */
const worn: Needed = [['gloves', /^H(31[0-8]|30[01]|340|350|360|334|372)/]];
const always = ['goggles', 'lab coat'];
/** What must be round the work. */
const around: Needed = [
  ['a hood', /^H(33[0-5])/],
  ['no flame or spark near what burns', /^H(22[0-8]|250|260|261)/],
  ['oxidisers kept away from anything that burns', /^H27[0-2]/],
  ['a safety screen', /^H(250|260|271)/],
];

/** First aid by statement, as on the supplier’s sheets: one line, until help is there. */
const firstAid: readonly (readonly [words: string, pattern: RegExp])[] = [
  [
    'Eyes: rinse with running water for at least ten minutes, lids held open; then a doctor.',
    /^H(314|318|319)/,
  ],
  ['Skin: take wet clothes off, rinse long with water.', /^H(31[0-7])/],
  ['Swallowed: rinse the mouth, do not make them vomit, call poison information.', /^H(30[0-4])/],
  ['Breathed in: fresh air, rest; then a doctor.', /^H(33[0-6])/],
  ['Fire: sand or the right extinguisher, never water on metals.', /^H(22[0-8]|250|260|261)/],
];
export const protectionSource = commonPractice(
  'protective equipment by hazard statement; the supplier’s sheet (section 8) decides',
);
export const firstAidSource = handbook(
  'UN GHS, precautionary statements P301 to P378',
  'shortened to a line each',
);

/** What protects from a set of substances: on everyone, and round the work. */
export interface Protection {
  readonly worn: readonly string[];
  readonly around: readonly string[];
}

/** What to wear for a set of substances, goggles first, and what must be round the work. */
export function protectionFor(substances: readonly string[]): Protection {
  const codes = codesOf(substances);
  const called = (needed: Needed): string[] =>
    needed.flatMap(([what, pattern]) => (codes.some((code) => pattern.test(code)) ? [what] : []));
  return { worn: [...always, ...called(worn)], around: called(around) };
}

/** What to do at once when something goes wrong with one of them. */
export function firstAidFor(substances: readonly string[]): string[] {
  const codes = codesOf(substances);
  return firstAid.flatMap(([words, pattern]) =>
    codes.some((code) => pattern.test(code)) ? [words] : [],
  );
}

const codesOf = (substances: readonly string[]): HazardCode[] =>
  substances.flatMap((one) => hazardsOf(one).statements.map(({ code }) => code));
