import { Button, Text } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { benchProgress } from '@stoichos/core/labday/bench';
import { benchesOf, worksAsMade } from '@stoichos/core/labday/day';
import type { Bench, LabDay, Work } from '@stoichos/core/labday/day';
import { IconPresentation } from '@tabler/icons-react';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useLabDay } from '../../data/useLabDay';
import { DealtUnknowns } from '../../shared/unknowns/DealtUnknowns';
import { OnceRun } from '../../shared/labday/OnceRun';
import { EmptyStage } from '../../shared/parts/EmptyStage';
import strip from '../../shared/parts/Strip.module.css';
import classes from '../../shared/recording/Bench.module.css';
import { BenchTabs } from './BenchTabs';
import { Station } from './Station';
import type { StationProps } from './stationProps';
import { WorkTabs } from './WorkTabs';

const toAll: Bench = { id: null, name: 'Shown to all' };

/** Bench: the step to do, expected beside seen, and one tap for each thing that is seen, at every bench and for all work at once. */
export function BenchPage() {
  const day = useLabDay();
  const [parameters, setParameters] = useSearchParams();
  const works = useMemo(() => worksAsMade(day), [day]);
  const benches = benchesWith(day, works);
  const asked = parameters.get('group');
  const bench = benches.find(({ id }) => (id ?? 'all') === asked) ?? benches[0];
  if (!bench || works.length === 0) return <NothingToRun day={day} />;
  const own = works.filter((work) => benchesOf(day, work).some(({ id }) => id === bench.id));
  const progress = benchProgress(day, own, bench);
  const wanted = own.find(({ id }) => id === parameters.get('work'));
  const work = wanted ?? progress.current?.work ?? own[0];
  if (!work) return <NothingToRun day={day} />;
  const { steps } = work.procedure;
  const step =
    steps.find(({ id }) => id === parameters.get('step')) ??
    nextStep(progress.steps.filter((one) => one.work.id === work.id)) ??
    steps[0];
  if (!step) return <NothingToRun day={day} />;
  const go = (to: { group?: string | null; work?: string; step?: string }) => {
    const next = new URLSearchParams();
    const group = to.group === undefined ? bench.id : to.group;
    next.set('group', group ?? 'all');
    if (to.work) next.set('work', to.work);
    if (to.step) next.set('step', to.step);
    // At once, and not when there is time: what is tapped next must go to the bench that was chosen.
    setParameters(next, { replace: true, flushSync: true });
  };
  return (
    <>
      <div className={classes.top}>
        <div className={strip.strip}>
          <BenchTabs
            day={day}
            workId={work.id}
            benches={benches}
            selected={bench}
            onSelect={(id) =>
              go({
                group: id,
                ...(benchesOf(day, work).some((one) => one.id === id) && {
                  work: work.id,
                  step: step.id,
                }),
              })
            }
          />
          <WorkTabs
            works={own}
            progress={progress}
            selected={work.id}
            onSelect={(id) => go({ work: id })}
          />
        </div>
        <OnTheWall day={day} bench={bench} />
      </div>
      <ArrowKeys work={work} step={step} progress={progress} go={go} />
      {/* All at once: between two tests nothing is waited for, and no key is lost. */}
      <OnceRun works={own}>
        {() => (
          <Station
            key={`${work.id} ${step.id} ${bench.id ?? ''}`}
            day={day}
            work={work}
            step={step}
            bench={bench}
            progress={progress}
            nextBench={nextOf(benchesOf(day, work), bench)}
            go={go}
          />
        )}
      </OnceRun>
    </>
  );
}

/** The bench for everybody to see, in a window of its own. */
function OnTheWall({ day, bench }: Pick<StationProps, 'day' | 'bench'>) {
  return (
    <Button
      component={Link}
      to={`/days/${day.id}/projector?group=${bench.id ?? 'all'}`}
      target="_blank"
      leftSection={<IconPresentation size={20} aria-hidden />}
      className={classes.wall ?? ''}
    >
      Projector
    </Button>
  );
}

/** From step to step by the arrow keys, also while what the next one should show is still being calculated. */
function ArrowKeys({
  work,
  step,
  progress,
  go,
}: Pick<StationProps, 'work' | 'step' | 'progress' | 'go'>) {
  const move = (by: number) => {
    const ordered = [...progress.steps].sort((a, b) => a.work.number - b.work.number);
    const here = ordered.findIndex((one) => one.work.id === work.id && one.step.id === step.id);
    const other = ordered[here + by];
    if (other) go({ work: other.work.id, step: other.step.id });
  };
  useHotkeys([
    ['ArrowLeft', () => move(-1)],
    ['ArrowRight', () => move(1)],
  ]);
  return null;
}

/** The groups, and everybody where something is shown to all. */
function benchesWith(day: LabDay, works: readonly Work[]): readonly Bench[] {
  const isShown = works.some(({ manner }) => manner === 'demonstration');
  return isShown ? [...day.groups, toAll] : day.groups;
}

/** The step begun, or the first not done yet. */
function nextStep(steps: ReturnType<typeof benchProgress>['steps']) {
  return (
    steps.find(({ state }) => state === 'begun') ?? steps.find(({ state }) => state === 'to do')
  )?.step;
}

function nextOf(benches: readonly Bench[], bench: Bench): Bench | undefined {
  return benches[benches.findIndex(({ id }) => id === bench.id) + 1];
}

function NothingToRun({ day }: { day: LabDay }) {
  return (
    <DealtUnknowns
      dayId={day.id}
      otherwise={
        <EmptyStage
          title="Nothing to run yet"
          to={`/days/${day.id}/plan/procedures`}
          label="Go to Plan"
        >
          Plan a procedure or a test first. Here each group then works through it, and what it sees
          is recorded.
        </EmptyStage>
      }
    >
      {() => (
        <Text>
          Each bench tests its own jar and hands in what it takes it for on its tablet. To go along
          with one of them, record its tests under <Link to="/unknowns">Studies, Unknowns</Link>.
        </Text>
      )}
    </DealtUnknowns>
  );
}
