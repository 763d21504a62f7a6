import { Title } from '@mantine/core';
import type { TestJudgement } from '@stoichos/core';
import { Formula } from '../chemistry/Formula';

/** What the record means: physical or chemical on what evidence, the reaction type in both schools, the equations. */
export function Meaning({ judgement: { change, prediction, seen } }: { judgement: TestJudgement }) {
  const predicted = prediction.notPredicted.length === 0;
  const solids = predicted ? prediction.solids : [];
  const dissolved = predicted ? prediction.dissolved : [];
  const forces = [
    ...solids.flatMap((solid) => solid.types.drivingForce),
    ...dissolved.map(({ drivingForce }) => drivingForce),
  ];
  const fives = solids.flatMap((solid) => solid.types.five);
  const list = (types: readonly string[]) => [...new Set(types)].join(', ');
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
              {list(fives) ||
                (forces.length > 0 ? 'none of the five fits' : 'no reaction expected')}
            </dd>
            <dt>Driving force</dt>
            <dd>{list(forces) || 'none expected'}</dd>
          </>
        )}
        {dissolved.map(({ formula, netIonic }) => (
          <div key={formula} style={{ display: 'contents' }}>
            <dt>In solution</dt>
            <dd>
              <Formula text={netIonic} wrap />
            </dd>
          </div>
        ))}
        {solids.map(({ formula, molecular, netIonic }) => (
          <div key={formula} style={{ display: 'contents' }}>
            <dt>Equation</dt>
            <dd>
              {molecular ? <Formula text={molecular} wrap /> : 'no single molecular equation'}
            </dd>
            <dt>Net ionic</dt>
            <dd>
              <Formula text={netIonic} wrap />
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}
