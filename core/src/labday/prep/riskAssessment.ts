import { formatNumber, atMostFigures } from '../../common/formatNumber';
import { nameOnShelf } from '../../matter/substances/naming';
import { commonPractice } from '../../matter/substances/source';
import type { NamingSchool } from '../../matter/substances/types';
import { mindOf, putIn, stepSafety } from '../../planning/procedure/stepSafety';
import type { StepSafety } from '../../planning/procedure/stepSafety';
import type { KitKind, Procedure } from '../../planning/procedure/procedure';
import { hazardsOf } from '../../safety/hazards';
import type { Bottle, HazardSheet } from '../../safety/hazards';
import { breathedIn, firstAidFor, protectionFor } from '../../safety/protection';
import type { LabDay } from '../day/labDay';
import { strengthMade } from '../day/solutionsNeeded';
import { runOf, wasteOfWork } from '../day/work';
import type { Work } from '../day/work';

/** One thing that is used, and what it can do. */
export interface UsedThing {
  readonly formula: string;
  /** `0.1 mol/L lead(II) nitrate`, or the solid or reagent as supplied. */
  readonly what: string;
  readonly hazards: HazardSheet;
}

/** One activity of a day, as a risk assessment has it. */
export interface AssessedActivity {
  readonly workId: string;
  readonly name: string;
  /** Who does it: every bench, or one person in front of all. */
  readonly who: string;
  readonly used: readonly UsedThing[];
  /** What can happen, the worst first, and to whom. */
  readonly risks: readonly string[];
  readonly controls: readonly string[];
  readonly emergency: readonly string[];
  readonly disposal: readonly string[];
}

/** A risk assessment of a lab day, before the school adds its own words and somebody signs it. */
export interface RiskAssessment {
  readonly activities: readonly AssessedActivity[];
  /** Concentrated reagents and solids in the preparation room belong to another assessment than the class. */
  readonly says: string;
}

/** Said at its head and its foot. */
const localRules =
  'A draft from the tables of this application: local rules, the supplier’s safety data sheets and whoever signs decide. It does not make an activity safe.';

/** How bad: what may kill or stays for life, what needs a doctor, what passes. */
type Gravity = 1 | 2 | 3;

/** Something that can happen, and how bad it is. */
interface Risk {
  readonly gravity: Gravity;
  readonly words: string;
}

/**
 * Statements that say what happens to a person, from the worst. What is `within` a worse one of the same substance is not said
 * again: whoever is burnt is irritated as well.
 */
const happens: readonly (Risk & { readonly code: RegExp; readonly within?: RegExp })[] = [
  { code: /^H33[01]/, gravity: 1, words: 'poisoning by breathing it in' },
  { code: /^H31[01]/, gravity: 1, words: 'poisoning through the skin' },
  { code: /^H30[01]/, gravity: 1, words: 'poisoning by swallowing it' },
  { code: /^H3[45]/, gravity: 1, words: 'cancer, or harm to heredity, after years' },
  { code: /^H36/, gravity: 1, words: 'harm to an unborn child or to fertility' },
  { code: /^H314/, gravity: 2, words: 'burns of skin and eyes' },
  { code: /^H318/, gravity: 2, words: 'lasting damage to an eye', within: /^H314/ },
  { code: /^H334/, gravity: 2, words: 'asthma' },
  { code: /^H2[2567]/, gravity: 2, words: 'fire' },
  { code: /^EUH03/, gravity: 2, words: 'a toxic gas if it meets an acid' },
  { code: /^H37/, gravity: 3, words: 'damage to organs when used often' },
  { code: /^H30[24]/, gravity: 3, words: 'illness when swallowed', within: /^H30[01]/ },
  { code: /^H312/, gravity: 3, words: 'illness through the skin', within: /^H31[01]/ },
  { code: /^H317/, gravity: 3, words: 'allergy of the skin' },
  { code: /^H315/, gravity: 3, words: 'irritation of the skin', within: /^H314/ },
  { code: /^H319/, gravity: 3, words: 'irritation of the eyes', within: /^H31[48]/ },
  {
    code: /^H33[256]/,
    gravity: 3,
    words: 'irritation of the airways, drowsiness',
    within: /^H33[01]/,
  },
];

/** What a piece of kit or an act can do to somebody, whatever is in the vessels. */
interface WorkDanger {
  /** The kit that a step needs for it, or what is done in a step. */
  readonly uses?: KitKind;
  readonly does?: 'electrolyse' | 'ignite';
  readonly gravity: Gravity;
  readonly risk: string;
  readonly control: string;
  readonly firstAid: string;
}

const coolBurns =
  'Burn: cool under running water for at least 20 minutes; bigger than a hand, or on the face: a doctor.';

/** From the worst. */
const workDangers: readonly WorkDanger[] = [
  {
    does: 'ignite',
    gravity: 2,
    risk: 'Whoever stands near when it is lit: burns.',
    control: 'One person lights, and everybody else stands back.',
    firstAid: coolBurns,
  },
  {
    uses: 'hood',
    gravity: 2,
    risk: 'Whoever works outside the hood: breathes in gas or vapour.',
    control: 'In the hood, its sash down between the face and the work.',
    firstAid: breathedIn,
  },
  {
    uses: 'burner',
    gravity: 2,
    risk: 'Whoever heats: burns from the flame and from hot glass; hair or sleeves catch fire.',
    control:
      'Long hair and loose sleeves tied back; tubes point away from people; hot glass looks like cold glass.',
    firstAid: coolBurns,
  },
  {
    uses: 'hot plate',
    gravity: 3,
    risk: 'Whoever heats: burns from a plate that looks cold.',
    control: 'Hot plates are marked hot until they are cold.',
    firstAid: coolBurns,
  },
  {
    does: 'electrolyse',
    gravity: 3,
    risk: 'Whoever sets up the circuit: sparks and hot wires when the leads touch.',
    control: 'Supply off before anybody touches the circuit.',
    firstAid: coolBurns,
  },
];
export const workDangersSource = commonPractice(
  'dangers of kit and work in a school laboratory; burns cooled for 20 minutes as first-aid guidance has it',
);

/**
 * The risk assessment of a day: for every activity what is used at which strength, what can happen to whom, what is done against
 * it, what is done when it happens, and where the rest goes.
 */
export function riskAssessment(
  day: Pick<LabDay, 'procedures' | 'groups' | 'groupSize' | 'weighings'>,
  naming: NamingSchool,
): RiskAssessment {
  return {
    says: localRules,
    activities: day.procedures.map(({ id, procedure, manner }, at) =>
      assessed({ id, number: at + 1, manner, procedure }, day, naming),
    ),
  };
}

function assessed(
  work: Work,
  { groups, groupSize, weighings }: Pick<LabDay, 'groups' | 'groupSize' | 'weighings'>,
  naming: NamingSchool,
): AssessedActivity {
  const { procedure, manner } = work;
  const bottles = bottlesOf(procedure).map(({ substance, concentrationM }): Bottle =>
    concentrationM === undefined
      ? { substance }
      : {
          substance,
          concentrationM: strengthMade(weighings, { substance, concentrationM }),
        },
  );
  const used = bottles.map((bottle): UsedThing => ({
    formula: bottle.substance,
    what: strengthWords(bottle, naming),
    hazards: hazardsOf(bottle),
  }));
  const dangers = dangersOf(procedure);
  const risks = [
    ...risksOf(used),
    ...dangers.map(({ gravity, risk }): Risk => ({ gravity, words: risk })),
    ...stepSafety(runOf(work), manner).flatMap(risksOfStep),
  ].sort((one, other) => one.gravity - other.gravity);
  const waste = wasteOfWork(work);
  const { worn, around } = protectionFor(bottles);
  return {
    workId: work.id,
    name: procedure.name,
    who:
      manner === 'demonstration'
        ? 'Shown by one person to the class'
        : `${groups.length} ${groups.length === 1 ? 'bench' : 'benches'} of ${formatNumber(groupSize)}`,
    used,
    risks: [...new Set(risks.map(({ words }) => words))],
    controls: [
      `Wear ${worn.join(', ')}.`,
      ...around.map((one) => `Needed: ${one}.`),
      ...new Set(
        procedure.steps.flatMap(({ caution }) => (caution === undefined ? [] : [caution])),
      ),
      ...dangers.map(({ control }) => control),
    ],
    emergency: [...new Set([...firstAidFor(bottles), ...dangers.map(({ firstAid }) => firstAid)])],
    disposal: [
      ...(waste ? [`${waste.bottle}: ${waste.because}.`] : []),
      ...(procedure.disposal === '' ? [] : [procedure.disposal]),
    ],
  };
}

/** Everything an activity puts in, each strength once. */
function bottlesOf({ steps }: Procedure): Bottle[] {
  const all = steps.flatMap((step) => putIn(step));
  return [
    ...new Map(all.map((one) => [`${one.substance} ${one.concentrationM ?? ''}`, one])).values(),
  ];
}

function strengthWords({ substance, concentrationM }: Bottle, naming: NamingSchool): string {
  const name = nameOnShelf(naming, substance);
  return concentrationM === undefined
    ? `${name}, as supplied`
    : `${name}, ${atMostFigures(concentrationM, 3)} mol/L`;
}

function risksOf(used: readonly UsedThing[]): Risk[] {
  const codes = new Map<string, string[]>();
  for (const { formula, hazards } of used)
    codes.set(formula, [
      ...(codes.get(formula) ?? []),
      ...hazards.statements.map(({ code }) => code),
    ]);
  return happens.flatMap(({ code: pattern, within, gravity, words }): Risk[] => {
    const of = [...codes].filter(
      ([, own]) =>
        own.some((code) => pattern.test(code)) && !own.some((code) => within?.test(code)),
    );
    return of.length === 0
      ? []
      : [
          {
            gravity,
            words: `Whoever handles ${of.map(([formula]) => formula).join(', ')}: ${words}.`,
          },
        ];
  });
}

/** What the engine and the tables of what must not meet say of a step. */
const risksOfStep = ({ quantities, clashes, warnings }: StepSafety): Risk[] => [
  ...mindOf({ quantities, clashes: clashes.filter(({ never }) => never), warnings: [] }).map(
    (words): Risk => ({ gravity: 1, words }),
  ),
  ...mindOf({ quantities: [], clashes: clashes.filter(({ never }) => !never), warnings }).map(
    (words): Risk => ({ gravity: 2, words }),
  ),
];

/** What the kit and the events can do, whatever is in the vessels. */
const dangersOf = ({ steps }: Procedure): WorkDanger[] =>
  workDangers.filter(({ does, uses }) =>
    steps.some(
      ({ events, uses: needed }) =>
        (uses !== undefined && (needed[uses] ?? 0) > 0) ||
        (does !== undefined &&
          events.some((event) => 'vessel' in event && event.action.do === does)),
    ),
  );
