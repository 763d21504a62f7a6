import { Button, Text, Title } from '@mantine/core';
import { drawRecord, judgeDay } from '@stoichos/core';
import type { TestJudgement } from '@stoichos/core';
import { IconArrowRight } from '@tabler/icons-react';
import { Link, useSearchParams } from 'react-router';
import { Causes } from '../bench/Causes';
import { Formula } from '../chemistry/Formula';
import { NotPredicted } from '../chemistry/NotPredicted';
import { useLabDay } from '../days/DayFrame';
import { VesselPair } from '../glassware/VesselPair';
import { Mark } from '../parts/Mark';
import { ComparisonTable } from './ComparisonTable';
import classes from './JudgePage.module.css';
import { Meaning } from './Meaning';

/** Judge: every test of every group at a glance, and one in full. */
export function JudgePage() {
  const day = useLabDay();
  const [parameters, setParameters] = useSearchParams();
  const judgements = judgeDay(day);
  const asked = judgements.find(
    ({ test, group }) => test.id === parameters.get('test') && group.id === parameters.get('group'),
  );
  const open = asked ?? judgements.find(({ seen }) => seen.length > 0);
  if (!open)
    return (
      <>
        <Title order={2} size="h4">
          Nothing to judge yet
        </Title>
        <Text my="sm">
          Once a group has recorded what it sees, it stands here beside what was expected.
        </Text>
        <Button component={Link} to={`/days/${day.id}/bench`} size="md">
          Go to Bench
        </Button>
      </>
    );
  return (
    <div className={classes.columns}>
      <section className="card" aria-label="All judgements">
        <Title order={2} size="h4" mb="xs">
          All tests
        </Title>
        {day.tests.map((test, index) => (
          <section key={test.id}>
            <h3 className={classes.test}>
              {index + 1}. <Formula text={test.a.substance} /> + <Formula text={test.b.substance} />
            </h3>
            {judgements
              .filter((one) => one.test.id === test.id)
              .map((one) => (
                <Cell
                  key={one.group.id}
                  judgement={one}
                  isOpen={one === open}
                  choose={() =>
                    setParameters({ test: test.id, group: one.group.id }, { replace: true })
                  }
                />
              ))}
          </section>
        ))}
        <Button
          component={Link}
          to={`/days/${day.id}/report`}
          size="md"
          mt="md"
          rightSection={<IconArrowRight size={18} aria-hidden />}
        >
          On to the report
        </Button>
      </section>
      <Detail dayId={day.id} judgement={open} />
    </div>
  );
}

function Cell({
  judgement,
  isOpen,
  choose,
}: {
  judgement: TestJudgement;
  isOpen: boolean;
  choose: () => void;
}) {
  const { group, comparison, seen } = judgement;
  return (
    <button type="button" className={classes.cell} aria-pressed={isOpen} onClick={choose}>
      <span>{group.name}</span>
      {seen.length === 0 ? (
        <span className="quiet">not recorded</span>
      ) : (
        <Mark of={comparison?.agreement ?? 'notPredicted'} />
      )}
    </button>
  );
}

function Detail({ dayId, judgement }: { dayId: string; judgement: TestJudgement }) {
  const { test, group, prediction, comparison, seen, causes, notes } = judgement;
  return (
    <section className="card" aria-label="The judgement in full">
      <div className={classes.head}>
        <Title order={2} size="h4">
          <Formula text={test.a.substance} /> + <Formula text={test.b.substance} />, {group.name}
        </Title>
        <span data-testid="agreement">
          <Mark of={comparison?.agreement ?? 'notPredicted'} large />
        </span>
      </div>
      <div className={classes.detail}>
        <div>
          <VesselPair
            container={test.container}
            expected={prediction.after}
            expectedWords={prediction.observations}
            notPredicted={prediction.notPredicted}
            seen={drawRecord(seen, prediction.after.fill)}
            seenWords={seen}
          />
          {notes.map((note, index) => (
            <Text key={index} size="sm" mt="sm">
              Note: “{note}”
            </Text>
          ))}
          <Causes causes={causes} />
        </div>
        <div>
          {comparison ? (
            <ComparisonTable items={comparison.items} />
          ) : (
            <NotPredicted reasons={prediction.notPredicted} />
          )}
          <Meaning judgement={judgement} />
        </div>
      </div>
      {seen.length === 0 && (
        <Button
          component={Link}
          to={`/days/${dayId}/bench?test=${test.id}&group=${group.id}`}
          size="md"
          mt="md"
        >
          Record what {group.name} sees
        </Button>
      )}
    </section>
  );
}
