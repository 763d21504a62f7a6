import { hazardsOf } from '../../safety/hazards';
import type { Pictogram } from '../../safety/statements';
import { nameOnShelf } from '../../matter/substances/naming';
import type { NamingSchool } from '../../matter/substances/types';
import { howItKeeps } from '../../planning/prep/keeping';
import type { LabDay } from '../day/labDay';
import {
  concentrationOf,
  latestWeighing,
  otherNeeds,
  solutionsNeeded,
} from '../day/solutionsNeeded';
import { atMostFigures } from '../../common/formatNumber';

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
  readonly signal?: 'Danger' | 'Warning';
  readonly statements: readonly string[];
  readonly keeps: string;
}

/** Statements that fit on a label; the rest stands on the supplier’s sheet. */
const mostStatements = 3;

/**
 * A label for every solution and every solid that is set out: hazards are those of the substance as supplied, so that a dilute
 * solution is never labelled as less than it may be.
 */
export function labelsFor(
  day: Pick<LabDay, 'procedures' | 'groups' | 'sparePercent' | 'weighings' | 'date' | 'staff'>,
  naming: NamingSchool,
): Label[] {
  const common = (substance: string) => {
    const { pictograms, signal, statements } = hazardsOf(substance);
    return {
      name: nameOnShelf(naming, substance),
      date: day.date,
      maker: day.staff[0] ?? '',
      pictograms,
      ...(signal && { signal }),
      statements: statements.slice(0, mostStatements).map(({ text }) => text),
    };
  };
  const solutions = solutionsNeeded(day).map((need): Label => {
    const weighing = latestWeighing(day.weighings, need);
    const concentrationM = weighing ? concentrationOf(weighing) : need.concentrationM;
    return {
      key: need.key,
      ...common(need.substance),
      formula: need.substance,
      strength: `${atMostFigures(concentrationM, 3)} mol/L`,
      keeps: howItKeeps(need.substance).words,
    };
  });
  const others = otherNeeds(day).flatMap((need): Label[] => {
    if (need.kind !== 'solid' && need.kind !== 'liquid') return [];
    const formula = need.form ?? need.substance;
    return [
      {
        key: need.key,
        ...common(need.substance),
        name: nameOnShelf(naming, formula),
        formula,
        strength: need.kind === 'solid' ? 'solid' : 'as supplied',
        keeps: '',
      },
    ];
  });
  return [...solutions, ...others];
}
