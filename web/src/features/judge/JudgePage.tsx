import { Card } from '../../shared/parts/Card';
import { Button, Text } from '@mantine/core';
import { judgeDay } from '@stoichos/core/labday/judge';
import { worksAsMade } from '@stoichos/core/labday/day';
import type { LabDay } from '@stoichos/core/labday/day';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import { IconArrowRight } from '@tabler/icons-react';
import { useMemo, useRef } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useLabDay } from '../../data/useLabDay';
import { DealtUnknowns } from '../../shared/unknowns/DealtUnknowns';
import { OnceRun } from '../../shared/labday/OnceRun';
import { EmptyStage } from '../../shared/parts/EmptyStage';
import { Board } from './Board';
import { Detail } from './Detail';
import classes from './JudgePage.module.css';
import { JudgeTabs } from './JudgeTabs';

/** Width up to which the board and the detail stand one under the other, px; as in the style sheet. */
const stackedBelow = 900;

/** Judge: every bench and every step at a glance, and one in full. */
export function JudgePage() {
  const day = useLabDay();
  const works = useMemo(() => worksAsMade(day), [day]);
  return (
    <>
      <JudgeTabs dayId={day.id} />
      <OnceRun works={works}>{() => <JudgedDay day={day} />}</OnceRun>
    </>
  );
}

/** The class board, and the place on it that is looked at. */
function JudgedDay({ day }: { day: LabDay }) {
  const [parameters, setParameters] = useSearchParams();
  const detail = useRef<HTMLDivElement>(null);
  const judgements = useMemo(() => judgeDay(day), [day]);
  const wanted = {
    work: parameters.get('work'),
    step: parameters.get('step'),
    group: parameters.get('group'),
    vessel: parameters.get('vessel'),
  };
  const asked = judgements.find(
    ({ work, step, bench, station }) =>
      work.id === wanted.work &&
      (bench.id ?? 'all') === wanted.group &&
      (wanted.step === null || step.id === wanted.step) &&
      (wanted.vessel === null || station.vessel === wanted.vessel),
  );
  const open = asked ?? firstTelling(judgements);
  if (!open)
    return (
      <DealtUnknowns
        dayId={day.id}
        otherwise={
          <EmptyStage title="Nothing to judge yet" to={`/days/${day.id}/bench`} label="Go to Bench">
            Once a group has recorded what it sees, it stands here beside what was expected.
          </EmptyStage>
        }
      >
        {() => <Text>What the benches hand in is marked beside the keys, with reasons.</Text>}
      </DealtUnknowns>
    );
  const choose = ({ work, step, bench, station }: StationJudgement) => {
    // Where the two stand one under the other, what was chosen comes into sight.
    if (window.innerWidth <= stackedBelow)
      requestAnimationFrame(() => detail.current?.scrollIntoView());
    setParameters(
      { work: work.id, step: step.id, group: bench.id ?? 'all', vessel: station.vessel },
      { replace: true },
    );
  };
  return (
    <div className={classes.columns}>
      <Card className={classes.board ?? ''} label="Class board">
        <Board judgements={judgements} open={open} choose={choose} />
        <Button
          variant="filled"
          component={Link}
          to={`/days/${day.id}/report`}
          mt="md"
          rightSection={<IconArrowRight size={18} aria-hidden />}
        >
          On to the report
        </Button>
      </Card>
      <div ref={detail}>
        <Detail day={day} judgement={open} />
      </div>
    </div>
  );
}

/** What an instructor looks at first: something that differs, else anything recorded. */
function firstTelling(judgements: readonly StationJudgement[]): StationJudgement | undefined {
  const recorded = judgements.filter(({ seen }) => seen.length > 0);
  return recorded.find(({ verdict }) => verdict === 'differs') ?? recorded[0];
}
