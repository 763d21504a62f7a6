import { Button, Group, Text, Title } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { drawRecord, judgeTest, seenObservations } from '@stoichos/core';
import type { Group as BenchGroup, LabDay, PlannedTest } from '@stoichos/core';
import { IconArrowBackUp, IconArrowRight } from '@tabler/icons-react';
import { Link, useSearchParams } from 'react-router';
import { Formula } from '../chemistry/Formula';
import { NotPredicted } from '../chemistry/NotPredicted';
import { useLabDay } from '../days/DayFrame';
import { VesselPair } from '../glassware/VesselPair';
import { GroupTabs } from '../parts/GroupTabs';
import { Mark } from '../parts/Mark';
import { TestTabs } from '../parts/TestTabs';
import strip from '../parts/TestTabs.module.css';
import classes from './BenchPage.module.css';
import { Causes } from './Causes';
import { RecordPanel } from './RecordPanel';
import { StepCautions } from './StepCautions';
import { useRecorder } from './useRecorder';

/** Bench: the step to do, expected beside seen, and one tap for each thing that is seen. */
export function BenchPage() {
  const day = useLabDay();
  const [parameters, setParameters] = useSearchParams();
  const test = day.tests.find(({ id }) => id === parameters.get('test')) ?? day.tests[0];
  const group = day.groups.find(({ id }) => id === parameters.get('group')) ?? day.groups[0];
  if (!test || !group)
    return (
      <>
        <Title order={2} size="h4">
          Nothing to run yet
        </Title>
        {day.procedures.length > 0 ? (
          <>
            <Text my="sm">
              This day has procedures and no two-solution test. Work from the timetable and the
              printed procedures; recording here is for two-solution tests.
            </Text>
            <Button component={Link} to={`/days/${day.id}/plan/timetable`} size="md">
              Go to the timetable
            </Button>
          </>
        ) : (
          <>
            <Text my="sm">Plan a test first. Here you then record what each group sees.</Text>
            <Button component={Link} to={`/days/${day.id}/plan`} size="md">
              Go to Plan
            </Button>
          </>
        )}
      </>
    );
  const go = (testId: string, groupId: string) =>
    setParameters({ test: testId, group: groupId }, { replace: true });
  return (
    <>
      <div className={strip.strip}>
        <TestTabs tests={day.tests} selected={test.id} onSelect={(id) => go(id, group.id)} />
        <GroupTabs
          day={day}
          testId={test.id}
          selected={group.id}
          onSelect={(id) => go(test.id, id)}
        />
      </div>
      <Station key={`${test.id} ${group.id}`} day={day} test={test} group={group} go={go} />
    </>
  );
}

interface StationProps {
  readonly day: LabDay;
  readonly test: PlannedTest;
  readonly group: BenchGroup;
  readonly go: (testId: string, groupId: string) => void;
}

/** One group at one test. */
function Station({ day, test, group, go }: StationProps) {
  const recorder = useRecorder(day, test, group);
  const judgement = judgeTest(day, test, group);
  const { prediction, comparison, portions, causes } = judgement;
  const seen = seenObservations(recorder.standing);
  const neighbour = (step: number) => {
    const index = day.tests.findIndex(({ id }) => id === test.id) + step;
    const other = day.tests[index];
    if (other) go(other.id, group.id);
  };
  const nextGroup = day.groups[day.groups.findIndex(({ id }) => id === group.id) + 1];
  useHotkeys([
    ['n', () => recorder.record({ kind: 'noChange' })],
    ['p', () => recorder.record({ kind: 'noPrecipitate' })],
    ['c', () => recorder.record({ kind: 'clarity', to: 'clear' })],
    ['l', () => recorder.record({ kind: 'clarity', to: 'cloudy' })],
    ['o', () => recorder.record({ kind: 'clarity', to: 'opaque' })],
    ['g', () => recorder.record({ kind: 'gas' })],
    ['z', recorder.undo],
    ['ArrowLeft', () => neighbour(-1)],
    ['ArrowRight', () => neighbour(1)],
  ]);
  return (
    <div className={classes.columns}>
      <section className={`card ${classes.view}`} aria-label="Expected and seen">
        <Text className={classes.step}>
          Put {portions[0].volumeMl} mL of <Formula text={test.a.substance} /> (
          {portions[0].concentrationM.toPrecision(3)} M) in the vessel, note its colour, then pour
          in {portions[1].volumeMl} mL of <Formula text={test.b.substance} /> (
          {portions[1].concentrationM.toPrecision(3)} M).
        </Text>
        <StepCautions substances={[test.a.substance, test.b.substance]} />
        <VesselPair
          container={test.container}
          expected={prediction.after}
          expectedWords={prediction.observations}
          notPredicted={prediction.notPredicted}
          seen={drawRecord(seen, prediction.after.fill)}
          seenWords={seen}
          height={200}
        />
        <Group justify="center" mt="sm" aria-live="polite">
          {comparison ? (
            seen.length > 0 && <Mark of={comparison.agreement} large />
          ) : (
            <Mark of="notPredicted" large />
          )}
        </Group>
        {prediction.notPredicted.length > 0 && <NotPredicted reasons={prediction.notPredicted} />}
        <Causes causes={causes} />
      </section>
      <section className="card" aria-label={`What ${group.name} sees`}>
        <Group justify="space-between" mb="xs">
          <Title order={2} size="h4">
            What {group.name} sees
          </Title>
          <Button
            size="md"
            variant="default"
            leftSection={<IconArrowBackUp size={18} aria-hidden />}
            disabled={
              !day.entries.some(({ testId, groupId }) => testId === test.id && groupId === group.id)
            }
            onClick={recorder.undo}
          >
            Undo
          </Button>
        </Group>
        <RecordPanel recorder={recorder} />
        <Group mt="md" justify="flex-end">
          {nextGroup && (
            <Button size="md" variant="default" onClick={() => go(test.id, nextGroup.id)}>
              Next: {nextGroup.name}
            </Button>
          )}
          <Button
            component={Link}
            to={`/days/${day.id}/judge?test=${test.id}&group=${group.id}`}
            size="md"
            variant={comparison?.agreement === 'incomplete' ? 'default' : 'filled'}
            rightSection={<IconArrowRight size={18} aria-hidden />}
          >
            Judge it
          </Button>
        </Group>
      </section>
    </div>
  );
}
