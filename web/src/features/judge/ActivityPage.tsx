import { Card } from '../../shared/parts/Card';
import { List, Text, Title } from '@mantine/core';
import { activityEvidence, judgeDay } from '@stoichos/core/labday/judge';
import { worksAsMade } from '@stoichos/core/labday/day';
import type { LabDay } from '@stoichos/core/labday/day';
import { activitySeries } from '@stoichos/core/seeing/judgement';
import { useMemo } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { useLabDay } from '../../data/useLabDay';
import { OnceRun } from '../../shared/labday/OnceRun';
import { Fold } from '../../shared/parts/Fold';
import classes from './ActivityPage.module.css';
import { JudgeTabs } from './JudgeTabs';
import { formatNumber } from '@stoichos/core/common';
import type { ActivityComparison } from '@stoichos/core/seeing/judgement';

/** The order of the metals that the record supports, where it contradicts itself, and what the potentials say. */
export function ActivityPage() {
  const day = useLabDay();
  const works = useMemo(() => worksAsMade(day), [day]);
  return (
    <>
      <JudgeTabs dayId={day.id} />
      <OnceRun works={works}>{() => <SeriesFromRecord day={day} />}</OnceRun>
    </>
  );
}

function SeriesFromRecord({ day }: { day: LabDay }) {
  const comparisons = useMemo(() => activityEvidence(judgeDay(day)), [day]);
  const series = useMemo(() => activitySeries(comparisons), [comparisons]);
  return (
    <Card label="Activity series">
      <Title mb="sm">Activity series from the record</Title>
      {series.order.length === 0 ? (
        <Text>
          Nothing recorded compares two metals yet. A metal in the solution of another, in acid or
          in water gives the evidence: record what comes out, how it bubbles, or that nothing
          happens.
        </Text>
      ) : (
        <ActivityOrder comparisons={comparisons} {...series} />
      )}
    </Card>
  );
}

/** The order by what was seen, the order of the table, and the evidence. */
function ActivityOrder({
  comparisons,
  order,
  separated,
  conflicts,
  againstPotentials,
  notes,
}: ReturnType<typeof activitySeries> & { readonly comparisons: readonly ActivityComparison[] }) {
  return (
    <>
      <ol className={classes.order} aria-label="Most active first">
        {order.map((symbol, at) => (
          <li key={symbol} className={classes.place}>
            <span className={classes.symbol}>
              <Formula text={symbol} />
            </span>
            {at < order.length - 1 && (
              <span
                className={classes.between}
                title={separated[at] ? 'observed' : 'not observed which is first'}
              >
                {separated[at] ? '>' : '?'}
              </span>
            )}
          </li>
        ))}
      </ol>
      <Text size="sm" className="quiet">
        Most active first. A question mark: nothing recorded says which of the two comes first.
      </Text>
      {conflicts.length > 0 && (
        <>
          <Title order={3} size="h5" mt="md">
            Set aside, because it contradicts the rest
          </Title>
          <List spacing={4} data-testid="conflicts">
            {conflicts.map(({ more, less, evidence }, index) => (
              <List.Item key={index}>
                {more} before {less}? {evidence}. Repeat it with a freshly cleaned metal.
              </List.Item>
            ))}
          </List>
        </>
      )}
      {againstPotentials.length > 0 && (
        <>
          <Title order={3} size="h5" mt="md">
            Against the potentials
          </Title>
          <List spacing={4}>
            {againstPotentials.map(({ words }) => (
              <List.Item key={words}>{words}</List.Item>
            ))}
          </List>
        </>
      )}
      {notes.map((note) => (
        <Text key={note} mt="sm">
          {note}
        </Text>
      ))}
      <Fold title={`All the evidence (${comparisons.length})`}>
        <List size="sm">
          {comparisons.map(({ more, less, weight, evidence }, index) => (
            <List.Item key={index}>
              {more} &gt; {less} (weight {formatNumber(weight)}): {evidence}
            </List.Item>
          ))}
        </List>
      </Fold>
    </>
  );
}
