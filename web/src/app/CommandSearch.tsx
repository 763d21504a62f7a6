import { Spotlight } from '@mantine/spotlight';
import type {
  SpotlightActionData,
  SpotlightActionGroupData,
  SpotlightFilterFunction,
} from '@mantine/spotlight';
import { allNames, nameOnShelf, solubleSubstances, stages } from '@stoichos/core';
import { IconFlask, IconNotebook } from '@tabler/icons-react';
import { useMatch, useNavigate } from 'react-router';
import { useDaysQuery } from '../api/api';
import { stageNames } from '../days/stageNames';
import { useSettings } from './useSettings';

/** Search by keyboard over lab days with their stages, and the substances of the shelf. */
export function CommandSearch() {
  const navigate = useNavigate();
  const { naming } = useSettings();
  const { data: days = [] } = useDaysQuery();
  const dayActions: SpotlightActionData[] = days.flatMap((day) =>
    stages.map((stage) => ({
      id: `${day.id} ${stage}`,
      label: `${day.name} · ${stageNames[stage]}`,
      description: day.date,
      leftSection: <IconNotebook size={20} aria-hidden />,
      onClick: () => void navigate(`/days/${day.id}/${stage}`),
    })),
  );
  const studyActions: SpotlightActionData[] = [
    {
      id: 'mix',
      label: 'Mix anything',
      description: 'Fill a vessel and act on it step by step',
      keywords: ['study', 'try', 'react'],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/mix'),
    },
  ];
  const open = useMatch('/days/:dayId/*')?.params.dayId;
  const target = days.find(({ id }) => id === open) ?? days[0];
  const substanceActions: SpotlightActionData[] = solubleSubstances().map((substance) => {
    const { formula } = substance;
    return {
      id: formula,
      label: nameOnShelf(naming, formula),
      description: target ? `Plan a test with it in ${target.name}` : 'Make a lab day first',
      keywords: [formula, ...allNames(substance)],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => {
        if (target) void navigate(`/days/${target.id}/plan?a=${encodeURIComponent(formula)}`);
      },
    };
  });
  return (
    <Spotlight
      actions={[
        { group: 'Lab days', actions: dayActions },
        { group: 'Studies', actions: studyActions },
        { group: 'Substances', actions: substanceActions },
      ]}
      shortcut="mod + K"
      nothingFound="Nothing is called that. Try a formula or another name."
      searchProps={{ placeholder: 'Lab day, stage, substance or formula…', 'aria-label': 'Search' }}
      filter={everyWord}
      limit={9}
      highlightQuery
      scrollable
      maxHeight={420}
    />
  );
}

/** Keeps the actions that hold every typed word, in any order. */
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
    .map((group) => ({ ...group, actions: group.actions.filter(matches) }));
};
