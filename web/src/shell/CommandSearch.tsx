import { Spotlight } from '@mantine/spotlight';
import type {
  SpotlightActionData,
  SpotlightActionGroupData,
  SpotlightFilterFunction,
} from '@mantine/spotlight';
import { useState } from 'react';
import { useMatch, useNavigate } from 'react-router';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useDebouncedValue } from '@mantine/hooks';
import type { WhichDays } from '@stoichos/contract';
import type { LabDaySummary } from '@stoichos/core/labday/day';
import {
  useCellsQuery,
  useDayQuery,
  useDaysQuery,
  useFindDaysQuery,
  useRunsQuery,
  useShelfQuery,
} from '../data/api/api';
import { useProcedures } from '../data/useProcedures';
import { searchStore } from './search';
import { searchGroups } from './searchGroups';
import { useSettings } from '../data/settings/useSettings';
import { useRecent } from '../data/kept/recent';
import { today } from '../shared/parts/dates';

/** Search by keyboard over everything: where one was last, lab days with their stages, studies, procedures, substances, jars, runs, words. */
export function CommandSearch() {
  const navigate = useNavigate();
  const { naming } = useSettings();
  const { choices } = useProcedures();
  const [recent] = useRecent();
  // Jars and runs are asked for once somebody searches.
  const [asked, setAsked] = useState(() => searchStore.getState().opened);
  const { data: jars = [] } = useShelfQuery(undefined, { skip: !asked });
  const { currentData: { items: runs } = none } = useRunsQuery(undefined, { skip: !asked });
  const { currentData: { items: cells } = none } = useCellsQuery(undefined, { skip: !asked });
  const [typed, setTyped] = useState('');
  const days = useDaysToFind(asked, typed);
  const to = (path: string) => () => void navigate(path);
  const open = useMatch('/days/:dayId/*')?.params.dayId;
  const { currentData: openDay } = useDayQuery(open ?? skipToken);
  const target = openDay ?? days.find((day) => day.archivedAt === null);
  const groups = searchGroups(
    {
      typed,
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
      query={typed}
      onQueryChange={setTyped}
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

const none = { items: [] } as const;
/** Typing rests for so long before the server is asked, ms. */
const restMs = 250;
/** A name is no longer. */
const longestSearch = 80;

/** The lab days around today, and those that what is typed finds among all of them. */
function useDaysToFind(asked: boolean, typed: string): readonly LabDaySummary[] {
  const around = (which: WhichDays) => ({ which, today: today() });
  const { currentData: coming = none } = useDaysQuery(around('coming'), { skip: !asked });
  const { currentData: held = none } = useDaysQuery(around('held'), { skip: !asked });
  const [text] = useDebouncedValue(typed.trim().slice(0, longestSearch), restMs);
  const { currentData: found = [] } = useFindDaysQuery(text, { skip: text.length < 2 });
  const known = [...coming.items, ...held.items];
  return [...known, ...found.filter(({ id }) => !known.some((one) => one.id === id))];
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
