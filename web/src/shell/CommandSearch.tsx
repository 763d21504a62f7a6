import { Spotlight } from '@mantine/spotlight';
import type {
  SpotlightActionData,
  SpotlightActionGroupData,
  SpotlightFilterFunction,
} from '@mantine/spotlight';
import { useState } from 'react';
import { useMatch, useNavigate } from 'react-router';
import { useCellsQuery, useDaysQuery, useRunsQuery, useShelfQuery } from '../data/api/api';
import { useProcedures } from '../data/useProcedures';
import { searchStore } from './search';
import { searchGroups } from './searchGroups';
import { useSettings } from '../data/settings/useSettings';
import { useRecent } from '../data/kept/recent';

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
  const groups = searchGroups(
    {
      recent,
      days,
      procedures: choices.map(({ procedure }) => procedure),
      jars,
      runs,
      cells,
      naming,
      target,
    },
    to,
  );
  return (
    <Spotlight
      store={searchStore}
      actions={groups}
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
export const everyWord: SpotlightFilterFunction = (query, actions) => {
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
