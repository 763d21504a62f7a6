import { Spotlight } from '@mantine/spotlight';
import type {
  SpotlightActionData,
  SpotlightActionGroupData,
  SpotlightFilterFunction,
} from '@mantine/spotlight';
import { stages } from '@stoichos/core/labday';
import {
  allNames,
  nameOnShelf,
  shelfSubstances,
  solubleSubstances,
} from '@stoichos/core/matter/substances';
import { kindNames } from '@stoichos/core/planning/procedure';
import {
  IconBook2,
  IconBottle,
  IconBulb,
  IconClock,
  IconFlask,
  IconListDetails,
  IconNotebook,
} from '@tabler/icons-react';
import { useState } from 'react';
import { useMatch, useNavigate } from 'react-router';
import { useCellsQuery, useDaysQuery, useRunsQuery, useShelfQuery } from '../data/api/api';
import { stageNames } from '../features/labday/stageNames';
import { terms } from './help/glossary';
import { useProcedures } from '../data/useProcedures';
import { searchStore } from './search';
import { places } from '../data/places';
import { useSettings } from '../data/settings/useSettings';
import { useRecent } from '../data/kept/recent';
import { formatNumber } from '@stoichos/core/common';

const icon = { size: 20, 'aria-hidden': true } as const;

/** Search by keyboard over everything: where one was last, lab days with their stages, studies, procedures, substances, jars, runs, words. */
export function CommandSearch() {
  const navigate = useNavigate();
  const { naming } = useSettings();
  const { data: days = [] } = useDaysQuery();
  const { choices } = useProcedures();
  const [recent] = useRecent();
  // Jars and runs are asked for once somebody searches.
  const [asked, setAsked] = useState(() => searchStore.getState().opened);
  const { data: jars = [] } = useShelfQuery(undefined, { skip: !asked });
  const { data: runs = [] } = useRunsQuery(undefined, { skip: !asked });
  const { data: cells = [] } = useCellsQuery(undefined, { skip: !asked });
  const to = (path: string) => () => void navigate(path);
  const open = useMatch('/days/:dayId/*')?.params.dayId;
  const target = days.find(({ id }) => id === open) ?? days.find((day) => day.archivedAt === null);
  const soluble = new Set(solubleSubstances().map(({ formula }) => formula));

  const groups: readonly SpotlightActionGroupData[] = [
    {
      group: 'Recent',
      actions: recent.map(({ path, title }) => ({
        id: `recent ${path}`,
        label: title,
        leftSection: <IconClock {...icon} />,
        onClick: to(path),
      })),
    },
    {
      group: 'Lab days',
      actions: days.flatMap((day) =>
        [
          ...stages.map((stage) => [stage, stageNames[stage]] as const),
          ['groups', 'Groups'] as const,
        ].map(([stage, name]) => ({
          id: `${day.id} ${stage}`,
          label: `${day.name} · ${name}`,
          description: day.archivedAt === null ? day.date : `${day.date}, archived`,
          keywords: day.groups.map((group) => group.name),
          leftSection: <IconNotebook {...icon} />,
          onClick: to(`/days/${day.id}/${stage}`),
        })),
      ),
    },
    {
      group: 'Studies and pages',
      actions: places.map(({ to: path, name, about, keywords, isStudy }) => ({
        id: path,
        label: name,
        description: about,
        keywords: [...keywords, ...(isStudy ? ['study'] : [])],
        leftSection: isStudy ? <IconFlask {...icon} /> : <IconListDetails {...icon} />,
        onClick: to(path),
      })),
    },
    {
      group: 'Procedures',
      actions: choices.map(({ procedure }) => ({
        id: `procedure ${procedure.id}`,
        label: procedure.name,
        description: kindNames[procedure.kind],
        keywords: [kindNames[procedure.kind], 'procedure'],
        leftSection: <IconListDetails {...icon} />,
        onClick: to(`/procedures/${procedure.id}`),
      })),
    },
    {
      group: 'Substances',
      actions: shelfSubstances().flatMap((substance): SpotlightActionData[] => {
        const { formula } = substance;
        const shared = {
          label: nameOnShelf(naming, formula),
          keywords: [formula, ...allNames(substance)],
        };
        return [
          ...(target && soluble.has(formula)
            ? [
                {
                  ...shared,
                  id: formula,
                  description: `Plan a test with it in ${target.name}`,
                  leftSection: <IconFlask {...icon} />,
                  onClick: to(`/days/${target.id}/plan?a=${encodeURIComponent(formula)}`),
                },
              ]
            : []),
          {
            ...shared,
            id: `constants ${formula}`,
            description: 'What is tabulated of it, with sources',
            leftSection: <IconBook2 {...icon} />,
            onClick: to(`/help/sources?q=${encodeURIComponent(formula)}`),
          },
        ];
      }),
    },
    {
      group: 'Jars',
      actions: jars.map(({ id, form, place, amount, unit }) => ({
        id: `jar ${id}`,
        label: `Jar of ${form}`,
        description: `${place}: ${formatNumber(amount)} ${unit}`,
        leftSection: <IconBottle {...icon} />,
        onClick: to('/shelf'),
      })),
    },
    {
      group: 'Runs',
      actions: [
        ...runs.map(({ id, name }) => ({
          id: `run ${id}`,
          label: name,
          description: 'A kept sequence of Mix anything',
          leftSection: <IconFlask {...icon} />,
          onClick: to('/mix'),
        })),
        ...cells.map(({ id, name }) => ({
          id: `cell ${id}`,
          label: name,
          description: 'An electrolysis that was run',
          leftSection: <IconFlask {...icon} />,
          onClick: to(`/electrolysis/runs/${id}`),
        })),
      ],
    },
    {
      group: 'Words',
      actions: terms.map(({ term, means }) => ({
        id: `word ${term}`,
        label: term,
        description: means,
        leftSection: <IconBulb {...icon} />,
        onClick: to('/help/glossary'),
      })),
    },
  ].map(({ group, actions }) => ({ group, actions }));
  return (
    <Spotlight
      store={searchStore}
      actions={[...groups]}
      // The shell hears the keys, also before this is loaded.
      shortcut={null}
      onSpotlightOpen={() => setAsked(true)}
      nothingFound="Nothing is called that. Try a formula or another name."
      searchProps={{
        placeholder: 'Lab day, procedure, substance or formula…',
        'aria-label': 'Search',
      }}
      filter={everyWord}
      limit={12}
      highlightQuery
      scrollable
      maxHeight={420}
    />
  );
}

/** Whether every typed word stands in the name itself. */
const isCalled = ({ label = '' }: SpotlightActionData, words: readonly string[]): boolean =>
  words.every((word) => label.toLowerCase().includes(word));

/** Keeps the actions that hold every typed word, in any order. Where one was last stands there before anything is typed. */
const everyWord: SpotlightFilterFunction = (query, actions) => {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  const matches = ({ label = '', description = '', keywords = [] }: SpotlightActionData) => {
    const name = [label, ...keywords].join(' ').toLowerCase();
    // A date is looked through only for something date-like, or “2” would find every day of this century.
    return words.every(
      (word) => name.includes(word) || (word.length > 3 && description.includes(word)),
    );
  };
  return actions
    .filter((entry): entry is SpotlightActionGroupData => 'actions' in entry)
    .map((group) => ({
      ...group,
      actions:
        words.length > 0 && group.group === 'Recent'
          ? []
          : // What is called so comes before what only has to do with it.
            group.actions
              .filter(matches)
              .sort((one, other) => Number(isCalled(other, words)) - Number(isCalled(one, words))),
    }));
};
