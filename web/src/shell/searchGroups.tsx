import { linkToNewTest } from '../shared/labday/linkToNewTest';
import type { SpotlightActionData, SpotlightActionGroupData } from '@mantine/spotlight';
import { formatNumber } from '@stoichos/core/common';
import { stages } from '@stoichos/core/labday/day';
import type { LabDaySummary } from '@stoichos/core/labday/day';
import {
  searchNames,
  nameOnShelf,
  shelfSubstances,
  solubleSubstances,
} from '@stoichos/core/matter/substances';
import type { NamingSchool } from '@stoichos/core/matter/substances';
import { readRecipe } from '@stoichos/core/planning/prep';
import { hazardMark, hazardRank } from '@stoichos/core/safety';
import { kindNames } from '@stoichos/core/planning/procedure';
import type { Procedure } from '@stoichos/core/planning/procedure';
import {
  IconBook2,
  IconBottle,
  IconBulb,
  IconClock,
  IconFlask,
  IconListDetails,
  IconNotebook,
  IconScale,
} from '@tabler/icons-react';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { places } from '../data/places';
import { stageNames } from '../features/labday/stageNames';
import { terms } from './help/glossary';

const icon = { size: 20, 'aria-hidden': true } as const;

interface Named {
  readonly id: string;
  readonly name: string;
}

/** Everything that can be gone to. */
export interface Findable {
  /** What is typed in the search. */
  readonly typed: string;
  readonly recent: readonly { readonly path: string; readonly title: string }[];
  readonly days: readonly LabDaySummary[];
  readonly procedures: readonly Procedure[];
  readonly jars: readonly ShelfItem[];
  readonly runs: readonly Named[];
  readonly cells: readonly Named[];
  readonly naming: NamingSchool;
  /** The lab day that a test with a substance would go into. */
  readonly target: Named | undefined;
}

/** What is found, by kind; `to` makes what a tap does from an address. */
export function searchGroups(
  all: Findable,
  to: (path: string) => () => void,
): SpotlightActionGroupData[] {
  const found = (
    id: string,
    label: string,
    path: string,
    Icon: typeof IconFlask,
    more: Partial<SpotlightActionData> = {},
  ): SpotlightActionData => ({
    id,
    label,
    leftSection: <Icon {...icon} />,
    onClick: to(path),
    ...more,
  });
  const groups: Readonly<Record<string, SpotlightActionData[]>> = {
    Recipes: recipeFound(all.typed, found),
    Recent: all.recent.map(({ path, title }) => found(`recent ${path}`, title, path, IconClock)),
    'Lab days': all.days.flatMap((day) =>
      [...stages.map((stage) => [stage, stageNames[stage]]), ['groups', 'Groups']].map(
        ([stage = '', name = '']) =>
          found(
            `${day.id} ${stage}`,
            `${day.name} · ${name}`,
            `/days/${day.id}/${stage}`,
            IconNotebook,
            {
              description: day.archivedAt === null ? day.date : `${day.date}, archived`,
              keywords: day.groups.map((group) => group.name),
            },
          ),
      ),
    ),
    'Studies and pages': places.map(({ to: path, name, about, keywords, isStudy }) =>
      found(path, name, path, isStudy ? IconFlask : IconListDetails, {
        description: about,
        keywords: [...keywords, ...(isStudy ? ['study'] : [])],
      }),
    ),
    Procedures: all.procedures.map(({ id, name, kind }) =>
      found(`procedure ${id}`, name, `/procedures/${id}`, IconListDetails, {
        description: kindNames[kind],
        keywords: [kindNames[kind], 'procedure'],
      }),
    ),
    Substances: substancesFound(all, found),
    Jars: all.jars.map(({ id, form, place, amount, unit }) =>
      found(`jar ${id}`, `Jar of ${form}`, '/shelf', IconBottle, {
        description: `${place}: ${formatNumber(amount)} ${unit}`,
      }),
    ),
    Runs: [
      ...all.runs.map(({ id, name }) =>
        found(`run ${id}`, name, '/mix', IconFlask, {
          description: 'A kept sequence of Mix anything',
        }),
      ),
      ...all.cells.map(({ id, name }) =>
        found(`cell ${id}`, name, `/electrolysis/runs/${id}`, IconFlask, {
          description: 'An electrolysis that was run',
        }),
      ),
    ],
    Words: terms.map(({ term, means }) =>
      found(`word ${term}`, term, '/help/glossary', IconBulb, { description: means }),
    ),
  };
  return Object.entries(groups).map(([group, actions]) => ({ group, actions }));
}

type Found = (
  id: string,
  label: string,
  path: string,
  Icon: typeof IconFlask,
  more?: Partial<SpotlightActionData>,
) => SpotlightActionData;

/** A recipe, where what is typed asks for one, such as “500 mL 1 M sodium sulfate”. */
function recipeFound(typed: string, found: Found): SpotlightActionData[] {
  const read = readRecipe(typed);
  if (!read) return [];
  const address = new URLSearchParams({ recipe: JSON.stringify({ form: '', ...read }) });
  return [
    found('recipe', `Recipe: ${typed.trim()}`, `/recipes?${address.toString()}`, IconScale, {
      description: 'What to weigh or pour, step by step, with its label',
      keywords: [typed],
    }),
  ];
}

const isLethal = (formula: string): boolean => hazardRank(formula) >= 5;

/** A test with a substance, where it makes a solution, and what is tabulated of it. */
function substancesFound({ naming, target }: Findable, found: Found): SpotlightActionData[] {
  const soluble = new Set(solubleSubstances().map(({ formula }) => formula));
  // What can kill stands after what is only called alike.
  const inOrder = [...shelfSubstances()].sort(
    (one, other) => Number(isLethal(one.formula)) - Number(isLethal(other.formula)),
  );
  return inOrder.flatMap((substance) => {
    const { formula } = substance;
    const mark = hazardMark(formula);
    const label = `${nameOnShelf(naming, formula)}${mark === undefined ? '' : ` ▲ ${mark}`}`;
    const keywords = [formula, ...searchNames(substance)];
    const typed = encodeURIComponent(formula);
    return [
      ...(target && soluble.has(formula)
        ? [
            found(formula, label, linkToNewTest(target.id, [{ substance: formula }]), IconFlask, {
              keywords,
              description: `Plan a test with it in ${target.name}`,
            }),
          ]
        : []),
      found(`constants ${formula}`, label, `/help/sources?q=${typed}`, IconBook2, {
        keywords,
        description: 'What is tabulated of it, with sources',
      }),
    ];
  });
}
