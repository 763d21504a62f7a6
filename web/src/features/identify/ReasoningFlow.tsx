import { Text } from '@mantine/core';
import { reasoningPath, testLabel } from '@stoichos/core/studies/identify';
import type { Model, TestResult, UnknownKind } from '@stoichos/core/studies/identify';
import { percent } from '../../shared/study/Likelihoods';
import { CandidateName } from '../../shared/unknowns/CandidateName';
import classes from '../../shared/unknowns/Unknowns.module.css';
import { formatNumber, withPlaces } from '@stoichos/core/common';

/** The reasoning so far as a flow: after each result how many are left, and which leads. */
export function ReasoningFlow({
  kind,
  model,
  results,
}: {
  kind: UnknownKind;
  model: Model;
  results: readonly TestResult[];
}) {
  if (results.length === 0) return null;
  return (
    <>
      <Text fw={600} mt="md">
        The reasoning so far
      </Text>
      <ol className={classes.flow} data-testid="flow">
        <li>
          {model.candidates.length} {model.candidates.length === 1 ? 'candidate' : 'candidates'}
        </li>
        {reasoningPath(model, results).map(
          ({ test, outcome, blank, bitsBefore, bitsAfter, left, leading, probability }, at) => (
            <li key={at}>
              <strong>
                {testLabel(kind, test)}: {outcome}
              </strong>
              <br />
              {outcome === 'unsure' || blank === 'same' ? (
                <span className="quiet">
                  tells nothing{blank === 'same' && ': the blank showed it too'}
                </span>
              ) : (
                <>
                  about {formatNumber(left)} left, {gained(bitsBefore - bitsAfter)}
                  <br />
                  <span className="quiet">
                    <CandidateName kind={kind} name={leading} />, {percent(probability)}
                  </span>
                </>
              )}
            </li>
          ),
        )}
      </ol>
    </>
  );
}

/** Less than this is no gain and no loss, bits. */
const little = 0.05;

function gained(bits: number): string {
  if (Math.abs(bits) < little) return 'nothing gained';
  return bits > 0
    ? `${withPlaces(bits, 1)} bits gained`
    : `${withPlaces(-bits, 1)} bits lost: it does not go with the rest`;
}
