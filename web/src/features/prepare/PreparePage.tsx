import { Button, Group, Text } from '@mantine/core';
import { IconArrowRight } from '@tabler/icons-react';
import { Link } from 'react-router';
import { concentrationOf, latestWeighing } from '@stoichos/core/labday/day';
import { useAnswer } from '../../data/worker/useAnswer';
import { useLabDay } from '../../data/useLabDay';
import { DealtUnknowns } from '../../shared/unknowns/DealtUnknowns';
import { EmptyStage } from '../../shared/parts/EmptyStage';
import classes from './PreparePage.module.css';
import { PrepareTabs } from './PrepareTabs';
import { SolutionCard } from './SolutionCard';
import { usePrepSheet } from './usePrepSheet';
import { formatNumber } from '@stoichos/core/common';

/** Prepare: what to weigh for each solution of the day, in the order to make them, and what was really weighed. */
export function PreparePage() {
  const day = useLabDay();
  const { lines, shelf, choose } = usePrepSheet(day);
  const isPlanned = day.procedures.length > 0;
  const made = lines.map((line) => {
    const { substance, totalMl } = line;
    const done = latestWeighing(day.weighings, line);
    const concentrationM = done ? concentrationOf(done) : line.concentrationM;
    return { substance, concentrationM, volumeMl: totalMl };
  });
  const { value: looks } = useAnswer('solutions', [made]);
  return (
    <>
      <PrepareTabs dayId={day.id} />
      <DealtUnknowns
        dayId={day.id}
        otherwise={
          !isPlanned && (
            <EmptyStage
              title="Nothing to weigh out yet"
              to={`/days/${day.id}/plan/procedures`}
              label="Go to Plan"
            >
              Plan a procedure or a test first; the solutions it needs, summed over all groups, are
              listed here.
            </EmptyStage>
          )
        }
      >
        {() => (
          <Text>
            Fill a jar for each code by the keys. What the tests need stands on the{' '}
            <Link to={`/days/${day.id}/prepare/sheet`}>prep sheet</Link>.
          </Text>
        )}
      </DealtUnknowns>
      {isPlanned && lines.length === 0 && (
        <EmptyStage
          title="No solution is to be made"
          to={`/days/${day.id}/prepare/sheet`}
          label="Open the prep sheet"
        >
          Solids and liquids that are set out as they are stand on the prep sheet.
        </EmptyStage>
      )}
      {lines.length > 0 && (
        <>
          <Text className="quiet" mb="sm">
            For {day.groups.length} {day.groups.length === 1 ? 'group' : 'groups'} with{' '}
            {formatNumber(day.sparePercent)} % spare, rounded up to 10 mL. In the order to make
            them: slow dissolvers first, what does not keep last.
          </Text>
          <div className={classes.grid}>
            {lines.map((line, at) => (
              <SolutionCard
                key={line.key}
                day={day}
                line={line}
                look={looks?.[at]}
                shelf={shelf}
                choose={choose}
              />
            ))}
          </div>
        </>
      )}
      <Group mt="lg">
        <Button
          component={Link}
          to={`/days/${day.id}/bench`}
          rightSection={<IconArrowRight size={18} aria-hidden />}
        >
          On to Bench
        </Button>
      </Group>
    </>
  );
}
