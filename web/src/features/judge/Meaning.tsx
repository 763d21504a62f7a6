import { LineTable } from '../../shared/parts/LineTable';
import { Text, Title } from '@mantine/core';
import { counterCasesSource } from '@stoichos/core/seeing/observation';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import { Formula } from '../../shared/chemistry/Formula';
import { ReactionFacts } from '../../shared/chemistry/ReactionFacts';
import { withPlaces, formatNumber } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

/** What the step means and what the record means, each by itself: physical or chemical, on what grounds. */
export function Meaning({ judgement }: { judgement: StationJudgement }) {
  const predicted = judgement.station.notPredicted.length === 0;
  return (
    <>
      {predicted && <ExpectedMeaning judgement={judgement} />}
      {judgement.seen.length > 0 && <RecordedMeaning judgement={judgement} />}
    </>
  );
}

/** What is expected of the step, whatever a bench saw: new substances or not, the types in both schools, the equations. */
function ExpectedMeaning({ judgement: { station } }: { judgement: StationJudgement }) {
  const { reactions, change } = station;
  const list = (types: readonly string[]) => [...new Set(types)].join(', ');
  const fives = list(reactions.flatMap(({ types }) => types.five));
  const forces = list(reactions.flatMap(({ types }) => types.drivingForce));
  return (
    <section aria-label="What is expected">
      <Title order={3} size="h5" mt="md" mb={4}>
        What is expected
      </Title>
      <dl className="facts">
        <dt>Change</dt>
        <dd data-testid="expected-change">
          <strong>{change.change}</strong>
        </dd>
        {reactions.length > 0 && (
          <>
            <dt>Five types</dt>
            <dd>{fives || 'none of the five fits'}</dd>
            <dt>Driving force</dt>
            <dd>{forces || 'none'}</dd>
          </>
        )}
        {reactions.length === 0 && (
          <>
            <dt>Because</dt>
            <dd>
              <Formula text={change.because.join('; ')} wrap />
            </dd>
          </>
        )}
      </dl>
      {reactions.map((reaction) => (
        <ReactionFacts key={reaction.netIonic} reaction={reaction} brief />
      ))}
    </section>
  );
}

/** What this bench’s record says by itself, and what speaks against it. */
function RecordedMeaning({ judgement: { change } }: { judgement: StationJudgement }) {
  return (
    <section aria-label="What this record says">
      <Title order={3} size="h5" mt="md" mb={4}>
        What this record says
      </Title>
      <dl className="facts">
        <dt>Change</dt>
        <dd data-testid="change">
          <strong>{change.change}</strong>
          {change.confidence > 0 && ` (confidence ${withPlaces(change.confidence, 2)})`}
        </dd>
      </dl>
      {(change.evidence.length > 0 || change.against.length > 0) && (
        <>
          <LineTable
            mt="xs"
            data-testid="evidence"
            head={['Sign', 'Weight', 'What else it could be']}
            rows={[
              ...change.evidence.map(({ sign, weight, counterCase }) => [
                sign,
                formatNumber(weight),
                counterCase,
              ]),
              ...change.against.map(({ sign, why }) => [sign, 'against', why]),
            ]}
          />
          <Text size="xs" className="quiet">
            <Cited source={counterCasesSource} />
          </Text>
        </>
      )}
    </section>
  );
}
