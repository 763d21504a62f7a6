import { describeObservation } from '@stoichos/core/seeing/observation';
import { Card } from '../../shared/parts/Card';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { Button, Text, Title } from '@mantine/core';
import { isMixing, recordsOf, worksOf } from '@stoichos/core/labday/day';
import { weighedOtherwise } from '@stoichos/core/labday/prep';
import type { LabDay } from '@stoichos/core/labday/day';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import type { Observation } from '@stoichos/core/seeing/observation';
import { Link } from 'react-router';
import { Causes } from '../../shared/recording/Causes';
import { RecordLog } from '../../shared/recording/RecordLog';
import { Formula } from '../../shared/chemistry/Formula';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { StationPair } from '../../shared/glassware/StationPair';
import { Fold } from '../../shared/parts/Fold';
import { Mark } from '../../shared/parts/Mark';
import { ComparisonTable } from './ComparisonTable';
import classes from './JudgePage.module.css';
import { Meaning } from './Meaning';
import { SignOff } from './SignOff';
import { withFigures } from '@stoichos/core/common';

/** One vessel of one step at one bench, in full: expected beside seen, what differs and why, what it means, what the instructor says. */
export function Detail({ day, judgement }: { day: LabDay; judgement: StationJudgement }) {
  const { work, step, station, bench, comparison, seen, blank, control, notes, departures } =
    judgement;
  const benchKey = bench.id ?? 'all';
  const planned = worksOf(day).find(({ id }) => id === work.id);
  const weighed = planned ? weighedOtherwise(planned, work) : [];
  return (
    <Card label="The judgement in full">
      <div className={classes.head}>
        <Title>
          <ProcedureName procedure={work.procedure} />, {bench.name}
        </Title>
        <span data-testid="agreement">
          {judgement.verdict !== 'notRecorded' && <Mark of={judgement.verdict} large />}
        </span>
      </div>
      {!isMixing(work) && <Text mb="sm">{step.text}</Text>}
      <div className={classes.detail}>
        <div>
          <StationPair judgement={judgement} />
          <Beside name="Blank" list={blank} />
          <Beside name="Control" list={control} />
          {departures.map(({ what, planned, done }, index) => (
            <Text key={index} size="sm" mt="xs">
              Departure, {what}: {planned} → {done}
            </Text>
          ))}
          {judgement.planned && judgement.planned.expected.length > 0 && (
            <Text size="sm" mt="xs">
              Judged by what this bench did. As planned it would be:{' '}
              {judgement.planned.expected.map(describeObservation).join('; ')}.
            </Text>
          )}
          {notes.map((note, index) => (
            <Text key={index} size="sm" mt="sm" style={{ overflowWrap: 'anywhere' }}>
              Note: “{note}”
            </Text>
          ))}
          {weighed.map(({ planned, made, times }) => (
            <Text key={planned} size="sm" mt="xs">
              Weighed out: <Formula text={made} wrap /> for <Formula text={planned} wrap />,{' '}
              {withFigures(times, 2)} times as strong as planned; the prediction allows for that.
            </Text>
          ))}
          <Causes judgement={judgement} />
        </div>
        <div>
          {comparison ? (
            <ComparisonTable items={comparison.items} />
          ) : (
            <NotPredicted reasons={station.notPredicted} />
          )}
          <Meaning judgement={judgement} />
        </div>
      </div>
      {seen.length === 0 && (
        <Button
          variant="filled"
          component={Link}
          to={`/days/${day.id}/bench?work=${work.id}&step=${step.id}&group=${benchKey}`}
          mt="md"
        >
          Record what {bench.name} sees
        </Button>
      )}
      <SignOff
        key={`${work.id} ${step.id} ${station.vessel} ${benchKey}`}
        day={day}
        judgement={judgement}
        signed={recordsOf(judgement.standing, 'signOff').at(-1)}
      />
      <Fold title="The whole record of this step">
        <RecordLog day={day} at={{ workId: work.id, stepId: step.id, groupId: bench.id }} />
      </Fold>
    </Card>
  );
}

function Beside({ name, list }: { name: string; list: readonly Observation[] }) {
  if (list.length === 0) return null;
  return (
    <Text size="sm" mt="xs">
      {name}: <ObservationLine seen={list} />
    </Text>
  );
}
