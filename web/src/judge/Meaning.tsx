import { Title } from '@mantine/core';
import type { TestJudgement } from '@stoichos/core';
import { ReactionFacts } from '../chemistry/ReactionFacts';

/** What the record means: physical or chemical on what evidence, the reaction type in both schools, the equations. */
export function Meaning({ judgement: { change, prediction, seen } }: { judgement: TestJudgement }) {
  const predicted = prediction.notPredicted.length === 0;
  const reactions = predicted ? prediction.reactions : [];
  const list = (types: readonly string[]) => [...new Set(types)].join(', ');
  const fives = list(reactions.flatMap(({ types }) => types.five));
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
              {change.evidence.length > 0 && `: ${change.evidence.join('; ')}`}
              {change.against.length > 0 && ` (${change.against.join('; ')})`}
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
      {reactions.map((reaction) => (
        <ReactionFacts key={reaction.netIonic} reaction={reaction} brief />
      ))}
    </>
  );
}
