import { findSubstance } from '../matter/substances/findSubstance';
import { commonPractice, handbook } from '../matter/substances/source';
import { hazardsOf } from './hazards';
import type { Bottle } from './hazards';
import type { HazardCode } from './statements';

type Needed = readonly (readonly [what: string, pattern: RegExp, of?: 'dust' | 'fume'])[];

/** What to wear besides what everyone always wears, by the statements that call for it. */
const worn: Needed = [['gloves', /^H(31[0-8]|30[01]|340|350|360|334|372)/]];
const always = ['goggles', 'lab coat'];
/** What must be round the work. */
const around: Needed = [
  ['a hood', /^H33[014]/],
  ['a hood', /^H33[25]/, 'fume'],
  ['good ventilation, and no dust raised', /^H33[25]/, 'dust'],
  ['no flame or spark near what burns', /^H(22[0-8]|250|260|261)/],
  ['oxidisers kept away from anything that burns', /^H27[0-2]/],
  ['a safety screen', /^H(250|260|271)/],
];

/** First aid for a gas or vapour, from a bottle or made in the work. */
export const breathedIn = 'Breathed in: fresh air, rest; then a doctor.';
/** First aid by statement, as on the supplier’s sheets: one line, until help is there. */
const firstAid: readonly (readonly [words: string, pattern: RegExp])[] = [
  [
    'Eyes: rinse with running water for at least ten minutes, lids held open; then a doctor.',
    /^H(314|318|319)/,
  ],
  ['Skin: take wet clothes off, rinse long with water.', /^H(31[0-7])/],
  ['Swallowed: rinse the mouth, do not make them vomit, call poison information.', /^H(30[0-4])/],
  [breathedIn, /^H(33[0-6])/],
  ['Fire: sand or the right extinguisher, never water on metals.', /^H(22[0-8]|250|260|261)/],
];
/** First aid for a jar of unknown content: every line. */
export const firstAidForUnknowns: readonly string[] = firstAid.map(([words]) => words);
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
export function protectionFor(bottles: readonly Bottle[]): Protection {
  const called = (needed: Needed): string[] => [
    ...new Set(
      needed.flatMap(([what, pattern, of]) =>
        codesOf(bottles.filter((one) => of === undefined || of === goesIntoAirAs(one))).some(
          (code) => pattern.test(code),
        )
          ? [what]
          : [],
      ),
    ),
  ];
  return { worn: [...always, ...called(worn)], around: called(around) };
}

/** How it comes to be breathed in: a solid as dust; solutions, liquids and gases as fume. */
const goesIntoAirAs = ({ substance, concentrationM, percentWW }: Bottle): 'dust' | 'fume' =>
  concentrationM === undefined &&
  percentWW === undefined &&
  findSubstance(substance).substance.state === undefined
    ? 'dust'
    : 'fume';

/** What to do at once when something goes wrong with one of them. */
export function firstAidFor(bottles: readonly Bottle[]): string[] {
  const codes = codesOf(bottles);
  return firstAid.flatMap(([words, pattern]) =>
    codes.some((code) => pattern.test(code)) ? [words] : [],
  );
}

const codesOf = (bottles: readonly Bottle[]): HazardCode[] =>
  bottles.flatMap((one) => hazardsOf(one).statements.map(({ code }) => code));
