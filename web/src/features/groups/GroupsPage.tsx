import { Card } from '../../shared/parts/Card';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { Group, Text, Title } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { worksAsMade } from '@stoichos/core/labday/day';
import type { Oversight } from '@stoichos/core/labday/access';
import { useMemo } from 'react';
import { useOversightQuery, useReleaseMutation } from '../../data/api/api';
import { useLabDay } from '../../data/useLabDay';
import { Unknowns } from './Unknowns';
import { LoadState } from '../../shared/parts/LoadState';
import { Messages } from './ClassMessages';
import { JoinCard, Tablets } from './JoinCard';

/** How groups come to this lab day, who is there, what they may see, and what is said to them. */
export function GroupsPage() {
  const day = useLabDay();
  const { currentData: data, error, refetch } = useOversightQuery(day.id);
  if (!data) return <LoadState error={error} retry={() => void refetch()} />;
  return (
    <>
      <JoinCard dayId={day.id} joining={data.joining} />
      <Tablets oversight={data} />
      <Releases oversight={data} />
      <Messages oversight={data} />
      <Unknowns oversight={data} />
    </>
  );
}

function Releases({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const [release] = useReleaseMutation();
  const works = useMemo(
    () => worksAsMade(day).filter(({ manner }) => manner !== 'demonstration'),
    [day],
  );
  return (
    <Card className="no-print" label="Released" mt="md">
      <Title>When groups see what is expected</Title>
      {works.length === 0 && (
        <Text className="quiet" size="sm" mt="xs">
          Nothing is planned yet. Of every test and procedure you choose whether a bench sees what
          is expected never, after it has recorded, or always.
        </Text>
      )}
      {works.map((work) => (
        <Group key={work.id} justify="space-between" mt="xs">
          <Text>
            {work.number} <ProcedureName procedure={work.procedure} />
          </Text>
          <Segments
            label={`Expected of ${work.procedure.name} is shown`}
            value={oversight.releases.find(({ workId }) => workId === work.id)?.when ?? 'never'}
            of={{ never: 'Never', afterRecording: 'After recording', always: 'Always' }}
            onChange={(when) =>
              void release({
                dayId: day.id,
                release: { workId: work.id, when: when },
              })
            }
          />
        </Group>
      ))}
    </Card>
  );
}
