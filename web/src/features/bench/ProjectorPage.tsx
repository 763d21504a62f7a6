import { ProcedureName, ProcedureWords } from '../../shared/chemistry/ProcedureName';
import { Text } from '@mantine/core';
import { isMixing, benchesOf, stationsOf, worksAsMade } from '@stoichos/core/labday/day';
import { benchProgress, waitingSteps } from '@stoichos/core/labday/bench';
import { cautionsOfStep } from '@stoichos/core/labday/prep';
import { judgeStation } from '@stoichos/core/labday/judge';
import { shortText } from '@stoichos/core/planning/procedure';
import type { Bench, LabDay, Work } from '@stoichos/core/labday/day';
import type { BenchProgress } from '@stoichos/core/labday/bench';
import { Link, useParams, useSearchParams } from 'react-router';
import { useDayQuery } from '../../data/api/api';
import { useAppSelector } from '../../data/store';
import { Formula } from '../../shared/chemistry/Formula';
import { StationPair } from '../../shared/glassware/StationPair';
import { useDayWithUnsent } from '../../data/outbox/useDayWithUnsent';
import { OnceRun } from '../../shared/labday/OnceRun';
import { LoadState } from '../../shared/parts/LoadState';
import { Mark } from '../../shared/parts/Mark';
import { clock, leftS, ringsBy } from '../../data/timers/timersSlice';
import { useNow } from '../../data/timers/useNow';
import { useShown } from './wall';
import classes from './ProjectorPage.module.css';
import type { ProcedureStep } from '@stoichos/core/planning/procedure';
import type { Timer } from '../../data/timers/timersSlice';

const followMs = 2000;

/** For the wall: the present step, expected beside seen, and the clock, to be read from the back row of a dark room. */
export function ProjectorPage() {
  const { dayId = '' } = useParams();
  const [parameters] = useSearchParams();
  const { currentData: data, error, refetch } = useDayQuery(dayId, { pollingInterval: followMs });
  const day = useDayWithUnsent(data);
  return (
    <main className={classes.wall} data-mantine-color-scheme="dark">
      {day ? (
        <Wall day={day} group={parameters.get('group')} />
      ) : (
        <LoadState error={error} retry={() => void refetch()} />
      )}
    </main>
  );
}

function Wall({ day, group }: { day: LabDay; group: string | null }) {
  const now = useNow(500);
  const timers = useAppSelector((state) => state.timers).filter((one) => one.dayId === day.id);
  const works = worksAsMade(day);
  const shown = useShown(day.id);
  const groupId = shown ? shown.groupId : group;
  const bench: Bench = day.groups.find(({ id }) => id === groupId) ?? {
    id: null,
    name: 'Shown to all',
  };
  const own = works.filter((work) => benchesOf(day, work).some(({ id }) => id === bench.id));
  const progress = benchProgress(day, own, bench);
  const open = progress.steps.find(
    ({ work, step }) => work.id === shown?.workId && step.id === shown.stepId,
  );
  const present = open ?? progress.current;
  const next = [progress.current, progress.next].find((one) => one && one !== present);
  if (!present)
    return (
      <div className={classes.middle}>
        <h1 className={classes.step}>
          {own.length > 0
            ? `Everything is done at ${bench.name}.`
            : bench.id === null
              ? 'Nothing is shown to all today.'
              : `Nothing is planned for ${bench.name}.`}
        </h1>
        <Link to={`/days/${day.id}/bench`} className={classes.back}>
          Back to the bench
        </Link>
      </div>
    );
  const { work, step } = present;
  return (
    <>
      <header className={classes.head}>
        <span>
          <ProcedureName procedure={work.procedure} /> · {bench.name}
        </span>
        <Link to={`/days/${day.id}/bench?group=${bench.id ?? 'all'}`} className={classes.back}>
          Back to the bench
        </Link>
      </header>
      <h1 className={classes.step}>
        <ProcedureWords procedure={work.procedure} text={step.text} />
      </h1>
      <OnceRun works={[work]} ahead={own}>
        {() => (
          <NowOnTheWall
            day={day}
            bench={bench}
            progress={progress}
            work={work}
            step={step}
            timers={timers}
            now={now}
          />
        )}
      </OnceRun>
      {next && !isMixing(next.work) && (
        <Text className={classes.next ?? ''}>Next: {shortText(next.step)}</Text>
      )}
    </>
  );
}

interface NowOnTheWallProps {
  readonly day: LabDay;
  readonly bench: Bench;
  readonly progress: BenchProgress;
  readonly work: Work;
  readonly step: ProcedureStep;
  readonly timers: Timer[];
  readonly now: number;
}

/** One piece of work as it stands now: its vessels, its clocks. */
function NowOnTheWall({ day, bench, progress, work, step, timers, now }: NowOnTheWallProps) {
  const station = stationsOf(work, step).at(-1);
  const judged = station && judgeStation(day, work, step, station, bench);
  const waiting = waitingSteps(progress);
  return (
    <>
      <p className={classes.caution}>
        <Formula text={cautionsOfStep(work, step).join(' ')} wrap />
      </p>
      <div className={classes.middleRow}>
        <div className={classes.pair}>
          {station && judged && (
            <>
              <StationPair judgement={judged} height={300} />
              {judged.seen.length > 0 && judged.verdict !== 'notRecorded' && (
                <Mark of={judged.verdict} large />
              )}
            </>
          )}
        </div>
        <div className={classes.clocks}>
          {timers.map((timer) => (
            <div key={timer.id} className={classes.clock}>
              <span className={classes.time}>
                {timer.kind === 'countdown' && ringsBy(timer, now) > 0
                  ? 'now'
                  : clock(
                      timer.kind === 'stopwatch'
                        ? (now - timer.startedAt) / 1000
                        : leftS(timer, now),
                    )}
              </span>
              <span>{timer.name}</span>
            </div>
          ))}
          {waiting.map(({ one, overAtMs }) => (
            <div key={`${one.work.id} ${one.step.id}`} className={classes.clock}>
              <span className={classes.time}>
                {overAtMs > now ? clock((overAtMs - now) / 1000) : 'over'}
              </span>
              <span>{shortText(one.step)}</span>
            </div>
          ))}
        </div>
      </div>
    </>
  );
}
