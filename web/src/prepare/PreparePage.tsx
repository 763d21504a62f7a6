import { Button, Group, Text, Title } from '@mantine/core';
import { IconArrowRight } from '@tabler/icons-react';
import { Link } from 'react-router';
import { useLabDay } from '../days/useLabDay';
import { DealtUnknowns } from '../groups/DealtUnknowns';
import classes from './PreparePage.module.css';
import { PrepareTabs } from './PrepareTabs';
import { SolutionCard } from './SolutionCard';
import { usePrepSheet } from './usePrepSheet';

/** Prepare: what to weigh for each solution of the day, in the order to make them, and what was really weighed. */
export function PreparePage() {
  const day = useLabDay();
  const { lines, shelf, choose } = usePrepSheet(day);
  const isPlanned = day.tests.length + day.procedures.length > 0;
  return (
    <>
      <PrepareTabs dayId={day.id} />
      <DealtUnknowns dayId={day.id} otherwise={!isPlanned && <NothingYet dayId={day.id} />}>
        {() => (
          <Text>
            Fill a jar for each code by the keys. What the tests need stands on the{' '}
            <Link to={`/days/${day.id}/prepare/sheet`}>prep sheet</Link>.
          </Text>
        )}
      </DealtUnknowns>
      {isPlanned && lines.length === 0 && <AllAsItIs dayId={day.id} />}
      {lines.length > 0 && (
        <>
          <Text className="quiet" mb="sm">
            For {day.groups.length} {day.groups.length === 1 ? 'group' : 'groups'} with{' '}
            {day.sparePercent} % spare, rounded up to 10 mL. In the order to make them: slow
            dissolvers first, what does not keep last.
          </Text>
          <div className={classes.grid}>
            {lines.map((line) => (
              <SolutionCard key={line.key} day={day} line={line} shelf={shelf} choose={choose} />
            ))}
          </div>
        </>
      )}
      <Group mt="lg">
        <Button
          component={Link}
          to={`/days/${day.id}/bench`}
          size="md"
          variant="default"
          rightSection={<IconArrowRight size={18} aria-hidden />}
        >
          On to Bench
        </Button>
      </Group>
    </>
  );
}

function NothingYet({ dayId }: { dayId: string }) {
  return (
    <>
      <Title order={2} size="h4">
        Nothing to weigh out yet
      </Title>
      <Text my="sm">
        Plan a procedure or a test first; the solutions it needs, summed over all groups, are listed
        here.
      </Text>
      <Button component={Link} to={`/days/${dayId}/plan/procedures`} size="md">
        Go to Plan
      </Button>
    </>
  );
}

function AllAsItIs({ dayId }: { dayId: string }) {
  return (
    <>
      <Title order={2} size="h4">
        No solution is to be made
      </Title>
      <Text my="sm">Solids and liquids that are set out as they are stand on the prep sheet.</Text>
      <Button component={Link} to={`/days/${dayId}/prepare/sheet`} size="md">
        Open the prep sheet
      </Button>
    </>
  );
}
