import { LineTable } from '../../shared/parts/LineTable';
import { Text, Title } from '@mantine/core';
import { sourceText } from '@stoichos/core/matter/substances';
import { evidenceSource } from '@stoichos/core/seeing/judgement';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import { ReactionFacts } from '../../shared/chemistry/ReactionFacts';
import { withPlaces, formatNumber } from '@stoichos/core/common';

/** What the record means: physical or chemical on what evidence, the reaction type in both schools, the equations. */
export function Meaning({ judgement: { change, station, seen } }: { judgement: StationJudgement }) {
  const predicted = station.notPredicted.length === 0;
  const { reactions } = station;
  const list = (types: readonly string[]) => [...new Set(types)].join(', ');
  const fives = list(reactions.flatMap(({ types }) => types.five));
  if (!predicted && seen.length === 0) return null;
  const forces = list(reactions.flatMap(({ types }) => types.drivingForce));
  return (
    <>
      <Title order={3} size="h5" mt="md" mb={4}>
        What it means
      </Title>
      <dl className="facts">
        {seen.length > 0 && (
          <>
            <dt>Change</dt>
            <dd data-testid="change">
              <strong>{change.change}</strong>
              {change.confidence > 0 && ` (confidence ${withPlaces(change.confidence, 2)})`}
            </dd>
          </>
        )}
        {predicted && (
          <>
            <dt>Five types</dt>
            <dd>
              {fives || (reactions.length > 0 ? 'none of the five fits' : 'no reaction expected')}
            </dd>
            <dt>Driving force</dt>
            <dd>{forces || 'none expected'}</dd>
          </>
        )}
      </dl>
      {(change.evidence.length > 0 || change.against.length > 0) && (
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
      )}
      {(change.evidence.length > 0 || change.against.length > 0) && (
        <Text size="xs" className="quiet">
          {sourceText(evidenceSource)}
        </Text>
      )}
      {reactions.map((reaction) => (
        <ReactionFacts key={reaction.netIonic} reaction={reaction} brief />
      ))}
    </>
  );
}
