import { Card } from '../../shared/parts/Card';
import { Button, Group, Title } from '@mantine/core';
import { IconArrowBackUp, IconArrowRight } from '@tabler/icons-react';
import { Link } from 'react-router';
import classes from '../../shared/recording/Bench.module.css';
import { StationTabs } from './StationTabs';
import { StationView } from './StationView';
import type { StationProps } from './stationProps';
import { useStation } from './useStation';

/** One step at one bench: what to do, expected beside seen, and everything there is to record with. */
export function Station(props: StationProps) {
  const { day, work, step, bench, nextBench, go } = props;
  const here = useStation(props);
  const { recorder, vessel } = here;
  const judge = new URLSearchParams({
    work: work.id,
    group: bench.id ?? 'all',
    step: step.id,
    ...(vessel && { vessel }),
  });
  return (
    <div className={classes.columns}>
      <StationView {...props} here={here} />
      <Card label={`What ${bench.name} sees`}>
        <Group justify="space-between" mb="xs" wrap="nowrap">
          <Title>What {bench.name} sees</Title>
          <Button
            leftSection={<IconArrowBackUp size={18} aria-hidden />}
            disabled={!recorder.canUndo}
            onClick={recorder.undo}
          >
            Undo
          </Button>
        </Group>
        <StationTabs {...props} here={here} />
        <Group mt="md" justify="flex-end">
          {nextBench && (
            <Button onClick={() => go({ group: nextBench.id, work: work.id, step: step.id })}>
              Next: {nextBench.name}
            </Button>
          )}
          <Button
            component={Link}
            to={`/days/${day.id}/judge?${judge}`}
            rightSection={<IconArrowRight size={18} aria-hidden />}
          >
            Judge it
          </Button>
        </Group>
      </Card>
    </div>
  );
}
