import { findSubstance } from '../../matter/substances/findSubstance';
import { recipeSteps } from '../../planning/prep/recipeSteps';
import { prepSheet } from '../../planning/prep/prepSheet';
import type { PrepLine } from '../../planning/prep/prepSheet';
import type { ShelfItem } from '../../planning/shelf/shelfItem';
import type { Shortage, Taking } from '../../planning/shelf/shortages';
import { shortages } from '../../planning/shelf/shortages';
import type { LabDay } from '../day/labDay';
import { latestWeighing, otherNeeds, solutionsNeeded } from '../day/solutionsNeeded';
import type { NeededAsItIs } from '../day/solutionsNeeded';

/** A line of the sheet with what it is for. */
export type DayLine = PrepLine & { readonly for: readonly string[] };

/** What a sheet is made from besides the day. */
export interface SheetMeans {
  readonly shelf: readonly ShelfItem[];
  /** Which form of a substance is in the jar, where somebody said so. */
  readonly chosen: Readonly<Record<string, string>>;
  /** Whether there are graduated pipettes. */
  readonly pipettes: boolean;
}

/** The solutions of a day in the order to make them; what was weighed already says which form is in the jar. */
export function daySheet(day: LabDay, { shelf, chosen, pipettes }: SheetMeans): DayLine[] {
  const needs = solutionsNeeded(day);
  const weighed = Object.fromEntries(
    needs.flatMap((need) => {
      const weighing = latestWeighing(day.weighings, need);
      return weighing ? [[need.substance, weighing.form]] : [];
    }),
  );
  const onShelf = Object.fromEntries(
    shelf.map(({ substance }) => [substance, formsInJars(shelf, substance)]),
  );
  const lines = prepSheet(needs, {
    forms: { ...weighed, ...chosen },
    purity: Object.fromEntries(shelf.map(({ form, purityPercent }) => [form, purityPercent])),
    onShelf,
    balanceG: day.balanceG,
    pipettes,
    groups: day.groups.length,
  });
  const usesOf = (key: string): readonly string[] =>
    needs.find((need) => need.key === key)?.for ??
    // One that is only diluted from is for what its dilutions are for.
    lines.flatMap((line) =>
      line.making.kind === 'fromOther' && line.making.otherKey === key ? usesOf(line.key) : [],
    );
  return lines.map((line) => ({ ...line, for: [...new Set(usesOf(line.key))] }));
}

/** How a line is made: the steps, the arithmetic behind its amount, and the cautions that no step says already. */
export function workingOf(line: PrepLine): {
  readonly steps: readonly string[];
  readonly working: readonly string[];
  readonly cautions: readonly string[];
} {
  const { making } = line;
  const steps = recipeSteps(line);
  switch (making.kind) {
    case 'weigh':
      return {
        steps,
        working: making.recipe.working,
        cautions: making.recipe.cautions.filter((one) => !steps.includes(one)),
      };
    case 'stock':
      return { steps, working: making.recipe.working, cautions: [] };
    case 'fromOther':
      return { steps, working: making.working, cautions: [] };
    case 'askForm':
      return { steps, working: [], cautions: [] };
    case 'impossible':
      return { steps: [], working: [], cautions: [] };
  }
}

/** What is taken from the shelf for something set out as it is; undefined for water, drops and gases. */
export function takingFor(need: NeededAsItIs): Taking | undefined {
  if (need.kind === 'solid')
    return { form: need.form ?? need.substance, amount: need.amountG, unit: 'g' };
  if (need.kind === 'liquid') return { form: need.substance, amount: need.amountMl, unit: 'mL' };
  return undefined;
}

/**
 * What is taken from the shelf for a solution; undefined where it is made from another, or cannot be made yet.
 *
 * @param weighedG what was really weighed, g.
 */
export function takingOf({ making, substance }: PrepLine, weighedG?: number): Taking | undefined {
  switch (making.kind) {
    case 'weigh':
      return { form: making.form, amount: weighedG ?? making.roundedG, unit: 'g' };
    case 'stock':
      return { form: substance, amount: making.measured.roundedMl, unit: 'mL' };
    default:
      return undefined;
  }
}

/** Not enough of something, or none in any form while nobody has said which to buy. */
export type DayShortage = Pick<Shortage, 'form' | 'message'>;

/** What the shelf does not hold of all that the day takes from it. */
export function dayShortages(
  day: LabDay,
  lines: readonly DayLine[],
  shelf: readonly ShelfItem[],
): DayShortage[] {
  const asked = lines.filter(({ making }) => making.kind === 'askForm');
  const nowhere = [...new Set(asked.map(({ substance }) => substance))]
    .filter((one) => formsInJars(shelf, one).length === 0)
    .map((form) => ({ form, message: 'not on the shelf in any form' }));
  const takings = [
    ...lines.flatMap((line) => takingOf(line) ?? []),
    ...otherNeeds(day).flatMap((need) => takingFor(need) ?? []),
  ];
  return [...nowhere, ...shortages(shelf, takings, day.date)];
}

/** The jars a form can be taken from on a date (ISO), fullest first, those that have not expired. */
export function jarsOf(shelf: readonly ShelfItem[], form: string, date: string): ShelfItem[] {
  return shelf
    .filter((jar) => jar.form === form && (jar.expires === null || jar.expires >= date))
    .sort((one, other) => other.amount - one.amount);
}

const formsInJars = (shelf: readonly ShelfItem[], substance: string): readonly string[] => [
  ...new Set(shelf.filter((jar) => jar.substance === substance).map(({ form }) => form)),
];

/** Forms of a substance on the shelf; those of the table where there is no jar. */
export function formsOnShelf(shelf: readonly ShelfItem[], substance: string): readonly string[] {
  const forms = formsInJars(shelf, substance);
  return forms.length > 0
    ? forms
    : findSubstance(substance).substance.forms.map(({ formula }) => formula);
}
