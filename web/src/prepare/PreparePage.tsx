import { Button, Group, Text, Title } from '@mantine/core';
import { solutionsNeeded } from '@stoichos/core';
import { IconArrowRight } from '@tabler/icons-react';
import { Link } from 'react-router';
import { useLabDay } from '../days/DayFrame';
import classes from './PreparePage.module.css';
import { SolutionCard } from './SolutionCard';

/** Prepare: what to weigh for each solution of the day, and what was really weighed. */
export function PreparePage() {
  const day = useLabDay();
  const solutions = solutionsNeeded(day);
  if (solutions.length === 0)
    return (
      <>
        <Title order={2} size="h4">
          Nothing to prepare yet
        </Title>
        <Text my="sm">
          Plan a test first; the solutions it needs, summed over all groups, are listed here.
        </Text>
        <Button component={Link} to={`/days/${day.id}/plan`} size="md">
          Go to Plan
        </Button>
      </>
    );
  return (
    <>
      <Text className="quiet" mb="sm">
        For {day.groups.length} {day.groups.length === 1 ? 'group' : 'groups'} with{' '}
        {day.sparePercent} % spare, rounded up to 10 mL.
      </Text>
      <div className={classes.grid}>
        {solutions.map((solution) => (
          <SolutionCard key={solution.key} day={day} solution={solution} />
        ))}
      </div>
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
