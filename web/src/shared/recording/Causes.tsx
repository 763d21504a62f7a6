import { Box, Text, Title } from '@mantine/core';
import { faultsSource } from '@stoichos/core/seeing/judgement';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import { useEffect, useEffectEvent } from 'react';
import { Formula } from '../chemistry/Formula';
import { TaskFailure } from '../parts/TaskFailure';
import { TaskProgress } from '../parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import { Cited } from '../parts/Cited';

/** A tap follows a tap: the search begins when they have stopped. */
const quietMs = 500;
const shown = 3;

/** What would make the vessel look as it was seen, likeliest first, each with what would settle it. */
export function Causes({ judgement }: { judgement: StationJudgement }) {
  const { comparison, station, seen, blank } = judgement;
  const isOff = comparison?.items.some(({ outcome }) => outcome === 'differs') ?? false;
  const { value, failure, share, start, cancel } = useTask('causes');
  const key = JSON.stringify([station.plan, seen, blank]);
  const search = useEffectEvent(() => void start(station.plan, seen, blank));
  useEffect(() => {
    if (!isOff) {
      cancel();
      return undefined;
    }
    const later = setTimeout(search, quietMs);
    return () => clearTimeout(later);
    // Plan, seen and blank are made anew with every tap; the key says whether they have changed.
  }, [key, isOff, cancel]);
  if (!isOff) return null;
  return (
    <section aria-label="Likely causes">
      <Title order={3} size="h5" mt="md">
        What would look like that
      </Title>
      <TaskProgress what="Trying the usual slips" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {value && value.length === 0 && (
        <Text size="sm">
          None of the usual slips makes it look so. Repeat it beside a blank before you believe it.
        </Text>
      )}
      {value && value.length > 0 && (
        <Box component="ol" my={0} mt={4} pl="1.2rem">
          {value.slice(0, shown).map(({ fault, check }) => (
            <li key={fault}>
              <Text component="strong" fw={600}>
                <Formula text={fault} wrap />
              </Text>
              <Text size="sm">
                <Formula text={check} wrap />
              </Text>
            </li>
          ))}
        </Box>
      )}
      {value && (
        <Text size="xs" className="quiet">
          <Cited source={faultsSource} />
        </Text>
      )}
    </section>
  );
}
