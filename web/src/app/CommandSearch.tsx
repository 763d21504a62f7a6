import { Spotlight } from '@mantine/spotlight';
import type {
  SpotlightActionData,
  SpotlightActionGroupData,
  SpotlightFilterFunction,
} from '@mantine/spotlight';
import { allNames, kindNames, nameOnShelf, solubleSubstances, stages } from '@stoichos/core';
import { IconBottle, IconFlask, IconListDetails, IconNotebook } from '@tabler/icons-react';
import { useMatch, useNavigate } from 'react-router';
import { useDaysQuery } from '../api/api';
import { stageNames } from '../days/stageNames';
import { useProcedures } from '../procedures/useProcedures';
import { useSettings } from './useSettings';

/** Search by keyboard over lab days with their stages, and the substances of the shelf. */
export function CommandSearch() {
  const navigate = useNavigate();
  const { naming } = useSettings();
  const { data: days = [] } = useDaysQuery();
  const { choices } = useProcedures();
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
    {
      id: 'equilibrium',
      label: 'Equilibrium',
      description: 'Shift a coloured equilibrium, or plan a way through its colours',
      keywords: ['study', 'shift', 'complex', 'indicator', 'quotient', 'colour'],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/equilibrium'),
    },
    {
      id: 'electrolysis',
      label: 'Electrolysis',
      description: 'What comes off at each electrode, how much, where the volts go',
      keywords: [
        'study',
        'electrode',
        'anode',
        'cathode',
        'current',
        'deposit',
        'efficiency',
        'faraday',
      ],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/electrolysis'),
    },
    {
      id: 'gases',
      label: 'Gases',
      description: 'Reagents for a gas, how much, how it is collected and proved',
      keywords: ['study', 'gas', 'hydrogen', 'oxygen', 'collect', 'syringe', 'apparatus', 'purge'],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/gases'),
    },
    {
      id: 'unknowns',
      label: 'Unknowns',
      description: 'What is in the jar: the next test, the record, the set',
      keywords: [
        'study',
        'identify',
        'organic',
        'salt',
        'mixture',
        'solubility',
        'structure',
        'separation',
      ],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/unknowns'),
    },
    {
      id: 'practice',
      label: 'Practice',
      description: 'A virtual bench with an unknown, and drills',
      keywords: ['study', 'train', 'drill', 'learn', 'quiz'],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/practice'),
    },
    {
      id: 'unknown-gas',
      label: 'Unknown gas',
      description: 'Which test tells most next',
      keywords: ['study', 'identify', 'test', 'litmus', 'splint'],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/gases/unknown'),
    },
    {
      id: 'cycles',
      label: 'Cycles of reactions',
      description: 'Carbonate, oxide, hydroxide and back; copper there and back; with yields',
      keywords: ['study', 'ring', 'cycle', 'yield', 'limestone', 'copper'],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/gases/cycles'),
    },
    {
      id: 'dish',
      label: 'Two salts in a dish',
      description: 'Where and when the line comes, and why',
      keywords: ['study', 'dish', 'diffusion', 'precipitate', 'line'],
      leftSection: <IconFlask size={20} aria-hidden />,
      onClick: () => void navigate('/dish'),
    },
    {
      id: 'shelf',
      label: 'Shelf',
      description: 'What is in stock, and where',
      keywords: ['stock', 'jars', 'csv', 'order'],
      leftSection: <IconBottle size={20} aria-hidden />,
      onClick: () => void navigate('/shelf'),
    },
  ];
  const procedureActions: SpotlightActionData[] = choices.map(({ procedure }) => ({
    id: `procedure ${procedure.id}`,
    label: procedure.name,
    description: kindNames[procedure.kind],
    keywords: [kindNames[procedure.kind], 'procedure'],
    leftSection: <IconListDetails size={20} aria-hidden />,
    onClick: () => void navigate(`/procedures/${procedure.id}`),
  }));
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
        { group: 'Studies and shelf', actions: studyActions },
        { group: 'Procedures', actions: procedureActions },
        { group: 'Substances', actions: substanceActions },
      ]}
      shortcut="mod + K"
      nothingFound="Nothing is called that. Try a formula or another name."
      searchProps={{
        placeholder: 'Lab day, procedure, substance or formula…',
        'aria-label': 'Search',
      }}
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
