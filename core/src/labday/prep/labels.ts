import { hazardsOf } from '../../safety/hazards';
import type { Bottle, HazardSheet } from '../../safety/hazards';
import type { Pictogram, Signal } from '../../safety/statements';
import { nameOnShelf } from '../../matter/substances/naming';
import type { NamingSchool } from '../../matter/substances/types';
import type { PrepLine } from '../../planning/prep/prepSheet';
import { howItKeeps } from '../../planning/prep/keeping';
import type { LabDay } from '../day/labDay';
import { otherNeeds, solutionsNeeded, strengthMade } from '../day/solutionsNeeded';
import { indicatorHazards, indicatorMixes } from '../../planning/prep/indicatorRecipe';
import { atMostFigures, formatNumber } from '../../common/formatNumber';

/** Paper and the places of labels on it, mm. */
export interface LabelSheet {
  readonly name: string;
  readonly paper: 'A4' | 'Letter';
  readonly columns: number;
  readonly rows: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly topMm: number;
  readonly leftMm: number;
  /** How many letters of statements a label has room for, in the smallest print that is read at arm’s length. */
  readonly letters: number;
}

/** Label sheets by their size; small gaps between labels are part of the label here. */
export const labelSheets = {
  'a4-21': {
    name: '21 on A4, 64 × 38 mm',
    paper: 'A4',
    columns: 3,
    rows: 7,
    widthMm: 64,
    heightMm: 38.1,
    topMm: 15,
    leftMm: 9,
    letters: 70,
  },
  'a4-14': {
    name: '14 on A4, 99 × 38 mm',
    paper: 'A4',
    columns: 2,
    rows: 7,
    widthMm: 99,
    heightMm: 38.1,
    topMm: 15,
    leftMm: 6,
    letters: 130,
  },
  'a4-8': {
    name: '8 on A4, 99 × 67 mm',
    paper: 'A4',
    columns: 2,
    rows: 4,
    widthMm: 99,
    heightMm: 67.7,
    topMm: 13,
    leftMm: 6,
    letters: 480,
  },
  'letter-10': {
    name: '10 on Letter, 4 × 2 in',
    paper: 'Letter',
    columns: 2,
    rows: 5,
    widthMm: 101.6,
    heightMm: 50.8,
    topMm: 12.7,
    leftMm: 6.3,
    letters: 260,
  },
  'letter-6': {
    name: '6 on Letter, 4 × 3⅓ in',
    paper: 'Letter',
    columns: 2,
    rows: 3,
    widthMm: 101.6,
    heightMm: 84.6,
    topMm: 12.7,
    leftMm: 6.3,
    letters: 640,
  },
} as const satisfies Record<string, LabelSheet>;
export type LabelSheetId = keyof typeof labelSheets;

/** What stands on one label. */
export interface Label {
  readonly key: string;
  readonly name: string;
  readonly formula: string;
  /** `0.25 mol/L`, or the form in the jar. */
  readonly strength: string;
  readonly date: string;
  readonly maker: string;
  readonly pictograms: readonly Pictogram[];
  readonly signal?: Signal;
  /** All of them, the worst first. */
  readonly statements: HazardSheet['statements'];
  readonly precautions: HazardSheet['precautions'];
  readonly keeps: string;
}

/** The statements of a label as there is room for them: none is left out, the last ones stand there as their numbers. */
export interface PrintedStatements {
  /** The worst, in words; always at least one, where there is one. */
  readonly words: readonly string[];
  /** Numbers of the others, of hazards first and of precautions after them. */
  readonly codes: readonly string[];
}

/** What a label of a size says in words, and what as a number. */
export function printedStatements(
  { statements, precautions }: Pick<Label, 'statements' | 'precautions'>,
  { letters }: Pick<LabelSheet, 'letters'>,
): PrintedStatements {
  let room = letters;
  const inWords = (one: { readonly text: string }, at: number): boolean => {
    room -= one.text.length + 2;
    return at === 0 || room >= 0;
  };
  const told = statements.filter(inWords);
  const cautions =
    told.length === statements.length ? precautions.filter((one) => inWords(one, 1)) : [];
  return {
    words: [...told, ...cautions].map(({ text }) => text),
    codes: [...statements, ...precautions]
      .filter((one) => !told.some(({ code }) => code === one.code) && !cautions.includes(one))
      .map(({ code }) => code),
  };
}

/**
 * A label for every solution, solid, liquid and dropping bottle that is set out, classed at the strength it has, or was really
 * made to.
 *
 * @param sheet the prep sheet, for the solutions that are made only to dilute from.
 */
export function labelsFor(
  day: Pick<LabDay, 'procedures' | 'groups' | 'sparePercent' | 'weighings' | 'date' | 'staff'>,
  naming: NamingSchool,
  sheet: readonly PrepLine[] = [],
): Label[] {
  const made = { date: day.date, maker: day.staff[0] ?? '' };
  // What is made only to dilute from stands in a bottle too.
  const between = sheet.filter(({ isIntermediate }) => isIntermediate);
  const solutions = [...solutionsNeeded(day), ...between].map((need): Label => {
    const concentrationM = strengthMade(day.weighings, need);
    return {
      key: need.key,
      ...made,
      ...hazardsOn({ substance: need.substance, concentrationM }),
      name: nameOnShelf(naming, need.substance),
      formula: need.substance,
      strength: `${atMostFigures(concentrationM, 3)} mol/L`,
      keeps: howItKeeps(need.substance).words,
    };
  });
  const others = otherNeeds(day).flatMap((need): Label[] => {
    if (need.kind === 'indicator')
      return [{ key: need.key, ...made, ...indicatorLabel(need.substance) }];
    if (need.kind !== 'solid' && need.kind !== 'liquid') return [];
    const formula = need.form ?? need.substance;
    return [
      {
        key: need.key,
        ...made,
        ...hazardsOn({ substance: need.substance }),
        name: nameOnShelf(naming, formula),
        formula,
        strength: need.kind === 'solid' ? 'solid' : 'as supplied',
        keeps: '',
      },
    ];
  });
  return [...solutions, ...others];
}

const hazardsOn = (bottle: Bottle) => onLabel(hazardsOf(bottle));

function onLabel({
  pictograms,
  signal,
  statements,
  precautions,
}: HazardSheet): Pick<Label, 'pictograms' | 'signal' | 'statements' | 'precautions'> {
  return { pictograms, statements, precautions, ...(signal && { signal }) };
}

/** A dropping bottle: what it is dissolved in decides, for there is hardly any of the dye. */
function indicatorLabel(name: string): Omit<Label, 'key' | 'date' | 'maker'> {
  const mix = indicatorMixes.find((one) => one.name === name);
  const ethanolPercent = mix?.ethanolPercent ?? 0;
  const hazards = onLabel(indicatorHazards({ ethanolPercent }));
  const solvent = ethanolPercent > 0 ? ` in ${ethanolPercent} % ethanol` : '';
  return {
    ...hazards,
    name,
    formula: '',
    strength:
      mix?.percentWV === undefined
        ? 'ready-made solution'
        : `${formatNumber(mix.percentWV)} % w/v${solvent}`,
    keeps: howItKeeps(name).words,
  };
}
