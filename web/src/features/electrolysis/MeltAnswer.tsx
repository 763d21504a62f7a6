import { Alert, Text } from '@mantine/core';
import { formatAmount } from '@stoichos/core/common';
import { predictElectrolysis } from '@stoichos/core/studies/electrolysis';
import { useMemo } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { attempt } from '@stoichos/core/common';
import classes from '../../shared/study/Study.module.css';
import type { AskedCell } from './useStudyCell';

/** What a melt gives: its own elements, and nothing of water. */
export function MeltAnswer({ request, current }: AskedCell) {
  const answer = useMemo(
    () =>
      attempt(() =>
        predictElectrolysis({
          ...request,
          ...(current.currentA !== undefined && { currentA: current.currentA }),
          ...(current.timeS !== undefined && { timeS: current.timeS }),
          temperatureC: current.conditions.temperatureC,
        }),
      ),
    [request, current],
  );
  if ('problem' in answer) return <NotPredicted reasons={[answer.problem]} />;
  return (
    <>
      <Text>
        <Formula text={answer.overall} wrap />
      </Text>
      <div className={classes.electrodes}>
        {(['cathode', 'anode'] as const).map((side) => {
          const { products, halfEquation, seen, test } = answer[side];
          const [main] = products;
          const sign = side === 'cathode' ? 'Minus' : 'Plus';
          return (
            <section key={side} className={classes.electrode} aria-label={sign}>
              <Text fw={600}>
                {sign} <span className="quiet">{side}</span>
              </Text>
              <strong className={classes.name} data-testid="product">
                <Formula text={main?.formula ?? ''} />
              </strong>
              <Text>
                <Formula text={halfEquation} wrap />
              </Text>
              {seen !== '' && (
                <Text size="sm">{seen.charAt(0).toUpperCase() + seen.slice(1)}.</Text>
              )}
              {test && (
                <Text size="sm">
                  <span className="quiet">Proof:</span> {test}.
                </Text>
              )}
              {main?.massG !== undefined && (
                <Text size="sm">
                  <span className="quiet">In this time:</span> {formatAmount(main.massG, 'g')}
                </Text>
              )}
            </section>
          );
        })}
      </div>
      {answer.why.map((reason) => (
        <Text key={reason} size="sm" mt="xs">
          <Formula text={reason} wrap />
        </Text>
      ))}
      <Alert mt="md" title="Mind" role="note">
        A melt burns through what it touches and spatters on anything damp. Fume of the salt and
        halogens are toxic: hood, small amounts, goggles and a screen. Your local rules and the
        supplier’s safety data sheet decide whether it is done at all.
      </Alert>
    </>
  );
}
